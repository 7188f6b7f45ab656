<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { beforeAfter, type Consequence } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useConsequenceWords } from './useConsequenceWords.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** The sheet of before and after: each line with its own figure, its source and how sure it is. */
const props = defineProps<{ view: RigView; before: PlannedAssessment; after: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const { placeName } = usePlaces();
const { figure, limitWord } = useOffers(() => props.view);
const { text, sure } = useConsequenceWords();
const lines = computed(() => beforeAfter(props.before, props.after));

const signs = {
  begins: '▲',
  ends: '▽',
  lost: '✕',
  gained: '✓',
  differs: '↔',
  same: '●',
  open: '?',
  note: '·',
} as const;
const whose = ({ about, place }: Consequence) => (place ? placeName(place) : about ? say(about) : '');
const quantity = ({ mark }: Consequence): string => {
  if (!mark) return '';
  const of =
    mark.of === 'sumOfPlates' || mark.of === 'vehicleUnladen' ? t(`app.threshold.${mark.of}`) : limitWord(mark.of);
  return t('app.uprate.markPassed', { of, at: figure(mark.at) });
};
</script>

<template>
  <div>
    <p class="soft">{{ t('app.uprate.changesHint') }}</p>
    <table data-test="before-after">
      <thead>
        <tr>
          <th scope="col">{{ t('app.uprate.what') }}</th>
          <th scope="col">{{ t('app.uprate.before') }}</th>
          <th scope="col">{{ t('app.uprate.after') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in lines" :key="one.id" :data-change="one.change" :class="one.confidence">
          <th scope="row">
            <span class="sign" aria-hidden="true">{{ signs[one.change] }}</span>
            <b>{{ t(`app.uprate.topic.${one.topic}`) }}</b>
            <span class="change">{{ t(`app.uprate.change.${one.change}`) }}</span>
            <span class="says">
              <template v-if="whose(one)">{{ t('app.uprate.whose', { whose: whose(one) }) }}</template>
              {{ text(one) }}
            </span>
            <small v-if="quantity(one)" class="num">{{ quantity(one) }}</small>
            <small class="from">{{ sure(one) }}</small>
          </th>
          <td :data-label="t('app.uprate.before')">
            {{ one.before ? say(one.before) : one.mark ? figure(one.mark.from) : '' }}
          </td>
          <td :data-label="t('app.uprate.after')">
            {{ one.after ? say(one.after) : one.mark ? figure(one.mark.to) : '' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
tbody th {
  width: 56%;
  padding: 5px 14px 6px 22px;
  text-indent: -22px;
}
td {
  padding: 5px 8px 6px 0;
  vertical-align: top;
}
.sign {
  display: inline-block;
  width: 22px;
  text-indent: 0;
}
.change {
  margin: 0 8px 0 6px;
  padding: 0 5px;
  border: 1px solid var(--line);
  color: var(--soft);
  font: 600 13px var(--figures);
}
[data-change='lost'] .change {
  border-color: var(--over);
  color: var(--over);
}
[data-change='gained'] .change {
  border-color: var(--in);
  color: var(--in);
}
[data-change='begins'] .change {
  border-color: var(--tight);
  color: var(--tight);
}
[data-change='ends'] .change,
[data-change='differs'] .change {
  border-color: var(--pen);
  color: var(--pen);
}
small {
  display: block;
  text-indent: 0;
}
.from {
  color: var(--soft);
}
.low .from,
.low .says {
  font-style: italic;
}
.low .from {
  color: var(--tight);
}
@media (width <= 720px) {
  thead {
    display: none;
  }
  tbody tr {
    display: grid;
    grid-template-columns: 1fr 1fr;
  }
  tbody th {
    grid-column: 1 / -1;
    width: auto;
    padding-right: 0;
  }
  td:not(:empty) {
    padding-left: 22px;
  }
  td:not(:empty)::before {
    display: block;
    color: var(--soft);
    font-size: 13px;
    content: attr(data-label);
  }
}
</style>

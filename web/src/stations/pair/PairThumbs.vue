<script setup lang="ts">
import { displayMass, type CheckStatus, type RigView } from '@wagonomos/core';
import { rulesOfThumb, type Thumb } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import StatusMark from '../../words/StatusMark.vue';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import '../../shared/figureTable.css';

/** What people reckon with, named as such, beside what the figures of this pair come to. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const settings = useSettings();
const thumbs = computed(() => rulesOfThumb(props.view));
const number = (value: number, way: 'nearest' | 'margin' = 'nearest') =>
  written(displayMass(value, settings.massUnit, way), 0);
const kg = (value: number, way: 'nearest' | 'margin' = 'nearest') => `${number(value, way)} ${settings.massUnit}`;
/** The heaviest trailer is rounded as every margin is, a mass to the nearest. */
const comes = ({ name, reckoned }: Thumb) => {
  if (!reckoned) return t('app.pair.thumbs.unknown');
  const way = name === 'eightyFive' || name === 'limitLessThousand' ? 'margin' : 'nearest';
  const [from, to] = [number(reckoned.from, way), kg(reckoned.to, way)];
  if (reckoned.atMost) return t('app.pair.thumbs.atMost', { to });
  return number(reckoned.to, way) === from ? to : t('app.pair.thumbs.range', { from, to });
};
const mark = ({ outcome, dangerous }: Thumb): CheckStatus =>
  outcome === 'unknown' ? 'unknown' : outcome === 'right' ? 'within' : dangerous ? 'over' : 'tight';
</script>

<template>
  <div class="thumbs" data-test="pair-thumbs">
    <h2>{{ t('app.pair.thumbs.title') }}</h2>
    <p>{{ t('app.pair.thumbs.intro') }}</p>
    <table class="figure-table">
      <thead>
        <tr>
          <th scope="col">{{ t('app.pair.thumbs.rule') }}</th>
          <th scope="col">{{ t('app.pair.thumbs.says') }}</th>
          <th scope="col">{{ t('app.pair.thumbs.comes') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in thumbs" :key="one.name" :data-test="`thumb-${one.name}`">
          <th scope="row">
            {{ t(`app.pair.thumbs.name.${one.name}`) }}
            <small class="outcome"
              ><StatusMark :status="mark(one)" /> {{ t(`app.pair.thumbs.outcome.${one.outcome}`) }}</small
            >
          </th>
          <td class="num">{{ one.says === null ? t('app.pair.thumbs.unknown') : kg(one.says) }}</td>
          <td class="num">{{ comes(one) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="soft">{{ t('app.pair.thumbs.note') }}</p>
  </div>
</template>

<style scoped>
.thumbs {
  max-width: 860px;
}
h2 {
  font: 600 20px var(--figures);
}
p {
  margin: 6px 0;
}
.outcome {
  display: block;
  font-size: 14px;
}
.soft {
  color: var(--soft);
}
</style>

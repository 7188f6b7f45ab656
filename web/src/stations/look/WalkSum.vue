<script setup lang="ts">
import { displayMass, type Region, type Trailer, type Vehicle } from '@wagonomos/core';
import type { LookedAt } from '@wagonomos/core/pairing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import MessageText from '../../words/MessageText.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';

/** What comes of the walk so far: whether it adds up, what contradicts, what is doubtful, what was not seen. */
const props = defineProps<{ body: Trailer | Vehicle; sum: LookedAt; seen: number; all: number; words: Region }>();
const { t } = useI18n();
const { say } = useSpeech(() => props.words);
const settings = useSettings();
const kg = (value: number, way: 'load' | 'margin' | 'nearest') =>
  `${written(displayMass(value, settings.massUnit, way), 0)} ${settings.massUnit}`;
const payload = computed(() => {
  const { plate, empty, left } = props.sum;
  if (left === null || plate === null || empty === null) {
    const missing = [plate === null ? 'plate' : null, empty === null ? 'empty' : null].filter((one) => one !== null);
    return t('app.walk.unknownLeft', { missing: missing.map((one) => t(`app.walk.open.${one}`)).join(', ') });
  }
  const figures = { left: kg(left, 'margin'), plate: kg(plate, 'nearest'), empty: kg(empty, 'nearest') };
  if (left <= 0) return t('app.walk.noLeft', figures);
  return t(props.body.kind === 'trailer' ? 'app.walk.payloadTrailer' : 'app.walk.payload', figures);
});
const contained = computed(() =>
  props.sum.contains
    .flatMap(({ part, mass }) => (mass === null ? [] : `${t(`app.figure.part.${part}`)} ${kg(mass, 'nearest')}`))
    .join(', '),
);
const stops = (list: LookedAt['notSeen']) => list.map((stop) => t(`app.walk.stop.${stop}.name`)).join(', ');
/** On a phone one line stays in sight, and the rest comes when it is asked for. */
const unfolded = ref(false);
const warnings = computed(() => props.sum.findings.filter(({ severity }) => severity !== 'note'));
</script>

<template>
  <section class="sum" :aria-label="t('app.walk.adds')" data-test="walk-sum">
    <p class="head">
      <b class="num">{{ t('app.walk.count', { seen, all }) }}</b>
      <span :class="{ over: sum.left !== null && sum.left <= 0 }" data-test="walk-payload">{{ payload }}</span>
    </p>
    <button type="button" class="unfold no-print" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ t(unfolded ? 'app.walk.fold' : 'app.walk.unfold') }}
    </button>
    <div class="more" :class="{ unfolded }">
      <p v-if="contained" class="soft">{{ t('app.walk.contains', { parts: contained }) }}</p>
      <p v-if="sum.least" data-test="walk-least"><MessageText :message="sum.least" /></p>
      <p v-else-if="sum.leastNeeds.length > 0" class="soft">
        {{ t('app.walk.least', { needs: sum.leastNeeds.map((need) => t(`app.walk.leastNeed.${need}`)).join(', ') }) }}
      </p>
      <h2>{{ t('app.walk.contradicts') }}</h2>
      <ul v-if="warnings.length + sum.broken.length > 0" data-test="walk-contradicts">
        <li v-for="(one, at) in warnings" :key="at" :class="one.severity"><MessageText :message="one.message" /></li>
        <li v-for="check in sum.broken" :key="check.id" class="warning">
          {{ say(check.name) }} <MarginText :check="check" />
        </li>
      </ul>
      <p v-else class="soft">{{ t('app.walk.nothingContradicts') }}</p>
      <h2>{{ t('app.walk.doubtful') }}</h2>
      <p data-test="walk-doubtful">{{ stops(sum.doubtful) || t('app.walk.nothingDoubtful') }}</p>
      <h2>{{ t('app.walk.notSeen') }}</h2>
      <p data-test="walk-unseen">{{ stops(sum.notSeen) || t('app.walk.allSeen') }}</p>
      <p class="soft">
        {{
          sum.open.length > 0
            ? t('app.walk.stillOpen', { figures: sum.open.map((one) => t(`app.walk.open.${one}`)).join(', ') })
            : t('app.walk.allRead')
        }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.sum {
  padding: 10px 14px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
}
.head {
  margin: 0;
  font-size: 16px;
}
.num {
  margin-right: 8px;
  font: 600 18px var(--figures);
}
h2 {
  margin: 10px 0 2px;
  font: 600 17px var(--figures);
}
p,
ul {
  margin: 2px 0;
}
ul {
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 8px;
  border-left: 4px solid var(--tight);
}
.warning {
  border-left-color: var(--over);
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
.over {
  color: var(--over);
}
.unfold {
  display: none;
}
@media (width <= 900px) {
  .sum {
    padding: 8px 12px;
  }
  .more {
    display: none;
  }
  .more.unfolded {
    display: block;
    max-height: 62vh;
    overflow-y: auto;
  }
  .unfold {
    display: block;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--pen);
    font-size: 15px;
    text-align: left;
    cursor: pointer;
  }
}
@media print {
  .more {
    display: block;
  }
}
</style>

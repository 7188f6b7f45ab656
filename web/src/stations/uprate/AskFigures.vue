<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { readingMessage } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSlips } from '../../slips/useSlips.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { writtenLength } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useRig } from '../../stores/rig.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** What a maker or certifier will want to know: every figure on every plate, the parts, and what the scale said. Printed too. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const { slips } = useSlips();
const { figure, limitWord } = useOffers(() => props.view);
const bodies = computed(() => [props.view.vehicle, props.view.trailer].flatMap((body) => body ?? []));
const settings = useSettings();
const length = (metres: number | undefined) => (metres === undefined ? '–' : writtenLength(metres, settings.massUnit));
const gear = computed(() =>
  rig.chains.flatMap(({ parts }) => parts.filter(({ id }) => /^(front|rear|tag|trailer)\./.test(id))),
);
const weighed = computed(() => slips.value.at(-1));
</script>

<template>
  <details class="ask" data-test="ask-figures">
    <summary>{{ t('app.case.askFigures') }}</summary>
    <div v-for="body in bodies" :key="body.id">
      <h3>{{ body.name }}</h3>
      <p v-if="body.kind === 'vehicle'">
        {{ t('app.case.wheelbase', { length: length(body.geometry.wheelbase) }) }}
      </p>
      <ul>
        <template v-for="plate in body.plates" :key="plate.id">
          <li v-for="(one, at) in plate.figures" :key="`${plate.id}${at}`">
            {{
              t('app.case.figureLine', {
                limit: limitWord(one.limit),
                value: figure(one.value, one.limit),
                plate: t(`plateSource.${plate.source}`),
              })
            }}
          </li>
        </template>
      </ul>
    </div>
    <ul v-if="gear.length > 0">
      <li v-for="part in gear" :key="part.id">
        {{
          t('app.case.gearLine', {
            part: say(part.name),
            axle: t(`gearAxle.${part.id.split('.')[0]}`),
            rating: figure(part.rating),
          })
        }}
      </li>
    </ul>
    <template v-if="weighed">
      <h3>{{ t('app.case.weighed', { slip: weighed.name, day: weighed.date ?? '' }) }}</h3>
      <ul>
        <li v-for="one in weighed.readings" :key="one.id">
          {{ t('app.case.reading', { on: say(readingMessage(one)), value: figure(one.value) }) }}
        </li>
      </ul>
    </template>
  </details>
</template>

<style scoped>
.ask {
  margin-top: 14px;
}
summary {
  font: 600 17px var(--figures);
  cursor: pointer;
}
ul {
  margin: 2px 0 8px;
  padding-left: 18px;
}
@media print {
  .ask::details-content {
    content-visibility: visible;
  }
}
</style>

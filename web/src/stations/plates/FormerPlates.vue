<script setup lang="ts">
import { forceLimits, message, term, type Body, type Figure } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';

/** The plates a body once had: kept to look back, and not to be changed. */
defineProps<{ body: Body }>();
const { t } = useI18n();
const { say, speech } = useSpeech();
const figure = ({ limit, value }: Figure) =>
  forceLimits.includes(limit)
    ? `${written(value, 2)} kN`
    : speech.value.amount({ kind: 'amount', unit: 'kg', value, rounding: 'nearest' });
</script>

<template>
  <details v-if="(body.formerPlates ?? []).length > 0" data-test="former-plates">
    <summary>
      {{ t('app.plates.former', { count: body.formerPlates?.length ?? 0 }, body.formerPlates?.length ?? 0) }}
    </summary>
    <section v-for="former in body.formerPlates" :key="former.id">
      <h3>{{ t('app.plates.formerUntil', { day: former.until, name: former.name }) }}</h3>
      <ul>
        <template v-for="plate in former.plates" :key="plate.id">
          <li v-for="(one, at) in plate.figures" :key="at">
            {{
              t('app.plates.formerFigure', {
                limit: say(message('check.limit', { limit: term(one.limit) })),
                value: figure(one),
                plate: t(`plateSource.${plate.source}`),
              })
            }}
          </li>
        </template>
      </ul>
    </section>
  </details>
</template>

<style scoped>
details {
  margin: 10px 0;
}
summary {
  color: var(--soft);
  cursor: pointer;
}
ul {
  margin: 2px 0 8px;
  padding-left: 18px;
}
</style>

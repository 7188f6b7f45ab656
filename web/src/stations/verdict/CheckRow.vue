<script setup lang="ts">
import { binds, typicalMessage, type Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CheckMarks from '../../words/CheckMarks.vue';
import MarginText from '../../words/MarginText.vue';
import { checkAmount } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useSettings } from '../../stores/settings.ts';

/** One check on one line: what, how much of how much, and what is left. Opens its arithmetic. */
const props = defineProps<{ check: Check; /** Closely set: its figures behind its name. */ close?: boolean }>();
const { t } = useI18n();
const { say } = useSpeech();
const arithmetic = useArithmetic();
const settings = useSettings();

/** A load and a limit are known, and something else keeps them from deciding. */
const undecided = computed(() => {
  const { status, demand, limit, notes } = props.check;
  return status === 'unknown' && demand !== null && limit !== null ? notes[0] : undefined;
});
const usual = computed(() => typicalMessage(props.check));
const eitherOf = ({ ways }: Check): string | null => {
  if (!ways) return null;
  const [a, b] = ways.map((kg) => checkAmount(props.check, kg, settings.massUnit, 'load'));
  return t('app.verdict.eitherLoad', { a: a ?? '', b: b ?? '' });
};
/** The verdict by each of two figures. */
const byEach = computed((): string => {
  const { ways, limit, sense } = props.check;
  if (!ways || limit === null) return '';
  const [a, b] = ways.map((kg) => marginWords(sense === 'max' ? limit - kg : kg - limit));
  return t('app.verdict.byEach', { a: a ?? '', b: b ?? '' });
});
const marginWords = (margin: number): string => {
  const amount = checkAmount(props.check, Math.abs(margin), settings.massUnit, margin < 0 ? 'load' : 'margin');
  const most = props.check.sense === 'max';
  return t(`app.margin.${margin < 0 ? (most ? 'over' : 'short') : most ? 'left' : 'above'}`, { amount });
};
const figures = computed(() => {
  const { demand, limit, sense, sigma, notes } = props.check;
  const nothing = demand === null && limit === null && props.check.missing.length === 0;
  if (props.check.status === 'notApplicable' || props.check.quantity === 'answer' || nothing) {
    return notes[0] ? say(notes[0]) : '';
  }
  // What is not known is said once, with where it is found: a row of question marks says nothing.
  if (demand === null && props.check.status === 'unknown') return '';
  const kg = (value: number | null, rounding: 'load' | 'nearest') =>
    value === null ? t('app.verdict.unknown') : checkAmount(props.check, value, settings.massUnit, rounding);
  // Of two figures that cannot both be right each stands for itself: no ± spans them.
  const doubt = sigma && !props.check.ways ? kg(2 * sigma, 'load') : '';
  const named = { demand: eitherOf(props.check) ?? kg(demand, 'load'), limit: kg(limit, 'nearest'), doubt };
  if (limit === null) return t('app.pillar.noLimit', { demand: named.demand });
  const unit = props.check.unit ? t(`app.verdict.unit.${props.check.unit}`) : '';
  const key = sense === 'max' ? 'most' : 'least';
  return `${t(`app.verdict.${key}${doubt === '' ? '' : 'Doubt'}`, named)} ${unit}`.trim();
});
</script>

<template>
  <button
    type="button"
    data-row
    class="check"
    :class="[check.kind, { close }]"
    :data-test="`check-${check.id}`"
    @click="arithmetic.open(check.id)"
  >
    <span class="name">{{ say(check.name) }} <CheckMarks :check="check" /></span>
    <span class="num figures">{{ figures }}</span>
    <MarginText v-if="check.status !== 'notApplicable'" class="margin" :check="check" />
    <small v-if="byEach" class="low" data-test="by-each">{{ byEach }}</small>
    <small v-if="undecided" class="low" data-test="undecided">{{ say(undecided) }}</small>
    <small v-if="usual" class="low" data-test="usual">{{ say(usual) }}</small>
    <small v-if="binds(check) && check.status === 'over' && check.source.confidence === 'medium'" class="low">
      {{ t('app.verdict.medium') }}
    </small>
    <small v-if="check.source.confidence === 'low'" class="low">
      {{ t('app.verdict.low', { whom: t(`ask.${check.source.ask}`) }) }}
    </small>
  </button>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  align-items: baseline;
  width: 100%;
  padding: 6px 4px 6px 10px;
  border: 0;
  border-bottom: 1px dotted var(--line);
  border-left: 4px solid var(--ink);
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
.check.maker {
  border-left: 5px double var(--ink);
}
.check.guidance {
  border-left: 4px dotted var(--slate);
}
.check.permit {
  border-left: 4px dashed var(--pen);
}
.check:hover {
  background: var(--sheet);
}
.close {
  padding: 2px 4px 2px 10px;
}
.close .name {
  font-size: 15px;
}
.close .figures {
  font-size: 14px;
}
.close .margin {
  font-size: 17px;
}
.name {
  font-size: 15.5px;
}
.figures {
  grid-row: 2;
  color: var(--soft);
  font-size: 15px;
}
.margin {
  grid-row: 1 / 3;
  grid-column: 2;
  align-self: center;
  font-size: 21px;
}
.low {
  grid-column: 1 / -1;
  color: var(--soft);
}
</style>

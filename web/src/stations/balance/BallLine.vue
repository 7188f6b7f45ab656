<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { ballStands, ballTarget, goalOf } from '@wagonomos/core/balance';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** One line from nothing to beyond the lowest limit: the usual band, every limit on it, and where the load is today. */
const { t } = useI18n();
const rig = useRig();
const settings = useSettings();
const arithmetic = useArithmetic();

const target = computed(() => (rig.assessment ? ballTarget(rig.assessment) : null));
const span = computed(() => {
  const one = target.value;
  if (!one) return 1;
  return 1.12 * Math.max(one.range?.to ?? one.now, one.high, one.most ?? 0, one.legalLeast ?? 0, 1);
});
const at = (kg: number) => `${Math.max(0, Math.min(100, (100 * kg) / span.value))}%`;
const mass = (kg: number, rounding: 'load' | 'nearest') => written(displayMass(kg, settings.massUnit, rounding), 0);
/** A range stands as a range wherever it stands. */
const shown = computed(() => {
  const { range = null, now = 0 } = target.value ?? {};
  return range
    ? t('app.typical.range', { from: mass(range.from, 'nearest'), to: mass(range.to, 'nearest') })
    : mass(now, 'load');
});
const marks = computed(() => {
  const one = target.value;
  if (!one) return [];
  return [
    { key: 'legalLeast', value: one.legalLeast },
    { key: 'most', value: one.most },
  ].flatMap(({ key, value }) => (value === null ? [] : [{ key, value }]));
});
const says = computed(() => {
  const one = target.value;
  if (!one) return t('app.balance.unknown');
  const { from, to } = goalOf(one);
  const named = {
    now: mass(one.now, 'load'),
    from: mass(from, 'nearest'),
    to: mass(to, 'nearest'),
    unit: settings.massUnit,
  };
  const stands = ballStands(one);
  if (stands === 'noRoom') return t('app.balance.noRoom', named);
  if (one.range) {
    const range = { ...named, least: mass(one.range.from, 'nearest'), greatest: mass(one.range.to, 'nearest') };
    return t(`app.balance.range.${stands}`, range);
  }
  if (stands === 'light') return t('app.balance.tooLight', { ...named, by: mass(from - one.now, 'load') });
  if (stands === 'heavy') return t('app.balance.tooHeavy', { ...named, by: mass(one.now - to, 'load') });
  return t('app.balance.right', named);
});
</script>

<template>
  <div class="line" data-test="ball-line">
    <p class="says" aria-live="polite">{{ says }}</p>
    <div v-if="target" class="scale" aria-hidden="true">
      <div class="track" />
      <div class="band" :style="{ left: at(target.low), right: `calc(100% - ${at(target.high)})` }">
        <small>{{
          t('app.balance.band', { low: mass(target.low, 'nearest'), high: mass(target.high, 'nearest') })
        }}</small>
      </div>
      <div v-for="mark in marks" :key="mark.key" class="mark" :class="mark.key" :style="{ left: at(mark.value) }">
        <small>{{ t(`app.balance.mark.${mark.key}`, { value: mass(mark.value, 'nearest') }) }}</small>
      </div>
      <div
        v-if="target.range"
        class="range"
        :style="{ left: at(target.range.from), right: `calc(100% - ${at(target.range.to)})` }"
      ></div>
      <div v-else class="now" :style="{ left: at(target.now) }"></div>
    </div>
    <button v-if="target" type="button" class="quiet-button" @click="arithmetic.open('ballLoad')">
      {{ t('app.balance.now', { now: shown, unit: settings.massUnit }) }}
    </button>
  </div>
</template>

<style scoped>
.says {
  margin: 6px 0 4px;
  font-size: 17px;
}
/* Hatched, as what is usual is everywhere. */
.range {
  position: absolute;
  top: 38px;
  height: 20px;
  border: 2px solid var(--pen);
  background: repeating-linear-gradient(135deg, transparent 0 4px, var(--pen) 4px 6px);
}
.scale {
  position: relative;
  height: 96px;
  margin: 0 4px 6px;
}
.track {
  position: absolute;
  top: 46px;
  right: 0;
  left: 0;
  height: 4px;
  background: var(--road);
}
.band {
  position: absolute;
  top: 34px;
  height: 28px;
  border: 1.5px dotted var(--slate);
  background: color-mix(in srgb, var(--in) 18%, transparent);
}
.band small {
  position: absolute;
  bottom: -22px;
  left: 0;
  white-space: nowrap;
}
.mark {
  position: absolute;
  top: 24px;
  width: 5px;
  height: 48px;
  margin-left: -2px;
  background: var(--ink);
}
.mark small {
  position: absolute;
  top: -20px;
  left: 50%;
  white-space: nowrap;
  transform: translateX(-50%);
}
.mark.legalLeast {
  background: none;
  border-left: 5px double var(--ink);
}
.mark.legalLeast small {
  transform: translateX(-20%);
}
.now {
  position: absolute;
  top: 50px;
  width: 0;
  height: 0;
  margin-left: -9px;
  border: 9px solid transparent;
  border-bottom: 15px solid var(--pen);
  border-top: 0;
}
small {
  color: var(--soft);
  font: 400 14px var(--figures);
}
</style>

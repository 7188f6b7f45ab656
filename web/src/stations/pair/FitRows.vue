<script setup lang="ts">
import { displayMass, type Check } from '@wagonomos/core';
import type { PairFit } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import MessageText from '../../words/MessageText.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import type { OfferKind } from './useBodiesLookedAt.ts';

/** What comes of each pair, one column each. */
const props = defineProps<{ fits: readonly PairFit[]; kind: OfferKind }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();

const bodyOf = (fit: PairFit) => (props.kind === 'trailer' ? fit.trailer.id : (fit.car?.id ?? ''));
const kg = (value: number, way: 'load' | 'margin' | 'nearest') =>
  `${written(displayMass(value, settings.massUnit, way), 0)} ${settings.massUnit}`;
const known = (value: number | null, way: 'load' | 'margin' | 'nearest') =>
  value === null ? t('app.pair.trailers.missing') : kg(value, way);
const ball = ({ ball: found }: PairFit) =>
  found
    ? t('app.pair.trailers.ball', {
        mass: kg(found.value, 'nearest'),
        plusMinus: written(displayMass(found.plusMinus, settings.massUnit, 'nearest'), 0),
      })
    : t('app.pair.trailers.missing');
const room = (found: PairFit['room']) => {
  if (!found || found.kind === 'unknown') return t('app.pair.trailers.missing');
  if (found.kind === 'none' || found.mends) return t('app.pair.trailers.roomNone');
  if (found.most === null || !found.binding) return t('app.pair.trailers.roomOpen');
  return t('app.pair.trailers.room', { mass: kg(found.most, 'margin'), limit: say(found.binding.name) });
};
const open = (one: PairFit) =>
  [...new Set(one.open.map(({ name }) => say(name)))].join(', ') || t('app.pair.trailers.nothing');
/** Every limit that some pair is known to stand somewhere with, in the order of the rulebook. */
const limits = computed(() => {
  const found = new Map<string, Check>();
  for (const { limits: own } of props.fits) {
    for (const check of own) if (check.margin !== null && !found.has(check.id)) found.set(check.id, check);
  }
  return [...found.values()];
});
const limitOf = (fit: PairFit, id: string) => fit.limits.find((check) => check.id === id) ?? null;
const whole = computed(() => props.fits.map((fit) => ({ fit, key: bodyOf(fit) })));
</script>

<template>
  <tbody>
    <tr>
      <th scope="row">{{ t('app.pair.trailers.row.emptyAll') }}</th>
      <td v-for="{ fit, key } in whole" :key="key" class="num">
        {{ known(kind === 'trailer' ? fit.empty.trailer : fit.empty.car, 'nearest') }}
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t(`app.pair.trailers.row.laden.${kind}`) }}</th>
      <td v-for="{ fit, key } in whole" :key="key" class="num">{{ known(fit.laden, 'load') }}</td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.trailers.row.ball') }}</th>
      <td v-for="{ fit, key } in whole" :key="key">
        <span class="num">{{ ball(fit) }}</span>
        <small v-if="fit.ball">{{ t(`app.pair.trailers.ballFrom.${fit.ball.from}`) }}</small>
      </td>
    </tr>
    <tr v-for="limit in limits" :key="limit.id">
      <th scope="row">{{ say(limit.name) }}</th>
      <td v-for="{ fit, key } in whole" :key="key" :data-test="`left-${limit.id}-${key}`">
        <MarginText :check="limitOf(fit, limit.id)" />
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.trailers.row.room') }}</th>
      <td v-for="{ fit, key } in whole" :key="key">{{ room(fit.room) }}</td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.trailers.row.carRoom') }}</th>
      <td v-for="{ fit, key } in whole" :key="key">{{ room(fit.carRoom) }}</td>
    </tr>
    <tr v-if="fits.some(({ warnings }) => warnings.length > 0)">
      <th scope="row">{{ t('app.pair.trailers.row.warnings') }}</th>
      <td v-for="{ fit, key } in whole" :key="key" :data-test="`weak-${key}`">
        <div v-for="(warning, at) in fit.warnings" :key="at"><MessageText :message="warning" /></div>
      </td>
    </tr>
    <tr v-if="fits.some(({ drivers }) => drivers.length > 0)">
      <th scope="row">{{ t('app.pair.trailers.row.drivers') }}</th>
      <td v-for="{ fit, key } in whole" :key="key">
        <div v-for="check in fit.drivers" :key="check.id">{{ say(check.name) }} <MarginText :check="check" /></div>
      </td>
    </tr>
    <tr v-if="fits.some(({ speeds }) => speeds.length > 0)">
      <th scope="row">{{ t('app.pair.trailers.row.speeds') }}</th>
      <td v-for="{ fit, key } in whole" :key="key">
        <div v-for="check in fit.speeds" :key="check.id">{{ say(check.name) }} <MarginText :check="check" /></div>
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.trailers.row.open') }}</th>
      <td v-for="{ fit, key } in whole" :key="key" class="soft">{{ open(fit) }}</td>
    </tr>
  </tbody>
</template>

<style scoped src="./pairTable.css"></style>

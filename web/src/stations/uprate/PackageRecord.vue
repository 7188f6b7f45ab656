<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { taxComes, type UpratePackage } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { writtenLength } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** A package as an open record: limits, parts, mass, money line by line, way, papers, conditions. */
const props = defineProps<{ view: RigView; one: UpratePackage }>();
const { t } = useI18n();
const settings = useSettings();
const { all, figure, money, limitWord } = useOffers(() => props.view);

const limits = computed(() =>
  props.one.limits.map(({ limit, to, by = 0, part }) => {
    const change =
      to === undefined
        ? t(by < 0 ? 'app.uprate.lowerBy' : 'app.uprate.raiseBy', { by: figure(Math.abs(by), limit) })
        : t('app.uprate.setTo', { to: figure(to, limit) });
    const whose = part ? t('app.uprate.onPart', { part: t(`plateSource.${part}`) }) : '';
    return `${limitWord(limit)} ${change} ${whose}`.trim();
  }),
);
const gear = computed(() =>
  (props.one.gear ?? []).map(({ axle, loadIndex, wheelRating, springRating }) =>
    [
      t(`gearAxle.${axle}`),
      loadIndex === undefined ? '' : t('app.uprate.newIndex', { index: loadIndex }),
      wheelRating === undefined ? '' : t('app.uprate.newWheel', { rating: figure(wheelRating) }),
      springRating === undefined ? '' : t('app.uprate.newSpring', { rating: figure(springRating) }),
    ]
      .filter((text) => text !== '')
      .join(', '),
  ),
);
const adds = computed(() =>
  props.one.adds.map(({ mass, x }) =>
    x === undefined
      ? t('app.uprate.weighsAtAxle', { mass: figure(mass) })
      : t('app.uprate.weighsAt', { mass: figure(mass), x: writtenLength(x, settings.massUnit) }),
  ),
);
const not = computed(() =>
  (props.one.excludes ?? []).flatMap((id) => all.value.find((other) => other.id === id)?.name ?? []).join(', '),
);
</script>

<template>
  <dl>
    <template v-if="limits.length > 0">
      <dt>{{ t('app.uprate.changesLimits') }}</dt>
      <dd v-for="text in limits" :key="text">{{ text }}</dd>
    </template>
    <template v-if="gear.length > 0">
      <dt>{{ t('app.uprate.changesGear') }}</dt>
      <dd v-for="text in gear" :key="text">{{ text }}</dd>
    </template>
    <dt>{{ t('app.uprate.weighs') }}</dt>
    <dd v-for="text in adds" :key="text">{{ text }}</dd>
    <dd v-if="adds.length === 0">{{ t('app.uprate.weighsNothing') }}</dd>
    <dt>{{ t('app.uprate.costLines') }}</dt>
    <dd v-for="(line, at) in one.costs" :key="at">
      {{
        t(line.taxIncluded ? 'app.uprate.lineTaxed' : 'app.uprate.lineUntaxed', {
          kind: t(`app.uprate.costKind.${line.kind}`),
          money: money(line.amount, one.currency),
        })
      }}
    </dd>
    <dd v-if="one.costs.length === 0">{{ t('app.uprate.noCosts') }}</dd>
    <dd v-if="taxComes(one)">{{ t('app.uprate.taxComes') }}</dd>
    <template v-if="one.route">
      <dt>{{ t('app.uprate.way') }}</dt>
      <dd>{{ t(`app.uprate.route.${one.route}`) }}</dd>
    </template>
    <template v-if="one.papers">
      <dt>{{ t('app.uprate.papers') }}</dt>
      <dd>{{ one.papers }}</dd>
    </template>
    <template v-if="one.conditions">
      <dt>{{ t('app.uprate.conditions') }}</dt>
      <dd>{{ one.conditions }}</dd>
    </template>
    <template v-if="not">
      <dt>{{ t('app.uprate.notWith') }}</dt>
      <dd>{{ not }}</dd>
    </template>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 2px 12px;
  margin: 2px 0 6px;
  font-size: 14px;
}
dt {
  grid-column: 1;
  color: var(--soft);
}
dd {
  grid-column: 2;
  margin: 0;
}
</style>

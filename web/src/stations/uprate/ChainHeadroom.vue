<script setup lang="ts">
import type { Chain, ChainPart } from '@wagonomos/core/limits';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** Every part of every path from load to road, with what it still has: the weakest first. */
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const { kg, excess, unit } = useOffers(() => {
  if (!rig.view) throw new Error('no rig in hand');
  return rig.view;
});
const left = ({ load }: Chain, { rating, unconfirmed }: ChainPart): string => {
  if (unconfirmed) return t('app.uprate.unconfirmed');
  if (load === null) return t('app.uprate.ratingOnly', { rating: kg(rating) });
  return load > rating
    ? t('app.uprate.overBy', { mass: excess(load - rating) })
    : t('app.uprate.leftOf', { mass: kg(rating - load) });
};
</script>

<template>
  <p v-if="rig.chains.length === 0" class="soft">{{ t('app.uprate.noChains') }}</p>
  <div class="chains" data-test="headroom">
    <section v-for="chain in rig.chains" :key="chain.name">
      <h3>{{ t(`app.chain.name.${chain.name}`) }}</h3>
      <ol>
        <li v-for="(part, at) in chain.parts" :key="part.id" :class="{ over: (chain.load ?? 0) > part.rating }">
          <span>
            {{ say(part.name) }}
            <small v-if="at === 0 && chain.parts.length > 1">{{ t('app.uprate.weakest') }}</small>
            <small v-if="part.how">{{ say(part.how) }}</small>
          </span>
          <span class="num">{{
            t('app.uprate.ofRating', { left: left(chain, part), rating: kg(part.rating), unit })
          }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.chains {
  columns: 2 260px;
  column-gap: 26px;
}
section {
  margin-bottom: 12px;
  break-inside: avoid;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
li .num {
  text-align: right;
  white-space: nowrap;
}
small {
  display: block;
  color: var(--soft);
}
.over .num {
  color: var(--over);
  font-weight: 600;
}
</style>

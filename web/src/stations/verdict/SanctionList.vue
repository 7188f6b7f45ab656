<script setup lang="ts">
import { sanctions, type Sanction } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../../slips/useBasis.ts';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import SideSection from './SideSection.vue';
import SourceLine from '../../words/SourceLine.vue';

/** What follows from an excess: first what does not vary; what a fine may be is one step further away, and an indication only. */
const { t } = useI18n();
const { say } = useSpeech();
const { placeName } = usePlaces();
const { based } = useBasis();
const list = computed(() =>
  based.value ? sanctions(based.value.assessment.loads, based.value.assessment.checks) : [],
);
/** What follows whatever the place and the amount. */
const certain = ['unload', 'insurer', 'liable'] as const;
const cost = (one: Sanction): string => (one.beyond ? `${fine(one)}; ${t(`sanction.${one.beyond}`)}` : fine(one));
const fine = ({ band, times, facts }: Sanction): string => {
  if (!band) return t(facts.how === 'none' ? 'sanction.none' : 'sanction.below');
  const currency = facts.currency ?? '';
  if (band.most !== undefined) return t('sanction.range', { amount: band.amount, most: band.most, currency });
  const points = band.points ?? 0;
  return t('sanction.band', { amount: band.amount * times, currency, count: points }, points);
};
</script>

<template>
  <SideSection v-if="list.length > 0" name="sanctions" :title="t('app.sanction.title')">
    <li v-for="what in certain" :key="what">{{ t(`app.sanction.certain.${what}`) }}</li>
    <li>
      <details class="fold" data-test="fines">
        <summary>{{ t('app.sanction.fines') }}</summary>
        <p class="soft">{{ t('app.sanction.text') }}</p>
        <ul>
          <li v-for="(one, index) in list" :key="index">
            <b>{{ placeName(one.place) }}</b>
            {{
              t('app.sanction.line', {
                what: say(one.check.name),
                excess: written(100 * one.excess, 1),
                cost: cost(one),
              })
            }}
            <SourceLine :facts="one.facts" :country="one.place.country" />
          </li>
        </ul>
      </details>
    </li>
  </SideSection>
</template>

<style scoped>
details ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
details li {
  padding: 4px 0;
}
</style>

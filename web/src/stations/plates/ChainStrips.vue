<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import type { Chain, ChainPart } from '@wagonomos/core/limits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** Each path from load to road as a chain of parts, the weakest first: it governs. */
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const settings = useSettings();

const all = computed(() => rig.chains);
const kg = (value: number, rounding: 'load' | 'margin' = 'margin') =>
  written(displayMass(value, settings.massUnit, rounding), 0);
const strongest = (chain: Chain) => Math.max(chain.load ?? 0, ...chain.parts.map((part) => part.rating));
const share = (chain: Chain, value: number) => `${(100 * value) / strongest(chain)}%`;
const rank = (chain: Chain, part: ChainPart): 'governs' | 'next' | 'other' => {
  if (chain.weakest?.governing.includes(part)) return 'governs';
  return chain.weakest?.next.includes(part) ? 'next' : 'other';
};
const summary = (chain: Chain): string => {
  const { weakest } = chain;
  if (!weakest) return t('app.chain.unconfirmed');
  const governing = weakest.governing.map((part) => say(part.name)).join(', ');
  const rating = `${kg(weakest.rating)} ${settings.massUnit}`;
  if (weakest.gap === null) return t('app.chain.only', { governing, rating });
  const next = weakest.next.map((part) => say(part.name)).join(', ');
  return t('app.chain.governs', { governing, rating, next, gap: `${kg(weakest.gap)} ${settings.massUnit}` });
};
const slack = (chain: Chain): string => {
  if (!chain.weakest || chain.load === null) return '';
  const left = chain.weakest.rating - chain.load;
  const shown = displayMass(left, settings.massUnit, 'margin');
  const amount = written(Math.abs(shown), 0);
  return t(shown < 0 ? 'app.margin.over' : 'app.margin.left', { amount });
};
</script>

<template>
  <section v-if="all.length > 0" class="chains" :aria-label="t('app.chain.title')">
    <h2>{{ t('app.chain.title') }}</h2>
    <div class="strips">
      <article v-for="chain in all" :key="chain.name" :data-test="`chain-${chain.name}`">
        <h3>
          {{ t(`app.chain.name.${chain.name}`) }}
          <small v-if="slack(chain)" class="num">{{ slack(chain) }}</small>
        </h3>
        <p class="soft">{{ summary(chain) }}</p>
        <ol>
          <li v-for="part in chain.parts" :key="part.id" :class="[rank(chain, part), { doubt: part.unconfirmed }]">
            <span class="bar" :style="{ width: share(chain, part.rating) }" />
            <span v-if="chain.load !== null" class="load" :style="{ left: share(chain, chain.load) }" />
            <span class="words">
              {{ say(part.name) }}
              <b class="num">{{ kg(part.rating) }}</b>
              <small v-if="rank(chain, part) !== 'other'">{{ t(`app.chain.${rank(chain, part)}Word`) }}</small>
              <small v-if="part.unconfirmed">{{ t('app.chain.unconfirmedPart') }}</small>
              <small v-if="part.how">{{ say(part.how) }}</small>
            </span>
          </li>
        </ol>
      </article>
    </div>
  </section>
</template>

<style scoped>
.chains {
  padding: 14px 18px 20px;
  border-bottom: 1px solid var(--line);
}
.strips {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
  gap: 16px 28px;
  margin-top: 8px;
}
h3 {
  display: flex;
  justify-content: space-between;
}
h3 small {
  font-weight: 600;
}
.soft {
  font-size: 13px;
}
ol {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
  min-height: 25px;
  margin-bottom: 3px;
}
.bar {
  position: absolute;
  inset: 0 auto 0 0;
  background: color-mix(in srgb, var(--cargo) 55%, transparent);
  border-right: 2px solid var(--slate);
}
.governs .bar {
  background: color-mix(in srgb, var(--tight) 26%, transparent);
  border-right: 5px solid var(--ink);
}
.doubt .bar {
  background: repeating-linear-gradient(135deg, var(--hair) 0 4px, transparent 4px 8px);
}
.load {
  position: absolute;
  top: -2px;
  bottom: -2px;
  width: 0;
  border-left: 2px dashed var(--pen);
}
.words {
  position: relative;
  padding: 2px 7px;
  font: 400 15px/21px var(--figures);
}
.governs .words {
  font-weight: 600;
}
small {
  margin-left: 6px;
  color: var(--ink);
  font-weight: 400;
}
</style>

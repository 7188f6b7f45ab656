<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { setTankLevel } from '@wagonomos/core/edits';
import { trimByWater, type WaterTrim } from '@wagonomos/core/balance';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';

/** What each water tank can do: the levels that keep every limit and the band, and the one for its middle. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const tanks = computed(() => trimByWater(props.assessment));
const share = (level: number, way: 'up' | 'down' | 'near' = 'near') =>
  written(
    way === 'up' ? Math.ceil(100 * level - 1e-6) : way === 'down' ? Math.floor(100 * level + 1e-6) : 100 * level,
    0,
  );
const at = (level: number) => `${100 * level}%`;
const width = ({ levels }: WaterTrim) => (levels ? `${100 * (levels.to - levels.from)}%` : '0');
const says = ({ levels, now, open }: WaterTrim): string => {
  if (!levels) return t('app.water.never');
  const named = { from: share(levels.from, 'up'), to: share(levels.to, 'down') };
  if (levels.from <= 0 && levels.to >= 1) return t(open.length > 0 ? 'app.water.anyKnown' : 'app.water.any');
  return t(now < levels.from - 1e-9 || now > levels.to + 1e-9 ? 'app.water.between' : 'app.water.stays', named);
};
/** One limit that this tank cannot mend, or two of which it mends either at the cost of the other. */
const against = ([one, other]: WaterTrim['never']): readonly string[] => {
  if (!one) return [];
  const limit = say(one.name);
  return [other ? t('app.water.clash', { limit, other: say(other.name) }) : t('app.water.cannot', { limit })];
};
const ends = ({ levels, never, open }: WaterTrim): readonly string[] => [
  ...against(never),
  ...(open.length > 0 ? [t('app.water.open', { limits: open.map(({ name }) => say(name)).join(', ') })] : []),
  ...(levels?.below ? [t('app.water.below', { limit: say(levels.below.name) })] : []),
  ...(levels?.above ? [t('app.water.above', { limit: say(levels.above.name) })] : []),
];
/** To the next whole hundredth within what is allowed. */
const goal = ({ levels, middle }: WaterTrim): number | null => {
  if (!levels || middle === null) return null;
  const near = Math.round(100 * middle) / 100;
  return Math.min(Math.floor(100 * levels.to + 1e-6) / 100, Math.max(Math.ceil(100 * levels.from - 1e-6) / 100, near));
};
const offered = (tank: WaterTrim) => {
  const level = goal(tank);
  // Waste is not filled for balance: it fills by itself.
  return level !== null && Math.abs(level - tank.now) >= 0.01 && (tank.kind === 'fresh' || level < tank.now)
    ? level
    : null;
};
const fill = ({ body, tank }: WaterTrim, level: number) =>
  workspace.edit('app.edit.tankLevel', (document) => setTankLevel(document, props.view.loadout.id, body, tank, level));
</script>

<template>
  <div v-if="tanks.length > 0" data-test="water-trim">
    <h2>{{ t('app.water.title') }}</h2>
    <p class="soft">{{ t('app.water.hint') }}</p>
    <ul>
      <li v-for="tank in tanks" :key="`${tank.body} ${tank.tank}`">
        <b>{{ tank.name }}</b>
        <span>{{ says(tank) }}</span>
        <div class="scale" aria-hidden="true">
          <i v-if="tank.levels" class="may" :style="{ left: at(tank.levels.from), width: width(tank) }" />
          <i class="now" :style="{ left: at(tank.now) }" />
        </div>
        <small>{{ t('app.water.now', { share: share(tank.now) }) }}</small>
        <small v-for="end in ends(tank)" :key="end">{{ end }}</small>
        <button
          v-if="offered(tank) !== null"
          type="button"
          class="quiet-button"
          @click="fill(tank, offered(tank) ?? 0)"
        >
          {{ t('app.water.fill', { share: share(offered(tank) ?? 0) }) }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  justify-items: start;
  padding: 8px 0;
  border-bottom: 1px dotted var(--line);
}
.scale {
  position: relative;
  width: 100%;
  height: 16px;
  margin: 6px 0 2px;
  border: 1px solid var(--ink);
  background: var(--field);
}
.may {
  position: absolute;
  top: 0;
  bottom: 0;
  background: color-mix(in srgb, var(--in) 30%, transparent);
}
.now {
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 4px;
  margin-left: -2px;
  background: var(--pen);
}
small,
.soft {
  color: var(--soft);
}
.soft {
  font-size: 13.5px;
}
@media (width <= 720px) {
  .quiet-button {
    min-height: 44px;
  }
}
</style>

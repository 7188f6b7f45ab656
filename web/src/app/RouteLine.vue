<script setup lang="ts">
import { ballStands, ballTarget, type BallStands } from '@wagonomos/core/balance';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { posts } from './stations.ts';

/** The stations as mile posts along the road, each with how far it is settled. */
const { t } = useI18n();
const route = useRoute();
const rig = useRig();
const workspace = useWorkspace();

const ball = computed((): BallStands | null => {
  const target = rig.assessment && ballTarget(rig.assessment);
  return target && ballStands(target);
});
const slips = computed(() => (workspace.document?.tickets ?? []).filter((one) => one.rig === rig.rigId).length);
const trips = computed(
  () => (workspace.document?.trips ?? []).filter((one) => one.rig === rig.rigId && one.plan && !one.carried).length,
);
const lines = computed(() =>
  posts.map(({ name, post }) => {
    const said = rig.state && post({ state: rig.state, slips: slips.value, trips: trips.value, ball: ball.value });
    const { key = 'papers', count = 0, warn = false } = said ?? {};
    return { name, warn, text: t(`app.post.${key}`, { count }, count) };
  }),
);
</script>

<template>
  <nav class="route no-print" :aria-label="t('app.route')">
    <RouterLink
      v-for="station in lines"
      :key="station.name"
      :to="{ name: station.name, params: { rig: route.params['rig'] } }"
      class="post"
      :class="{ warn: station.warn }"
      active-class="here"
    >
      <b>{{ t(`app.station.${station.name}`) }}</b>
      <small>{{ station.text }}</small>
    </RouterLink>
  </nav>
</template>

<style scoped>
.route {
  position: relative;
  display: flex;
  gap: 8px;
  align-items: flex-end;
  height: 58px;
  padding: 0 18px;
  overflow: auto hidden;
  background: var(--sheet);
  border-bottom: 5px solid;
  border-image: repeating-linear-gradient(90deg, var(--road) 0 26px, var(--slate) 26px 40px) 5;
  scrollbar-width: none;
}
.post {
  flex: 0 0 auto;
  min-width: 112px;
  height: 47px;
  padding: 4px 14px 0;
  border: 1.5px solid var(--line);
  border-bottom: 0;
  border-radius: 14px 14px 0 0;
  background: var(--paper);
  color: var(--ink);
  text-align: center;
  text-decoration: none;
}
.post b {
  display: block;
  font: 600 17px/19px var(--figures);
  letter-spacing: 0.02em;
}
.post small {
  color: var(--soft);
  font: 400 13.5px/17px var(--figures);
  white-space: nowrap;
}
.later b {
  color: var(--soft);
  font-weight: 400;
}
.later {
  border-style: dashed;
  background: none;
}
.warn small {
  color: var(--over);
  font-weight: 600;
}
.here {
  border-color: var(--ink);
  background: var(--ink);
}
.here b,
.here small {
  color: var(--on-ink);
}
.post:focus-visible {
  outline-offset: -4px;
}
@media (width <= 720px) {
  .route {
    gap: 6px;
    padding: 0 10px;
  }
  .post {
    min-width: 84px;
    padding: 4px 9px 0;
  }
}
</style>

<script setup lang="ts">
import type { SwayPair } from '@wagonomos/core/balance';
import { usePreferredReducedMotion } from '@vueuse/core';
import { onBeforeUnmount, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';

/** Why the ends matter, for a child: one nudge, the same mass at the ends and over the axles, at rates that are true beside each other. */
const props = defineProps<{ swings: SwayPair }>();
const { t } = useI18n();
const motion = usePreferredReducedMotion();
const kinds = ['ends', 'middle'] as const;
const bodies = ref<SVGGElement[]>([]);
let running: Animation[] = [];

/** ms of one nudge, the same for both; and degrees it is nudged by. */
const lasts = 9000;
const nudge = 13;
const frames = 90;
const keyframes = ({ frequencyHz, dampingRatio }: SwayPair['ends']): Keyframe[] => {
  const omega = 2 * Math.PI * frequencyHz;
  const decay = (dampingRatio / Math.sqrt(Math.max(1e-6, 1 - dampingRatio ** 2))) * omega;
  return Array.from({ length: frames + 1 }, (_, at) => {
    const time = ((lasts / 1000) * at) / frames;
    const angle = nudge * Math.exp(-decay * time) * Math.cos(omega * time);
    return { transform: `rotate(${angle.toFixed(2)}deg)` };
  });
};
const stop = () => {
  for (const one of running) one.cancel();
  running = [];
};
const swing = () => {
  stop();
  running = bodies.value.flatMap((body, at) => {
    const kind = kinds[at];
    return kind ? [body.animate(keyframes(props.swings[kind]), { duration: lasts, easing: 'linear' })] : [];
  });
};
/** Still where the reader prefers that; the figures say the same. */
watch([() => props.swings, motion], stop);
onBeforeUnmount(stop);
</script>

<template>
  <figure data-test="two-swings">
    <figcaption>{{ t('app.sway.why', { mass: swings.mass }) }}</figcaption>
    <div class="pair">
      <div v-for="kind in kinds" :key="kind">
        <svg viewBox="0 0 150 84" role="img" :aria-label="t(`app.sway.child.${kind}`)">
          <circle cx="14" cy="42" r="4" class="ball" />
          <g ref="bodies" class="body">
            <path d="M14 42 L44 30 L44 54 Z" class="bar" />
            <rect x="44" y="22" width="92" height="40" rx="4" class="shell" />
            <rect x="82" y="16" width="18" height="6" class="wheel" />
            <rect x="82" y="62" width="18" height="6" class="wheel" />
            <template v-if="kind === 'ends'">
              <rect x="47" y="32" width="16" height="20" class="mass" />
              <rect x="117" y="32" width="16" height="20" class="mass" />
            </template>
            <rect v-else x="75" y="32" width="32" height="20" class="mass" />
          </g>
        </svg>
        <p>
          <b>{{ t(`app.sway.child.${kind}`) }}</b>
          <small class="num">{{
            t('app.sway.period', { seconds: written(1 / Math.max(0.05, swings[kind].frequencyHz), 1) })
          }}</small>
        </p>
      </div>
    </div>
    <button v-if="motion !== 'reduce'" type="button" class="quiet-button no-print" @click="swing">
      {{ t('app.sway.nudge') }}
    </button>
    <p class="soft">{{ t('app.sway.whyHint') }}</p>
  </figure>
</template>

<style scoped>
figure {
  margin: 14px 0 0;
}
figcaption {
  font: 600 16px var(--figures);
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
svg {
  width: 100%;
  overflow: visible;
}
.body {
  transform-origin: 14px 42px;
}
.shell,
.bar {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.wheel,
.ball {
  fill: var(--ink);
}
.mass {
  fill: var(--cargo);
  stroke: var(--ink);
  stroke-dasharray: 3 2;
}
p {
  margin: 2px 0 6px;
}
small {
  display: block;
  color: var(--soft);
}
.soft {
  color: var(--soft);
  font-size: 13.5px;
}
@media (width <= 720px) {
  .quiet-button {
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { atHome, useHand } from '../../stores/hand.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useDragging } from './useDragging.ts';
import { usePreviewWords } from './usePreviewWords.ts';

/** What is in the hand, what would be left where it is held, and the keys that carry it. */
const { t } = useI18n();
const hand = useHand();
const rig = useRig();
const settings = useSettings();

const ghost = ref<HTMLElement>();
useDragging((x, y) => {
  if (ghost.value) ghost.value.style.transform = `translate(${x + 14}px, ${y + 10}px)`;
});

/** Places from front to rear, home last. */
const stops = computed(() => [
  ...[...rig.rooms]
    .sort((a, b) => Number(a.side === 'trailer') - Number(b.side === 'trailer') || (a.x ?? 99) - (b.x ?? 99))
    .map((room) => ({ key: `${room.body}/${room.place.id}`, name: room.place.name })),
  { key: atHome, name: t('app.load.atHome') },
]);
const here = computed(() => stops.value.find((one) => one.key === hand.over) ?? null);
const mass = computed(() =>
  t('app.hand.mass', {
    amount: written(displayMass(hand.held?.mass ?? 0, settings.massUnit, 'load', 0.1), 1),
    unit: settings.massUnit,
  }),
);
const preview = computed(() => (hand.over === null ? null : (hand.previews?.get(hand.over) ?? null)));
const words = usePreviewWords();
const outcome = computed(() => (preview.value ? words(preview.value) : ''));

const step = (by: number) => {
  const at = stops.value.findIndex((one) => one.key === hand.over);
  const next = stops.value[(at + by + stops.value.length) % stops.value.length];
  if (next) hand.hover(next.key);
};
const keys: Readonly<Record<string, () => void>> = {
  ArrowRight: () => step(1),
  ArrowDown: () => step(1),
  ArrowLeft: () => step(-1),
  ArrowUp: () => step(-1),
  Home: () => hand.hover(stops.value[0]?.key ?? null),
  End: () => hand.hover(atHome),
  Enter: () => hand.putDown(),
  ' ': () => hand.putDown(),
  Escape: () => hand.letGo(),
  Tab: () => hand.letGo(),
};
useEventListener(
  'keydown',
  (event: KeyboardEvent) => {
    if (!hand.held) return;
    const act = keys[event.key];
    if (!act || (hand.held.by === 'pointer' && event.key !== 'Escape')) return;
    if (event.key !== 'Tab') event.preventDefault();
    event.stopPropagation();
    act();
  },
  { capture: true },
);
</script>

<template>
  <div class="guide" :class="{ held: hand.held }" aria-live="assertive" data-test="hand">
    <template v-if="hand.held">
      <b>{{ hand.held.name }}</b> <span class="num">{{ mass }}</span>
      <template v-if="here">
        <span class="to">{{ t('app.hand.to', { place: here.name }) }}</span>
        <strong v-if="outcome" :class="{ breaks: preview?.breaks, stays: (preview?.left ?? 0) < 0 }">{{
          outcome
        }}</strong>
      </template>
      <small v-if="hand.held.by === 'keys'">{{ t('app.hand.keys') }}</small>
      <small v-else-if="!here">{{ t('app.hand.drop') }}</small>
    </template>
  </div>
  <div v-show="hand.held?.by === 'pointer'" ref="ghost" class="ghost" aria-hidden="true">
    {{ hand.held?.name }} <span v-if="outcome" :class="{ breaks: preview?.breaks }">{{ outcome }}</span>
  </div>
</template>

<style scoped>
.guide {
  position: sticky;
  z-index: 30;
  bottom: 0;
  grid-column: 1 / -1;
  order: 99;
}
.guide.held {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  padding: 9px 14px;
  border: 2px solid var(--pen);
  background: var(--sheet);
}
.to {
  font: 600 18px var(--figures);
}
strong {
  color: var(--in);
  font: 600 18px var(--figures);
}
.stays {
  color: var(--tight);
}
.breaks {
  color: var(--over);
}
small {
  margin-left: auto;
  color: var(--soft);
}
.ghost {
  position: fixed;
  z-index: 60;
  top: 0;
  left: 0;
  max-width: 260px;
  padding: 3px 9px;
  border: 1.5px solid var(--ink);
  border-radius: 2px;
  background: var(--sheet);
  font: 600 15px/20px var(--figures);
  pointer-events: none;
  will-change: transform;
}
.ghost span {
  display: block;
  color: var(--in);
}
.ghost .breaks {
  color: var(--over);
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useArrange } from './arrange.ts';
import { written } from '@wagonomos/papers/words';
import {
  movableParts,
  nudged,
  resizes,
  type MovablePart,
  type Nudge,
  type PartPatch,
  type Sight,
} from './arranging.ts';

/** Handles over the drawing: every place, tank and seat can be moved and resized by mouse, finger and keys. */
const props = defineProps<{
  view: RigView;
  sight: Sight;
  camperX: number;
  scale: number;
  x: (side: MovablePart['side'], metres: number) => number;
  /** px of the across measure: up from the road, or to the left of the centre line. */
  y: (metres: number) => number;
}>();
const emit = defineEmits<{ change: [part: MovablePart, patch: PartPatch]; settle: []; remove: [part: MovablePart] }>();
const { t } = useI18n();
const arrange = useArrange();

const parts = computed(() => movableParts(props.view, props.sight, props.camperX));
/** From the side up is more, from above the left is down. */
const upward = computed(() => (props.sight === 'side' ? -1 : 1));
const boxes = computed(() =>
  parts.value.map((part) => {
    const { along, across, offset, side } = part;
    const edges = [props.y(across.middle - across.size / 2), props.y(across.middle + across.size / 2)];
    const can = resizes(part, props.sight);
    return {
      part,
      can,
      style: {
        left: `${props.x(side, offset + along.middle - along.size / 2)}px`,
        top: `${Math.min(...edges)}px`,
        width: `${along.size * props.scale}px`,
        height: `${Math.abs((edges[1] ?? 0) - (edges[0] ?? 0))}px`,
      },
      says: t('app.arrange.says', {
        name: part.name,
        at: written(along.middle, 2),
        long: written(along.size, 2),
        across: written(props.sight === 'side' ? across.middle - across.size / 2 : across.middle, 2),
      }),
    };
  }),
);

const layer = ref<HTMLElement>();
const partOf = (element: Element): MovablePart | undefined =>
  parts.value.find((part) => part.key === (element as HTMLElement).dataset['part']);
const tell = (part: MovablePart, nudge: Nudge) => emit('change', part, nudged(part, props.sight, nudge));

/** Pixels since the last event, as metres of each edge. */
const both = (dx: number, dy: number): Nudge => {
  const along = dx / props.scale;
  const across = (upward.value * dy) / props.scale;
  return { start: along, end: along, low: across, high: across };
};
let begun: MovablePart | undefined;
let moved = { x: 0, y: 0 };
let stretched = { left: 0, right: 0, top: 0, bottom: 0 };

onMounted(async () => {
  const { default: interact } = await import('interactjs');
  if (!layer.value) return;
  const start = ({ target }: { target: Element }) => {
    begun = partOf(target);
    moved = { x: 0, y: 0 };
    stretched = { left: 0, right: 0, top: 0, bottom: 0 };
    if (begun) arrange.chosen = begun.key;
  };
  interact('[data-part]', { context: layer.value })
    .draggable({
      listeners: {
        start,
        move: ({ dx, dy }: { dx: number; dy: number }) => {
          moved = { x: moved.x + dx, y: moved.y + dy };
          if (begun) tell(begun, both(moved.x, moved.y));
        },
        end: () => emit('settle'),
      },
    })
    .resizable({
      edges: { left: '.edge-left', right: '.edge-right', top: '.edge-top', bottom: '.edge-bottom' },
      listeners: {
        start,
        move: ({ deltaRect }: { deltaRect: Record<'left' | 'right' | 'top' | 'bottom', number> }) => {
          for (const edge of ['left', 'right', 'top', 'bottom'] as const) stretched[edge] += deltaRect[edge];
          if (!begun) return;
          const [low, high] =
            props.sight === 'side' ? [stretched.bottom, stretched.top] : [stretched.top, stretched.bottom];
          const across = upward.value / props.scale;
          tell(begun, {
            start: stretched.left / props.scale,
            end: stretched.right / props.scale,
            low: low * across,
            high: high * across,
          });
        },
        end: () => emit('settle'),
      },
    });
  unset = () => interact('[data-part]', { context: layer.value ?? document }).unset();
});
let unset: (() => void) | undefined;
onBeforeUnmount(() => unset?.());

/** Arrows move, with Alt they stretch; with Shift by a centimetre instead of five. */
const onKey = (event: KeyboardEvent, part: MovablePart) => {
  if (event.key === 'Delete') {
    emit('remove', part);
    return;
  }
  const step = event.shiftKey ? 0.01 : 0.05;
  const right = Number(event.key === 'ArrowRight') - Number(event.key === 'ArrowLeft');
  const down = Number(event.key === 'ArrowDown') - Number(event.key === 'ArrowUp');
  if (right === 0 && down === 0) return;
  event.preventDefault();
  event.stopPropagation();
  const along = right * step;
  const across = down * upward.value * step;
  tell(
    part,
    event.altKey
      ? { start: 0, end: along, low: 0, high: across }
      : { start: along, end: along, low: across, high: across },
  );
};
</script>

<template>
  <div ref="layer" class="layer" role="group" :aria-label="t('app.arrange.title')">
    <button
      v-for="{ part, can, style, says } in boxes"
      :key="part.key"
      type="button"
      class="part"
      :class="[part.list, { chosen: arrange.chosen === part.key, unplaced: part.unplaced }]"
      :style="style"
      :data-part="part.key"
      :data-test="`part-${part.id}`"
      :aria-label="says"
      :aria-pressed="arrange.chosen === part.key"
      :title="part.name"
      @click="arrange.chosen = part.key"
      @focus="arrange.chosen = part.key"
      @keydown="onKey($event, part)"
      @blur="emit('settle')"
    >
      <template v-if="arrange.chosen === part.key">
        <i v-if="can.along" class="edge edge-left" />
        <i v-if="can.along" class="edge edge-right" />
        <i v-if="can.across" class="edge edge-top" />
        <i v-if="can.across" class="edge edge-bottom" />
      </template>
    </button>
  </div>
</template>

<style scoped>
.layer {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.part {
  position: absolute;
  min-width: 14px;
  min-height: 14px;
  padding: 0;
  border: 1.5px solid var(--pen);
  border-radius: 2px;
  background: color-mix(in srgb, var(--pen) 7%, transparent);
  cursor: move;
  pointer-events: auto;
  touch-action: none;
}
.seats {
  border-radius: 50%;
}
.tanks {
  border-style: dotted;
}
.unplaced {
  border-style: dashed;
  border-color: var(--over);
}
.chosen {
  z-index: 2;
  border-width: 2.5px;
  background: color-mix(in srgb, var(--pen) 22%, transparent);
}
.edge {
  position: absolute;
  background: var(--pen);
}
.edge-left,
.edge-right {
  top: 0;
  bottom: 0;
  width: 8px;
  opacity: 0.75;
  cursor: ew-resize;
}
.edge-left {
  left: -6px;
}
.edge-right {
  right: -6px;
}
.edge-top,
.edge-bottom {
  right: 0;
  left: 0;
  height: 8px;
  opacity: 0.75;
  cursor: ns-resize;
}
.edge-top {
  top: -6px;
}
.edge-bottom {
  bottom: -6px;
}
@media (pointer: coarse) {
  .edge-left,
  .edge-right {
    width: 20px;
  }
  .edge-left {
    left: -18px;
  }
  .edge-right {
    right: -18px;
  }
}
</style>

<script setup lang="ts">
import { placedBodies, tankContents, tankLevel, type RigView } from '@wagonomos/core';
import type { PackingWish } from '@wagonomos/core/packing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** Tanks that may set out otherwise filled, and how full they have to be at least and at most. */
const props = defineProps<{ view: RigView; wish: PackingWish }>();
const emit = defineEmits<{ change: [tanks: PackingWish['tanks']] }>();
const { t } = useI18n();
type TankWish = NonNullable<PackingWish['tanks']>[number];

const tanks = computed(() =>
  placedBodies(props.view).flatMap(({ body, offset }) =>
    body.tanks
      .filter((tank) => tank.kind !== 'fuel' && tank.kind !== 'gas')
      .filter((tank) => tankContents(tank, 1) && tank.x !== undefined && offset !== null)
      .map((tank) => ({
        body: body.id,
        tank: tank.id,
        name: tank.name,
        now: tankLevel(props.view, body.id, tank.id),
      })),
  ),
);
const wishOf = ({ body, tank }: { body: string; tank: string }) =>
  (props.wish.tanks ?? []).find((one) => one.body === body && one.tank === tank);
const put = (tank: { body: string; tank: string }, wish: TankWish | null) => {
  const others = (props.wish.tanks ?? []).filter((one) => one.body !== tank.body || one.tank !== tank.tank);
  const now = wish ? [...others, wish] : others;
  emit('change', now.length > 0 ? now : undefined);
};
const bound = (tank: { body: string; tank: string }, range: number | number[]) => {
  const [from = 0, to = 100] = Array.isArray(range) ? range : [0, range];
  put(tank, { body: tank.body, tank: tank.tank, from: from / 100, to: to / 100 });
};
</script>

<template>
  <div v-if="tanks.length > 0">
    <h3>{{ t('app.pack.tanks') }}</h3>
    <ul>
      <li v-for="tank in tanks" :key="`${tank.body} ${tank.tank}`">
        <label>
          <el-switch
            :model-value="wishOf(tank) !== undefined"
            size="small"
            :aria-label="t('app.pack.tankMay', { tank: tank.name })"
            @change="
              (may: string | number | boolean) =>
                put(tank, may ? { body: tank.body, tank: tank.tank, from: 0, to: 1 } : null)
            "
          />
          {{ t('app.pack.tankMay', { tank: tank.name }) }}
        </label>
        <el-slider
          v-if="wishOf(tank)"
          range
          :step="5"
          :model-value="[Math.round(100 * (wishOf(tank)?.from ?? 0)), Math.round(100 * (wishOf(tank)?.to ?? 1))]"
          :range-start-label="t('app.pack.tankFrom', { tank: tank.name })"
          :range-end-label="t('app.pack.tankTo', { tank: tank.name })"
          :format-tooltip="(value: number) => `${value} %`"
          @change="(range: number | number[]) => bound(tank, range)"
        />
      </li>
    </ul>
  </div>
</template>

<style scoped>
h3 {
  margin: 12px 0 2px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 30px;
}
.el-slider {
  margin: 0 14px;
}
@media (width <= 720px) {
  label {
    min-height: 44px;
  }
}
</style>

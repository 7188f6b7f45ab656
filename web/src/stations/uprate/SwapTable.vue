<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { lighterInstead, typicalMass, typicalThings } from '@wagonomos/core/entry';
import type { Swap } from '@wagonomos/core/uprating';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useOffers } from '../../shared/useOffers.ts';

/** The heavy things on board, and what lighter ones would save: mass and price of each as the owner finds them. */
const props = defineProps<{ view: RigView }>();
const emit = defineEmits<{ change: [swaps: readonly Swap[]] }>();
const { t } = useI18n();
const { figure, money, currency } = useOffers(() => props.view);
const shown = 10;

const rows = computed(() => {
  const counts = new Map<string, number>();
  for (const { thing, count } of props.view.loadout.placements) counts.set(thing, (counts.get(thing) ?? 0) + count);
  return [...counts]
    .flatMap(([id, count]) => {
      const thing = props.view.things.get(id);
      if (!thing) return [];
      const typical = typicalThings.find(({ id: one }) => one === thing.like);
      const lighter = typical ? lighterInstead(typical) : null;
      const mass = lighter ? typicalMass(lighter.thing).mass : null;
      return [
        {
          id,
          count,
          name: thing.name,
          mass: thing.mass,
          hint: lighter && mass !== null && mass < thing.mass ? { name: t(`typical.${lighter.thing.id}`), mass } : null,
        },
      ];
    })
    .sort((a, b) => Number(b.hint !== null) - Number(a.hint !== null) || b.mass * b.count - a.mass * a.count)
    .slice(0, shown);
});
const typed = ref<Readonly<Record<string, { mass?: number | undefined; price?: number | undefined }>>>({});
const set = (id: string, patch: { mass?: number | undefined; price?: number | undefined }) => {
  typed.value = { ...typed.value, [id]: { ...typed.value[id], ...patch } };
};
const swaps = computed((): readonly Swap[] =>
  rows.value.flatMap(({ id, name, hint }) => {
    const { mass, price } = typed.value[id] ?? {};
    return mass === undefined
      ? []
      : [{ thing: id, name: hint?.name ?? t('app.others.lighterName', { name }), mass, price }];
  }),
);
watch(swaps, (list) => emit('change', list));
const perKg = (row: { id: string; mass: number }): string => {
  const { mass, price } = typed.value[row.id] ?? {};
  return mass === undefined || price === undefined || mass >= row.mass ? '–' : money(price / (row.mass - mass));
};
</script>

<template>
  <p class="soft">{{ t('app.others.swapHint') }}</p>
  <table data-test="swaps">
    <thead>
      <tr>
        <th scope="col">{{ t('app.others.thing') }}</th>
        <th scope="col" class="num">{{ t('app.others.newMass') }}</th>
        <th scope="col" class="num">{{ t('app.others.price', { currency }) }}</th>
        <th scope="col" class="num">{{ t('app.others.perKgHead') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id">
        <th scope="row">
          {{ t('app.others.countOf', { count: row.count, name: row.name, mass: figure(row.mass) }) }}
          <button
            v-if="row.hint"
            type="button"
            class="text-button hint alone"
            @click="set(row.id, { mass: row.hint.mass })"
          >
            {{ t('app.others.typically', { name: row.hint.name, mass: figure(row.hint.mass) }) }}
          </button>
        </th>
        <td>
          <QuantityField
            quiet
            :label="t('app.others.massOf', { name: row.name })"
            field="mass"
            :value="typed[row.id]?.mass"
            @change="(mass) => set(row.id, { mass })"
          />
        </td>
        <td>
          <el-input-number
            :model-value="typed[row.id]?.price ?? null"
            :min="0"
            :max="100000"
            :controls="false"
            :aria-label="t('app.others.priceOf', { name: row.name })"
            @change="(price: number | null | undefined) => set(row.id, { price: price ?? undefined })"
          />
        </td>
        <td class="num">{{ perKg(row) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
tbody th,
td {
  padding: 4px 0;
}
td {
  width: 92px;
  padding-left: 8px;
  vertical-align: middle;
}
td.num {
  vertical-align: middle;
}
td .el-input-number {
  width: 84px;
}
.hint {
  display: block;
}
</style>

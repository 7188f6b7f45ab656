<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { costOf, taxComes } from '@wagonomos/core/uprating';
import { X } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import SheetTabs from '../../shared/SheetTabs.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { sheets, useBench } from './useBench.ts';

/** Which sheet lies open, what is on the bench, and a plate to try. */
defineProps<{ view: RigView }>();
const { t } = useI18n();
const bench = useBench();
const { sheet, chosen, tried, triedOf } = bench;
const sum = computed(() => {
  const priced = chosen.value.filter((one) => one.costs.length > 0);
  const [first] = priced;
  if (!first || priced.some(({ currency }) => currency !== first.currency)) return '';
  const money = bench.money(
    priced.reduce((all, one) => all + costOf(one), 0),
    first.currency,
  );
  return priced.some(taxComes) ? t('app.uprate.plusTax', { money }) : money;
});
</script>

<template>
  <div class="strip">
    <SheetTabs
      :label="t('app.uprate.sheets')"
      :sheets="sheets.map((name) => ({ name, label: t(`app.uprate.sheet.${name}`) }))"
      :open="sheet"
      @open="bench.open"
    />
    <div v-if="sheet !== 'case'" class="on" data-test="bench">
      <b>{{ t('app.uprate.onBench') }}</b>
      <span v-if="chosen.length === 0" class="soft">{{ t('app.uprate.emptyBench') }}</span>
      <ul v-else>
        <li v-for="one in chosen" :key="one.id">
          {{ one.name }}
          <button
            type="button"
            class="icon-button small no-print"
            :aria-label="t('app.uprate.offBench', { name: one.name })"
            @click="one.id === 'tried-plate' ? bench.tryPlate(undefined) : bench.take(one, false)"
          >
            <X :size="13" />
          </button>
        </li>
        <li v-if="sum" class="num">{{ sum }}</li>
      </ul>
      <div class="try no-print">
        <el-select
          v-if="view.vehicle && view.trailer"
          :persistent="false"
          :model-value="triedOf"
          :aria-label="t('app.uprate.tryOn')"
          @change="bench.tryOn"
        >
          <el-option
            v-for="of in ['vehicle', 'trailer'] as const"
            :key="of"
            :value="of"
            :label="view[of]?.name ?? of"
          />
        </el-select>
        <QuantityField
          :label="t('app.uprate.tryPlate')"
          field="mass"
          :digits="0"
          :value="tried ?? undefined"
          @change="(value) => bench.tryPlate(value)"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.strip {
  padding: 10px 18px 0;
  border-bottom: 1px solid var(--line);
}
.on {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
b {
  font: 600 15px var(--figures);
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 4px;
  align-items: center;
  padding: 1px 4px 1px 8px;
  border: 1px solid var(--ink);
  background: var(--field);
}
li.num {
  padding-right: 8px;
  border-style: dashed;
}
.try {
  display: flex;
  gap: 8px;
  align-items: end;
  margin-left: auto;
}
.try .el-select {
  width: 150px;
}
@media (width <= 720px) {
  .strip {
    padding: 8px 14px 0;
  }
  .try {
    margin-left: 0;
  }
}
</style>

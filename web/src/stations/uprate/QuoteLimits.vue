<script setup lang="ts">
import { limitsOf, plateSources, type LimitName, type PlateSource } from '@wagonomos/core';
import type { Quote } from '@wagonomos/core/uprating';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useRig } from '../../stores/rig.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** Which limits a quote sets anew: to a figure, or by so much. */
const props = defineProps<{ quote: Quote }>();
const emit = defineEmits<{ change: [limits: Quote['limits']] }>();
const { t } = useI18n();
const rig = useRig();
const { limitWord } = useOffers(() => {
  if (!rig.view) throw new Error('no rig in hand');
  return rig.view;
});
type Line = Quote['limits'][number];
const names = computed(() => limitsOf(props.quote.of));
const set = (at: number, line: Line) => emit('change', props.quote.limits.with(at, line));
const how = (line: Line): 'to' | 'by' | 'less' => (line.to !== undefined ? 'to' : (line.by ?? 0) < 0 ? 'less' : 'by');
const amount = (line: Line) => line.to ?? Math.abs(line.by ?? 0);
const partOf = ({ part }: Line): Pick<Line, 'part'> => (part ? { part } : {});
const written = (line: Line, way: 'to' | 'by' | 'less', value: number): Line => {
  const { limit } = line;
  return { limit, ...partOf(line), ...(way === 'to' ? { to: value } : { by: way === 'less' ? -value : value }) };
};
const withPart = ({ limit, to, by }: Line, part: PlateSource | ''): Line => ({
  limit,
  ...(to === undefined ? { by: by ?? 0 } : { to }),
  ...(part === '' ? {} : { part }),
});
const add = () => emit('change', [...props.quote.limits, { limit: names.value[0] ?? 'vehicleMax', by: 0 }]);
</script>

<template>
  <fieldset>
    <legend>{{ t('app.uprate.changesLimits') }}</legend>
    <div v-for="(line, at) in quote.limits" :key="at" class="fields">
      <el-select
        :persistent="false"
        :model-value="line.limit"
        :aria-label="t('app.quote.limit', { number: at + 1 })"
        @change="(limit: LimitName) => set(at, { ...line, limit })"
      >
        <el-option v-for="name in names" :key="name" :value="name" :label="limitWord(name)" />
      </el-select>
      <el-select
        :persistent="false"
        :model-value="how(line)"
        :aria-label="t('app.quote.how', { number: at + 1 })"
        @change="(way: 'to' | 'by' | 'less') => set(at, written(line, way, amount(line)))"
      >
        <el-option value="by" :label="t('app.quote.by')" />
        <el-option value="to" :label="t('app.quote.to')" />
        <el-option value="less" :label="t('app.quote.less')" />
      </el-select>
      <QuantityField
        quiet
        :label="t('app.quote.amount', { number: at + 1 })"
        :field="line.limit === 'dValueKn' || line.limit === 'vValueKn' ? 'force' : 'mass'"
        :value="amount(line)"
        @change="(value) => set(at, written(line, how(line), value ?? 0))"
      />
      <el-select
        :persistent="false"
        :model-value="line.part ?? ''"
        :aria-label="t('app.quote.part', { number: at + 1 })"
        :placeholder="t('app.quote.bodyPlate')"
        @change="(part: PlateSource | '') => set(at, withPart(line, part))"
      >
        <el-option value="" :label="t('app.quote.bodyPlate')" />
        <el-option v-for="one in plateSources" :key="one" :value="one" :label="t(`plateSource.${one}`)" />
      </el-select>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.quote.dropLine', { number: at + 1 })"
        @click="emit('change', quote.limits.toSpliced(at, 1))"
      >
        <Trash2 :size="15" />
      </button>
    </div>
    <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.quote.addLimit') }}</button>
  </fieldset>
</template>

<style scoped src="./quote.css"></style>
<style scoped>
.fields {
  grid-template-columns: 1.3fr 0.8fr 110px 1fr auto;
}
@media (width <= 720px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

<script setup lang="ts">
import { costKinds, type Quote } from '@wagonomos/core/uprating';
import { Plus, Trash2 } from '@lucide/vue';
import { useI18n } from 'vue-i18n';

/** Who wants how much, line by line, with the tax in it or not. */
const props = defineProps<{ quote: Quote }>();
const emit = defineEmits<{ change: [costs: Quote['costs']] }>();
const { t } = useI18n();
type Line = Quote['costs'][number];
const set = (at: number, patch: Partial<Line>) => {
  const line = props.quote.costs[at];
  if (line) emit('change', props.quote.costs.with(at, { ...line, ...patch }));
};
const add = () => {
  const used = props.quote.costs.map(({ kind }) => kind);
  const kind = costKinds.find((one) => !used.includes(one)) ?? 'parts';
  emit('change', [...props.quote.costs, { kind, amount: 0, taxIncluded: true }]);
};
</script>

<template>
  <fieldset>
    <legend>{{ t('app.uprate.costLines') }}</legend>
    <div v-for="(line, at) in quote.costs" :key="at" class="fields">
      <el-select
        :persistent="false"
        :model-value="line.kind"
        :aria-label="t('app.quote.costKind', { number: at + 1 })"
        @change="(kind: Line['kind']) => set(at, { kind })"
      >
        <el-option v-for="kind in costKinds" :key="kind" :value="kind" :label="t(`app.uprate.costKind.${kind}`)" />
      </el-select>
      <el-input-number
        :model-value="line.amount"
        :min="0"
        :max="1000000"
        :controls="false"
        :aria-label="t('app.quote.costAmount', { number: at + 1 })"
        @change="(amount: number | undefined) => set(at, { amount: amount ?? 0 })"
      />
      <el-checkbox :model-value="line.taxIncluded" @change="set(at, { taxIncluded: $event === true })">
        {{ t('app.quote.taxIn') }}
      </el-checkbox>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.quote.dropCost', { number: at + 1 })"
        @click="emit('change', quote.costs.toSpliced(at, 1))"
      >
        <Trash2 :size="15" />
      </button>
    </div>
    <div class="foot">
      <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.quote.addCost') }}</button>
      <slot />
    </div>
  </fieldset>
</template>

<style scoped src="./quote.css"></style>
<style scoped>
.fields {
  grid-template-columns: 1fr 130px auto auto;
}
.fields .el-input-number {
  width: 100%;
}
.foot {
  display: flex;
  gap: 16px;
  align-items: end;
}
.foot :deep(.code) {
  width: 130px;
}
@media (width <= 720px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

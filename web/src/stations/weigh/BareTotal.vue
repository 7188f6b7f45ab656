<script setup lang="ts">
import { wholePlate, type RigView } from '@wagonomos/core';
import { addBareTotal } from '@wagonomos/core/edits';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import DayField from '../../fields/DayField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A weighing of years ago of which only the total is left. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const sides = computed(() => (['vehicle', 'trailer'] as const).filter((side) => props.view[side]));
const form = reactive<{ side?: 'vehicle' | 'trailer'; value?: number; date?: string }>({});
const side = computed(() => form.side ?? sides.value[0] ?? 'vehicle');
const platedOf = (of: 'vehicle' | 'trailer') => {
  const body = props.view[of];
  return body ? wholePlate(body) : null;
};
const keep = () => {
  const { value, date } = form;
  if (value === undefined) return;
  const name = t('app.bare.called', { body: props.view[side.value]?.name ?? '' }).slice(0, 80);
  const refused = workspace.edit('app.edit.addTicket', (document) =>
    addBareTotal(document, { rig: props.view.rig.id, side: side.value, value, date }, { newId, name }),
  );
  if (!refused) Object.assign(form, { value: undefined, date: undefined });
};
</script>

<template>
  <details class="fold no-print" data-test="bare-total">
    <summary>{{ t('app.bare.title') }}</summary>
    <p class="soft">{{ t('app.bare.hint') }}</p>
    <div class="fields">
      <ChoiceField
        v-if="sides.length > 1"
        :label="t('app.bare.of')"
        :value="side"
        :options="sides.map((one) => ({ value: one, label: view[one]?.name ?? '' }))"
        @change="(one) => (form.side = one)"
      />
      <QuantityField
        :label="t('app.bare.total')"
        field="mass"
        :value="form.value"
        :plated="platedOf(side)"
        @change="(value) => Object.assign(form, { value })"
      />
      <div>
        <span class="label">{{ t('app.slip.date') }}</span>
        <DayField
          :value="form.date"
          :label="t('app.slip.date')"
          :placeholder="t('app.slip.noDate')"
          @change="(date) => Object.assign(form, { date })"
        />
      </div>
      <el-button :disabled="form.value === undefined" @click="keep">{{ t('app.bare.keep') }}</el-button>
    </div>
  </details>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 12px;
  align-items: end;
}
.label {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
.fields :deep(.el-date-editor) {
  width: 100%;
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { perStep, type HitchPlan } from '@wagonomos/core/balance';
import { setHitch } from '@wagonomos/core/edits';
import { X } from '@lucide/vue';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';

/** What one link, shim or turn of the bars does, by settings that were measured. */
const props = defineProps<{
  view: RigView;
  plan: HitchPlan | null;
  /** N·m that a slip showed, taken over to be noted. */
  weighed: { readonly couple: number } | undefined;
}>();
const { t } = useI18n();
const workspace = useWorkspace();
const measured = computed(() => props.view.rig.hitch?.settings ?? []);
const steps = computed(() => perStep(measured.value));
const at = ref<number>();
const couple = ref<number>();
watch(
  () => props.weighed,
  (value) => {
    couple.value = value?.couple;
  },
);
const change = (settings: typeof measured.value | undefined) =>
  workspace.edit('app.edit.hitch', (document) => setHitch(document, props.view.rig.id, { settings }));
const put = () => {
  if (at.value === undefined || couple.value === undefined) return;
  const others = measured.value.filter((one) => one.at !== at.value);
  change([...others, { at: at.value, coupleNm: couple.value }].sort((a, b) => a.at - b.at));
  at.value = undefined;
  couple.value = undefined;
};
const drop = (one: (typeof measured.value)[number]) => {
  const left = measured.value.filter((other) => other !== one);
  change(left.length > 0 ? left : undefined);
};
</script>

<template>
  <div>
    <h3>{{ t('app.hitching.steps') }}</h3>
    <ul v-if="measured.length > 0" class="tags">
      <li v-for="one in measured" :key="one.at">
        {{ t('app.hitching.step', { at: written(one.at, 1), couple: written(one.coupleNm, 0) }) }}
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.hitching.drop', { at: one.at })"
          @click="drop(one)"
        >
          <X :size="13" />
        </button>
      </li>
    </ul>
    <form class="fields no-print" @submit.prevent="put">
      <label>
        {{ t('app.hitching.at') }}
        <el-input-number
          v-model="at"
          :min="-100"
          :max="100"
          :precision="1"
          :controls="false"
          :aria-label="t('app.hitching.at')"
        />
      </label>
      <QuantityField
        :label="t('app.hitching.couple')"
        field="couple"
        :value="couple"
        @change="(value) => (couple = value)"
      />
      <el-button native-type="submit" :disabled="at === undefined || couple === undefined">{{
        t('app.hitching.note')
      }}</el-button>
    </form>
    <p v-if="steps && plan" data-test="hitch-steps">
      {{
        t('app.hitching.perStep', {
          each: written(steps.couplePerStep, 0),
          half: written(steps.stepFor(plan.settings[1]?.couple ?? 0), 1),
          all: written(steps.stepFor(plan.settings[2]?.couple ?? 0), 1),
        })
      }}
    </p>
    <p v-else class="soft">{{ t('app.hitching.twoSettings') }}</p>
  </div>
</template>

<style scoped>
h3 {
  margin: 14px 0 4px;
}
.soft {
  color: var(--soft);
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  margin: 4px 0;
  padding: 0;
  list-style: none;
}
.tags li {
  display: flex;
  gap: 4px;
  align-items: center;
  padding: 1px 4px 1px 8px;
  border: 1px solid var(--ink);
  background: var(--field);
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin: 6px 0;
}
.fields label {
  display: grid;
  color: var(--soft);
  font-size: 13.5px;
}
.fields .el-input-number {
  width: 120px;
}
</style>

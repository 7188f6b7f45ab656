<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { dueKinds, type DueKind } from '@wagonomos/core/due';
import { setDue } from '@wagonomos/core/edits';
import { Plus } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import DayField from '../../fields/DayField.vue';
import FieldFrame from '../../fields/FieldFrame.vue';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A date noted by hand: of which body, what, when, and after how many months again. */
const props = defineProps<{ bodies: readonly Body[] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const chosen = ref<string>();
const body = computed(() => chosen.value ?? props.bodies.at(-1)?.id);
const kind = ref<DueKind>('gas');
const day = ref<string>();
const every = ref<number>(0);
const name = ref('');
const missing = ref(false);

/** Months that are usual; nought: not again. */
const usual = [0, 6, 12, 24, 36, 60] as const;
const note = () => {
  missing.value = day.value === undefined;
  const of = body.value;
  const on = day.value;
  if (of === undefined || on === undefined) return;
  const fresh = {
    kind: kind.value,
    day: on,
    ...(every.value > 0 ? { everyMonths: every.value } : {}),
    ...(name.value.trim() === '' ? {} : { name: name.value.trim() }),
  };
  workspace.edit('app.edit.dates', (document) => setDue(document, of, newId(), {}, fresh));
  day.value = undefined;
  name.value = '';
};
</script>

<template>
  <form class="note" :inert="workspace.follows" data-test="note-date" @submit.prevent="note">
    <h2>{{ t('paper.dates.add') }}</h2>
    <ChoiceField
      v-if="bodies.length > 1"
      :label="t('paper.dates.body')"
      :value="body"
      :options="bodies.map(({ id, name: label }) => ({ value: id, label }))"
      @change="chosen = $event"
    />
    <ChoiceField
      :label="t('paper.dates.kind')"
      :value="kind"
      :options="dueKinds.map((value) => ({ value, label: t(`paper.due.kind.${value}`) }))"
      @change="kind = $event"
    />
    <FieldFrame v-slot="{ id }" shape="over" :label="t('paper.dates.name')">
      <el-input :id="id" v-model="name" maxlength="80" />
    </FieldFrame>
    <FieldFrame v-slot="{ id }" shape="over" :label="t('paper.dates.day')">
      <DayField :id="id" :value="day" :label="t('paper.dates.day')" @change="day = $event" />
    </FieldFrame>
    <ChoiceField
      :label="t('paper.dates.every')"
      :value="every"
      :options="usual.map((value) => ({ value, label: value === 0 ? t('paper.dates.once') : String(value) }))"
      @change="every = $event"
    />
    <p v-if="missing && day === undefined" class="missing" role="alert">{{ t('paper.dates.chooseDay') }}</p>
    <el-button type="primary" native-type="submit"><Plus :size="16" />{{ t('paper.dates.noted') }}</el-button>
    <p class="soft">{{ t('paper.dates.gasNote') }}</p>
  </form>
</template>

<style scoped>
.note {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-bottom: 22px;
}
.note > :deep(*) {
  width: min(100%, 320px);
}
.note > h2,
.note > p {
  width: 100%;
}
.missing {
  color: var(--over);
}
</style>

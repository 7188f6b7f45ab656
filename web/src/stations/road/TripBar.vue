<script setup lang="ts">
import { changeTrip, addTrip, removeTrip, mergeLog } from '@wagonomos/core/edits';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import DayField from '../../fields/DayField.vue';
import NameField from '../../fields/NameField.vue';
import { newId } from '../../stores/newId.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import { useTrip } from './useTrip.ts';

/** Which trip, what it is called, the day it sets out; and whether it is seen as planned or as it went. */
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const today = useToday();
const { trips, trip, open, sight } = useTrip();
const logged = computed(() => (trip.value?.log ?? []).length > 0);
const nameOf = (one: { readonly name: string; readonly carried?: unknown }) =>
  one.carried ? t('app.road.over', { name: one.name }) : one.name;
const begin = () => {
  const { rigId } = rig;
  if (rigId === null) return;
  const id = newId();
  const made = {
    id,
    rig: rigId,
    name: t('app.road.called', { number: trips.value.length + 1 }),
    date: today.day,
    plan: [],
  };
  if (!workspace.edit('app.edit.trip', (document) => addTrip(document, made))) void open(id);
};
const change = (patch: Parameters<typeof changeTrip>[2], field: string) => {
  const { value: one } = trip;
  if (one)
    workspace.edit('app.edit.trip', (document) => changeTrip(document, one.id, patch), `trip ${one.id} ${field}`);
};
const remove = () => {
  const { value: one } = trip;
  if (!one) return;
  workspace.edit('app.edit.removeTrip', (document) => removeTrip(document, one.id));
  void open(undefined);
};
const takeIn = () => {
  const { value: one } = trip;
  if (one) workspace.edit('app.edit.tripLog', (document) => mergeLog(document, one.id));
};
defineExpose({ begin });
</script>

<template>
  <div class="bar">
    <template v-if="trip">
      <el-select
        v-if="trips.length > 1"
        class="which no-print"
        :persistent="false"
        :model-value="trip.id"
        :aria-label="t('app.road.which')"
        @change="(id: string) => open(id)"
      >
        <el-option v-for="one in trips" :key="one.id" :value="one.id" :label="nameOf(one)" />
      </el-select>
      <NameField
        :key="trip.id"
        class="named"
        :name="trip.name"
        :label="t('app.trip.name')"
        @change="change({ name: $event }, 'name')"
      />
      <DayField
        class="day"
        :value="trip.date"
        :label="t('app.road.day')"
        :placeholder="t('app.road.day')"
        @change="change({ date: $event }, 'date')"
      />
      <el-radio-group v-if="logged" v-model="sight" class="no-print" size="small" :aria-label="t('app.road.sight')">
        <el-radio-button value="plan">{{ t('app.road.asPlanned') }}</el-radio-button>
        <el-radio-button value="went">{{ t('app.road.asItWent') }}</el-radio-button>
      </el-radio-group>
      <button v-if="logged && sight === 'went'" type="button" class="quiet-button no-print" @click="takeIn">
        {{ t('app.road.takeIn') }}
      </button>
      <span class="gap"></span>
      <button type="button" class="quiet-button no-print" @click="begin">
        <Plus :size="15" />{{ t('app.road.new') }}
      </button>
      <button
        type="button"
        class="icon-button no-print"
        :aria-label="t('app.road.remove', { name: trip.name })"
        :title="t('app.road.remove', { name: trip.name })"
        @click="remove"
      >
        <Trash2 :size="16" />
      </button>
    </template>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.which {
  width: 210px;
}
.named {
  flex: 0 1 260px;
}
.day {
  flex: none;
}
.day:deep(.el-date-editor),
:deep(.el-date-editor.el-input) {
  width: 150px;
}
.gap {
  flex: 1;
}
@media (width <= 720px) {
  :deep(.el-radio-button__inner) {
    padding-block: 15px;
  }
  .which,
  .named {
    flex: 1 1 100%;
    width: 100%;
  }
}
</style>

<script setup lang="ts">
import { seatsIn, standardPerson, type RigView } from '@wagonomos/core';
import { addCrew, changeCrew, removeCrew } from '@wagonomos/core/edits';
import { PawPrint, Plus, Trash2, User } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { freeSeat } from './freeSeat.ts';

const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const seats = computed(() => (props.view.vehicle ? seatsIn(props.view.vehicle) : []));

const add = () => {
  const seat = freeSeat(props.view);
  const name = t('app.crew.person', { number: props.view.loadout.crew.length + 1 });
  const member = { id: newId(), name, mass: standardPerson, ...(seat === undefined ? {} : { seat }) };
  workspace.edit('app.edit.crew', (document) => addCrew(document, props.view.loadout.id, member));
};
const change = (id: string, patch: Parameters<typeof changeCrew>[3], merge?: string) =>
  workspace.edit('app.edit.crew', (document) => changeCrew(document, props.view.loadout.id, id, patch), merge);
const remove = (id: string) =>
  workspace.edit('app.edit.crew', (document) => removeCrew(document, props.view.loadout.id, id));
</script>

<template>
  <div class="section-head">
    <h2>{{ t('app.crew.title') }}</h2>
    <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.crew.add') }}</button>
  </div>
  <div v-for="member in view.loadout.crew" :key="member.id" class="member">
    <NameField
      class="called"
      :name="member.name"
      :label="t('app.crew.name')"
      @change="(name) => change(member.id, { name })"
    />
    <el-select
      :model-value="seats.some((seat) => seat.id === member.seat) ? member.seat : ''"
      :placeholder="t('app.crew.noSeat')"
      :aria-label="t('app.crew.seatOf', { name: member.name })"
      @change="change(member.id, { seat: $event || undefined })"
    >
      <el-option v-for="seat in seats" :key="seat.id" :value="seat.id" :label="seat.name" />
    </el-select>
    <button
      type="button"
      class="icon-button small"
      :aria-pressed="member.pet === true"
      :aria-label="t(member.pet ? 'app.crew.isPet' : 'app.crew.isPerson', { name: member.name })"
      :title="t(member.pet ? 'app.crew.isPet' : 'app.crew.isPerson', { name: member.name })"
      @click="change(member.id, { pet: member.pet ? undefined : true })"
    >
      <PawPrint v-if="member.pet" :size="15" /><User v-else :size="15" />
    </button>
    <QuantityField
      quiet
      :label="t('app.crew.massOf', { name: member.name })"
      field="mass"
      :value="member.mass"
      @change="(mass) => mass !== undefined && change(member.id, { mass }, `crew ${member.id}`)"
    />
    <button
      type="button"
      class="icon-button small"
      :aria-label="t('app.crew.remove', { name: member.name })"
      @click="remove(member.id)"
    >
      <Trash2 :size="15" />
    </button>
  </div>
  <p v-if="view.loadout.crew.length === 0" class="soft">{{ t('app.crew.none') }}</p>
</template>

<style scoped>
.member {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 28px 88px 28px;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.member :deep(.el-select) {
  grid-row: 2;
  grid-column: 1 / -1;
}
.called {
  font: 400 15px/1.3 var(--text);
}
</style>

<script setup lang="ts">
import type { Vehicle } from '@wagonomos/core';
import { addSeat, removeSeat, setSeat } from '@wagonomos/core/edits';
import { Plus, Trash2 } from '@lucide/vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import NameField from '../../fields/NameField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** Where people sit: a driver weighs on both axles by how far back the seat is. */
const props = defineProps<{ vehicle: Vehicle }>();
const { t } = useI18n();
const workspace = useWorkspace();

const add = () =>
  workspace.edit('app.edit.seat', (document) =>
    addSeat(document, props.vehicle.id, { id: newId(), name: t('app.seats.newName') }),
  );
const change = (id: string, patch: Parameters<typeof setSeat>[3], merge?: string) =>
  workspace.edit('app.edit.seat', (document) => setSeat(document, props.vehicle.id, id, patch), merge);
const remove = (id: string) =>
  workspace.edit('app.edit.seat', (document) => removeSeat(document, props.vehicle.id, id));
</script>

<template>
  <details class="fold seats" :aria-label="t('app.seats.title')" role="group">
    <summary>{{ t('app.seats.title') }}</summary>
    <p class="soft hint">{{ t('app.seats.hint') }}</p>
    <div v-for="seat in vehicle.seats" :key="seat.id" class="seat">
      <NameField
        class="called"
        :name="seat.name"
        :label="t('app.seats.name')"
        @change="(name) => change(seat.id, { name })"
      />
      <QuantityField
        quiet
        :label="t('app.seats.xOf', { name: seat.name })"
        field="position"
        :value="seat.x"
        @change="(x) => change(seat.id, { x }, `seat ${seat.id}`)"
      />
      <QuantityField
        quiet
        :label="t('app.seats.plusMinusOf', { name: seat.name })"
        field="lengthPlusMinus"
        :value="seat.xPlusMinus"
        @change="(xPlusMinus) => change(seat.id, { xPlusMinus }, `seat ± ${seat.id}`)"
      />
      <button
        type="button"
        class="icon-button small"
        :disabled="seat.driver === true"
        :aria-label="t('app.seats.remove', { name: seat.name })"
        @click="remove(seat.id)"
      >
        <Trash2 :size="15" />
      </button>
    </div>
    <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.seats.add') }}</button>
  </details>
</template>

<style scoped>
.quiet-button {
  margin-top: 8px;
}
.hint {
  font-size: 13px;
}
.seat {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 112px 92px 28px;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.called {
  font: 400 15px/1.3 var(--text);
}
</style>

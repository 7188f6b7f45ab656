<script setup lang="ts">
import { displayMass, type Loadout, type RigView } from '@wagonomos/core';
import type { changeCrew } from '@wagonomos/core/edits';
import { PawPrint, Trash2, User } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import NameField from '../../fields/NameField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { onlyFieldKey } from '../../fields/useFieldKey.ts';
import { written } from '@wagonomos/papers/words';
import { useDrafts } from '../../stores/drafts.ts';
import { useSettings } from '../../stores/settings.ts';
import RestCell from './RestCell.vue';
import { useLiveRow } from './useLiveRow.ts';

/** One on board: who, where, how heavy, person or pet. Read as text, written in where it is touched, as the things are. */
const props = defineProps<{
  member: Loadout['crew'][number];
  seats: readonly NonNullable<RigView['vehicle']>['seats'][number][];
}>();
const emit = defineEmits<{ change: [patch: Parameters<typeof changeCrew>[3], merge?: string]; remove: [] }>();
const { t } = useI18n();
const settings = useSettings();
const label = (what: 'massOf' | 'seatOf') => t(`app.crew.${what}`, { name: props.member.name });
const { row, live, touch, rest } = useLiveRow({
  starts: useDrafts().read(onlyFieldKey(label('massOf'))) !== undefined,
});
const seat = computed(() => props.seats.find(({ id }) => id === props.member.seat));
/** A pet lies where there is room: that it has no seat is nothing to mend. */
const seatName = computed(() => {
  if (seat.value) return seat.value.name;
  return t(props.member.pet ? 'app.crew.pet' : 'app.crew.noSeat');
});
const kg = computed(
  () => `${written(displayMass(props.member.mass, settings.massUnit, 'nearest', 0.1), 1)} ${settings.massUnit}`,
);
const kind = computed(() => t(props.member.pet ? 'app.crew.isPet' : 'app.crew.isPerson', { name: props.member.name }));
</script>

<template>
  <div ref="row" data-row class="member" :class="{ live }" data-test="member" @focusout="rest">
    <template v-if="live">
      <NameField
        data-cell="name"
        class="called"
        :name="member.name"
        :label="t('app.crew.name')"
        @change="(name) => emit('change', { name })"
      />
      <QuantityField
        quiet
        data-cell="mass"
        :label="label('massOf')"
        field="mass"
        :value="member.mass"
        @change="(mass) => mass !== undefined && emit('change', { mass }, `crew ${member.id}`)"
      />
      <ChoiceField
        shape="quiet"
        class="seat"
        data-cell="seat"
        :label="label('seatOf')"
        :value="seat?.id"
        :placeholder="t('app.crew.noSeat')"
        :options="seats.map(({ id, name }) => ({ value: id, label: name }))"
        @change="(id) => emit('change', { seat: id })"
      />
      <button
        type="button"
        class="icon-button small"
        :aria-pressed="member.pet === true"
        :aria-label="kind"
        :title="kind"
        @click="emit('change', { pet: member.pet ? undefined : true })"
      >
        <PawPrint v-if="member.pet" :size="15" /><User v-else :size="15" />
      </button>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.crew.remove', { name: member.name })"
        @click="emit('remove')"
      >
        <Trash2 :size="15" />
      </button>
    </template>
    <template v-else>
      <RestCell
        class="called"
        cell="name"
        :text="member.name"
        :label="t('app.load.nameCell', { name: member.name })"
        @touch="touch"
      />
      <RestCell class="seat" cell="seat" :text="seatName" :label="`${label('seatOf')}: ${seatName}`" @touch="touch" />
      <RestCell figure cell="mass" :text="kg" :label="`${label('massOf')}: ${kg}`" @touch="touch" />
    </template>
  </div>
</template>

<style scoped>
.member {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) 82px;
  gap: 2px 6px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.live {
  grid-template-columns: minmax(0, 1fr) 92px 28px 28px;
}
.live .seat {
  grid-row: 2;
  grid-column: 1 / -1;
}
.called {
  font: 400 15px/1.3 var(--text);
}
button.seat {
  color: var(--soft);
  cursor: pointer;
}
@media (width <= 720px) {
  .live {
    grid-template-columns: minmax(0, 1fr) 92px 44px 44px;
  }
}
</style>

<script setup lang="ts">
import { basisLines, seatsIn, standardPerson, type RigView } from '@wagonomos/core';
import { addCrew, changeCrew, removeCrew } from '@wagonomos/core/edits';
import { Plus } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import CrewRow from './CrewRow.vue';
import { freeSeat } from './freeSeat.ts';

const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const seats = computed(() => (props.view.vehicle ? seatsIn(props.view.vehicle) : []));
/** The driver of the empty figure counts where nobody is listed. */
const driverKept = computed(() => {
  const { vehicle } = props.view;
  return vehicle && basisLines(props.view, vehicle).some(({ part, replaced }) => part === 'driver' && !replaced);
});

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
  <div>
    <CrewRow
      v-for="member in view.loadout.crew"
      :key="member.id"
      :member="member"
      :seats="seats"
      @change="(patch, merge) => change(member.id, patch, merge)"
      @remove="remove(member.id)"
    />
  </div>
  <p v-if="view.loadout.crew.length === 0" class="soft">
    {{ t(driverKept ? 'app.crew.noneButDriver' : 'app.crew.none') }}
  </p>
</template>

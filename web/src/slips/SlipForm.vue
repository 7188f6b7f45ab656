<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { addReading, changeTicket, removeTicket } from '@wagonomos/core/edits';
import { standOf, stands, type Reading, type Stand, type TicketAssessment } from '@wagonomos/core/weighing';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import DayField from '../fields/DayField.vue';
import ScaleStep from './ScaleStep.vue';
import NameField from '../fields/NameField.vue';
import SlipLoaded from './SlipLoaded.vue';
import SlipGuess from './SlipGuess.vue';
import SlipPlace from './SlipPlace.vue';
import SlipReading from './SlipReading.vue';
import { newId } from '../stores/newId.ts';
import { useToday } from '../stores/today.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** The numbers of one slip, in the order they were read: what stood on the plate, and what it showed. */
const props = defineProps<{ view: RigView; weighed: TicketAssessment }>();
const emit = defineEmits<{ gone: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const today = useToday();
const ticket = computed(() => props.weighed.ticket);
const ways = computed(() => stands(props.view));

const add = () => {
  const taken = ticket.value.readings.map(standOf);
  const way = ways.value.find((one) => !taken.includes(one.key)) ?? ways.value[0];
  if (!way) return;
  const reading: Reading = { ...stood(way), id: newId(), value: 0 };
  workspace.edit('app.edit.ticket', (document) => addReading(document, ticket.value.id, reading));
};
const stood = ({ state, support, on }: Stand): Pick<Reading, 'state' | 'support' | 'on'> => ({
  state,
  on,
  ...(support ? { support } : {}),
});
const set = (patch: Parameters<typeof changeTicket>[2]) =>
  workspace.edit('app.edit.ticket', (document) => changeTicket(document, ticket.value.id, patch));
/** What was on board today says nothing of another day: that is asked. */
const setDay = (date: string | undefined) => {
  const { loadout } = ticket.value;
  const asNow = workspace.document?.loadouts.some((one) => JSON.stringify(one) === JSON.stringify(loadout)) === true;
  set(asNow && date !== undefined && date !== today.day ? { date, loadout: undefined } : { date });
};
const removeAll = () => {
  const { id } = ticket.value;
  emit('gone');
  workspace.edit('app.edit.removeTicket', (document) => removeTicket(document, id));
};
</script>

<template>
  <section class="slip no-print" :aria-label="t('app.slip.title')" :inert="workspace.follows" data-test="slip">
    <div class="head">
      <NameField :name="ticket.name" :label="t('app.slip.name')" @change="(name) => set({ name })" />
      <DayField :value="ticket.date" :placeholder="t('app.slip.noDate')" :label="t('app.slip.date')" @change="setDay" />
      <ScaleStep class="steps" :value="ticket.graduation" @change="(graduation) => set({ graduation })" />
    </div>
    <SlipPlace :ticket="ticket" @change="set" />
    <SlipGuess :view="view" :ticket="ticket" />
    <SlipLoaded :view="view" :ticket="ticket" />
    <p class="soft">{{ t('app.slip.hint') }}</p>
    <ol>
      <SlipReading
        v-for="one in weighed.readings"
        :key="one.reading.id"
        :view="view"
        :slip="ticket.id"
        :one="one"
        :crew="ticket.loadout?.crew"
      />
    </ol>
    <div class="foot">
      <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.slip.add') }}</button>
      <button type="button" class="quiet-button" @click="removeAll">
        <Trash2 :size="15" />{{ t('app.slip.tear') }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.slip {
  margin-top: 18px;
  padding: 10px 12px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--slate);
  background: var(--sheet);
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
.head > :first-child {
  flex: 1 1 180px;
}
.steps {
  white-space: nowrap;
  display: flex;
  gap: 8px;
  align-items: center;
}
.steps :deep(.el-select) {
  width: 104px;
}
ol {
  margin: 8px 0;
  padding: 0;
  list-style: none;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: space-between;
}
.soft {
  font-size: 13px;
}
</style>

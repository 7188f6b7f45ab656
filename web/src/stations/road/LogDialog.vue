<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { logEntry } from '@wagonomos/core/edits';
import type { LogEntry, Section, Trip } from '@wagonomos/core/road';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import FieldFrame from '../../fields/FieldFrame.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useSlips } from '../../slips/useSlips.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PartDialog from './PartDialog.vue';
import SectionFields from './SectionFields.vue';

/** What happened, written down at the roadside: as planned with other figures, or something nobody planned. */
const props = defineProps<{ trip: Trip; view: RigView; entry: LogEntry }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { slips, start } = useSlips();

const draft = ref<LogEntry>(props.entry);
const put = (patch: { readonly [Key in keyof LogEntry]?: LogEntry[Key] | undefined }) => {
  const next = Object.entries({ ...draft.value, ...patch }).filter(([, value]) => value !== undefined);
  draft.value = Object.fromEntries(next) as LogEntry;
};
const did = computed(() => draft.value.did);
const putDid = (section: Section) => put({ did: section });
const tank = computed(() => {
  const { value: section } = did;
  if (section.kind !== 'tank') return undefined;
  const body = [props.view.vehicle, props.view.trailer, props.view.camper].find((one) => one?.id === section.body);
  return body?.tanks.find(({ id }) => id === section.tank);
});
const rolls = computed(() => did.value.kind === 'drive' || tank.value?.kind === 'fuel' || did.value.kind === 'weigh');
/** The odometer as it was read last before this. */
const before = computed(() =>
  (props.trip.log ?? [])
    .filter(({ id, on, odometer }) => id !== props.entry.id && odometer !== undefined && on <= draft.value.on)
    .sort((a, b) => a.on.localeCompare(b.on))
    .at(-1),
);
/** km that were put in from the odometer, and not by hand. */
let reckoned: number | undefined;
/** How far a drive really was, where both ends of it were read and nobody wrote another figure than the plan's. */
const putOdometer = (odometer: number | undefined) => {
  const [{ value: section }, from] = [did, before.value?.odometer];
  if (section.kind !== 'drive' || odometer === undefined || from === undefined || odometer <= from) {
    put({ odometer });
    return;
  }
  const planned = props.entry.did.kind === 'drive' ? props.entry.did.km : undefined;
  const km = section.km === planned || section.km === reckoned ? odometer - from : section.km;
  if (km === odometer - from) reckoned = km;
  put({ odometer, did: { ...section, ...(km === undefined ? {} : { km }) } });
};
const choices = computed(() => [
  { value: '', label: t('app.road.field.noSlip') },
  ...slips.value.map((one) => ({ value: one.id, label: `${one.name} ${one.date ?? ''}` })),
]);
const putTicket = (ticket: string) => {
  const { value: section } = did;
  if (section.kind !== 'weigh') return;
  const { id, kind, at } = section;
  putDid({ id, kind, ...(at === undefined ? {} : { at }), ...(ticket === '' ? {} : { ticket }) });
};
/** A new slip keeps what is on board at this moment of the trip. */
const newSlip = () => putTicket(start(props.view));
const keep = (section: Section) =>
  workspace.edit('app.edit.tripLog', (document) => logEntry(document, props.trip.id, { ...draft.value, did: section }));
</script>

<template>
  <PartDialog :section="did" :say="t('app.road.write')" :keep="keep" @close="emit('close')">
    <SectionFields :section="did" :view="view" @change="putDid">
      <QuantityField
        v-if="tank && tank.kind !== 'grey' && tank.kind !== 'black'"
        :label="t('app.road.field.added')"
        :field="tank.kind === 'gas' ? 'mass' : 'litres'"
        :value="draft.added"
        @change="(added) => put({ added })"
      />
      <QuantityField
        v-if="rolls"
        :label="t('app.road.field.odometer')"
        field="odometer"
        :digits="0"
        :value="draft.odometer"
        @change="putOdometer"
      />
      <template v-if="did.kind === 'weigh'">
        <ChoiceField
          class="whole"
          :label="t('app.road.field.slip')"
          :value="did.ticket ?? ''"
          :options="choices"
          @change="putTicket"
        />
        <el-button v-if="!did.ticket" class="whole" @click="newSlip">{{ t('app.road.field.newSlip') }}</el-button>
        <RouterLink
          v-else
          class="whole quiet-button"
          :to="{ name: 'weigh', params: { rig: view.rig.id }, query: { slip: did.ticket } }"
        >
          {{ t('app.road.field.toSlip') }}
        </RouterLink>
      </template>
    </SectionFields>
    <FieldFrame v-slot="frame" class="when" :label="t('app.road.field.when')" shape="over">
      <el-date-picker
        :id="frame.id"
        :model-value="draft.on"
        type="datetime"
        value-format="YYYY-MM-DDTHH:mm"
        format="D MMM YYYY HH:mm"
        :clearable="false"
        :aria-label="t('app.road.field.when')"
        @update:model-value="(on: string) => put({ on })"
      />
    </FieldFrame>
  </PartDialog>
</template>

<style scoped>
.whole {
  grid-column: 1 / -1;
}
.when {
  margin-top: 10px;
}
.when :deep(.el-date-editor) {
  width: 100%;
}
</style>

<script setup lang="ts">
import { thingsAboard, type RigView } from '@wagonomos/core';
import { addTrip, changeTrip, removeTrip } from '@wagonomos/core/edits';
import { Trash2 } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../fields/ChoiceField.vue';
import { newId } from '../stores/newId.ts';
import { useDraft } from '../stores/drafts.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { useToday } from '../stores/today.ts';

/** A trip is over: what of all that was on board was used. One that was planned, or one nobody planned. */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const workspace = useWorkspace();

const name = useDraft(() => `trip ${props.view.rig.id}`, props.view.loadout.name);
const day = ref(useToday().day);
const unused = ref<ReadonlySet<string>>(new Set());
const carried = computed(() => thingsAboard(props.view));
const own = computed(() => (workspace.document?.trips ?? []).filter((trip) => trip.rig === props.view.rig.id));
const trips = computed(() =>
  own.value.flatMap((trip) => (trip.carried ? [{ ...trip, carried: trip.carried }] : [])).toReversed(),
);
const planned = computed(() => own.value.filter((trip) => !trip.carried));
/** Which of the planned trips it was; empty: none of them. */
const which = ref(planned.value.at(-1)?.id ?? '');
const choices = computed(() => [
  ...planned.value.map((trip) => ({ value: trip.id, label: trip.name })),
  { value: '', label: t('app.trip.unplanned') },
]);
const mark = (id: string, used: boolean) => {
  const next = new Set(unused.value);
  if (used) next.delete(id);
  else next.add(id);
  unused.value = next;
};
const keep = () => {
  const wanted = name.value.trim();
  if ((which.value === '' && wanted === '') || carried.value.length === 0) return;
  const took = carried.value.map(({ id }) => ({ thing: id, used: !unused.value.has(id) }));
  const id = which.value;
  const refused = workspace.edit('app.edit.trip', (document) =>
    id === ''
      ? addTrip(document, {
          id: newId(),
          name: wanted,
          rig: props.view.rig.id,
          ...(day.value ? { date: day.value } : {}),
          carried: took,
        })
      : changeTrip(document, id, { carried: took }),
  );
  if (refused) return;
  name.value = props.view.loadout.name;
  open.value = false;
};
/** One that was planned stays, as it was before it was over. */
const forget = (id: string) =>
  workspace.edit('app.edit.trip', (document) =>
    own.value.some((trip) => trip.id === id && trip.plan)
      ? changeTrip(document, id, { carried: undefined })
      : removeTrip(document, id),
  );
</script>

<template>
  <el-dialog v-model="open" :title="t('app.trip.title')" width="min(560px, 96vw)" data-test="trip-dialog">
    <p class="soft">{{ t('app.trip.hint') }}</p>
    <ChoiceField
      v-if="planned.length > 0"
      :label="t('app.road.which')"
      :value="which"
      :options="choices"
      @change="(id: string) => (which = id)"
    />
    <div v-if="which === ''" class="head">
      <el-input v-model="name" maxlength="80" :aria-label="t('app.trip.name')" />
      <el-date-picker v-model="day" type="date" value-format="YYYY-MM-DD" :aria-label="t('app.trip.day')" />
    </div>
    <ul>
      <li v-for="thing in carried" :key="thing.id">
        <el-checkbox :model-value="!unused.has(thing.id)" @change="mark(thing.id, $event === true)">
          {{ thing.name }}
        </el-checkbox>
      </li>
    </ul>
    <p v-if="carried.length === 0" class="soft">{{ t('app.trip.nothing') }}</p>
    <el-button type="primary" :disabled="(which === '' && name.trim() === '') || carried.length === 0" @click="keep">
      {{ t('app.trip.keep') }}
    </el-button>
    <template v-if="trips.length > 0">
      <h3>{{ t('app.trip.kept') }}</h3>
      <p v-for="trip in trips" :key="trip.id" class="kept">
        {{
          t('app.trip.line', {
            name: trip.name,
            day: trip.date ?? '',
            used: trip.carried.filter((one) => one.used).length,
            all: trip.carried.length,
          })
        }}
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.trip.forget', { name: trip.name })"
          @click="forget(trip.id)"
        >
          <Trash2 :size="15" />
        </button>
      </p>
    </template>
  </el-dialog>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: 1fr 170px;
  gap: 8px;
}
.head :deep(.el-date-editor) {
  width: 100%;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  max-height: 46vh;
  margin: 10px 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
.kept {
  display: flex;
  justify-content: space-between;
  margin: 0;
  border-bottom: 1px dotted var(--line);
}
.soft {
  color: var(--soft);
}
h3 {
  margin: 18px 0 4px;
}
</style>

<script setup lang="ts">
import { localDay, type RigView } from '@wagonomos/core';
import { addTrip, removeTrip } from '@wagonomos/core/edits';
import { Trash2 } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import { useDraft } from '../../stores/drafts.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A trip is over: what of all that was on board was used. */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const workspace = useWorkspace();

const name = useDraft(() => `trip ${props.view.rig.id}`, props.view.loadout.name);
const day = ref(localDay(new Date()));
const unused = ref<ReadonlySet<string>>(new Set());
const carried = computed(() =>
  props.view.loadout.placements.flatMap(({ thing }) => props.view.things.get(thing) ?? []),
);
const trips = computed(() =>
  (workspace.document?.trips ?? []).filter((trip) => trip.rig === props.view.rig.id).toReversed(),
);
const mark = (id: string, used: boolean) => {
  const next = new Set(unused.value);
  if (used) next.delete(id);
  else next.add(id);
  unused.value = next;
};
const keep = () => {
  const wanted = name.value.trim();
  if (wanted === '' || carried.value.length === 0) return;
  const trip = {
    id: newId(),
    name: wanted,
    rig: props.view.rig.id,
    ...(day.value ? { date: day.value } : {}),
    carried: carried.value.map(({ id }) => ({ thing: id, used: !unused.value.has(id) })),
  };
  if (workspace.edit('app.edit.trip', (document) => addTrip(document, trip))) return;
  name.value = props.view.loadout.name;
  open.value = false;
};
const forget = (id: string) => workspace.edit('app.edit.trip', (document) => removeTrip(document, id));
</script>

<template>
  <el-dialog v-model="open" :title="t('app.trip.title')" width="min(560px, 96vw)" data-test="trip-dialog">
    <p class="soft">{{ t('app.trip.hint') }}</p>
    <div class="head">
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
    <el-button type="primary" :disabled="name.trim() === '' || carried.length === 0" @click="keep">
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

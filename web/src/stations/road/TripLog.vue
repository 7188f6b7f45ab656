<script setup lang="ts">
import { logEntry, removeLogEntry } from '@wagonomos/core/edits';
import { localMinute } from '@wagonomos/core';
import {
  nextPlanned,
  planAgainstLog,
  reached,
  type LogEntry,
  type Section,
  type SectionKind,
} from '@wagonomos/core/road';
import { Check, Trash2 } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';
import LogDialog from './LogDialog.vue';
import { newSection, sectionKinds } from './newSection.ts';
import PlanAgainstLog from './PlanAgainstLog.vue';
import { useTrip } from './useTrip.ts';
import { sectionIcons, useTripWords } from './useTripWords.ts';

/** As it really goes: what comes next in the plan with one press, what nobody planned with two, and what has been written so far. */
const { t } = useI18n();
const { say } = useSpeech();
const { sectionName } = useTripWords();
const workspace = useWorkspace();
const { trip, start, reckoned, parts, planned } = useTrip();

const next = computed(() => (trip.value ? nextPlanned(trip.value) : null));
const nextName = computed(() => (next.value && reckoned.value ? sectionName(reckoned.value, next.value) : ''));
const quick: readonly SectionKind[] = ['tank', 'shop', 'weigh', 'drive', 'nights'];
const kinds = computed(() => {
  const can = start.value ? sectionKinds(start.value) : [];
  return quick.filter((kind) => can.includes(kind));
});
/** The last first; of one minute, what was written last. */
const entries = computed(() => (trip.value?.log ?? []).toSorted((a, b) => a.on.localeCompare(b.on)).toReversed());
const nameOf = (section: Section): string => (reckoned.value ? sectionName(reckoned.value, section) : '');
const entryFor = (did: Section): LogEntry => {
  const known = (trip.value?.plan ?? []).some(({ id }) => id === did.id);
  const after = trip.value ? reached(trip.value) : undefined;
  return { id: newId(), on: localMinute(new Date()), did, ...(known || after === undefined ? {} : { after }) };
};
const editing = ref<LogEntry | null>(null);
/** The rig as far as it has come: where the last logged part left it. */
const view = computed(() => {
  const { value: of } = reckoned;
  const last = parts.value.findLast(({ stands }) => stands !== 'ahead')?.section.id;
  return of?.steps.findLast(({ event }) => event.section === last)?.after ?? start.value;
});
const happened = () => {
  const [{ value: of }, { value: did }] = [trip, next];
  if (of && did) workspace.edit('app.edit.tripLog', (document) => logEntry(document, of.id, entryFor(did)));
};
const otherwise = () => {
  if (next.value) editing.value = entryFor(next.value);
};
const skip = () => {
  const [{ value: of }, { value: did }] = [trip, next];
  if (of && did)
    workspace.edit('app.edit.tripLog', (document) => logEntry(document, of.id, { ...entryFor(did), skipped: true }));
};
const write = (kind: SectionKind) => {
  if (view.value) editing.value = entryFor(newSection(kind, view.value));
};
const forget = (entry: LogEntry) => {
  const { value: of } = trip;
  if (of) workspace.edit('app.edit.tripLog', (document) => removeLogEntry(document, of.id, entry.id));
};
const slip = (id: string | undefined) => (workspace.document?.tickets ?? []).find((one) => one.id === id);
const details = ({ did, added, odometer, skipped }: LogEntry): string =>
  [
    skipped ? t('app.road.skipped') : '',
    added === undefined ? '' : t('app.road.added', { amount: written(added, 1) }),
    odometer === undefined ? '' : t('app.road.odometer', { km: written(odometer, 0) }),
    did.kind === 'weigh' && did.ticket ? (slip(did.ticket)?.name ?? '') : '',
  ]
    .filter((text) => text !== '')
    .join(', ');
const weighed = computed(() =>
  reckoned.value ? planAgainstLog(reckoned.value, workspace.document?.tickets ?? []) : [],
);
</script>

<template>
  <section
    v-if="trip"
    class="log"
    :class="{ 'no-print': entries.length === 0 }"
    :aria-label="t('app.road.log')"
    data-test="trip-log"
  >
    <h2>{{ t('app.road.log') }}</h2>
    <div v-if="next" class="next no-print">
      <p>
        <small>{{ t('app.road.next') }}</small> {{ nextName }}
      </p>
      <button type="button" class="did" @click="happened"><Check :size="18" />{{ t('app.road.happened') }}</button>
      <button type="button" class="quiet-button" @click="otherwise">{{ t('app.road.otherwise') }}</button>
      <button type="button" class="quiet-button" @click="skip">{{ t('app.road.skip') }}</button>
    </div>
    <p v-else-if="(trip.plan ?? []).length > 0" class="soft">{{ t('app.road.allBehind') }}</p>
    <div class="quick no-print" role="group" :aria-label="t('app.road.write')">
      <button v-for="kind in kinds" :key="kind" type="button" @click="write(kind)">
        <component :is="sectionIcons[kind]" :size="22" />{{ t(`app.road.did.${kind}`) }}
      </button>
    </div>
    <ul v-if="entries.length > 0">
      <li v-for="entry in entries" :key="entry.id">
        <button type="button" class="entry" @click="editing = entry">
          <small class="num">{{ entry.on.replace('T', ' ') }}</small>
          <span :class="{ skipped: entry.skipped }">{{ nameOf(entry.did) }}</span>
          <small>{{ details(entry) }}</small>
        </button>
        <button
          type="button"
          class="icon-button small no-print"
          :aria-label="t('app.road.forget', { what: nameOf(entry.did) })"
          @click="forget(entry)"
        >
          <Trash2 :size="15" />
        </button>
      </li>
    </ul>
    <p v-if="planned" class="soft">{{ t('app.road.plannedWorst', { what: say(planned) }) }}</p>
    <PlanAgainstLog v-for="one in weighed" :key="one.section.id" :weighed="one" />
    <LogDialog
      v-if="editing && view"
      :key="editing.id"
      :trip="trip"
      :view="view"
      :entry="editing"
      @close="editing = null"
    />
  </section>
</template>

<style scoped>
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  margin-top: 8px;
}
.next p {
  flex: 1 1 100%;
  margin: 0;
  font-size: 17px;
}
.next small,
.soft,
li small {
  color: var(--soft);
}
.did,
.quick button {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  padding: 6px 14px;
  border: 1px solid var(--pen);
  border-radius: 3px;
  background: var(--field);
  color: var(--pen);
  font: 600 17px/22px var(--figures);
  cursor: pointer;
}
.did {
  background: var(--pen);
  color: var(--on-ink);
}
.quick {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  border-bottom: 1px dotted var(--line);
}
.entry {
  display: grid;
  flex: 1;
  grid-template-columns: 128px minmax(0, 1fr);
  gap: 0 8px;
  align-items: baseline;
  padding: 4px 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.entry small:last-child {
  grid-column: 2;
}
.skipped {
  text-decoration: line-through;
}
@media (width <= 720px) {
  .did,
  .quick button {
    min-height: 52px;
  }
  .quick {
    display: grid;
    grid-template-columns: 1fr 1fr;
  }
  .did {
    flex: 1;
    justify-content: center;
  }
  .next .quiet-button {
    min-height: 44px;
  }
}
</style>

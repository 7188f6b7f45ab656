<script setup lang="ts">
import { removeSection, shiftSection } from '@wagonomos/core/edits';
import { checkOf, viewBefore, type Section, type SectionKind } from '@wagonomos/core/road';
import { ArrowDown, ArrowUp, Pencil, Plus, Trash2 } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import { useGrowing } from '../../shared/useGrowing.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import SectionDialog from './SectionDialog.vue';
import { useTrip } from './useTrip.ts';
import { newSection, sectionKinds } from './newSection.ts';
import { sectionIcons, useTripWords } from './useTripWords.ts';
import { watchedLimits } from './watchedLimits.ts';

/** The parts of the trip in their order, each with what the tightest limits have left after it; here they are put, moved and changed. */
const { t } = useI18n();
const { say } = useSpeech();
const { sectionName } = useTripWords();
const workspace = useWorkspace();
const { trip, start, parts, sections, sight, reckoned, least, here, pointed, pointAt } = useTrip();

const narrow = useMediaQuery('(width <= 720px)');
const watched = computed(() => watchedLimits(least.value).slice(0, narrow.value ? 2 : 3));
const rows = computed(() => {
  const { value: of } = reckoned;
  if (!of) return [];
  const planned = new Set((trip.value?.plan ?? []).map(({ id }) => id));
  const sectionOf = new Map(of.events.map(({ id, section }) => [id, section]));
  const lastOf = new Map(of.moments.map((moment) => [sectionOf.get(moment.event ?? ''), moment]));
  return sections.value.map((section, n) => {
    const last = lastOf.get(section.id);
    return {
      section,
      number: n + 1,
      name: sectionName(of, section),
      km: of.kilometres.get(section.id),
      checks: watched.value.map(({ check }) => (last && checkOf(last, check.id)) ?? null),
      editable: sight.value === 'plan' || (planned.has(section.id) && parts.value[n]?.stands === 'ahead'),
      stands: sight.value === 'went' ? parts.value[n]?.stands : undefined,
    };
  });
});
/** All a row shows: of a long trip only rows of which something is another are drawn again. */
const shownOf = ({ section, number, name, km, checks, editable, stands }: (typeof rows.value)[number]) => [
  ...[section, number, number === rows.value.length, name, km, editable, stands, isHere(section)],
  ...watched.value.flatMap(({ check }, n) => [check.id, checks[n]?.margin, checks[n]?.status]),
];
/** What is in sight is drawn with the page, the rest of a long trip while it is idle. */
const made = useGrowing(() => rows.value.length, 20);
const isHere = (section: Section) => here.value?.section?.id === section.id;
const editing = ref<{ readonly section: Section; readonly isNew: boolean } | null>(null);
/** What is added comes after the part the hand was put on, and last where nobody put it anywhere. */
const place = computed(() => {
  const plan = trip.value?.plan ?? [];
  const found = plan.findIndex(({ id }) => id === pointed.value?.section);
  return found < 0 ? plan.length : found + 1;
});
/** The rig as it comes to a part of the plan: what is aboard there, who sits where. */
const viewOf = (section: Section) => (reckoned.value ? viewBefore(reckoned.value, section) : start.value);
const viewAtPlace = computed(() => {
  const { value: of } = reckoned;
  const before = (trip.value?.plan ?? [])[place.value - 1];
  return (before && of?.steps.findLast(({ event }) => event.section === before.id)?.after) ?? start.value;
});
const close = (kept: string | null) => {
  editing.value = null;
  if (kept !== null) pointAt(kept);
};
const add = (kind: SectionKind) => {
  if (start.value) editing.value = { section: newSection(kind, viewAtPlace.value ?? start.value), isNew: true };
};
const kinds = computed(() => (start.value ? sectionKinds(start.value) : []));
const move = (section: Section, by: number) => {
  const { value: of } = trip;
  if (of) workspace.edit('app.edit.tripPlan', (document) => shiftSection(document, of.id, section.id, by));
};
const remove = (section: Section) => {
  const { value: of } = trip;
  if (of) workspace.edit('app.edit.tripPlan', (document) => removeSection(document, of.id, section.id));
};
/** What can be done with a part, in the order of its buttons. */
const acts = ({ section, number }: { readonly section: Section; readonly number: number }) => [
  { key: 'change', icon: Pencil, cannot: false, act: () => (editing.value = { section, isNew: false }) },
  { key: 'earlier', icon: ArrowUp, cannot: number === 1, act: () => move(section, -1) },
  { key: 'later', icon: ArrowDown, cannot: number === rows.value.length, act: () => move(section, 1) },
  { key: 'drop', icon: Trash2, cannot: false, act: () => remove(section) },
];
const distance = (km: number | null | undefined) => (km === null ? t('app.road.farUnknown') : '');
</script>

<template>
  <section :aria-label="t('app.road.plan')" data-test="trip-plan">
    <div class="section-head">
      <h2>{{ t('app.road.plan') }}</h2>
      <el-dropdown v-if="trip" :persistent="false" trigger="click" @command="add">
        <button type="button" class="quiet-button no-print"><Plus :size="15" />{{ t('app.road.add') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="kind in kinds" :key="kind" :command="kind">
              {{ t(`app.road.kind.${kind}`) }}
            </el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <table v-if="rows.length > 0">
      <thead>
        <tr>
          <th scope="col">{{ t('app.road.part') }}</th>
          <th v-for="{ check } in watched" :key="check.id" scope="col" class="num">{{ say(check.name) }}</th>
          <td class="no-print"></td>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows.slice(0, made)"
          :key="row.section.id"
          v-memo="shownOf(row)"
          :class="[row.stands, { here: isHere(row.section) }]"
        >
          <th scope="row">
            <button type="button" class="point" :aria-pressed="isHere(row.section)" @click="pointAt(row.section.id)">
              <span class="n num">{{ row.number }}</span>
              <component :is="sectionIcons[row.section.kind]" :size="16" />
              <span>
                {{ row.name }}
                <small
                  >{{ distance(row.km)
                  }}<template v-if="row.stands">{{ t(`app.road.stands.${row.stands}`) }}</template></small
                >
              </span>
            </button>
          </th>
          <td v-for="(check, n) in row.checks" :key="n" class="num"><MarginText :check="check" /></td>
          <td class="acts no-print">
            <template v-if="row.editable">
              <button
                v-for="one in acts(row)"
                :key="one.key"
                type="button"
                class="icon-button small"
                :aria-label="t(`app.road.${one.key}`, { what: row.name })"
                :disabled="one.cannot"
                @click="one.act"
              >
                <component :is="one.icon" :size="14" />
              </button>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <SectionDialog
      v-if="editing && trip && start"
      :key="editing.section.id"
      :trip="trip"
      :view="(editing.isNew ? viewAtPlace : viewOf(editing.section)) ?? start"
      :section="editing.section"
      :at="editing.isNew ? place : undefined"
      @close="close"
    />
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
table {
  width: 100%;
}
.point {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  width: 100%;
  padding: 3px 2px;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.point :deep(svg) {
  flex: none;
  margin-top: 3px;
}
.n {
  width: 20px;
  color: var(--soft);
  text-align: right;
}
small {
  display: block;
  color: var(--soft);
  font-weight: 400;
}
tr.here {
  outline: 2px solid var(--pen);
  outline-offset: -2px;
}
tr.went .point,
tr.passed .point {
  color: var(--soft);
}
td.num {
  padding-right: 6px;
  vertical-align: middle;
  white-space: nowrap;
}
.acts {
  width: 108px;
  white-space: nowrap;
}
@media (width <= 720px) {
  .acts {
    width: auto;
  }
  .acts .icon-button:not(:first-child) {
    display: none;
  }
}
</style>

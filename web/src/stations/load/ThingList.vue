<script setup lang="ts">
import { writeTable, type TableColumn } from '@wagonomos/core/entry';
import { placedMass, type RigView } from '@wagonomos/core';
import { addThing, placeThing } from '@wagonomos/core/edits';
import { CheckCheck, ClipboardPaste, FileDown, Library, ListChecks } from '@lucide/vue';
import { computed, defineAsyncComponent, reactive, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import QuantityField from '../../fields/QuantityField.vue';
import { useDraft } from '../../stores/drafts.ts';
import { shelfOrders, useShelf } from '../../stores/shelf.ts';
import { atHome, useHand } from '../../stores/hand.ts';
import { useDemoIds } from '../../stores/demo.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { downloadText, fileNameFrom } from '../../storage/download.ts';
import ChoiceField from '../../fields/ChoiceField.vue';
import LeaveHome from './LeaveHome.vue';
import PickedBar from './PickedBar.vue';
import QuickLine from './QuickLine.vue';
import ThingShelf from './ThingShelf.vue';
import PlaceSelect from './PlaceSelect.vue';
import { shelfRow, shelfRows, type ShelfRow } from '../../stores/shelfRows.ts';
import { thingsElsewhere, thingsFor } from './ownThings.ts';
import { choiceOf, placeGroups, type PlaceGroup } from './placeChoices.ts';

/** Everything owned: on board first, heaviest first, then what stays at home. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const hand = useHand();
const opened = useShelf();

const name = useDraft(() => `new thing ${props.view.rig.id}`);
const mass = ref<number>();
const where = ref('');
const filter = ref('');
/** As long as no place is another, the same: whoever asks for it is not asked again at every edit. */
const groups = computed<readonly PlaceGroup[]>((before) => {
  const now = placeGroups(props.view);
  return before && JSON.stringify(before) === JSON.stringify(now) ? before : now;
});

const elsewhere = computed(() => thingsElsewhere(props.view, workspace.document));
const demo = useDemoIds();
const owned = computed(() => thingsFor(props.view, demo.value));
const matching = computed(() => {
  const wanted = filter.value.trim().toLowerCase();
  return owned.value.filter((thing) => thing.name.toLowerCase().includes(wanted));
});
const rows = computed(() => {
  const all = shelfRows(props.view, matching.value);
  const total = (row: ShelfRow) => placedMass(row.thing, row.placement ?? { count: 1 });
  const places = new Map(
    groups.value.flatMap((group) =>
      group.places.map((one, at) => [one.key, `${group.label} ${String(at).padStart(3, '0')}`] as const),
    ),
  );
  const place = ({ placement }: ShelfRow) => (placement && places.get(`${placement.body}/${placement.place}`)) ?? '';
  const body = ({ placement }: ShelfRow) => groups.value.find((one) => one.body === placement?.body)?.label ?? '';
  const sorts = {
    mass: (a: ShelfRow, b: ShelfRow) => total(b) - total(a),
    name: (a: ShelfRow, b: ShelfRow) => a.thing.name.localeCompare(b.thing.name),
    place: (a: ShelfRow, b: ShelfRow) => place(a).localeCompare(place(b)) || total(b) - total(a),
    body: (a: ShelfRow, b: ShelfRow) => body(a).localeCompare(body(b)) || total(b) - total(a),
  };
  const heaviest = (list: ShelfRow[]) => {
    const stays = (row: ShelfRow) => stood.get(row.key) ?? Infinity;
    const sorted = list.sort(sorts[opened.order]);
    return opened.live === null ? sorted : sorted.sort((a, b) => stays(a) - stays(b));
  };
  return {
    board: heaviest(all.filter((row) => row.placement)),
    home: heaviest(all.filter((row) => !row.placement && !elsewhere.value.has(row.thing.id))),
    others: heaviest(all.filter((row) => !row.placement && elsewhere.value.has(row.thing.id))),
  };
});
/** Where each thing stood before a row was touched: a row that is being written in does not run away. */
const stood = new Map<string, number>();
watch(
  () => opened.live,
  () => {
    stood.clear();
    if (opened.live !== null)
      Object.values(rows.value)
        .flat()
        .forEach(({ key }, at) => stood.set(key, at));
  },
  { flush: 'sync' },
);
const shelves = computed(() =>
  (['board', 'home', 'others'] as const)
    .map((key) => ({ key, rows: rows.value[key] }))
    .filter((one) => one.rows.length > 0),
);

const TableDialog = defineAsyncComponent(() => import('./TableDialog.vue'));
const TypicalDialog = defineAsyncComponent(() => import('./TypicalDialog.vue'));
const table = ref(false);
const TripDialog = defineAsyncComponent(() => import('../../shared/TripDialog.vue'));
const ThingDialog = defineAsyncComponent(() => import('./ThingDialog.vue'));
const typical = ref(false);
const trip = ref(false);
const openRow = computed(() => (opened.opened === null ? undefined : shelfRow(props.view, opened.opened)));
const save = () => {
  const names = new Map(groups.value.flatMap((group) => group.places.map((one) => [one.key, one.label] as const)));
  const lines = shelfRows(props.view, owned.value).map(({ thing, placement }) => {
    const place = placement ? (names.get(`${placement.body}/${placement.place}`) ?? '') : '';
    return { name: thing.name, mass: thing.mass, count: placement?.count ?? 1, place, plusMinus: thing.plusMinus };
  });
  const head = (one: Exclude<TableColumn, 'ignore'>) => t(`app.table.columns.${one}`);
  const heads = [head('name'), head('mass'), head('unit'), head('count'), head('place'), head('plusMinus')] as const;
  // The mark at the start tells spreadsheets that it is UTF-8.
  const text = `\uFEFF${writeTable(lines, heads)}`;
  downloadText(fileNameFrom(props.view.loadout.name, 'csv'), text, 'text/csv');
};

/** What is folded away is not made: other trips may own hundreds of things. */
const unfolded = reactive({ board: true, home: true, others: false });

const add = () => {
  const wanted = name.value.trim();
  const kilograms = mass.value;
  if (wanted === '' || kilograms === undefined) return;
  const thing = { id: newId(), name: wanted, mass: kilograms };
  const target = choiceOf(groups.value, where.value);
  workspace.edit('app.edit.addThing', (document) => {
    const owned = addThing(document, thing);
    if (!target) return owned;
    return placeThing(owned, props.view.loadout.id, thing.id, { body: target.body, place: target.place, count: 1 });
  });
  name.value = '';
  mass.value = undefined;
};
</script>

<template>
  <section>
    <div class="section-head">
      <h2>{{ t('app.load.things') }}</h2>
      <ChoiceField
        shape="quiet"
        class="order"
        :label="t('app.load.order.label')"
        :value="opened.order"
        :options="shelfOrders.map((value) => ({ value, label: t(`app.load.order.${value}`) }))"
        @change="(order) => (opened.order = order)"
      />
      <el-input
        v-model="filter"
        class="filter"
        size="small"
        clearable
        :placeholder="t('app.load.filter')"
        :aria-label="t('app.load.filter')"
      />
    </div>
    <QuickLine :view="view" />
    <div class="tools">
      <button type="button" class="quiet-button" @click="typical = true">
        <Library :size="15" />{{ t('app.typical.open') }}
      </button>
      <button type="button" class="quiet-button" @click="table = true">
        <ClipboardPaste :size="15" />{{ t('app.table.open') }}
      </button>
      <button type="button" class="quiet-button" @click="trip = true">
        <ListChecks :size="15" />{{ t('app.trip.open') }}
      </button>
      <button type="button" class="quiet-button" @click="opened.startPicking(!opened.picking)">
        <CheckCheck :size="15" />{{ t('app.load.pickSeveral') }}
      </button>
      <button type="button" class="quiet-button" @click="save"><FileDown :size="15" />{{ t('app.table.save') }}</button>
    </div>
    <PickedBar v-if="opened.picking" :view="view" :groups="groups" />
    <TableDialog v-if="table" v-model="table" :view="view" />
    <TripDialog v-if="trip" v-model="trip" :view="view" />
    <ThingDialog v-if="openRow" :key="openRow.key" :view="view" :row="openRow" :groups="groups" />
    <TypicalDialog v-if="typical" v-model="typical" :view="view" />
    <form class="add" @submit.prevent="add">
      <el-input
        v-model="name"
        maxlength="80"
        :placeholder="t('app.load.newThing')"
        :aria-label="t('app.load.newThing')"
      />
      <QuantityField
        quiet
        :label="t('app.load.newMass')"
        field="mass"
        :value="mass"
        @change="(value) => (mass = value)"
      />
      <PlaceSelect :value="where" :groups="groups" :label="t('app.load.newPlace')" @change="(key) => (where = key)" />
      <el-button native-type="submit" :disabled="name.trim() === '' || mass === undefined">{{
        t('app.load.add')
      }}</el-button>
    </form>
    <LeaveHome :view="view" />
    <details
      v-for="shelf in shelves"
      :key="shelf.key"
      :open="shelf.key !== 'others'"
      :data-drop="shelf.key === 'home' ? atHome : undefined"
      :class="{ target: shelf.key === 'home' && hand.over === atHome }"
      @toggle="unfolded[shelf.key] = ($event.target as HTMLDetailsElement).open"
    >
      <summary>{{ t(`app.load.group.${shelf.key}`, { count: shelf.rows.length }) }}</summary>
      <ThingShelf v-if="unfolded[shelf.key]" :rows="shelf.rows" :view="view" :groups="groups" />
    </details>
    <p v-if="shelves.length === 0" class="soft">{{ t('app.load.nothing') }}</p>
  </section>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  margin-bottom: 10px;
}
.order {
  width: 124px;
  margin-left: auto;
}
.filter {
  width: 150px;
}
.add {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px minmax(0, 0.85fr) auto;
  gap: 8px;
  align-items: start;
  margin-bottom: 10px;
}
.target {
  outline: 2px solid var(--pen);
}
summary {
  padding: 6px 0 2px;
  color: var(--soft);
  font: 600 15px var(--figures);
  cursor: pointer;
}
@media (width <= 720px) {
  .add {
    grid-template-columns: 1fr 104px;
  }
}
</style>

<script setup lang="ts">
import { addThing, placeThing, type Placement, type RigView, type Thing } from '@wagonomos/core';
import { computed, reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import QuantityField from '../../shared/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import ThingRow from './ThingRow.vue';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, placeGroups } from './placeChoices.ts';

/** Everything owned: on board first, heaviest first, then what stays at home. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();

const name = ref('');
const mass = ref<number>();
const where = ref('');
const filter = ref('');
const groups = computed(() => placeGroups(props.view));

const onBoard = computed(() => new Map(props.view.loadout.placements.map((one) => [one.thing, one])));
const elsewhere = computed(
  () =>
    new Set(
      (workspace.document?.loadouts ?? [])
        .filter((loadout) => loadout.id !== props.view.loadout.id)
        .flatMap((loadout) => loadout.placements.map((one) => one.thing)),
    ),
);
type Row = { thing: Thing; placement: Placement | undefined };
const matching = computed(() => {
  const wanted = filter.value.trim().toLowerCase();
  return [...props.view.things.values()].filter((thing) => thing.name.toLowerCase().includes(wanted));
});
const rows = computed(() => {
  const all: Row[] = matching.value.map((thing) => ({ thing, placement: onBoard.value.get(thing.id) }));
  const total = (row: Row) => row.thing.mass * (row.placement?.count ?? 1);
  const heaviest = (list: Row[]) => list.sort((a, b) => total(b) - total(a));
  return {
    board: heaviest(all.filter((row) => row.placement)),
    home: heaviest(all.filter((row) => !row.placement && !elsewhere.value.has(row.thing.id))),
    others: heaviest(all.filter((row) => !row.placement && elsewhere.value.has(row.thing.id))),
  };
});
const shelves = computed(() =>
  (['board', 'home', 'others'] as const)
    .map((key) => ({ key, rows: rows.value[key] }))
    .filter((one) => one.rows.length > 0),
);

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
      <el-input
        v-model="filter"
        class="filter"
        size="small"
        clearable
        :placeholder="t('app.load.filter')"
        :aria-label="t('app.load.filter')"
      />
    </div>
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
    <template v-for="shelf in shelves" :key="shelf.key">
      <details
        :open="shelf.key !== 'others'"
        @toggle="unfolded[shelf.key] = ($event.target as HTMLDetailsElement).open"
      >
        <summary>{{ t(`app.load.group.${shelf.key}`, { count: shelf.rows.length }) }}</summary>
        <ThingRow
          v-for="row in unfolded[shelf.key] ? shelf.rows : []"
          :key="row.thing.id"
          :thing="row.thing"
          :placement="row.placement"
          :view="view"
          :groups="groups"
        />
      </details>
    </template>
    <p v-if="shelves.length === 0" class="soft">{{ t('app.load.nothing') }}</p>
  </section>
</template>

<style scoped>
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

<script setup lang="ts">
import { displayMass, type Placement, type RigView, type Thing } from '@wagonomos/core';
import { changeThing, placeThing, removeThing } from '@wagonomos/core/edits';
import { GripVertical, SlidersHorizontal, Trash2 } from '@lucide/vue';
import { computed, nextTick, onBeforeUnmount, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { onlyFieldKey } from '../../shared/useFieldKey.ts';
import { written } from '../../shared/useSpeech.ts';
import { useDrafts } from '../../stores/drafts.ts';
import { useHand } from '../../stores/hand.ts';
import { useSettings } from '../../stores/settings.ts';
import { useShelf } from '../../stores/shelf.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, type PlaceGroup } from './placeChoices.ts';

/**
 * One thing: what it is, how heavy, how many, and where. It is read as text; what is touched becomes a field, since a list of
 * fields is slow to make and cuts off every name.
 */
const props = defineProps<{
  thing: Thing;
  placement: Placement | undefined;
  view: RigView;
  groups: readonly PlaceGroup[];
}>();
const { t } = useI18n();
const workspace = useWorkspace();
const hand = useHand();
const shelf = useShelf();
/** More is known of it than a name and a mass. */
const told = computed(() => Object.keys(props.thing).length > 4 || props.placement?.wet || props.placement?.turned);

const key = computed(() => (props.placement ? `${props.placement.body}/${props.placement.place}` : ''));

const setMass = (mass: number | undefined) => {
  if (mass === undefined) return;
  workspace.edit(
    'app.edit.thing',
    (document) => changeThing(document, props.thing.id, { mass }),
    `mass ${props.thing.id}`,
  );
};
const rename = (name: string) =>
  workspace.edit('app.edit.thing', (document) => changeThing(document, props.thing.id, { name }));
const move = (to: string) => {
  const target = choiceOf(props.groups, to);
  const count = props.placement?.count ?? 1;
  const spot = target ? { body: target.body, place: target.place, count } : null;
  workspace.edit('app.edit.move', (document) => placeThing(document, props.view.loadout.id, props.thing.id, spot));
};
const setCount = (count: number | undefined) => {
  const { placement } = props;
  if (!placement || !count) return;
  const { thing, ...spot } = placement;
  workspace.edit('app.edit.count', (document) =>
    placeThing(document, props.view.loadout.id, thing, { ...spot, count }),
  );
};
/** Asked here, so that only the row that was picked up changes, not every row. */
const held = computed(() => hand.held?.thing === props.thing.id);
const settings = useSettings();
const placeName = computed(
  () =>
    props.groups.flatMap((group) => group.places).find((one) => one.key === key.value)?.label ?? t('app.load.atHome'),
);
const kg = computed(
  () => `${written(displayMass(props.thing.mass, settings.massUnit, 'nearest', 0.1), 1)} ${settings.massUnit}`,
);
const label = (what: 'massOf' | 'countOf' | 'placeOf') => t(`app.load.${what}`, { name: props.thing.name });

/** The row's fields are there: something in it was touched, or a figure in it still has to be mended. */
const live = ref(useDrafts().read(onlyFieldKey(label('massOf'))) !== undefined);
const row = ref<HTMLElement>();
const touch = async (cell: Cell) => {
  live.value = true;
  shelf.live = props.thing.id;
  await nextTick();
  const field = row.value?.querySelector<HTMLElement>(`[data-cell="${cell}"]`);
  if (cell === 'place') field?.querySelector<HTMLElement>('.el-select__wrapper')?.click();
  const input = field?.matches('input') ? field : field?.querySelector<HTMLElement>('input');
  input?.focus();
  if (input instanceof HTMLInputElement && cell !== 'place') input.select();
};
type Cell = 'name' | 'count' | 'mass' | 'place';
const rest = () =>
  setTimeout(() => {
    const { value: of } = row;
    const busy =
      of?.contains(document.activeElement) || of?.querySelector('[aria-invalid="true"], [aria-expanded="true"]');
    if (!of || busy) return;
    live.value = false;
    leave();
  });
const leave = () => {
  if (shelf.live === props.thing.id) shelf.live = null;
};
// A row that goes while it is written in would keep the whole list in its order.
onBeforeUnmount(leave);
/** As in a table: up and down stay in their column. */
const along = (event: KeyboardEvent) => {
  const by =
    event.key === 'ArrowDown' ? 'nextElementSibling' : event.key === 'ArrowUp' ? 'previousElementSibling' : null;
  const { dataset } = event.target as HTMLElement;
  const next = by && row.value?.[by]?.querySelector<HTMLElement>(`[data-cell="${dataset['cell'] ?? ''}"]`);
  if (!next) return;
  event.preventDefault();
  next.focus();
};
const picked = computed({
  get: () => shelf.picked.has(props.thing.id),
  set: (on) => shelf.pick(props.thing.id, on),
});
const remove = () => workspace.edit('app.edit.removeThing', (document) => removeThing(document, props.thing.id));
</script>

<template>
  <div
    ref="row"
    class="thing"
    :class="{ home: !placement, held, live }"
    data-test="thing"
    @focusout="rest"
    @keydown.up="along"
    @keydown.down="along"
  >
    <el-checkbox
      v-if="shelf.picking"
      v-model="picked"
      class="pick"
      :aria-label="t('app.load.pick', { name: thing.name })"
    />
    <button
      v-else
      type="button"
      class="grip"
      :data-grip="thing.id"
      :aria-label="t('app.hand.pickUp', { name: thing.name })"
      @keydown.enter.prevent="hand.pickUp(thing.id, 'keys')"
      @keydown.space.prevent="hand.pickUp(thing.id, 'keys')"
    >
      <GripVertical :size="15" />
    </button>
    <template v-if="live">
      <NameField class="called" data-cell="name" :name="thing.name" :label="t('app.load.thingName')" @change="rename" />
      <el-input-number
        v-if="placement"
        class="count"
        data-cell="count"
        size="small"
        :min="1"
        :max="999"
        :precision="0"
        :controls="false"
        :model-value="placement.count"
        :aria-label="label('countOf')"
        @change="setCount"
      />
      <span v-else />
      <QuantityField
        quiet
        class="mass"
        data-cell="mass"
        :label="label('massOf')"
        field="mass"
        :value="thing.mass"
        @change="setMass"
      />
      <PlaceSelect
        class="where"
        data-cell="place"
        :value="key"
        :groups="groups"
        :label="label('placeOf')"
        @change="move"
        @closed="rest"
      />
    </template>
    <template v-else>
      <button
        type="button"
        class="cell called"
        data-cell="name"
        :aria-label="t('app.load.nameCell', { name: thing.name })"
        @click="touch('name')"
      >
        {{ thing.name }}
      </button>
      <button
        v-if="placement"
        type="button"
        class="cell count num"
        data-cell="count"
        :aria-label="`${label('countOf')}: ${placement.count}`"
        @click="touch('count')"
      >
        {{ t('app.load.times', { count: placement.count }) }}
      </button>
      <span v-else />
      <button
        type="button"
        class="cell mass num"
        data-cell="mass"
        :aria-label="`${label('massOf')}: ${kg}`"
        @click="touch('mass')"
      >
        {{ kg }}
      </button>
      <button
        type="button"
        class="cell where"
        data-cell="place"
        :aria-label="`${label('placeOf')}: ${placeName}`"
        @click="touch('place')"
      >
        {{ placeName }}
      </button>
    </template>
    <button
      type="button"
      class="icon-button small"
      :class="{ told }"
      :aria-label="t('app.thing.open', { name: thing.name })"
      :title="t('app.thing.open', { name: thing.name })"
      @click="shelf.opened = thing.id"
    >
      <SlidersHorizontal :size="15" />
    </button>
    <button
      type="button"
      class="icon-button small bin"
      :aria-label="t('app.load.removeThing', { name: thing.name })"
      @click="remove"
    >
      <Trash2 :size="15" />
    </button>
  </div>
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: 22px minmax(0, 1.25fr) 38px 82px minmax(0, 0.95fr) 24px 24px;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.grip,
.pick {
  display: grid;
  place-items: center;
  min-height: 26px;
  padding: 0;
}
.grip {
  border: 0;
  background: none;
  color: var(--soft);
  cursor: grab;
  touch-action: none;
}
.told {
  color: var(--pen);
}
.held {
  background: var(--field);
}
.cell {
  min-height: 30px;
  padding: 2px 4px;
  border: 1px solid transparent;
  border-radius: 2px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  line-height: 18px;
  text-align: left;
  overflow-wrap: anywhere;
  cursor: text;
}
.cell:hover {
  border-color: var(--line);
  background: var(--field);
}
.called {
  font: 400 15px/1.3 var(--text);
}
.home .called {
  color: var(--soft);
}
.count.cell {
  color: var(--soft);
}
.mass.cell {
  font: 600 16px/20px var(--figures);
  text-align: right;
  white-space: nowrap;
}
.where.cell {
  cursor: pointer;
}
.live .count {
  width: 38px;
}
.count :deep(.el-input__wrapper) {
  padding: 0 4px;
}
@media (width <= 720px) {
  .thing {
    grid-template-columns: 30px minmax(0, 1fr) auto auto 34px;
    gap: 0 4px;
  }
  .grip,
  .cell {
    min-height: 44px;
  }
  .where.cell {
    max-width: 96px;
    color: var(--soft);
    font-size: 13px;
    line-height: 16px;
    text-align: right;
  }
  .count.cell,
  .thing:not(.live) .bin {
    display: none;
  }
  .thing:not(.live) > span {
    display: none;
  }
  .thing.live {
    grid-template-columns: 30px minmax(0, 1fr) 44px 92px 34px 34px;
  }
  .live .where {
    grid-row: 2;
    grid-column: 2 / 6;
  }
}
</style>

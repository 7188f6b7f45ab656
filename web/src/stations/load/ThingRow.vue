<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { changeThing, placePart, placeThing, removeThing } from '@wagonomos/core/edits';
import { ChevronRight, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../fields/NameField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { onlyFieldKey } from '../../fields/useFieldKey.ts';
import { written } from '@wagonomos/papers/words';
import { useDrafts } from '../../stores/drafts.ts';
import { useHand } from '../../stores/hand.ts';
import { useSettings } from '../../stores/settings.ts';
import { useShelf } from '../../stores/shelf.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import RestCell from './RestCell.vue';
import type { ShelfRow } from '../../stores/shelfRows.ts';
import { choiceOf, type PlaceGroup } from './placeChoices.ts';
import { useLiveRow } from './useLiveRow.ts';

/**
 * One thing: what it is, how heavy, how many, and where. It is read as text; what is touched becomes a field, since a list of
 * fields is slow to make and cuts off every name.
 */
const props = defineProps<{
  row: ShelfRow;
  /** The loadout it is placed in. */
  loadout: string;
  groups: readonly PlaceGroup[];
}>();
const { t } = useI18n();
const settings = useSettings();
const thing = computed(() => props.row.thing);
const placement = computed(() => props.row.placement);
const workspace = useWorkspace();
const hand = useHand();
const shelf = useShelf();
/** More is known of it than a name and a mass. */
const told = computed(() => Object.keys(thing.value).length > 4 || placement.value?.wet || placement.value?.turned);

const key = computed(() => (placement.value ? `${placement.value.body}/${placement.value.place}` : ''));

const setMass = (mass: number | undefined) => {
  if (mass === undefined) return;
  workspace.edit(
    'app.edit.thing',
    (document) => changeThing(document, thing.value.id, { mass }),
    `mass ${thing.value.id}`,
  );
};
const rename = (name: string) =>
  workspace.edit('app.edit.thing', (document) => changeThing(document, thing.value.id, { name }));
const move = (to: string) => {
  const target = choiceOf(props.groups, to);
  const lies = placement.value;
  const spot = target ? { body: target.body, place: target.place, count: lies?.count ?? 1 } : null;
  workspace.edit('app.edit.move', (document) =>
    lies ? placePart(document, props.loadout, lies, spot) : placeThing(document, props.loadout, thing.value.id, spot),
  );
};
const setCount = (count: number | undefined) => {
  const lies = placement.value;
  if (!lies || !count) return;
  workspace.edit('app.edit.count', (document) => placePart(document, props.loadout, lies, { ...lies, count }));
};
/** Asked here, so that only the row that was picked up changes, not every row. */
const held = computed(() => hand.held?.key === props.row.key);
const placeName = computed(
  () =>
    props.groups.flatMap((group) => group.places).find((one) => one.key === key.value)?.label ?? t('app.load.atHome'),
);
const kg = computed(
  () => `${written(displayMass(thing.value.mass, settings.massUnit, 'nearest', 0.1), 1)} ${settings.massUnit}`,
);
/** Parts of one thing are told apart by where they lie. */
const called = computed(() => {
  const { parted, nth } = props.row;
  const said = { name: thing.value.name, place: placeName.value, nth };
  return parted ? t(nth > 1 ? 'app.load.nthPartOf' : 'app.load.partOf', said) : thing.value.name;
});
const label = (what: 'massOf' | 'countOf' | 'placeOf') => t(`app.load.${what}`, { name: called.value });

/** Fields are there at once where a figure still has to be mended. */
const {
  row: element,
  live,
  touch,
  rest,
} = useLiveRow({
  starts: useDrafts().read(onlyFieldKey(label('massOf'))) !== undefined,
  touched: () => {
    shelf.live = props.row.key;
  },
  left: () => {
    if (shelf.live === props.row.key) shelf.live = null;
  },
});
const picked = computed({
  get: () => shelf.picked.has(props.row.key),
  set: (on) => shelf.pick(props.row.key, on),
});
const remove = () => workspace.edit('app.edit.removeThing', (document) => removeThing(document, thing.value.id));
</script>

<template>
  <div
    ref="element"
    data-row
    class="thing"
    :class="{ home: !placement, held, live }"
    data-test="thing"
    @focusout="rest"
  >
    <el-checkbox
      v-if="shelf.picking"
      v-model="picked"
      class="pick"
      :aria-label="t('app.load.pick', { name: called })"
    />
    <button
      v-else
      type="button"
      class="grip"
      :data-grip="row.key"
      :aria-label="t('app.hand.pickUp', { name: called })"
      @keydown.enter.prevent="hand.pickUp(row.key, 'keys')"
      @keydown.space.prevent="hand.pickUp(row.key, 'keys')"
    ></button>
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
      <RestCell
        class="called"
        cell="name"
        :data-times="placement && placement.count > 1 ? t('app.load.times', { count: placement.count }) : undefined"
        :text="thing.name"
        :label="t('app.load.nameCell', { name: called })"
        @touch="touch"
      />
      <RestCell
        v-if="placement"
        class="count"
        cell="count"
        :text="t('app.load.times', { count: placement.count })"
        :label="`${label('countOf')}: ${placement.count}`"
        @touch="touch"
      />
      <span v-else />
      <RestCell figure class="mass" cell="mass" :text="kg" :label="`${label('massOf')}: ${kg}`" @touch="touch" />
      <RestCell
        class="where"
        cell="place"
        :text="placeName"
        :label="`${label('placeOf')}: ${placeName}`"
        @touch="touch"
      />
    </template>
    <button
      type="button"
      class="icon-button small"
      :class="{ told }"
      :aria-label="t('app.thing.open', { name: called })"
      :title="t('app.thing.open', { name: called })"
      @click="shelf.opened = row.key"
    >
      <ChevronRight :size="15" />
    </button>
    <button
      v-if="live && !row.parted"
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
/* Six dots to grip it by: drawn, since there is one for every thing. */
.grip::before {
  width: 8px;
  height: 14px;
  background: radial-gradient(circle, currentColor 1.2px, transparent 1.6px) 0 0 / 4px 5px;
  content: '';
}
/* Its fields may need two lines: in a list of fixed rows they lie over the next one while they are in use. */
.live {
  position: relative;
  z-index: 1;
  background: var(--paper);
}
.told {
  color: var(--pen);
}
.held {
  background: var(--field);
}
.called {
  font: 400 15px/1.3 var(--text);
}
.home .called {
  color: var(--soft);
}
button.count {
  color: var(--soft);
}
button.where {
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
    grid-template-columns: 30px minmax(0, 1fr) auto auto 44px;
    gap: 0 4px;
  }
  .grip {
    min-height: 44px;
  }
  button.where {
    max-width: 96px;
    color: var(--soft);
    font-size: 13px;
    line-height: 16px;
    text-align: right;
  }
  button.count {
    display: none;
  }
  .called[data-times]::before {
    color: var(--soft);
    content: attr(data-times) ' ';
  }
  .thing:not(.live) > span {
    display: none;
  }
  /* The name keeps a line of its own, whole, while the row is written in. */
  .thing.live {
    grid-template-columns: 30px 44px 92px minmax(0, 1fr) 44px 44px;
  }
  .thing.live[style*='height'] {
    min-height: 98px;
    margin-bottom: -48px;
  }
  .live .grip,
  .live .pick {
    grid-row: 1;
    grid-column: 1;
  }
  .live .called {
    grid-row: 1;
    grid-column: 2 / 5;
  }
  .live > .icon-button {
    grid-row: 1;
  }
  .live .count,
  .live > span,
  .live .mass,
  .live .where {
    grid-row: 2;
  }
  .live .count,
  .live > span {
    grid-column: 2;
  }
  .live .mass {
    grid-column: 3;
  }
  .live .where {
    grid-column: 4 / 7;
  }
}
</style>

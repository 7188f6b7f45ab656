<script setup lang="ts">
import type { Placement, RigView, Thing } from '@wagonomos/core';
import { changeThing, placeThing, removeThing } from '@wagonomos/core/edits';
import { GripVertical, SlidersHorizontal, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { useHand } from '../../stores/hand.ts';
import { useShelf } from '../../stores/shelf.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, type PlaceGroup } from './placeChoices.ts';

/** One thing: what it is, how heavy, how many, and where. */
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
const remove = () => workspace.edit('app.edit.removeThing', (document) => removeThing(document, props.thing.id));
</script>

<template>
  <div class="thing" :class="{ home: !placement, held }" data-test="thing">
    <button
      type="button"
      class="grip"
      :data-grip="thing.id"
      :aria-label="t('app.hand.pickUp', { name: thing.name })"
      @keydown.enter.prevent="hand.pickUp(thing.id, 'keys')"
      @keydown.space.prevent="hand.pickUp(thing.id, 'keys')"
    >
      <GripVertical :size="15" />
    </button>
    <NameField class="called" :name="thing.name" :label="t('app.load.thingName')" @change="rename" />
    <el-input-number
      v-if="placement"
      class="count"
      size="small"
      :min="1"
      :max="999"
      :precision="0"
      :controls="false"
      :model-value="placement.count"
      :aria-label="t('app.load.countOf', { name: thing.name })"
      @change="setCount"
    />
    <span v-else />
    <QuantityField
      quiet
      :label="t('app.load.massOf', { name: thing.name })"
      field="mass"
      :value="thing.mass"
      @change="setMass"
    />
    <PlaceSelect
      class="where"
      :value="key"
      :groups="groups"
      :label="t('app.load.placeOf', { name: thing.name })"
      @change="move"
    />
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
      class="icon-button small"
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
  grid-template-columns: 22px minmax(0, 1.15fr) 38px 88px minmax(0, 0.8fr) 24px 24px;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
.grip {
  display: grid;
  place-items: center;
  min-height: 26px;
  padding: 0;
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
.called {
  font: 400 15px/1.3 var(--text);
}
.home .called {
  color: var(--soft);
}
.count {
  width: 38px;
}
.count :deep(.el-input__wrapper) {
  padding: 0 4px;
}
@media (width <= 720px) {
  .thing {
    grid-template-columns: 30px minmax(0, 1fr) 44px 92px 30px 30px;
  }
  .grip {
    min-height: 40px;
  }
  .where {
    grid-row: 2;
    grid-column: 2 / 6;
  }
}
</style>

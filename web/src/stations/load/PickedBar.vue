<script setup lang="ts">
import { displayMass, placedMass, type RigView } from '@wagonomos/core';
import { placePart, placeThing } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useShelf } from '../../stores/shelf.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import { shelfRow } from '../../stores/shelfRows.ts';
import { choiceOf, type PlaceGroup } from './placeChoices.ts';

/** Several things in one step: into a place, or left at home. */
const props = defineProps<{ view: RigView; groups: readonly PlaceGroup[] }>();
const { t } = useI18n();
const settings = useSettings();
const shelf = useShelf();
const workspace = useWorkspace();

const rows = computed(() => [...shelf.picked].flatMap((key) => shelfRow(props.view, key) ?? []));
const mass = computed(() => {
  const kg = rows.value.reduce((sum, { thing, placement }) => sum + placedMass(thing, placement ?? { count: 1 }), 0);
  return `${written(displayMass(kg, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
});
const put = (key: string) => {
  const spot = choiceOf(props.groups, key);
  const { loadout } = props.view;
  workspace.edit('app.edit.moveSeveral', (document) =>
    rows.value.reduce((all, { thing, placement }) => {
      const there = spot ? { body: spot.body, place: spot.place, count: placement?.count ?? 1 } : null;
      if (!placement) return placeThing(all, loadout.id, thing.id, there);
      return placePart(all, loadout.id, placement, there);
    }, document),
  );
  shelf.startPicking(false);
};
</script>

<template>
  <div class="picked" role="group" :aria-label="t('app.load.pickSeveral')" data-test="picked">
    <span>{{ t('app.load.picked', { count: shelf.picked.size, mass }) }}</span>
    <template v-if="shelf.picked.size > 0">
      <PlaceSelect
        value=""
        :groups="groups"
        :label="t('app.load.moveTo')"
        :placeholder="t('app.load.moveTo')"
        @change="put"
      />
      <el-button @click="put('')">{{ t('app.load.leaveHome') }}</el-button>
    </template>
    <button type="button" class="quiet-button" @click="shelf.startPicking(false)">{{ t('app.load.pickDone') }}</button>
  </div>
</template>

<style scoped>
.picked {
  position: sticky;
  z-index: 10;
  top: 84px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  margin-bottom: 8px;
  padding: 6px 10px;
  border: 2px solid var(--pen);
  border-radius: 3px;
  background: var(--sheet);
}
.picked > .el-select {
  width: 170px;
}
</style>

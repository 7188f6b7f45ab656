<script setup lang="ts">
import { placeSetsFor, placesOfSet, type PlaceSet } from '@wagonomos/core/entry';
import { placedBodies, type Body, type RigView } from '@wagonomos/core';
import { addPart, addPlaces } from '@wagonomos/core/edits';
import { LayoutGrid, Move, Plus } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../stores/newId.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { useArrange } from './arrange.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { middleOf } from './arranging.ts';
import PartFigures from './PartFigures.vue';
import { usePartEdits } from './usePartEdits.ts';

/** What can be done with the drawing: look from the side or from above, add places, put parts where they are. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const arrange = useArrange();
const workspace = useWorkspace();
const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));
const sets = computed(() => bodies.value.flatMap((body) => placeSetsFor(body).map((set) => ({ body, set }))));

const { change, remove } = usePartEdits();

const addPlace = (body: Body) => {
  const place = {
    id: newId(),
    name: t('app.places.newName'),
    kind: 'locker' as const,
    x: middleOf(body),
    length: 0.6,
    z: 0.6,
    height: 0.4,
  };
  workspace.edit('app.edit.place', (document) => addPart(document, body.id, 'places', place));
  arrange.arranging = true;
  arrange.chosen = `places:${body.id}/${place.id}`;
};
const problem = ref('');
const takeSet = ({ body, set }: { body: Body; set: PlaceSet }) => {
  const made = placesOfSet(set, body, { newId, word: (message) => say(message) });
  if ('missing' in made) {
    const lengths = made.missing.map((name) => t(`app.geometry.${name}`)).join(', ');
    problem.value = t('app.arrange.measureFirst', { body: body.name, lengths });
    return;
  }
  problem.value = '';
  workspace.edit('app.edit.placeSet', (document) => addPlaces(document, body.id, made.places));
  arrange.arranging = true;
};
const toggle = () => {
  if (arrange.arranging) arrange.stop();
  else arrange.arranging = true;
};
</script>

<template>
  <div class="arrange-bench" data-test="arrange" :inert="workspace.follows">
    <div class="tools">
      <div class="sights" role="group" :aria-label="t('app.arrange.sight')">
        <button
          v-for="sight in ['side', 'above'] as const"
          :key="sight"
          type="button"
          :aria-pressed="arrange.sight === sight"
          @click="arrange.sight = sight"
        >
          {{ t(`app.arrange.from.${sight}`) }}
        </button>
      </div>
      <button type="button" class="quiet-button" :aria-pressed="arrange.arranging" @click="toggle">
        <Move :size="15" />{{ t(arrange.arranging ? 'app.arrange.done' : 'app.arrange.start') }}
      </button>
      <el-dropdown :persistent="false" trigger="click" @command="addPlace">
        <button type="button" class="quiet-button"><Plus :size="15" />{{ t('app.arrange.add') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="body in bodies" :key="body.id" :command="body">{{ body.name }}</el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
      <el-dropdown :persistent="false" trigger="click" @command="takeSet">
        <button type="button" class="quiet-button"><LayoutGrid :size="15" />{{ t('app.arrange.sets') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="one in sets" :key="`${one.body.id} ${one.set.id}`" :command="one">
              {{ t('app.arrange.setFor', { set: t(`app.arrange.set.${one.set.id}`), body: one.body.name }) }}
            </el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
      <small v-if="arrange.arranging" class="keys">{{ t('app.arrange.keys') }}</small>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <PartFigures
      v-if="arrange.arranging && arrange.chosen"
      :view="view"
      :chosen="arrange.chosen"
      @change="change"
      @remove="remove"
    />
  </div>
</template>

<style scoped>
.arrange-bench {
  border-top: 1px solid var(--line);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 6px 18px;
}
.sights {
  display: inline-flex;
  border: 1px solid var(--soft);
  border-radius: 2px;
}
.sights button {
  padding: 4px 11px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 600 15px/20px var(--figures);
  cursor: pointer;
}
.sights [aria-pressed='true'] {
  background: var(--ink);
  color: var(--on-ink);
}
.problem {
  margin: 0;
  padding: 4px 18px 8px;
  color: var(--over);
}
.keys {
  color: var(--soft);
}
@media (pointer: coarse) {
  .keys {
    display: none;
  }
}
</style>

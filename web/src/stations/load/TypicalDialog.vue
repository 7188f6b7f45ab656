<script setup lang="ts">
import { displayMass, type RigView } from '@wagonomos/core';
import { addThing, placeThing } from '@wagonomos/core/edits';
import { lighterInstead, typicalGroups, typicalMass, typicalThings, type TypicalThing } from '@wagonomos/core/entry';
import { Plus } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, placeGroups } from './placeChoices.ts';

/** Generic things with the range their mass usually lies in, and what would do the same and weigh less. */
const props = defineProps<{ view: RigView }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { speech } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const wanted = ref('');
const where = ref('');
const taken = ref('');
const groups = computed(() => placeGroups(props.view));
const kg = (mass: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value: mass, rounding: 'nearest' });
const mass = (value: number) => written(displayMass(value, settings.massUnit, 'nearest', 0.1), 1);
const name = (thing: TypicalThing) => t(`typical.${thing.id}`);
const shelves = computed(() =>
  typicalGroups
    .map((group) => ({
      group,
      things: typicalThings.filter(
        (thing) => thing.group === group && name(thing).toLowerCase().includes(wanted.value.trim().toLowerCase()),
      ),
    }))
    .filter((shelf) => shelf.things.length > 0),
);
const instead = (thing: TypicalThing): string => {
  const found = lighterInstead(thing);
  return found ? t('app.typical.instead', { other: name(found.thing), saves: kg(found.saves) }) : '';
};
const add = (thing: TypicalThing) => {
  const { mass, plusMinus } = typicalMass(thing);
  const owned = { id: newId(), name: name(thing), like: thing.id, mass, plusMinus };
  const target = choiceOf(groups.value, where.value);
  workspace.edit('app.edit.addThing', (document) =>
    placeThing(
      addThing(document, owned),
      props.view.loadout.id,
      owned.id,
      target ? { body: target.body, place: target.place, count: 1 } : null,
    ),
  );
  taken.value = t('app.typical.taken', { name: owned.name });
};
</script>

<template>
  <el-dialog v-model="open" :title="t('app.typical.title')" width="min(680px, 96vw)">
    <p class="soft">{{ t('app.typical.hint') }}</p>
    <div class="head">
      <el-input
        v-model="wanted"
        clearable
        :placeholder="t('app.typical.search')"
        :aria-label="t('app.typical.search')"
      />
      <PlaceSelect :value="where" :groups="groups" :label="t('app.typical.where')" @change="(key) => (where = key)" />
    </div>
    <p class="soft" aria-live="polite">{{ taken }}</p>
    <div class="list" tabindex="0" role="region" :aria-label="t('app.typical.title')">
      <section v-for="shelf in shelves" :key="shelf.group">
        <h3>{{ t(`app.typical.group.${shelf.group}`) }}</h3>
        <div v-for="thing in shelf.things" :key="thing.id" class="thing" data-test="typical">
          <span
            >{{ name(thing) }}<small v-if="instead(thing)">{{ instead(thing) }}</small></span
          >
          <span class="num">{{
            t('app.typical.range', { least: mass(thing.least), most: mass(thing.most), unit: settings.massUnit })
          }}</span>
          <button
            type="button"
            class="icon-button small"
            :aria-label="t('app.typical.add', { name: name(thing) })"
            @click="add(thing)"
          >
            <Plus :size="16" />
          </button>
        </div>
      </section>
      <p v-if="shelves.length === 0" class="soft">{{ t('app.typical.none') }}</p>
    </div>
  </el-dialog>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin-top: 6px;
}
.list {
  max-height: 52vh;
  overflow: auto;
}
h3 {
  margin-top: 10px;
  border-bottom: 2px solid var(--ink);
}
.thing {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 30px;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
small {
  display: block;
  color: var(--soft);
}
.num {
  font-size: 17px;
  font-weight: 600;
}
</style>

<script setup lang="ts">
import { numberHabit, type RigView } from '@wagonomos/core';
import { addCrew, addThing, placeThing, sendThing, setTankLevel } from '@wagonomos/core/edits';
import { completions, parseQuickLine, type QuickContext, type QuickEntry } from '@wagonomos/core/entry';
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDemoIds } from '../../stores/demo.ts';
import { useRoute } from 'vue-router';
import { newId } from '../../stores/newId.ts';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useDraft } from '../../stores/drafts.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace, type Refusal } from '../../stores/workspace.ts';
import { freeSeat } from './freeSeat.ts';
import { ownThings } from './ownThings.ts';
import { choiceOf, placeGroups } from './placeChoices.ts';

/** One line said in a hurry: a thing and where it goes, a tank and how full, somebody and how heavy. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { speech } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const demo = useDemoIds();
const route = useRoute();
const { reason } = useRefusalWords();
const text = useDraft(() => `quick ${props.view.rig.id}`);
const done = ref('');
/** Why the last line was not taken. */
const refused = ref<string | null>(null);
watch(text, () => {
  refused.value = null;
});
const field = ref<{ focus: () => void }>();
onMounted(() => {
  if (route.query['quick'] !== undefined) field.value?.focus();
});

const groups = computed(() => placeGroups(props.view));
const bodies = computed(() =>
  [props.view.vehicle, props.view.camper, props.view.trailer].filter((one) => one !== undefined),
);
const words = (key: string) =>
  t(key)
    .split(',')
    .map((word) => word.trim());
const context = computed<QuickContext>(() => ({
  places: groups.value.flatMap((group) =>
    group.places.map(({ key, label }) => ({ key, name: label, body: group.label })),
  ),
  tanks: bodies.value.flatMap((body) =>
    body.tanks.map((tank) => ({ key: `${body.id}/${tank.id}`, name: tank.name, body: body.name })),
  ),
  things: ownThings(props.view, workspace.document, demo.value).map(({ id, name }) => ({ key: id, name })),
  crewWords: words('app.quick.crewWords'),
  homeWords: words('app.quick.homeWords'),
  massUnit: settings.massUnit,
  habit: numberHabit(props.view.situation.words),
}));
const read = computed(() => (text.value.trim() === '' ? null : parseQuickLine(text.value, context.value)));
const kg = (mass: number) => speech.value.amount({ kind: 'amount', unit: 'kg', value: mass, rounding: 'nearest' });
const nameOf = (key: string) => context.value.places.find((place) => place.key === key)?.name ?? '';
const placeName = (place: string | null | undefined) => (place ? nameOf(place) : t('app.load.atHome'));

const says = (entry: QuickEntry): string => {
  if (entry.kind === 'crew') return t('app.quick.crew', { name: entry.name, mass: kg(entry.mass) });
  if (entry.kind === 'tank') {
    const tank = context.value.tanks.find((one) => one.key === entry.tank)?.name ?? '';
    return t('app.quick.tank', { tank, share: written(100 * entry.fraction, 1) });
  }
  if (entry.kind === 'move') {
    const name = props.view.things.get(entry.thing)?.name ?? '';
    return t('app.quick.move', {
      thing: entry.count === undefined ? name : t('app.balance.move.some', { count: entry.count, name }),
      place: placeName(entry.place),
    });
  }
  return t('app.quick.thing', {
    times: entry.count,
    name: entry.name,
    mass: kg(entry.mass),
    place: placeName(entry.place),
  });
};
const problem = computed(() =>
  read.value && !read.value.ok
    ? t(`app.quick.problem.${read.value.problem.code}`, { text: read.value.problem.text })
    : '',
);

const place = (thing: string, to: string | null | undefined, count: number) => {
  const target = to ? choiceOf(groups.value, to) : undefined;
  return { thing, spot: target ? { body: target.body, place: target.place, count } : null };
};
const apply = (entry: QuickEntry): Refusal | null => {
  const loadout = props.view.loadout.id;
  if (entry.kind === 'tank') {
    const [body = '', tank = ''] = entry.tank.split('/');
    return workspace.edit('app.edit.tankLevel', (document) =>
      setTankLevel(document, loadout, body, tank, entry.fraction),
    );
  }
  if (entry.kind === 'crew') {
    const seat = freeSeat(props.view);
    const member = {
      id: newId(),
      name: entry.name,
      mass: entry.mass,
      ...(seat === undefined ? {} : { seat }),
    };
    return workspace.edit('app.edit.crew', (document) => addCrew(document, loadout, member));
  }
  if (entry.kind === 'move') {
    const to = entry.place === null ? null : (choiceOf(groups.value, entry.place) ?? null);
    return workspace.edit('app.edit.move', (document) => sendThing(document, loadout, entry.thing, to, entry.count));
  }
  const thing = { id: newId(), name: entry.name, mass: entry.mass };
  const { spot } = place(thing.id, entry.place, entry.count);
  return workspace.edit('app.edit.addThing', (document) =>
    placeThing(addThing(document, thing), loadout, thing.id, spot),
  );
};
const enter = () => {
  if (!read.value?.ok) return;
  const { entry } = read.value;
  const said = says(entry);
  refused.value = reason(apply(entry));
  workspace.dismissRefusal();
  if (refused.value !== null) return;
  done.value = said;
  text.value = '';
};

const names = computed(() => [
  ...context.value.places.map(({ name }) => name),
  ...context.value.tanks.map(({ name }) => name),
  ...context.value.things.map(({ name }) => name),
]);
const suggested = computed(() => (text.value.length > 1 ? completions(text.value, names.value) : []));
</script>

<template>
  <form class="quick" @submit.prevent="enter">
    <el-input
      ref="field"
      v-model="text"
      list="quick-completions"
      autocomplete="off"
      :maxlength="200"
      :placeholder="t('app.quick.placeholder')"
      :aria-label="t('app.quick.label')"
    />
    <datalist id="quick-completions">
      <option v-for="line in suggested" :key="line" :value="line" />
    </datalist>
    <p class="answer" aria-live="polite" data-test="quick-answer">
      <span v-if="refused !== null" class="problem">{{ t('app.refused.title') }} {{ refused }}</span>
      <span v-else-if="problem" class="problem">{{ problem }}</span>
      <span v-else-if="read?.ok">{{ t('app.quick.enter', { what: says(read.entry) }) }}</span>
      <span v-else-if="done" class="soft">{{ t('app.quick.done', { what: done }) }}</span>
      <span v-else class="soft">{{ t('app.quick.hint') }}</span>
    </p>
  </form>
</template>

<style scoped>
.quick {
  margin-bottom: 10px;
}
.answer {
  min-height: 20px;
  font-size: 14px;
}
.problem {
  color: var(--over);
}
</style>

<script setup lang="ts">
import { placedBodies, thingsAboard, type RigView } from '@wagonomos/core';
import { aimsInOrder, type PackingWish, type ThingWish } from '@wagonomos/core/packing';
import { ArrowUp, X } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import ChoicesField from '../../fields/ChoicesField.vue';
import PackTanks from './PackTanks.vue';

/** What a packing is to be like: the aims in order, when it has to hold, what stays and what must come, which places are closed. */
const props = defineProps<{
  view: RigView;
  wish: PackingWish;
  holds: string;
  trips: readonly { readonly id: string; readonly name?: string | undefined }[];
}>();
type Patch = { [Key in keyof PackingWish]?: PackingWish[Key] | undefined };
const emit = defineEmits<{ change: [patch: Patch]; holds: [when: string] }>();
const { t } = useI18n();

const aims = computed(() => aimsInOrder(props.wish));
const earlier = (at: number) => {
  const next = [...aims.value];
  const [one] = next.splice(at, 1);
  if (one) next.splice(at - 1, 0, one);
  emit('change', { aims: next });
};
const moments = computed(() => [
  { value: 'now', label: t('app.pack.hold.now') },
  { value: 'water', label: t('app.pack.hold.water') },
  ...props.trips.map(({ id, name }) => ({ value: id, label: t('app.pack.hold.trip', { trip: name ?? '' }) })),
]);

const places = computed(() =>
  placedBodies(props.view).flatMap(({ body }) =>
    body.places.map((place) => ({ value: `${body.id}/${place.id}`, label: `${place.name} (${body.name})` })),
  ),
);
const closed = computed(() => (props.wish.closed ?? []).map(({ body, place }) => `${body}/${place}`));
const close = (keys: readonly string[]) =>
  emit('change', {
    closed:
      keys.length === 0
        ? undefined
        : keys.map((key) => {
            const [body = '', place = ''] = key.split('/');
            return { body, place };
          }),
  });

const nameOf = (thing: string) => props.view.things.get(thing)?.name ?? '';
const placeName = (body: string, place: string) =>
  placedBodies(props.view)
    .find((one) => one.body.id === body)
    ?.body.places.find(({ id }) => id === place)?.name ?? '';
const hows = ['stays', 'comes', 'spare'] as const;
const thing = ref('');
const onBoard = computed(() =>
  thingsAboard(props.view)
    .filter(({ id }) => !props.wish.things?.some((one) => one.thing === id))
    .map(({ id: value, name: label }) => ({ value, label }))
    .sort((a, b) => a.label.localeCompare(b.label)),
);
const treat = (how: ThingWish) => {
  if (thing.value === '') return;
  emit('change', { things: [...(props.wish.things ?? []), { thing: thing.value, how }] });
  thing.value = '';
};
const without = <One,>(list: readonly One[] | undefined, gone: One): One[] | undefined => {
  const left = (list ?? []).filter((one) => one !== gone);
  return left.length > 0 ? left : undefined;
};

const switches = ['noBand', 'certain', 'seats', 'parted'] as const;
const on = (name: (typeof switches)[number]) => (name === 'noBand' ? !props.wish.noBand : props.wish[name] === true);
const turn = (name: (typeof switches)[number]) =>
  emit('change', { [name]: props.wish[name] === true ? undefined : true });
const counts = [0, 1, 2, 3, 4, 5, 6, 8, 10, 15] as const;
</script>

<template>
  <div class="wishes" data-test="pack-wishes">
    <h2>{{ t('app.pack.wishes') }}</h2>
    <h3>{{ t('app.pack.aims') }}</h3>
    <ol class="aims">
      <li v-for="(aim, at) in aims" :key="aim" data-test="pack-aim">
        <span>{{ t(`app.pack.aim.${aim}`) }}</span>
        <button
          v-if="at > 0"
          type="button"
          class="icon-button small"
          :aria-label="t('app.pack.earlier', { aim: t(`app.pack.aim.${aim}`) })"
          @click="earlier(at)"
        >
          <ArrowUp :size="15" />
        </button>
      </li>
    </ol>
    <div class="fields">
      <ChoiceField
        :label="t('app.pack.hold.label')"
        :value="holds"
        :options="moments"
        @change="(when) => emit('holds', when)"
      />
      <ChoiceField
        :label="t('app.pack.mostMoves')"
        :value="wish.mostMoves ?? 0"
        :options="counts.map((value) => ({ value, label: value === 0 ? t('app.pack.anyMoves') : String(value) }))"
        @change="(most) => emit('change', { mostMoves: most === 0 ? undefined : most })"
      />
    </div>
    <ul class="switches">
      <li v-for="name in switches" :key="name">
        <label>
          <el-switch
            :model-value="on(name)"
            size="small"
            :aria-label="t(`app.pack.switch.${name}`)"
            @change="turn(name)"
          />
          {{ t(`app.pack.switch.${name}`) }}
        </label>
      </li>
    </ul>

    <h3>{{ t('app.pack.thingWishes') }}</h3>
    <div class="fields">
      <ChoiceField
        :label="t('app.pack.thing')"
        :value="thing"
        :options="onBoard"
        :placeholder="t('app.pack.chooseThing')"
        @change="(id) => (thing = id)"
      />
      <ChoiceField
        :label="t('app.pack.how')"
        :value="undefined"
        :options="hows.map((value) => ({ value, label: t(`app.pack.treat.${value}`) }))"
        :placeholder="t('app.pack.chooseHow')"
        @change="treat"
      />
      <ChoicesField
        :label="t('app.pack.closed')"
        :value="closed"
        :options="places"
        :placeholder="t('app.pack.noneClosed')"
        @change="close"
      />
    </div>
    <ul class="tags">
      <li v-for="one in wish.things ?? []" :key="one.thing">
        {{ t(`app.pack.treated.${one.how}`, { name: nameOf(one.thing) }) }}
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.pack.takeBack', { name: nameOf(one.thing) })"
          @click="emit('change', { things: without(wish.things, one) })"
        >
          <X :size="13" />
        </button>
      </li>
      <li v-for="one in wish.never ?? []" :key="`${one.thing} ${one.place}`">
        {{ t('app.pack.never', { name: nameOf(one.thing), place: placeName(one.body, one.place) }) }}
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.pack.takeBack', { name: nameOf(one.thing) })"
          @click="emit('change', { never: without(wish.never, one) })"
        >
          <X :size="13" />
        </button>
      </li>
    </ul>
    <PackTanks v-if="holds === 'now'" :view="view" :wish="wish" @change="(tanks) => emit('change', { tanks })" />
    <p class="soft">{{ t('app.pack.sense') }}</p>
  </div>
</template>

<style scoped>
h3 {
  margin: 12px 0 2px;
}
.aims {
  margin: 0;
  padding: 0;
  counter-reset: aim;
  list-style: none;
}
.aims li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  align-items: center;
  min-height: 32px;
  border-bottom: 1px dotted var(--line);
  counter-increment: aim;
}
.aims li::before {
  color: var(--soft);
  font: 600 16px var(--figures);
  content: counter(aim);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px;
  margin: 8px 0;
}
.switches,
.tags {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}
.switches label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 30px;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
}
.tags li {
  display: flex;
  gap: 4px;
  align-items: center;
  padding: 1px 4px 1px 8px;
  border: 1px solid var(--ink);
  background: var(--field);
}
.soft {
  color: var(--soft);
  font-size: 13.5px;
}
@media (width <= 720px) {
  .aims li,
  .switches label {
    min-height: 44px;
  }
}
</style>

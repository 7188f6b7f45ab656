<script setup lang="ts">
import {
  addPart,
  changePart,
  displayMass,
  placeContents,
  placedBodies,
  placeKinds,
  removePart,
  roomMessage,
  type Body,
  type Place,
  type RigView,
} from '@wagonomos/core';
import { Plus, Trash2 } from '@lucide/vue';
import { computed, nextTick, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import MessageText from '../../shared/MessageText.vue';
import { written } from '../../shared/useSpeech.ts';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Places, what lies in each, how much more each could take, and which limit would be the first to say no. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const rig = useRig();
const arithmetic = useArithmetic();
const route = useRoute();
const settings = useSettings();
const workspace = useWorkspace();

const bodies = computed(() => placedBodies(props.view).map(({ body }) => body));
const rooms = computed(() => new Map(rig.rooms.map((one) => [`${one.body}/${one.place.id}`, roomMessage(one)])));
const placesOf = (body: Body) =>
  body.places.map((place) => {
    const key = `${body.id}/${place.id}`;
    return { place, key, room: rooms.value.get(key) };
  });
const contents = computed(() => placeContents(props.view));
const chosen = computed(() => route.query['place']);

watch(
  chosen,
  (key) =>
    void nextTick(() => key && document.getElementById(`place-${String(key)}`)?.scrollIntoView({ block: 'center' })),
  { immediate: true },
);

const lies = (key: string) => written(displayMass(contents.value.get(key)?.mass ?? 0, settings.massUnit, 'load'), 0);

const add = (body: string) =>
  workspace.edit('app.edit.place', (document) =>
    addPart(document, body, 'places', { id: newId(), name: t('app.places.newName'), kind: 'locker' }),
  );
const change = (body: string, place: Place, patch: Partial<Place>) =>
  workspace.edit(
    'app.edit.place',
    (document) => changePart(document, body, 'places', place.id, patch),
    `place ${body} ${place.id} ${Object.keys(patch).join()}`,
  );
const remove = (body: string, place: Place) =>
  workspace.edit('app.edit.place', (document) => removePart(document, body, 'places', place.id));
</script>

<template>
  <div class="places">
    <template v-for="body in bodies" :key="body.id">
      <div class="section-head">
        <h2>{{ t('app.places.title', { body: body.name }) }}</h2>
        <button type="button" class="quiet-button" @click="add(body.id)">
          <Plus :size="15" />{{ t('app.places.add') }}
        </button>
      </div>
      <div
        v-for="{ place, key, room } in placesOf(body)"
        :id="`place-${key}`"
        :key="key"
        class="place"
        :class="{ chosen: chosen === key }"
        data-test="place"
      >
        <details :open="chosen === key">
          <summary>{{ place.name }}</summary>
          <div class="fields">
            <NameField
              :name="place.name"
              :label="t('app.places.name')"
              @change="(name) => change(body.id, place, { name })"
            />
            <el-select
              :model-value="place.kind"
              :aria-label="t('app.places.kind')"
              @change="change(body.id, place, { kind: $event })"
            >
              <el-option v-for="kind in placeKinds" :key="kind" :value="kind" :label="t(`app.places.kinds.${kind}`)" />
            </el-select>
            <QuantityField
              :label="t(`app.places.x.${body.kind}`)"
              field="position"
              :value="place.x"
              @change="(x) => change(body.id, place, { x })"
            />
            <QuantityField
              :label="t('app.places.length')"
              field="length"
              :value="place.length"
              @change="(length) => change(body.id, place, { length })"
            />
            <QuantityField
              :label="t('app.places.rating')"
              field="mass"
              :value="place.rating?.value"
              @change="
                (value) =>
                  change(body.id, place, { rating: value === undefined ? undefined : { ...place.rating, value } })
              "
            />
            <button
              type="button"
              class="icon-button"
              :aria-label="t('app.places.remove', { name: place.name })"
              @click="remove(body.id, place)"
            >
              <Trash2 :size="15" />
            </button>
          </div>
        </details>
        <button type="button" class="num lies" @click="arithmetic.open(`contents:${key}`)">{{ lies(key) }}</button>
        <small v-if="room" class="room"><MessageText :message="room" /></small>
      </div>
    </template>
  </div>
</template>

<style scoped>
.places {
  margin-top: 18px;
}
.places .section-head:not(:first-child) {
  margin-top: 16px;
}
.place {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
.place.chosen {
  border-left: 4px solid var(--pen);
  padding-left: 8px;
}
details {
  grid-row: 1;
}
details[open] {
  grid-column: 1 / -1;
}
summary {
  cursor: pointer;
}
.lies {
  grid-row: 1;
  grid-column: 2;
  align-self: start;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font-size: 17px;
  font-weight: 600;
  cursor: pointer;
}
.room {
  grid-row: 2;
  grid-column: 1 / -1;
  color: var(--soft);
  font: 400 14px var(--figures);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
  gap: 8px;
  align-items: end;
  padding: 4px 0 10px;
}
</style>

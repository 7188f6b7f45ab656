<script setup lang="ts">
import {
  addPart,
  changePart,
  displayMass,
  placeContents,
  placeKinds,
  removePart,
  type Place,
  type PlaceRoom,
  type RigView,
} from '@wagonomos/core';
import { Plus, Trash2 } from '@lucide/vue';
import { computed, nextTick, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Places, what lies in each, how much more each could take, and which limit would be the first to say no. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const route = useRoute();
const settings = useSettings();
const workspace = useWorkspace();

const bodies = computed(() => [props.view.vehicle, props.view.trailer].filter((body) => body !== undefined));
const rooms = computed(() => new Map(rig.rooms.map((one) => [`${one.body}/${one.place.id}`, one])));
const contents = computed(() => placeContents(props.view));
const chosen = computed(() => route.query['place']);

watch(
  chosen,
  (key) =>
    void nextTick(() => key && document.getElementById(`place-${String(key)}`)?.scrollIntoView({ block: 'center' })),
  { immediate: true },
);

const kg = (value: number, rounding: 'load' | 'margin') => written(displayMass(value, settings.massUnit, rounding), 0);
const lies = (key: string) => kg(contents.value.get(key)?.mass ?? 0, 'load');
const roomText = ({ room }: PlaceRoom): string => {
  if (room.kind === 'unknown') return t('app.places.unknown');
  if (room.kind === 'none') return t('app.places.none', { limit: say(room.binding.name) });
  // A counterweight at the tail would mend a light or heavy axle on paper and make the rig swing: never offered.
  if (room.mends) return t('app.places.none', { limit: say(room.mends.name) });
  if (room.most === null || !room.binding) return t('app.places.unbound');
  return t('app.places.room', { room: kg(room.most, 'margin'), limit: say(room.binding.name) });
};

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
      <details
        v-for="place in body.places"
        :id="`place-${body.id}/${place.id}`"
        :key="place.id"
        :open="chosen === `${body.id}/${place.id}`"
        :class="{ chosen: chosen === `${body.id}/${place.id}` }"
      >
        <summary>
          <span class="called">{{ place.name }}</span>
          <b class="num">{{ lies(`${body.id}/${place.id}`) }}</b>
          <small v-if="rooms.get(`${body.id}/${place.id}`)">{{ roomText(rooms.get(`${body.id}/${place.id}`)!) }}</small>
        </summary>
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
            :label="t(body.kind === 'vehicle' ? 'app.places.xVehicle' : 'app.places.xTrailer')"
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
details {
  border-bottom: 1px dotted var(--line);
}
details.chosen {
  border-left: 4px solid var(--pen);
  padding-left: 8px;
}
summary {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: baseline;
  padding: 4px 0;
  cursor: pointer;
}
summary b {
  font-size: 17px;
}
summary small {
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

<script setup lang="ts">
import { placeKinds, placedBodies, type Place, type RigView, type Tank } from '@wagonomos/core';
import { Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../fields/NameField.vue';
import QuantityField from '../fields/QuantityField.vue';
import type { PartKey, PartPatch } from './arranging.ts';

/** The figures of the part in hand, beside the drawing. */
const props = defineProps<{ view: RigView; chosen: PartKey }>();
const emit = defineEmits<{
  change: [key: PartKey, patch: PartPatch & Partial<Place>];
  remove: [key: PartKey];
}>();
const { t } = useI18n();

const found = computed(() => {
  const [list = '', path = ''] = props.chosen.split(':');
  const [bodyId = '', id = ''] = path.split('/');
  const body = placedBodies(props.view).find((one) => one.body.id === bodyId)?.body;
  if (!body) return null;
  const place = list === 'places' ? body.places.find((one) => one.id === id) : undefined;
  const tank: Tank | undefined = list === 'tanks' ? body.tanks.find((one) => one.id === id) : undefined;
  const seat = list === 'seats' && body.kind === 'vehicle' ? body.seats.find((one) => one.id === id) : undefined;
  const part = place ?? tank ?? seat;
  return part ? { part, place, tank, body } : null;
});
const change = (patch: PartPatch & Partial<Place>) => emit('change', props.chosen, patch);
/** A figure wiped away is taken away, not set to nothing. */
const set = (name: 'x' | 'length' | 'z' | 'height' | 'y' | 'width') => (value: number | undefined) =>
  change({ [name]: value });
</script>

<template>
  <div v-if="found" class="figures" data-test="part-figures">
    <NameField
      class="name"
      :name="found.part.name"
      :label="t('app.places.name')"
      @change="(name) => change({ name })"
    />
    <el-select
      v-if="found.place"
      :persistent="false"
      :model-value="found.place.kind"
      :aria-label="t('app.places.kind')"
      @change="change({ kind: $event })"
    >
      <el-option v-for="kind in placeKinds" :key="kind" :value="kind" :label="t(`app.places.kinds.${kind}`)" />
    </el-select>
    <QuantityField
      :label="t(`app.places.x.${found.body.kind}`)"
      field="position"
      :value="found.part.x"
      @change="set('x')"
    />
    <QuantityField
      v-if="found.place || found.tank"
      :label="t('app.places.length')"
      field="length"
      :value="(found.place ?? found.tank)?.length"
      @change="set('length')"
    />
    <QuantityField :label="t('app.places.y')" field="lateral" :value="found.part.y" @change="set('y')" />
    <template v-if="found.place">
      <QuantityField :label="t('app.places.width')" field="length" :value="found.place.width" @change="set('width')" />
      <QuantityField :label="t('app.places.z')" field="elevation" :value="found.place.z" @change="set('z')" />
      <QuantityField
        :label="t('app.places.height')"
        field="length"
        :value="found.place.height"
        @change="set('height')"
      />
      <QuantityField
        :label="t('app.places.rating')"
        field="mass"
        :value="found.place.rating?.value"
        @change="(value) => change({ rating: value === undefined ? undefined : { ...found?.place?.rating, value } })"
      />
      <NameField
        v-if="found.place.rating"
        class="name"
        :name="found.place.rating.source ?? ''"
        :label="t('app.places.ratingSource')"
        @change="(source) => found?.place?.rating && change({ rating: { ...found.place.rating, source } })"
      />
    </template>
    <button
      type="button"
      class="icon-button"
      :aria-label="t('app.places.remove', { name: found.part.name })"
      @click="emit('remove', chosen)"
    >
      <Trash2 :size="15" />
    </button>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 8px;
  align-items: end;
  padding: 8px 18px 12px;
  border-top: 1px solid var(--line);
  background: var(--sheet);
}
.name {
  font: 600 16px/1.4 var(--figures);
}
</style>

<script setup lang="ts">
import { changePart, placeKinds, removePart, type Body, type Message, type Place } from '@wagonomos/core';
import { Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import MessageText from '../../shared/MessageText.vue';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** One place: its figures folded away, what lies in it, and what more it could take or what would be left. */
const props = defineProps<{
  place: Place;
  body: string;
  bodyKind: Body['kind'];
  chosen: boolean;
  /** Something is held over it. */
  target: boolean;
  lies: string;
  room: Message | undefined;
  wouldLeave: string | undefined;
  breaks: boolean;
}>();
const { t } = useI18n();
const arithmetic = useArithmetic();
const workspace = useWorkspace();
const key = computed(() => `${props.body}/${props.place.id}`);

const change = (patch: Partial<Place>) =>
  workspace.edit(
    'app.edit.place',
    (document) => changePart(document, props.body, 'places', props.place.id, patch),
    `place ${props.body} ${props.place.id} ${Object.keys(patch).join()}`,
  );
const remove = () =>
  workspace.edit('app.edit.place', (document) => removePart(document, props.body, 'places', props.place.id));
</script>

<template>
  <div :id="`place-${key}`" class="place" :class="{ chosen, target }" :data-drop="key" data-test="place">
    <details :open="chosen">
      <summary>{{ place.name }}</summary>
      <div class="fields">
        <NameField :name="place.name" :label="t('app.places.name')" @change="(name) => change({ name })" />
        <el-select :model-value="place.kind" :aria-label="t('app.places.kind')" @change="change({ kind: $event })">
          <el-option v-for="kind in placeKinds" :key="kind" :value="kind" :label="t(`app.places.kinds.${kind}`)" />
        </el-select>
        <QuantityField
          :label="t(`app.places.x.${bodyKind}`)"
          field="position"
          :value="place.x"
          @change="(x) => change({ x })"
        />
        <QuantityField
          :label="t('app.places.length')"
          field="length"
          :value="place.length"
          @change="(length) => change({ length })"
        />
        <QuantityField
          :label="t('app.places.rating')"
          field="mass"
          :value="place.rating?.value"
          @change="(value) => change({ rating: value === undefined ? undefined : { ...place.rating, value } })"
        />
        <button
          type="button"
          class="icon-button"
          :aria-label="t('app.places.remove', { name: place.name })"
          @click="remove"
        >
          <Trash2 :size="15" />
        </button>
      </div>
    </details>
    <button type="button" class="num lies" @click="arithmetic.open(`contents:${key}`)">{{ lies }}</button>
    <small v-if="wouldLeave" class="room" :class="{ breaks }">{{ wouldLeave }}</small>
    <small v-else-if="room" class="room"><MessageText :message="room" /></small>
  </div>
</template>

<style scoped>
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
.target {
  outline: 2px solid var(--pen);
}
.breaks.room {
  color: var(--over);
  font-weight: 600;
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

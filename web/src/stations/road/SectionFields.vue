<script setup lang="ts">
import { placedBodies, seatsIn, tankLevel, thingsAboard, type Jurisdiction, type RigView } from '@wagonomos/core';
import type { Section } from '@wagonomos/core/road';
import { computed, useId } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import FieldFrame from '../../fields/FieldFrame.vue';
import PlaceChoice from '../../fields/PlaceChoice.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useTripWords } from './useTripWords.ts';

/** What there is to say of one part of a trip, by its kind. */
const props = defineProps<{
  section: Section;
  /** The rig as it comes to that part. */
  view: RigView;
}>();
const emit = defineEmits<{ change: [section: Section] }>();
const { t } = useI18n();
const { tankChoices } = useTripWords();
const id = useId();

const put = (patch: Readonly<Record<string, unknown>>) => {
  const next = Object.entries({ ...props.section, ...patch }).filter(([, value]) => value !== undefined);
  emit('change', Object.fromEntries(next) as Section);
};
const places = computed(() =>
  placedBodies(props.view).flatMap(({ body }) =>
    body.places.map((place) => ({ value: `${body.id}/${place.id}`, label: `${place.name} (${body.name})` })),
  ),
);
const pair = (key: string): readonly [string, string] => {
  const at = key.indexOf('/');
  return [key.slice(0, at), key.slice(at + 1)];
};
const putTank = (key: string) => {
  const [body, tank] = pair(key);
  put({ body, tank });
};
const putPlace = (key: string) => {
  const [body, place] = pair(key);
  put({ body, place });
};
const level = computed(() =>
  props.section.kind === 'tank' ? tankLevel(props.view, props.section.body, props.section.tank) : 0,
);
const percent = (value: number | readonly number[]) => (typeof value === 'number' ? value : (value[0] ?? 0)) / 100;
const things = computed(() => thingsAboard(props.view).map(({ id: value, name: label }) => ({ value, label })));
const seats = computed(() => {
  const taken = props.view.loadout.crew.filter(({ id: member }) => member !== props.section.id).map(({ seat }) => seat);
  const all = props.view.vehicle ? seatsIn(props.view.vehicle) : [];
  return [
    { value: '', label: t('app.crew.noSeat') },
    ...all.filter(({ id: seat }) => !taken.includes(seat)).map((seat) => ({ value: seat.id, label: seat.name })),
  ];
});
const crew = computed(() => props.view.loadout.crew.map((one) => ({ value: one.id, label: one.name })));
/** Food that is bought, a pet that gets in. */
const marked = computed(() => {
  const { section } = props;
  return section.kind === 'shop' ? section.food === true : section.kind === 'join' && section.pet === true;
});
const mark = (on: boolean) => put({ [props.section.kind === 'shop' ? 'food' : 'pet']: on ? true : undefined });
const putWhere = (on: boolean) => put({ where: on ? { ...props.view.situation.travel } : undefined });
</script>

<template>
  <div class="fields">
    <template v-if="section.kind === 'drive'">
      <QuantityField
        :label="t('app.road.field.km')"
        field="distance"
        :value="section.km"
        @change="(km) => put({ km })"
      />
      <FieldFrame v-slot="frame" :label="t('app.road.field.hours')" shape="over">
        <el-input-number
          :id="frame.id"
          :model-value="section.hours ?? null"
          :min="0"
          :max="200"
          :step="0.5"
          :disabled="section.km !== undefined"
          controls-position="right"
          @change="(hours: number | undefined) => put({ hours: hours ?? undefined })"
        />
      </FieldFrame>
      <el-checkbox class="whole" :model-value="section.where !== undefined" @change="putWhere($event === true)">
        {{ t('app.road.field.border') }}
      </el-checkbox>
      <PlaceChoice
        v-if="section.where"
        class="whole"
        :place="section.where"
        :label="t('app.road.field.where')"
        :input-id="`${id}-where`"
        @change="(where: Jurisdiction) => put({ where })"
      />
    </template>
    <FieldFrame v-else-if="section.kind === 'nights'" v-slot="frame" :label="t('app.road.field.nights')" shape="over">
      <el-input-number
        :id="frame.id"
        :model-value="section.nights"
        :min="0"
        :max="400"
        controls-position="right"
        @change="(nights: number | undefined) => put({ nights: nights ?? 0 })"
      />
    </FieldFrame>
    <template v-else-if="section.kind === 'tank'">
      <ChoiceField
        class="whole"
        :label="t('app.road.field.tank')"
        :value="`${section.body}/${section.tank}`"
        :options="tankChoices(view)"
        @change="putTank"
      />
      <FieldFrame
        v-slot="frame"
        class="whole"
        :label="t('app.road.field.level', { after: Math.round(100 * section.fraction), now: Math.round(100 * level) })"
        shape="over"
      >
        <el-slider
          :id="frame.id"
          class="slider"
          :model-value="Math.round(100 * section.fraction)"
          :step="5"
          :aria-label="t('app.road.field.levelOf')"
          @update:model-value="(value: number | number[]) => put({ fraction: percent(value) })"
        />
      </FieldFrame>
      <p class="whole quick">
        <el-button size="small" @click="put({ fraction: 1 })">{{ t('app.road.field.full') }}</el-button>
        <el-button size="small" @click="put({ fraction: 0 })">{{ t('app.road.field.empty') }}</el-button>
      </p>
    </template>
    <template v-else-if="section.kind === 'shop' || section.kind === 'join'">
      <FieldFrame
        v-slot="frame"
        class="whole"
        :label="t(section.kind === 'shop' ? 'app.road.field.what' : 'app.road.field.who')"
        shape="over"
      >
        <el-input
          :id="frame.id"
          :model-value="section.name"
          maxlength="80"
          @update:model-value="(name: string) => put({ name })"
        />
      </FieldFrame>
      <QuantityField
        :label="t('app.road.field.mass')"
        field="mass"
        :value="section.mass === 0 ? undefined : section.mass"
        @change="(mass) => put({ mass: mass ?? 0 })"
      />
      <QuantityField
        :label="t('app.road.field.plusMinus')"
        field="plusMinus"
        :value="section.plusMinus"
        @change="(plusMinus) => put({ plusMinus })"
      />
      <ChoiceField
        v-if="section.kind === 'shop'"
        class="whole"
        :label="t('app.road.field.place')"
        :value="`${section.body}/${section.place}`"
        :options="places"
        @change="putPlace"
      />
      <ChoiceField
        v-else
        class="whole"
        :label="t('app.road.field.seat')"
        :value="section.seat ?? ''"
        :options="seats"
        @change="(seat: string) => put({ seat: seat || undefined })"
      />
      <el-checkbox class="whole" :model-value="marked" @change="mark($event === true)">
        {{ t(section.kind === 'shop' ? 'app.road.field.food' : 'app.road.field.pet') }}
      </el-checkbox>
    </template>
    <ChoiceField
      v-else-if="section.kind === 'setDown'"
      class="whole"
      :label="t('app.road.field.thing')"
      :value="section.thing"
      :options="things"
      @change="(thing: string) => put({ thing })"
    />
    <ChoiceField
      v-else-if="section.kind === 'part'"
      class="whole"
      :label="t('app.road.field.member')"
      :value="section.member"
      :options="crew"
      @change="(member: string) => put({ member })"
    />
    <slot></slot>
    <FieldFrame
      v-slot="frame"
      class="whole"
      :label="t(section.kind === 'drive' ? 'app.road.field.to' : 'app.road.field.at')"
      shape="over"
    >
      <el-input
        :id="frame.id"
        :model-value="section.at ?? ''"
        maxlength="80"
        @update:model-value="(at: string) => put({ at: at === '' ? undefined : at })"
      />
    </FieldFrame>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  align-items: end;
}
.whole {
  grid-column: 1 / -1;
}
.fields :deep(.el-input-number),
.fields :deep(.el-select) {
  width: 100%;
}
.quick {
  margin: 0;
}
.slider {
  padding: 0 10px;
}
</style>

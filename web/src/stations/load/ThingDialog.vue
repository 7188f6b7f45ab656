<script setup lang="ts">
import { placeKinds, type Placement, type PlaceKind, type RigView, type Thing } from '@wagonomos/core';
import { changeThing, placePart } from '@wagonomos/core/edits';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoicesField from '../../fields/ChoicesField.vue';
import DayField from '../../fields/DayField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useShelf } from '../../stores/shelf.ts';
import { shelfRows, type ShelfRow } from '../../stores/shelfRows.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PlaceSelect from './PlaceSelect.vue';
import { choiceOf, type PlaceGroup } from './placeChoices.ts';

/** Everything about one thing: how sure its mass is, what it weighs wet, its heavy end, and where it may go. */
const props = defineProps<{ view: RigView; row: ShelfRow; groups: readonly PlaceGroup[] }>();
const { t } = useI18n();
const shelf = useShelf();
const workspace = useWorkspace();

const open = computed({
  get: () => shelf.opened === props.row.key,
  set: (on) => {
    if (!on) shelf.opened = null;
  },
});
const thing = computed(() => props.row.thing);
const placement = computed(() => props.row.placement);
const trips = computed(() => {
  const all = (workspace.document?.trips ?? []).flatMap((trip) =>
    (trip.carried ?? []).filter((one) => one.thing === thing.value.id),
  );
  return { carried: all.length, used: all.filter((one) => one.used).length };
});
const change = (patch: Partial<Thing>) =>
  workspace.edit(
    'app.edit.thing',
    (document) => changeThing(document, thing.value.id, patch),
    `thing ${thing.value.id} ${Object.keys(patch).join()}`,
  );
const lie = (patch: { wet?: true | undefined; turned?: true | undefined; x?: number | undefined }) => {
  const now = placement.value;
  if (!now) return;
  workspace.edit('app.edit.turn', (document) => placePart(document, props.view.loadout.id, now, { ...now, ...patch }));
};

/** Of several, so many go elsewhere. */
const some = ref(1);
const most = computed(() => (placement.value?.count ?? 1) - 1);
const send = (key: string) => {
  const [now, to] = [placement.value, choiceOf(props.groups, key)];
  const count = Math.min(some.value, most.value);
  if (!now || count < 1 || key === placeKey(now)) return;
  const there = to ? { body: to.body, place: to.place, count } : null;
  workspace.edit('app.edit.move', (document) =>
    placePart(document, props.view.loadout.id, now, there, now.count - count),
  );
};
const placeKey = ({ body, place }: Placement) => `${body}/${place}`;
const lies = computed(() =>
  placement.value
    ? shelfRows(props.view, [thing.value]).flatMap((row) =>
        row.placement
          ? [
              {
                key: row.key,
                count: row.placement.count,
                place: choiceOf(props.groups, placeKey(row.placement))?.label ?? '',
              },
            ]
          : [],
      )
    : [],
);
const allow = (kinds: PlaceKind[]) => change({ onlyIn: kinds.length > 0 ? kinds : undefined });
</script>

<template>
  <el-dialog v-model="open" :title="thing.name" width="min(620px, 96vw)" append-to-body data-test="thing-dialog">
    <div class="fields">
      <QuantityField
        :label="t('app.thing.mass')"
        field="mass"
        :value="thing.mass"
        @change="(mass) => mass !== undefined && change({ mass })"
      />
      <QuantityField
        :label="t('app.thing.plusMinus')"
        field="plusMinus"
        :value="thing.plusMinus"
        @change="(plusMinus) => change({ plusMinus })"
      />
      <label>
        {{ t('app.thing.weighedOn') }}
        <DayField
          :value="thing.weighedOn"
          :label="t('app.thing.weighedOn')"
          @change="(weighedOn) => change({ weighedOn })"
        />
      </label>
      <QuantityField
        :label="t('app.thing.wetMass')"
        field="mass"
        :value="thing.wetMass"
        @change="(wetMass) => change({ wetMass })"
      />
      <QuantityField
        :label="t('app.thing.length')"
        field="length"
        :value="thing.length"
        @change="(length) => change({ length })"
      />
      <QuantityField
        :label="t('app.thing.height')"
        field="length"
        :value="thing.height"
        @change="(height) => change({ height })"
      />
      <QuantityField
        :label="t('app.thing.heavyEnd')"
        field="length"
        :value="thing.heavyEnd"
        @change="(heavyEnd) => change({ heavyEnd })"
      />
      <ChoicesField
        class="wide"
        :label="t('app.thing.onlyIn')"
        :value="thing.onlyIn ?? []"
        :placeholder="t('app.thing.anywhere')"
        :options="placeKinds.map((value) => ({ value, label: t(`app.places.kinds.${value}`) }))"
        @change="allow"
      />
    </div>
    <template v-if="placement">
      <h3>{{ t('app.thing.asItLies') }}</h3>
      <div class="fields">
        <QuantityField
          :label="t('app.thing.exactly')"
          field="position"
          :value="placement.x"
          @change="(x) => lie({ x })"
        />
        <el-checkbox
          :model-value="placement.wet === true"
          :disabled="thing.wetMass === undefined"
          @change="lie({ wet: $event ? true : undefined })"
        >
          {{ t('app.thing.wet') }}
        </el-checkbox>
        <el-checkbox
          :model-value="placement.turned === true"
          :disabled="!thing.heavyEnd"
          @change="lie({ turned: $event ? true : undefined })"
        >
          {{ t('app.thing.turned') }}
        </el-checkbox>
      </div>
    </template>
    <template v-if="placement && (most > 0 || row.parted)">
      <h3>{{ t('app.thing.several') }}</h3>
      <ul class="parts" data-test="parts">
        <li v-for="one in lies" :key="one.key" :class="{ own: one.key === row.key && row.parted }">
          {{ t('app.thing.part', { count: one.count, place: one.place }) }}
        </li>
      </ul>
      <div v-if="most > 0" class="fields">
        <label>
          {{ t('app.thing.howMany') }}
          <el-input-number v-model="some" :min="1" :max="most" :precision="0" :aria-label="t('app.thing.howMany')" />
        </label>
        <PlaceSelect
          class="wide"
          value=""
          :groups="groups"
          :label="t('app.thing.sendTo')"
          :placeholder="t('app.thing.sendTo')"
          @change="send"
        />
      </div>
    </template>
    <p v-if="trips.carried > 0" class="soft">{{ t('app.thing.trips', trips) }}</p>
  </el-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(126px, 1fr));
  gap: 10px;
  align-items: end;
  margin-top: 8px;
}
label {
  color: var(--soft);
  font-size: 13px;
}
.wide {
  grid-column: span 2;
}
.fields :deep(.el-date-editor) {
  width: 100%;
}
h3 {
  margin: 18px 0 0;
}
.parts {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
.own {
  font-weight: 600;
}
.fields :deep(.el-input-number) {
  width: 100%;
}
.soft {
  margin: 14px 0 0;
  color: var(--soft);
}
</style>

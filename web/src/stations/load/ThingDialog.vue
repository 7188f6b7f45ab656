<script setup lang="ts">
import { placeKinds, type PlaceKind, type RigView, type Thing } from '@wagonomos/core';
import { changeThing, placeThing } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoicesField from '../../shared/ChoicesField.vue';
import DayField from '../../shared/DayField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { useShelf } from '../../stores/shelf.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Everything about one thing: how sure its mass is, what it weighs wet, its heavy end, and where it may go. */
const props = defineProps<{ view: RigView; thing: Thing }>();
const { t } = useI18n();
const shelf = useShelf();
const workspace = useWorkspace();

const open = computed({
  get: () => shelf.opened === props.thing.id,
  set: (on) => {
    if (!on) shelf.opened = null;
  },
});
const placement = computed(() => props.view.loadout.placements.find((one) => one.thing === props.thing.id));
const trips = computed(() => {
  const all = (workspace.document?.trips ?? []).flatMap((trip) =>
    (trip.carried ?? []).filter((one) => one.thing === props.thing.id),
  );
  return { carried: all.length, used: all.filter((one) => one.used).length };
});
const change = (patch: Partial<Thing>) =>
  workspace.edit(
    'app.edit.thing',
    (document) => changeThing(document, props.thing.id, patch),
    `thing ${props.thing.id} ${Object.keys(patch).join()}`,
  );
const lie = (patch: { wet?: true | undefined; turned?: true | undefined; x?: number | undefined }) => {
  const now = placement.value;
  if (!now) return;
  const { thing, ...lies } = now;
  workspace.edit('app.edit.turn', (document) =>
    placeThing(document, props.view.loadout.id, thing, { ...lies, ...patch }),
  );
};
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
.soft {
  margin: 14px 0 0;
  color: var(--soft);
}
</style>

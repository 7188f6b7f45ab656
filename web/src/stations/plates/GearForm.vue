<script setup lang="ts">
import { displayMass, type GearAxle, type RunningGear, type Trailer, type Vehicle } from '@wagonomos/core';
import { setGear } from '@wagonomos/core/edits';
import { tyreCapacity, tyrePressure } from '@wagonomos/core/limits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CodeField from '../../fields/CodeField.vue';
import { newId } from '../../stores/newId.ts';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PressureTable from './PressureTable.vue';

/** Tyres, wheels and springs, axle by axle: what stands between a plate and the road. */
const props = defineProps<{ body: Vehicle | Trailer }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();
const rig = useRig();

const axles = computed<readonly GearAxle[]>(() => {
  if (props.body.kind === 'trailer') return ['trailer'];
  return props.body.geometry.tagAxle ? ['front', 'rear', 'tag'] : ['front', 'rear'];
});
const usualWheels = computed(() => (props.body.kind === 'trailer' ? 2 * props.body.geometry.axles : 2));
const rows = computed(() =>
  axles.value.map((axle) => {
    const gear = props.body.gear?.find((one) => one.axle === axle);
    const twinned = gear?.twinned ?? false;
    const tyres = gear?.loadIndex === undefined ? null : tyreCapacity(gear.loadIndex, twinned, gear.wheels);
    return { axle, gear, twinned, tyres, says: gear ? pressureSays(axle) : '' };
  }),
);
const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'margin'), 0)} ${settings.massUnit}`;

/** What is to be said of the set pressure for the load that stands there now. */
function pressureSays(axle: GearAxle): string {
  const loads = rig.assessment?.loads;
  const found = loads && tyrePressure(loads, props.body, axle);
  if (!found || found.from === 'unknown') return '';
  const load = `${written(displayMass(found.load, settings.massUnit, 'load'), 0)} ${settings.massUnit}`;
  if (found.from === 'overloaded') return t('app.gear.press.overloaded', { load, capacity: kg(found.capacity) });
  const named = { load, kPa: written(found.kPa, 0) };
  return t(`app.gear.press.${found.from}${found.low ? 'Low' : ''}`, named);
}

const patterns = {
  loadIndex: /^\d{2,3}(\/\d{2,3})?$/,
  speedSymbol: /^[A-HJ-NP-Z]\d?$/,
  ageCode: /^(0[1-9]|[1-4]\d|5[0-3])\d\d$/,
  size: /^.{1,80}$/,
};
type Code = 'loadIndex' | 'platedLoadIndex' | 'speedSymbol' | 'ageCode' | 'size';
const codes: readonly Code[] = ['size', 'loadIndex', 'platedLoadIndex', 'speedSymbol', 'ageCode'];
const patternOf = (code: Code) => patterns[code === 'platedLoadIndex' ? 'loadIndex' : code];

const change = (axle: GearAxle, patch: Partial<Omit<RunningGear, 'id' | 'axle'>>, merge?: string) => {
  const fresh: RunningGear = { id: newId(), axle, wheels: usualWheels.value };
  workspace.edit('app.edit.gear', (document) => setGear(document, props.body.id, axle, patch, fresh), merge);
};
const twin = (axle: GearAxle, twinned: boolean) => change(axle, { twinned, wheels: twinned ? 4 : usualWheels.value });
</script>

<template>
  <details class="fold gear" :open="(body.gear?.length ?? 0) > 0" :aria-label="t('app.gear.title')" role="group">
    <summary>{{ t('app.gear.title') }}</summary>
    <p class="soft hint">{{ t('app.gear.hint') }}</p>
    <div
      v-for="{ axle, gear, twinned, tyres, says } in rows"
      :key="axle"
      class="axle"
      role="group"
      :aria-label="t(`gearAxle.${axle}`)"
    >
      <div class="section-head">
        <h4>{{ t(`gearAxle.${axle}`) }}</h4>
        <b v-if="tyres" class="num" data-test="tyre-capacity">
          {{ t('app.gear.carry', { capacity: kg(tyres.capacity), each: kg(tyres.perTyre) }) }}
        </b>
      </div>
      <div class="fields">
        <CodeField
          v-for="code in codes"
          :key="code"
          :label="t(`app.gear.${code}`)"
          :value="gear?.[code]"
          :pattern="patternOf(code)"
          :problem="t(`app.gear.bad.${code}`)"
          @change="(value) => change(axle, { [code]: value })"
        />
        <QuantityField
          :label="t('app.gear.wheelRating')"
          field="mass"
          :value="gear?.wheelRating"
          @change="(wheelRating) => change(axle, { wheelRating }, `wheel ${body.id} ${axle}`)"
        />
        <QuantityField
          :label="t('app.gear.springRating')"
          field="mass"
          :value="gear?.springRating"
          @change="(springRating) => change(axle, { springRating }, `spring ${body.id} ${axle}`)"
        />
        <QuantityField
          :label="t('app.gear.pressure')"
          field="pressure"
          :value="gear?.pressureKpa"
          @change="(pressureKpa) => change(axle, { pressureKpa }, `pressure ${body.id} ${axle}`)"
        />
        <QuantityField
          :label="t('app.gear.ratedPressure')"
          field="pressure"
          :value="gear?.ratedPressureKpa"
          @change="(ratedPressureKpa) => change(axle, { ratedPressureKpa }, `wall ${body.id} ${axle}`)"
        />
      </div>
      <p v-if="says" class="soft hint" data-test="pressure">{{ says }}</p>
      <PressureTable :lines="gear?.pressureTable ?? []" @change="(pressureTable) => change(axle, { pressureTable })" />
      <el-checkbox v-if="axle === 'rear'" :model-value="twinned" @change="twin(axle, $event === true)">
        {{ t('app.gear.twinned') }}
      </el-checkbox>
    </div>
  </details>
</template>

<style scoped>
.hint {
  font-size: 13px;
}
.axle {
  padding: 6px 0 8px;
  border-bottom: 1px dotted var(--line);
}
h4 {
  margin: 0;
  font: 600 16px var(--figures);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
  gap: 8px 10px;
  align-items: start;
}
</style>

<script setup lang="ts">
import { addNewRig, countries, vehicleBuilds, type Country, type NewRig, type VehicleBuild } from '@wagonomos/core';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import QuantityField from '../../shared/QuantityField.vue';
import { useSpeech } from '../../shared/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ made: [rigId: string] }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();

const form = reactive<{
  vehicleName: string;
  build: VehicleBuild;
  towing: boolean;
  trailerName: string;
  country: Country;
  axles: number;
}>({
  vehicleName: '',
  build: 'wagon',
  towing: true,
  trailerName: '',
  country: 'AU',
  axles: 1,
});
type Measure = 'wheelbase' | 'rearOverhang' | 'couplingOverhang' | 'axlePosition' | 'drawbarLength' | 'bodyLength';
const measures = reactive<Partial<Record<Measure, number>>>({});
const vehicleMeasures = computed<readonly Measure[]>(() =>
  form.towing ? ['wheelbase', 'rearOverhang', 'couplingOverhang'] : ['wheelbase', 'rearOverhang'],
);
const trailerMeasures: readonly Measure[] = ['axlePosition', 'drawbarLength', 'bodyLength'];
const ready = computed(() => form.vehicleName.trim() !== '' && (!form.towing || form.trailerName.trim() !== ''));

const make = () => {
  if (!ready.value) return;
  const vehicleName = form.vehicleName.trim();
  const trailerName = form.towing ? form.trailerName.trim() : null;
  const wanted: NewRig = {
    ...measures,
    name: (trailerName === null
      ? vehicleName
      : t('app.newRig.pair', { vehicle: vehicleName, trailer: trailerName })
    ).slice(0, 80),
    vehicleName,
    trailerName,
    build: form.build,
    country: form.country,
    axles: form.axles,
  };
  let rigId = '';
  workspace.edit('app.edit.newRig', (document) => {
    const added = addNewRig(document, wanted, { newId, word: say });
    rigId = added.rigId;
    return added.workspace;
  });
  open.value = false;
  emit('made', rigId);
};
</script>

<template>
  <el-dialog v-model="open" :title="t('app.newRig.title')" width="min(680px, 96vw)">
    <form class="form" @submit.prevent="make">
      <div class="pair">
        <label>
          {{ t('app.newRig.country') }}
          <el-select v-model="form.country" :aria-label="t('app.newRig.country')">
            <el-option
              v-for="country in countries"
              :key="country"
              :value="country"
              :label="t(`app.country.${country}`)"
            />
          </el-select>
        </label>
        <label>
          {{ t('app.newRig.build') }}
          <el-select v-model="form.build" :aria-label="t('app.newRig.build')">
            <el-option v-for="build in vehicleBuilds" :key="build" :value="build" :label="t(`app.build.${build}`)" />
          </el-select>
        </label>
      </div>
      <label>
        {{ t('app.newRig.vehicleName') }}
        <el-input v-model="form.vehicleName" maxlength="80" :placeholder="t('app.newRig.vehicleHint')" />
      </label>
      <div class="measures">
        <QuantityField
          v-for="name in vehicleMeasures"
          :key="name"
          :label="t(`app.geometry.${name}`)"
          :field="name === 'couplingOverhang' ? 'overhang' : 'length'"
          :value="measures[name]"
          @change="(value) => (measures[name] = value)"
        />
      </div>
      <el-checkbox v-model="form.towing">{{ t('app.newRig.towing') }}</el-checkbox>
      <template v-if="form.towing">
        <div class="pair">
          <label>
            {{ t('app.newRig.trailerName') }}
            <el-input v-model="form.trailerName" maxlength="80" :placeholder="t('app.newRig.trailerHint')" />
          </label>
          <label>
            {{ t('app.geometry.axles') }}
            <el-select v-model="form.axles" :aria-label="t('app.geometry.axles')">
              <el-option v-for="n in 3" :key="n" :value="n" :label="t(`app.axles.${n}`)" />
            </el-select>
          </label>
        </div>
        <div class="measures">
          <QuantityField
            v-for="name in trailerMeasures"
            :key="name"
            :label="t(`app.geometry.${name}`)"
            field="length"
            :value="measures[name]"
            @change="(value) => (measures[name] = value)"
          />
        </div>
      </template>
      <p class="soft">{{ t('app.newRig.later') }}</p>
      <p class="actions">
        <el-button @click="open = false">{{ t('app.cancel') }}</el-button>
        <el-button type="primary" native-type="submit" :disabled="!ready">{{ t('app.newRig.make') }}</el-button>
      </p>
    </form>
  </el-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.pair,
.measures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.measures {
  grid-template-columns: repeat(3, 1fr);
}
label {
  color: var(--soft);
  font-size: 13px;
}
.soft {
  font-size: 13px;
}
.actions {
  text-align: right;
}
@media (width <= 720px) {
  .measures,
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>

<script setup lang="ts">
import { regionOf, type Country, type VehicleBuild } from '@wagonomos/core';
import { addNewRig, type NewRig } from '@wagonomos/core/edits';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import AxlesField from '../../fields/AxlesField.vue';
import BuildField from '../../fields/BuildField.vue';
import ChoiceField from '../../fields/ChoiceField.vue';
import CountryField from '../../fields/CountryField.vue';
import { newId } from '../../stores/newId.ts';
import QuantityField from '../../fields/QuantityField.vue';
import { providePlaceWords } from '../../words/placeWords.ts';
import { useKeptForm } from '../../shared/useKeptForm.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { measuresOf, rigKinds, type Measure, type RigKind } from './rigKinds.ts';

const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ made: [rigId: string] }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();

const form = reactive<{
  kind: RigKind;
  vehicleName: string;
  build: VehicleBuild;
  trailerName: string;
  camperName: string;
  country: Country;
  axles: number;
  tag: boolean;
  measures: Partial<Record<Measure, number>>;
}>({
  kind: 'trailer',
  vehicleName: '',
  build: 'wagon',
  trailerName: '',
  camperName: '',
  country: 'AU',
  axles: 1,
  tag: false,
  measures: {},
});
/** What was filled in is there again after a reload, until a rig was made of it. */
const forget = useKeptForm('new rig', form);
const parts = computed(() => rigKinds[form.kind]);
const asked = computed(() => measuresOf(form.kind, form.tag));
const overhangs: readonly Measure[] = ['couplingOverhang', 'pinOverhang'];
const fieldOf = (name: Measure) => (overhangs.includes(name) ? 'overhang' : name === 'camperX' ? 'position' : 'length');
const names = computed(() =>
  [
    parts.value.vehicle ? form.vehicleName : null,
    parts.value.camper ? form.camperName : null,
    parts.value.trailer ? form.trailerName : null,
  ]
    .filter((name) => name !== null)
    .map((name) => name.trim()),
);
const ready = computed(() => names.value.every((name) => name !== ''));
const bodies = ['vehicle', 'camper', 'trailer'] as const;
const kinds = Object.keys(rigKinds) as RigKind[];

const make = () => {
  if (!ready.value) return;
  const { vehicle, trailer, camper, coupling } = parts.value;
  const given = Object.fromEntries(
    bodies.flatMap((body) => asked.value[body]).map((name) => [name, form.measures[name]]),
  );
  const wanted: NewRig = {
    ...given,
    name: names.value.reduce((first, second) => t('app.newRig.pair', { vehicle: first, trailer: second })).slice(0, 80),
    vehicleName: vehicle ? form.vehicleName.trim() : null,
    trailerName: trailer ? form.trailerName.trim() : null,
    camperName: camper ? form.camperName.trim() : null,
    coupling,
    build: form.build,
    country: form.country,
    axles: form.axles,
  };
  let rigId = '';
  const refusal = workspace.edit('app.edit.newRig', (document) => {
    const added = addNewRig(document, wanted, { newId, word: say });
    rigId = added.rigId;
    return added.workspace;
  });
  if (refusal) return;
  forget();
  open.value = false;
  emit('made', rigId);
};
providePlaceWords(() => regionOf(form.country));
</script>

<template>
  <el-dialog v-model="open" :title="t('app.newRig.title')" width="min(700px, 96vw)" top="6vh">
    <form class="form" @submit.prevent="make">
      <div class="pair">
        <ChoiceField
          :label="t('app.newRig.kind')"
          :value="form.kind"
          :options="kinds.map((value) => ({ value, label: t(`app.rigKind.${value}`) }))"
          @change="(kind) => (form.kind = kind)"
        />
        <CountryField :value="form.country" @change="(country) => (form.country = country)" />
      </div>
      <fieldset v-if="parts.vehicle">
        <div class="pair">
          <label>
            {{ t('app.newRig.vehicleName') }}
            <el-input v-model="form.vehicleName" maxlength="80" :placeholder="t('app.newRig.vehicleHint')" />
          </label>
          <BuildField :value="form.build" @change="(build) => (form.build = build)" />
        </div>
        <el-checkbox v-if="form.build === 'motorhome'" v-model="form.tag">{{ t('app.geometry.tagAxle') }}</el-checkbox>
      </fieldset>
      <label v-if="parts.camper">
        {{ t('app.newRig.camperName') }}
        <el-input v-model="form.camperName" maxlength="80" :placeholder="t('app.newRig.camperHint')" />
      </label>
      <div v-if="parts.trailer" class="pair">
        <label>
          {{ t('app.newRig.trailerName') }}
          <el-input v-model="form.trailerName" maxlength="80" :placeholder="t('app.newRig.trailerHint')" />
        </label>
        <AxlesField :value="form.axles" @change="(axles) => (form.axles = axles)" />
      </div>
      <template v-for="body in bodies" :key="body">
        <div v-if="parts[body]" class="measures">
          <QuantityField
            v-for="name in asked[body]"
            :key="name"
            :label="t(`app.geometry.${name}`)"
            :field="fieldOf(name)"
            :value="form.measures[name]"
            @change="(value) => (form.measures[name] = value)"
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
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
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

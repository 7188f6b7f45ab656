<script setup lang="ts">
import { setEmptyMass } from '@wagonomos/core/edits';
import {
  camperBases,
  displayMass,
  isMotorCaravan,
  trailerBases,
  vehicleBases,
  type Body,
  type CamperEmptyMass,
  type EmptyBasis,
  type TrailerEmptyMass,
  type VehicleEmptyMass,
  wholePlate,
} from '@wagonomos/core';
import { publishedOn } from '@wagonomos/core/limits';
import { formOf } from '@wagonomos/core/plates';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** The empty figure and, before all, its basis: what it contains decides what may be added. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();
const settings = useSettings();

type Patch = Partial<VehicleEmptyMass> & Partial<TrailerEmptyMass> & Partial<CamperEmptyMass>;
type MassField =
  'frontAxle' | 'rearAxle' | 'total' | 'ballLoad' | 'plusMinus' | 'splitPlusMinus' | 'ballLoadPlusMinus' | 'gasContent';
const empty = computed<Patch | undefined>(() => props.body.emptyMass as Patch | undefined);
const kinds: Readonly<Record<Body['kind'], { bases: readonly EmptyBasis[]; fields: readonly MassField[] }>> = {
  vehicle: { bases: vehicleBases, fields: ['frontAxle', 'rearAxle', 'total', 'plusMinus', 'splitPlusMinus'] },
  trailer: { bases: trailerBases, fields: ['total', 'ballLoad', 'plusMinus', 'ballLoadPlusMinus'] },
  camper: { bases: camperBases, fields: ['total', 'plusMinus'] },
};
/** Those that are the mass of the whole or of an axle. */
const wholeFields: readonly MassField[] = ['frontAxle', 'rearAxle', 'total'];
const bases = computed(() => kinds[props.body.kind].bases);
const fields = computed(() => kinds[props.body.kind].fields);
/** Empty figures read off a plate, which say by their form what they contain. */
const offers = computed(() =>
  props.body.plates.flatMap((plate) => {
    const stated = plate.figures.find((figure) => figure.limit === 'emptyStated');
    const basis = formOf(plate)?.emptyBasis;
    return stated && basis && stated.value !== empty.value?.total ? [{ plate, stated, basis }] : [];
  }),
);
type Offer = (typeof offers)['value'][number];
const take = ({ stated, basis }: Offer) => {
  const clear: Patch = { frontAxle: undefined, rearAxle: undefined };
  change({
    ...(props.body.kind === 'vehicle' ? clear : {}),
    basis: basis as never,
    total: stated.value,
    source: 'plate',
  });
};
const statesLiquids = computed(() => {
  const { body } = props;
  const lived = body.kind === 'trailer' || (body.kind === 'vehicle' && isMotorCaravan(body));
  return lived && (empty.value?.basis?.startsWith('running-order') ?? false);
});

/** What these papers leave to be put on, and how far that may be off: the rig's own plate and figure. */
const published = computed(() => {
  const { body } = props;
  const { view } = rig;
  if (!view || body.kind === 'camper' || view[body.kind]?.id !== body.id) return '';
  const found = publishedOn(view, body.kind);
  if (!found) return '';
  const kg = (mass: number) => written(displayMass(mass, settings.massUnit, 'margin'), 0);
  const { range, tolerance } = found;
  const unit = settings.massUnit;
  if (!range) return t('app.empty.publishedNoMax', { tolerance: kg(tolerance), unit });
  const named = { payload: kg(range.payload), low: kg(range.low), high: kg(range.high), unit };
  return t('app.empty.published', named);
});

const change = (patch: Patch, merge?: string) =>
  workspace.edit('app.edit.emptyMass', (document) => setEmptyMass(document, props.body.id, patch), merge);
const setMass = (field: MassField, value: number | undefined, words: string) => {
  const typed = Object.fromEntries(Object.entries(empty.value?.typed ?? {}).filter(([name]) => name !== field));
  change(
    { [field]: value, typed: value === undefined ? typed : { ...typed, [field]: words } },
    `empty ${props.body.id} ${field}`,
  );
};
</script>

<template>
  <section class="empty" :aria-label="t('app.empty.title')">
    <h3>{{ t('app.empty.title') }}</h3>
    <p v-for="offer in offers" :key="offer.plate.id" class="offer">
      <button type="button" class="quiet-button" @click="take(offer)">
        {{ t('app.empty.take', { typed: offer.stated.typed, basis: t(`app.basis.${offer.basis}.name`) }) }}
      </button>
    </p>
    <ChoiceField
      class="basis"
      :label="t('app.empty.basis')"
      :value="empty?.basis"
      :placeholder="t('app.empty.chooseBasis')"
      :options="bases.map((value) => ({ value, label: t(`app.basis.${value}.name`) }))"
      @change="(basis) => change({ basis: basis as never })"
    />
    <p v-if="empty?.basis" class="soft contains">{{ t(`app.basis.${empty.basis}.contains`) }}</p>
    <div class="fields">
      <QuantityField
        v-for="field in fields"
        :key="field"
        :label="t(`app.empty.${field}`)"
        :field="field.toLowerCase().endsWith('plusminus') ? 'plusMinus' : 'mass'"
        :value="empty?.[field]"
        :typed="empty?.typed?.[field]"
        :plated="wholeFields.includes(field) ? wholePlate(body) : undefined"
        @change="(value, typed) => setMass(field, value, typed)"
      />
      <template v-if="statesLiquids">
        <QuantityField
          :label="t('app.empty.waterLitres')"
          field="litres"
          :value="empty?.waterLitres"
          @change="(value) => change({ waterLitres: value }, 'empty water')"
        />
        <QuantityField
          :label="t('app.empty.gasContent')"
          field="mass"
          :value="empty?.gasContent"
          @change="(value, typed) => setMass('gasContent', value, typed)"
        />
      </template>
    </div>
    <template v-if="body.kind === 'camper'">
      <QuantityField
        class="centre"
        :label="t('app.empty.centre')"
        field="position"
        :value="empty?.centre"
        @change="(centre) => change({ centre }, 'centre')"
      />
      <QuantityField
        v-if="empty?.centre !== undefined"
        class="centre"
        :label="t('app.empty.centrePlusMinus')"
        field="lengthPlusMinus"
        :value="empty.centrePlusMinus"
        @change="(centrePlusMinus) => change({ centrePlusMinus }, 'centre ±')"
      />
      <el-checkbox
        v-if="empty?.centre === undefined"
        :model-value="empty?.estimateCentre ?? false"
        @change="change({ estimateCentre: $event === true })"
      >
        {{ t('app.empty.estimateCentre') }}
      </el-checkbox>
    </template>
    <el-checkbox
      v-if="body.kind === 'trailer' && empty?.ballLoad === undefined"
      :model-value="empty?.estimateBallLoad ?? false"
      @change="change({ estimateBallLoad: $event === true })"
    >
      {{ t('app.empty.estimate') }}
    </el-checkbox>
    <p v-if="published" class="soft contains" data-test="published">{{ published }}</p>
  </section>
</template>

<style scoped>
.empty {
  margin-top: 14px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.basis {
  margin-top: 6px;
}
.offer {
  margin: 4px 0;
}
.centre {
  max-width: 220px;
  margin-top: 8px;
}
.contains {
  margin: 4px 0 8px;
  font-size: 13px;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 10px;
}
</style>

<script setup lang="ts">
import {
  displayMass,
  trailerBases,
  vehicleBases,
  vehicleBuilds,
  type EmptyBasis,
  type LimitName,
  type Trailer,
  type Vehicle,
  type VehicleBuild,
  isWholeMass,
  wholePlate,
} from '@wagonomos/core';
import {
  knownLimit,
  setBuild,
  setEmptyMass,
  setKnownLimit,
  setLeftOut,
  setOffer,
  type NewRigTools,
} from '@wagonomos/core/edits';
import { leftOutId, leftOuts, type LeftOut } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import type { OfferKind } from './useBodiesLookedAt.ts';

/** What the papers say of each, one column each: written in here where it is only looked at, and on its plates where it is one's own. */
const props = defineProps<{
  bodies: readonly (Trailer | Vehicle)[];
  kind: OfferKind;
  tools: NewRigTools;
  currency: string;
}>();
const { t } = useI18n();
const { limitWord } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();

const limits = computed((): readonly LimitName[] =>
  props.kind === 'trailer'
    ? ['trailerMax', 'trailerAxlesMax', 'ballMax']
    : ['vehicleMax', 'rearAxleMax', 'combinationMax', 'towBraked', 'ballMax', 'payloadStated'],
);
const bases = computed((): readonly EmptyBasis[] =>
  (props.kind === 'trailer' ? trailerBases : vehicleBases).filter((one) => one !== 'weighed'),
);
const outs = computed(() => (props.kind === 'trailer' ? leftOuts : (['options'] as const)));
const word = (limit: LimitName) => limitWord(limit === 'payloadStated' ? 'cargoStated' : limit);
const of = (figure: string, { name }: Trailer | Vehicle) => t('app.pair.offer.of', { figure, name });
const kg = (value: number | undefined) =>
  value === undefined
    ? t('app.pair.trailers.missing')
    : `${written(displayMass(value, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
const total = ({ emptyMass }: Trailer | Vehicle) => emptyMass?.total;
const ballOf = (body: Trailer | Vehicle) => (body.kind === 'trailer' ? body.emptyMass?.ballLoad : undefined);
const outOf = ({ fitted }: Trailer | Vehicle, what: LeftOut) =>
  fitted.find(({ id }) => id === leftOutId(what))?.on?.mass;

const limit = (body: Trailer | Vehicle, name: LimitName, value: number | undefined, typed: string) =>
  workspace.edit('app.edit.offer', (document) =>
    setKnownLimit(document, body.id, name, value === undefined ? null : { value, typed }, props.tools),
  );
const empty = (body: Trailer | Vehicle, field: 'total' | 'ballLoad', value: number | undefined, typed: string) =>
  workspace.edit('app.edit.offer', (document) =>
    setEmptyMass(document, body.id, {
      source: 'brochure',
      [field]: value,
      typed: { ...body.emptyMass?.typed, [field]: typed },
    }),
  );
const basis = (body: Trailer | Vehicle, next: EmptyBasis) =>
  workspace.edit('app.edit.offer', (document) => setEmptyMass(document, body.id, { basis: next as never }));
const built = (body: Vehicle, build: VehicleBuild) =>
  workspace.edit('app.edit.offer', (document) => setBuild(document, body.id, build));
const leave = (body: Trailer | Vehicle, what: LeftOut, mass: number | undefined) =>
  workspace.edit('app.edit.offer', (document) => setLeftOut(document, body.id, what, mass, props.tools));
const price = (body: Trailer | Vehicle, amount: number | undefined) =>
  workspace.edit('app.edit.offer', (document) =>
    setOffer(document, body.id, { price: amount === undefined ? undefined : { amount, currency: props.currency } }),
  );
</script>

<template>
  <tbody class="figures">
    <tr v-if="kind === 'vehicle'">
      <th scope="row">{{ t('app.newRig.build') }}</th>
      <td v-for="body in bodies" :key="body.id">
        <template v-if="body.kind === 'vehicle'">
          <ChoiceField
            v-if="body.offer"
            shape="quiet"
            :label="of(t('app.newRig.build'), body)"
            :value="body.build"
            :options="vehicleBuilds.map((value) => ({ value, label: t(`app.build.${value}`) }))"
            @change="(next: VehicleBuild) => built(body, next)"
          />
          <template v-else>{{ t(`app.build.${body.build}`) }}</template>
        </template>
      </td>
    </tr>
    <tr v-for="name in limits" :key="name">
      <th scope="row">{{ word(name) }}</th>
      <td v-for="body in bodies" :key="body.id">
        <QuantityField
          v-if="body.offer"
          quiet
          :label="of(word(name), body)"
          field="mass"
          :value="knownLimit(body, name)?.value"
          :typed="knownLimit(body, name)?.typed"
          :plated="isWholeMass(name) ? null : undefined"
          @change="(value, typed) => limit(body, name, value, typed)"
        />
        <span v-else class="num">{{ kg(knownLimit(body, name)?.value) }}</span>
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.offer.empty') }}</th>
      <td v-for="body in bodies" :key="body.id">
        <QuantityField
          v-if="body.offer"
          quiet
          :label="of(t('app.pair.offer.empty'), body)"
          field="mass"
          :value="total(body)"
          :typed="body.emptyMass?.typed?.['total']"
          :plated="wholePlate(body)"
          @change="(value, typed) => empty(body, 'total', value, typed)"
        />
        <span v-else class="num">{{ kg(total(body)) }}</span>
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.offer.basis') }}</th>
      <td v-for="body in bodies" :key="body.id">
        <ChoiceField
          v-if="body.offer"
          shape="quiet"
          :label="of(t('app.pair.offer.basis'), body)"
          :value="body.emptyMass?.basis"
          :options="bases.map((value) => ({ value, label: t(`app.basis.${value}.name`) }))"
          @change="(next: EmptyBasis) => basis(body, next)"
        />
        <template v-else-if="body.emptyMass">{{ t(`app.basis.${body.emptyMass.basis}.name`) }}</template>
      </td>
    </tr>
    <tr v-if="kind === 'trailer'">
      <th scope="row">{{ t('app.pair.offer.emptyBall') }}</th>
      <td v-for="body in bodies" :key="body.id">
        <QuantityField
          v-if="body.offer"
          quiet
          :label="of(t('app.pair.offer.emptyBall'), body)"
          field="mass"
          :value="ballOf(body)"
          :typed="body.emptyMass?.typed?.['ballLoad']"
          @change="(value, typed) => empty(body, 'ballLoad', value, typed)"
        />
        <span v-else class="num">{{ kg(ballOf(body)) }}</span>
      </td>
    </tr>
    <tr v-for="what in outs" :key="what">
      <th scope="row">{{ t(`app.pair.offer.out.${what}`) }}</th>
      <td v-for="body in bodies" :key="body.id">
        <QuantityField
          v-if="body.offer"
          quiet
          :label="of(t(`app.pair.offer.out.${what}`), body)"
          field="mass"
          :value="outOf(body, what)"
          @change="(mass) => leave(body, what, mass)"
        />
      </td>
    </tr>
    <tr>
      <th scope="row">{{ t('app.pair.offer.price', { currency }) }}</th>
      <td v-for="body in bodies" :key="body.id">
        <el-input-number
          v-if="body.offer"
          class="price"
          :model-value="body.offer.price?.amount"
          :min="0"
          :max="100000000"
          :controls="false"
          :value-on-clear="null"
          :aria-label="of(t('app.pair.offer.price', { currency }), body)"
          @change="(amount: number | null | undefined) => price(body, amount ?? undefined)"
        />
      </td>
    </tr>
  </tbody>
</template>

<style scoped src="./pairTable.css"></style>
<style scoped>
.price {
  width: 100%;
}
.price :deep(input) {
  text-align: left;
}
</style>

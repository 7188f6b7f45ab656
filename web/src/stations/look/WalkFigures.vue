<script setup lang="ts">
import {
  isMotorCaravan,
  trailerBases,
  vehicleBases,
  type EmptyBasis,
  type GearAxle,
  type LimitName,
  type Message,
  type Region,
  type Trailer,
  type Vehicle,
  isWholeMass,
  wholePlate,
} from '@wagonomos/core';
import {
  knownLimit,
  setEmptyMass,
  setFacts,
  setGear,
  setGeometry,
  setKnownLimit,
  setSeatCount,
} from '@wagonomos/core/edits';
import type { WalkStop } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import CodeField from '../../fields/CodeField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { axlesAt, gearOf, limitsAt, sourceAt, tyreCodeNames, tyreCodes, type TyreCode } from './walkFigures.ts';

/** Figures that can be read at one stop, written where they belong: on the plate, the tyres, the empty figure. */
const props = defineProps<{ body: Trailer | Vehicle; stop: WalkStop; words: Region }>();
const { t } = useI18n();
const { say, limitWord } = useSpeech(() => props.words);
const workspace = useWorkspace();
const tools = { newId, word: (one: Message) => say(one) };

const limits = computed(() => limitsAt(props.body, props.stop));
const axles = computed(() => axlesAt(props.body, props.stop));
const label = (axle: GearAxle, code: TyreCode) =>
  axle === 'trailer'
    ? t(`app.gear.${code}`)
    : t('app.pair.offer.of', { figure: t(`app.gear.${code}`), name: t(`gearAxle.${axle}`) });
const gear = (axle: GearAxle, code: TyreCode, value: string | undefined) => {
  const wheels = props.body.kind === 'trailer' ? 2 * props.body.geometry.axles : 2;
  workspace.edit('app.edit.gear', (document) =>
    setGear(document, props.body.id, axle, { [code]: value }, { id: newId(), axle, wheels }),
  );
};
const limit = (name: LimitName, value: number | undefined, typed: string) =>
  workspace.edit('app.edit.figure', (document) =>
    setKnownLimit(
      document,
      props.body.id,
      name,
      value === undefined ? null : { value, typed },
      tools,
      sourceAt(props.stop),
    ),
  );
const bases = computed((): readonly EmptyBasis[] =>
  // What was weighed is said at the plates, with what stood on the scale beside it; here it only stays as it is.
  (props.body.kind === 'trailer' ? trailerBases : vehicleBases).filter(
    (one) => one !== 'weighed' || props.body.emptyMass?.basis === one,
  ),
);
const empty = (field: 'total' | 'ballLoad', value: number | undefined, typed: string) =>
  workspace.edit('app.edit.emptyMass', (document) =>
    setEmptyMass(document, props.body.id, {
      [field]: value,
      typed: { ...props.body.emptyMass?.typed, [field]: typed },
    }),
  );
const basis = (next: EmptyBasis) =>
  workspace.edit('app.edit.emptyMass', (document) => setEmptyMass(document, props.body.id, { basis: next as never }));
const berths = (count: number | null | undefined) =>
  workspace.edit('app.edit.facts', (document) => setFacts(document, props.body.id, { berths: count ?? undefined }));
const length = (name: LengthName, value: number | undefined) =>
  workspace.edit('app.edit.geometry', (document) => setGeometry(document, props.body.id, { [name]: value }));
/** Only of what is looked at: seats of one's own have places and people, and are changed at the plates. A wiped count takes none out. */
const seats = (count: number | null | undefined) => {
  if (!props.body.offer || !count) return;
  workspace.edit('app.edit.seat', (document) => setSeatCount(document, props.body.id, count, tools));
};
type LengthName = 'bodyLength' | 'frontOverhang' | 'wheelbase' | 'rearOverhang';
/** What the least payload of a caravan, or of a motorhome, goes by. */
const lengths = computed((): readonly { readonly name: LengthName; readonly value: number | undefined }[] => {
  const { body } = props;
  if (body.kind === 'trailer') return [{ name: 'bodyLength', value: body.geometry.bodyLength }];
  return (['frontOverhang', 'wheelbase', 'rearOverhang'] as const).map((name) => ({
    name,
    value: body.geometry[name],
  }));
});
</script>

<template>
  <div v-if="limits.length + axles.length > 0 || stop === 'papers'" class="figures">
    <QuantityField
      v-for="name in limits"
      :key="name"
      :label="limitWord(name)"
      field="mass"
      :value="knownLimit(body, name, sourceAt(stop))?.value"
      :typed="knownLimit(body, name, sourceAt(stop))?.typed"
      :plated="isWholeMass(name) ? null : undefined"
      @change="(value, typed) => limit(name, value, typed)"
    />
    <template v-for="axle in axles" :key="axle">
      <CodeField
        v-for="code in tyreCodeNames"
        :key="code"
        :label="label(axle, code)"
        :value="gearOf(body, axle)?.[code]"
        :pattern="tyreCodes[code]"
        :problem="t(`app.gear.bad.${code}`)"
        @change="(value) => gear(axle, code, value)"
      />
    </template>
    <template v-if="stop === 'papers'">
      <QuantityField
        :label="t('app.pair.offer.empty')"
        field="mass"
        :value="body.emptyMass?.total"
        :typed="body.emptyMass?.typed?.['total']"
        :plated="wholePlate(body)"
        @change="(value, typed) => empty('total', value, typed)"
      />
      <ChoiceField
        :label="t('app.pair.offer.basis')"
        :value="body.emptyMass?.basis"
        :options="bases.map((value) => ({ value, label: t(`app.basis.${value}.name`) }))"
        @change="basis"
      />
      <template v-if="body.kind === 'trailer'">
        <QuantityField
          :label="t('app.pair.offer.emptyBall')"
          field="mass"
          :value="body.emptyMass?.ballLoad"
          :typed="body.emptyMass?.typed?.['ballLoad']"
          @change="(value, typed) => empty('ballLoad', value, typed)"
        />
      </template>
      <template v-if="body.kind === 'trailer' || isMotorCaravan(body)">
        <QuantityField
          v-for="one in lengths"
          :key="one.name"
          :label="t(`app.geometry.${one.name}`)"
          field="length"
          :value="one.value"
          @change="(value) => length(one.name, value)"
        />
        <label v-if="body.kind === 'trailer' || body.offer" class="berths">
          <span>{{ t(body.kind === 'trailer' ? 'app.walk.berths' : 'app.walk.seats') }}</span>
          <el-input-number
            :model-value="body.kind === 'trailer' ? body.berths : body.seats.length || undefined"
            :min="1"
            :max="12"
            :controls="false"
            :value-on-clear="null"
            :aria-label="t(body.kind === 'trailer' ? 'app.walk.berths' : 'app.walk.seats')"
            @change="(count: number | null | undefined) => (body.kind === 'trailer' ? berths(count) : seats(count))"
          />
        </label>
      </template>
    </template>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 8px 12px;
  align-items: end;
  margin-bottom: 10px;
}
.berths span {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
.berths .el-input-number {
  width: 100%;
}
</style>

<script setup lang="ts">
import {
  classesOf,
  countries,
  isBritish,
  licenceCodes,
  testPeriods,
  type Country,
  type Licence,
} from '@wagonomos/core';
import { computed, useId } from 'vue';
import { useI18n } from 'vue-i18n';

/** What the driver holds, as far as law asks. Nobody has to say; then nothing is judged. */
const props = defineProps<{ licence: Licence | undefined }>();
const emit = defineEmits<{ change: [licence: Licence | undefined] }>();
const { t } = useI18n();
/** Several drivers may stand on one page. */
const id = useId();
const stages = ['learner', 'p1', 'p2'] as const;
type Stage = (typeof stages)[number];
type Period = (typeof testPeriods)[number];
const classes = computed(() => (props.licence ? classesOf(props.licence.issuer) : []));
/** Only British and Northern Irish law still asks when the test was. */
const british = computed(() => props.licence !== undefined && isBritish(props.licence.issuer));
const european = computed(() => props.licence !== undefined && props.licence.issuer !== 'AU');

const issue = (issuer: Country | '') => {
  if (issuer === '') return emit('change', undefined);
  const [usual] = classesOf(issuer);
  const age = props.licence?.age;
  emit('change', { issuer, classes: usual ? [usual] : [], ...(age === undefined ? {} : { age }) });
};
/** An answer taken back is left out: what nobody says is not judged. */
const change = (patch: { [Key in keyof Licence]?: Licence[Key] | undefined }) => {
  if (!props.licence) return;
  const next = Object.entries({ ...props.licence, ...patch }).filter(([, value]) => value !== undefined);
  emit('change', Object.fromEntries(next) as Licence);
};
</script>

<template>
  <div class="row">
    <label :for="`${id}-issuer`">{{ t('app.situation.licence') }}</label>
    <el-select
      :id="`${id}-issuer`"
      :model-value="licence?.issuer ?? ''"
      :placeholder="t('app.situation.noLicence')"
      :aria-label="t('app.situation.licence')"
      @change="issue"
    >
      <el-option value="" :label="t('app.situation.noLicence')" />
      <el-option v-for="country in countries" :key="country" :value="country" :label="t(`app.country.${country}`)" />
    </el-select>
  </div>
  <template v-if="licence">
    <div class="row">
      <label :for="`${id}-classes`">{{ t('app.situation.classes') }}</label>
      <el-select
        :id="`${id}-classes`"
        multiple
        :model-value="[...licence.classes]"
        :aria-label="t('app.situation.classes')"
        @change="(held: Licence['classes']) => change({ classes: held })"
      >
        <el-option v-for="one in classes" :key="one" :value="one" :label="t(`licence.class.${one}`)" />
      </el-select>
      <el-select
        v-if="licence.issuer === 'AU'"
        :model-value="licence.novice ?? ''"
        :placeholder="t('app.situation.notNovice')"
        :aria-label="t('app.situation.novice')"
        @change="(stage: Stage | '') => change({ novice: stage === '' ? undefined : stage })"
      >
        <el-option value="" :label="t('app.situation.notNovice')" />
        <el-option v-for="stage in stages" :key="stage" :value="stage" :label="t(`app.situation.stage.${stage}`)" />
      </el-select>
    </div>
    <div v-if="british" class="row">
      <label :for="`${id}-tested`">{{ t('app.situation.tested') }}</label>
      <el-select
        :id="`${id}-tested`"
        :model-value="licence.tested ?? ''"
        :placeholder="t('app.situation.notSaid')"
        :aria-label="t('app.situation.tested')"
        @change="(period: Period | '') => change({ tested: period === '' ? undefined : period })"
      >
        <el-option value="" :label="t('app.situation.notSaid')" />
        <el-option
          v-for="period in testPeriods"
          :key="period"
          :value="period"
          :label="t(`app.situation.period.${period}`)"
        />
      </el-select>
    </div>
    <div v-if="european" class="row">
      <label :for="`${id}-codes`">{{ t('app.situation.codes') }}</label>
      <el-select
        :id="`${id}-codes`"
        multiple
        :model-value="[...(licence.codes ?? [])]"
        :placeholder="t('app.situation.noCodes')"
        :aria-label="t('app.situation.codes')"
        @change="(codes: NonNullable<Licence['codes']>) => change({ codes: codes.length > 0 ? codes : undefined })"
      >
        <el-option v-for="code in licenceCodes" :key="code" :value="code" :label="t(`app.situation.code.${code}`)" />
      </el-select>
    </div>
    <div class="row">
      <label :for="`${id}-age`">{{ t('app.situation.age') }}</label>
      <el-input-number
        :id="`${id}-age`"
        :model-value="licence.age ?? null"
        :min="14"
        :max="110"
        :step="1"
        step-strictly
        controls-position="right"
        :placeholder="t('app.situation.notSaid')"
        :aria-label="t('app.situation.age')"
        @change="(age: number | null | undefined) => change({ age: age ?? undefined })"
      />
    </div>
  </template>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 180px 1fr 150px;
  gap: 10px;
  align-items: center;
}
.row > :nth-child(2):last-child:not(.el-input-number) {
  grid-column: 2 / -1;
}
@media (width <= 720px) {
  .row {
    grid-template-columns: 1fr;
    gap: 4px;
  }
  .row > :nth-child(2):last-child:not(.el-input-number) {
    grid-column: 1;
  }
}
</style>

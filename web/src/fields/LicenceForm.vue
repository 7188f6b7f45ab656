<script setup lang="ts">
import { askedOfLicence, classesOf, lawfulCountries, testPeriods, type Licence } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useToday } from '../stores/today.ts';
import ChoiceField from './ChoiceField.vue';
import ChoicesField from './ChoicesField.vue';
import DayField from './DayField.vue';
import FieldFrame from './FieldFrame.vue';

/** What the driver holds, as far as law asks. Nobody has to say; then nothing is judged. */
const props = defineProps<{ licence: Licence | undefined }>();
const emit = defineEmits<{ change: [licence: Licence | undefined] }>();
const { t } = useI18n();
const today = useToday();
const classes = computed(() => (props.licence ? classesOf(props.licence.issuer) : []));
const asked = computed(() => askedOfLicence(props.licence));

const issue = (issuer: Licence['issuer'] | '') => {
  if (issuer === '') return emit('change', undefined);
  const [usual] = classesOf(issuer);
  // Who it is stays, whoever issued it.
  const { age, ageOn, born } = props.licence ?? {};
  const said = ageOn === undefined ? {} : { ageOn };
  const person = { ...(age === undefined ? {} : { age, ...said }), ...(born === undefined ? {} : { born }) };
  emit('change', { issuer, classes: usual ? [usual] : [], ...person });
};
/** An answer taken back is left out: what nobody says is not judged. */
const change = (patch: { [Key in keyof Licence]?: Licence[Key] | undefined }) => {
  if (!props.licence) return;
  const next = Object.entries({ ...props.licence, ...patch }).filter(([, value]) => value !== undefined);
  emit('change', Object.fromEntries(next) as Licence);
};
</script>

<template>
  <ChoiceField
    shape="beside"
    :label="t('app.situation.licence')"
    :value="licence?.issuer ?? ''"
    :placeholder="t('app.situation.noLicence')"
    :options="[
      { value: '', label: t('app.situation.noLicence') },
      ...lawfulCountries.map((value) => ({ value, label: t(`country.${value}`) })),
    ]"
    @change="issue"
  />
  <template v-if="licence">
    <ChoicesField
      shape="beside"
      :label="t('app.situation.classes')"
      :value="licence.classes"
      :options="classes.map((value) => ({ value, label: t(`licence.class.${value}`) }))"
      @change="(held) => change({ classes: held })"
    />
    <ChoiceField
      v-if="asked.stages.length > 0"
      shape="beside"
      :label="t('app.situation.novice')"
      :value="licence.novice ?? ''"
      :placeholder="t('app.situation.notNovice')"
      :options="[
        { value: '', label: t('app.situation.notNovice') },
        ...asked.stages.map((value) => ({ value, label: t(`app.situation.stage.${value}`) })),
      ]"
      @change="(stage) => change({ novice: stage === '' ? undefined : stage })"
    />
    <ChoiceField
      v-if="asked.test"
      shape="beside"
      :label="t('app.situation.tested')"
      :value="licence.tested ?? ''"
      :placeholder="t('app.situation.notSaid')"
      :options="[
        { value: '', label: t('app.situation.notSaid') },
        ...testPeriods.map((value) => ({ value, label: t(`app.situation.period.${value}`) })),
      ]"
      @change="(period) => change({ tested: period === '' ? undefined : period })"
    />
    <ChoicesField
      v-if="asked.codes.length > 0"
      shape="beside"
      :label="t('app.situation.codes')"
      :value="licence.codes ?? []"
      :placeholder="t('app.situation.noCodes')"
      :options="asked.codes.map((value) => ({ value, label: t(`app.situation.code.${value}`) }))"
      @change="(codes) => change({ codes: codes.length > 0 ? codes : undefined })"
    />
    <FieldFrame v-slot="{ id }" shape="beside" :label="t('app.situation.born')">
      <DayField
        :id="id"
        :value="licence.born"
        :placeholder="t('app.situation.notSaid')"
        :label="t('app.situation.born')"
        @change="(day) => change({ born: day })"
      />
    </FieldFrame>
    <FieldFrame v-if="licence.born === undefined" v-slot="{ id }" shape="beside" :label="t('app.situation.age')">
      <el-input-number
        :id="id"
        :model-value="licence.age ?? null"
        :min="14"
        :max="110"
        :step="1"
        step-strictly
        controls-position="right"
        :placeholder="t('app.situation.notSaid')"
        :aria-label="t('app.situation.age')"
        @change="
          (age: number | null | undefined) => change({ age: age ?? undefined, ageOn: age ? today.day : undefined })
        "
      />
    </FieldFrame>
  </template>
</template>

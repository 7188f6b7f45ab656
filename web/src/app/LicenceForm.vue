<script setup lang="ts">
import { classesOf, countries, type Country, type Licence } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** What the driver holds, as far as law asks. Nobody has to say; then nothing is judged. */
const props = defineProps<{ licence: Licence | undefined }>();
const emit = defineEmits<{ change: [licence: Licence | undefined] }>();
const { t } = useI18n();
const stages = ['learner', 'p1', 'p2'] as const;
const classes = computed(() => (props.licence ? classesOf(props.licence.issuer) : []));

const issue = (issuer: Country | '') => {
  if (issuer === '') return emit('change', undefined);
  const [usual] = classesOf(issuer);
  emit('change', { issuer, classes: usual ? [usual] : [] });
};
const change = (patch: Partial<Licence>) => {
  if (props.licence) emit('change', { ...props.licence, ...patch });
};
const setStage = (stage: (typeof stages)[number] | '') => {
  if (!props.licence) return;
  const { issuer, classes: held } = props.licence;
  emit('change', { issuer, classes: held, ...(stage === '' ? {} : { novice: stage }) });
};
</script>

<template>
  <div class="row">
    <label for="issuer">{{ t('app.situation.licence') }}</label>
    <el-select
      id="issuer"
      :model-value="licence?.issuer ?? ''"
      :placeholder="t('app.situation.noLicence')"
      :aria-label="t('app.situation.licence')"
      @change="issue"
    >
      <el-option value="" :label="t('app.situation.noLicence')" />
      <el-option v-for="country in countries" :key="country" :value="country" :label="t(`app.country.${country}`)" />
    </el-select>
  </div>
  <div v-if="licence" class="row">
    <label for="classes">{{ t('app.situation.classes') }}</label>
    <el-select
      id="classes"
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
      @change="setStage"
    >
      <el-option value="" :label="t('app.situation.notNovice')" />
      <el-option v-for="stage in stages" :key="stage" :value="stage" :label="t(`app.situation.stage.${stage}`)" />
    </el-select>
  </div>
  <el-checkbox
    v-if="licence?.issuer === 'GB'"
    :model-value="licence.before1997 ?? false"
    @change="change({ before1997: $event === true })"
  >
    {{ t('app.situation.before1997') }}
  </el-checkbox>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 180px 1fr 150px;
  gap: 10px;
  align-items: center;
}
@media (width <= 720px) {
  .row {
    grid-template-columns: 1fr;
  }
}
</style>

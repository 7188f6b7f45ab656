<script setup lang="ts">
import {
  australianStates,
  ballSchools,
  changeSituation,
  countries,
  regionOf,
  usualSchool,
  type Country,
  type Jurisdiction,
  type Region,
  type Situation,
} from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../shared/QuantityField.vue';
import LicenceForm from './LicenceForm.vue';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** Who is where: it decides which rules are asked and in whose words they answer. */
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const situation = computed(() => rig.view?.situation);
const wordRegions: readonly Region[] = ['au', 'uk', 'eu'];
const roles = ['vehicle', 'trailer', 'travel'] as const;
const shownRoles = computed(() => roles.filter((role) => role !== 'trailer' || rig.view?.trailer));

const change = (patch: Partial<Omit<Situation, 'id'>>, merge?: string) => {
  const id = situation.value?.id;
  if (id !== undefined) workspace.edit('app.edit.situation', (document) => changeSituation(document, id, patch), merge);
};
const everywhere = (country: Country) => {
  const here = { country };
  const words = regionOf(country);
  change({ vehicle: here, trailer: here, travel: here, words, ballSchool: usualSchool[words] });
};
const inCountry = (country: Country): Jurisdiction => ({ country });
</script>

<template>
  <el-dialog v-model="open" :title="t('app.situation.title')" width="min(560px, 94vw)">
    <div v-if="situation" class="panel" :inert="workspace.follows">
      <p class="soft">{{ t('app.situation.text') }}</p>
      <div class="all">
        <span>{{ t('app.situation.everywhere') }}</span>
        <el-button v-for="country in countries" :key="country" size="small" @click="everywhere(country)">
          {{ t(`app.country.${country}`) }}
        </el-button>
      </div>
      <div v-for="role in shownRoles" :key="role" class="row">
        <label :for="`place-${role}`">{{ t(`app.situation.${role}`) }}</label>
        <el-select
          :id="`place-${role}`"
          :model-value="situation[role].country"
          :aria-label="t(`app.situation.${role}`)"
          @change="change({ [role]: inCountry($event) })"
        >
          <el-option
            v-for="country in countries"
            :key="country"
            :value="country"
            :label="t(`app.country.${country}`)"
          />
        </el-select>
        <el-select
          v-if="situation[role].country === 'AU'"
          :model-value="situation[role].state ?? ''"
          :aria-label="t('app.situation.state')"
          :placeholder="t('app.situation.state')"
          clearable
          @change="change({ [role]: { country: 'AU', ...($event ? { state: $event } : {}) } })"
        >
          <el-option v-for="state in australianStates" :key="state" :value="state" :label="state" />
        </el-select>
      </div>
      <div class="row">
        <label for="words">{{ t('app.situation.words') }}</label>
        <el-select
          id="words"
          :model-value="situation.words"
          :aria-label="t('app.situation.words')"
          @change="change({ words: $event })"
        >
          <el-option v-for="region in wordRegions" :key="region" :value="region" :label="t(`app.region.${region}`)" />
        </el-select>
      </div>
      <div v-if="rig.view?.trailer" class="row">
        <label for="school">{{ t('app.situation.school') }}</label>
        <el-select
          id="school"
          :model-value="situation.ballSchool"
          :aria-label="t('app.situation.school')"
          @change="change({ ballSchool: $event })"
        >
          <el-option v-for="school in ballSchools" :key="school" :value="school" :label="t(`app.school.${school}`)" />
        </el-select>
      </div>
      <LicenceForm :licence="situation.licence" @change="(licence) => change({ licence })" />
      <div class="row">
        <QuantityField
          :label="t('app.situation.reserve')"
          field="mass"
          :value="situation.reserve"
          @change="(value) => change({ reserve: value }, 'reserve')"
        />
        <p class="soft hint">{{ t('app.situation.reserveHint') }}</p>
      </div>
    </div>
  </el-dialog>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}
.all {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.all .el-button + .el-button {
  margin-left: 0;
}
.row {
  display: grid;
  grid-template-columns: 180px 1fr 110px;
  gap: 10px;
  align-items: center;
}
.hint {
  grid-column: 2 / -1;
  font-size: 13px;
}
@media (width <= 720px) {
  .row {
    grid-template-columns: 1fr 100px;
  }
  .row label:not(.el-select *),
  .hint {
    grid-column: 1 / -1;
  }
}
</style>

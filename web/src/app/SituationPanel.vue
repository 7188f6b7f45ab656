<script setup lang="ts">
import { changeSituation } from '@wagonomos/core/edits';
import {
  ballSchools,
  countries,
  journeyOf,
  regionOf,
  usualSchool,
  type Country,
  type Jurisdiction,
  type Region,
  type Situation,
} from '@wagonomos/core';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../fields/ChoiceField.vue';
import DayField from '../fields/DayField.vue';
import QuantityField from '../fields/QuantityField.vue';
import { usePlaces } from '../words/usePlaces.ts';
import LicenceForm from '../fields/LicenceForm.vue';
import PlaceChoice from '../fields/PlaceChoice.vue';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** Who is where: it decides which rules are asked and in whose words they answer. */
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { placeName } = usePlaces();
const rig = useRig();
const workspace = useWorkspace();
/** As it was written: the day on which the question is put is not one somebody asked for. */
const situation = computed(() => workspace.document?.situations.find((one) => one.id === rig.view?.situation.id));
const wordRegions: readonly Region[] = ['au', 'uk', 'eu', 'na'];
const roles = ['vehicle', 'trailer', 'travel'] as const;
const shownRoles = computed(() => roles.filter((role) => role !== 'trailer' || rig.view?.trailer));

const change = (patch: Partial<Omit<Situation, 'id'>>, merge?: string) => {
  const id = situation.value?.id;
  if (id !== undefined) workspace.edit('app.edit.situation', (document) => changeSituation(document, id, patch), merge);
};
const everywhere = (country: Country) => {
  const here = { country };
  const words = regionOf(country);
  change({ vehicle: here, trailer: here, travel: here, through: undefined, words, ballSchool: usualSchool[words] });
};
const through = computed<readonly Jurisdiction[]>(() => situation.value?.through ?? []);
const setThrough = (places: readonly Jurisdiction[]) =>
  change({ through: places.length > 0 ? [...places] : undefined });
/** The next place starts as a country the journey does not lead through yet. */
const addThrough = () => {
  if (!situation.value) return;
  const known = journeyOf(situation.value).map((place) => place.country);
  const country = countries.find((one) => !known.includes(one) && regionOf(one) === regionOf(known[0] ?? 'DE'));
  setThrough([...through.value, { country: country ?? countries.find((one) => !known.includes(one)) ?? 'AU' }]);
};
</script>

<template>
  <el-dialog v-model="open" :title="t('app.situation.title')" width="min(600px, 94vw)">
    <div v-if="situation" class="panel" :inert="workspace.follows">
      <p class="soft">{{ t('app.situation.text') }}</p>
      <div class="all">
        <span>{{ t('app.situation.everywhere') }}</span>
        <el-button v-for="country in countries" :key="country" size="small" @click="everywhere(country)">
          {{ t(`country.${country}`) }}
        </el-button>
      </div>
      <div v-for="role in shownRoles" :key="role" class="row">
        <label :for="`place-${role}`">{{ t(`app.situation.${role}`) }}</label>
        <PlaceChoice
          :input-id="`place-${role}`"
          :label="t(`app.situation.${role}`)"
          :place="situation[role]"
          @change="(place) => change({ [role]: place })"
        />
      </div>
      <div v-for="(place, at) in through" :key="at" class="row">
        <label :for="`through-${at}`">{{ t('app.situation.through', { number: at + 1 }) }}</label>
        <PlaceChoice
          :input-id="`through-${at}`"
          :label="t('app.situation.through', { number: at + 1 })"
          :place="place"
          @change="(next) => setThrough(through.with(at, next))"
        />
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.situation.leaveOut', { place: placeName(place) })"
          @click="setThrough(through.toSpliced(at, 1))"
        >
          <Trash2 :size="15" />
        </button>
      </div>
      <div class="row">
        <span></span>
        <button v-if="through.length < 12" type="button" class="quiet-button" @click="addThrough">
          <Plus :size="15" />{{ t('app.situation.addThrough') }}
        </button>
      </div>
      <div class="row">
        <label for="day">{{ t('app.situation.date') }}</label>
        <DayField
          id="day"
          :value="situation.date"
          :placeholder="t('app.situation.today')"
          :label="t('app.situation.date')"
          @change="(date) => change({ date })"
        />
      </div>
      <ChoiceField
        shape="beside"
        :label="t('app.situation.words')"
        :value="situation.words"
        :options="wordRegions.map((value) => ({ value, label: t(`app.region.${value}`) }))"
        @change="(words) => change({ words })"
      />
      <ChoiceField
        v-if="rig.view?.trailer"
        shape="beside"
        :label="t('app.situation.school')"
        :value="situation.ballSchool"
        :options="ballSchools.map((value) => ({ value, label: t(`app.school.${value}`) }))"
        @change="(ballSchool) => change({ ballSchool })"
      />
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
  grid-template-columns: 180px 1fr auto;
  gap: 10px;
  align-items: center;
}
.hint {
  grid-column: 2 / -1;
  font-size: 13px;
}
@media (width <= 720px) {
  .row {
    grid-template-columns: 1fr auto;
    gap: 4px 10px;
  }
  .row label:not(.el-select *),
  .hint {
    grid-column: 1 / -1;
  }
}
</style>

<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { addPart, renameBody, setFacts } from '@wagonomos/core/edits';
import { formsFor, type PlateForm } from '@wagonomos/core/plates';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import EmptyMassForm from './EmptyMassForm.vue';
import FittedList from './FittedList.vue';
import FormerPlates from './FormerPlates.vue';
import GearForm from './GearForm.vue';
import GeometryForm from './GeometryForm.vue';
import PlateCard from './PlateCard.vue';
import SeatList from './SeatList.vue';
import SeenLists from './SeenLists.vue';

/** One body of the rig: its plates as cards, its empty figure, its measures, its parts. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();
const forms = computed(() => formsFor(props.body.kind, rig.words));

const add = (form: PlateForm) =>
  workspace.edit('app.edit.addPlate', (document) =>
    addPart(document, props.body.id, 'plates', { id: newId(), source: form.source, form: form.id, figures: [] }),
  );
const rename = (name: string) =>
  workspace.edit('app.edit.name', (document) => renameBody(document, props.body.id, name));
const brake = (braked: string | number | boolean) =>
  workspace.edit('app.edit.brakes', (document) => setFacts(document, props.body.id, { braked: braked === true }));
const setBerths = (berths: number | undefined) =>
  workspace.edit('app.edit.facts', (document) => setFacts(document, props.body.id, { berths }));
</script>

<template>
  <section :aria-label="body.name">
    <div class="section-head">
      <NameField :name="body.name" :label="t('app.plates.bodyName')" @change="rename" />
      <el-dropdown :persistent="false" trigger="click" max-height="420px" @command="add">
        <button type="button" class="quiet-button">{{ t('app.plates.add') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="form in forms" :key="form.id" :command="form">
              {{ t(`form.${form.id}.name`) }}
            </el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <div class="plates">
      <PlateCard v-for="plate in body.plates" :key="plate.id" :body="body" :plate="plate" />
    </div>
    <p v-if="body.plates.length === 0" class="soft">{{ t('app.plates.none') }}</p>
    <FormerPlates :body="body" />
    <div v-if="body.kind === 'trailer'" class="facts">
      <el-checkbox :model-value="body.braked" @change="brake">{{ t('app.plates.braked') }}</el-checkbox>
      <label>
        {{ t('app.plates.berths') }}
        <el-input-number
          size="small"
          :min="1"
          :max="12"
          :precision="0"
          :model-value="body.berths ?? null"
          :aria-label="t('app.plates.berths')"
          @change="setBerths($event ?? undefined)"
        />
      </label>
    </div>
    <EmptyMassForm :body="body" />
    <GeometryForm :body="body" />
    <SeatList v-if="body.kind === 'vehicle'" :vehicle="body" />
    <GearForm v-if="body.kind !== 'camper'" :body="body" />
    <FittedList :body="body" />
    <SeenLists :body="body" />
  </section>
</template>

<style scoped>
.plates {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(262px, 100%), 1fr));
  gap: 12px;
  align-items: start;
  margin-bottom: 10px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: center;
}
.facts label {
  color: var(--soft);
  font-size: 13px;
}
</style>

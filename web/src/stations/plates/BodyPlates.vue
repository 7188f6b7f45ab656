<script setup lang="ts">
import {
  addPart,
  plateTemplates,
  renameBody,
  setBraked,
  type PlateSource,
  type Trailer,
  type Vehicle,
} from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import EmptyMassForm from './EmptyMassForm.vue';
import GeometryForm from './GeometryForm.vue';
import PlateCard from './PlateCard.vue';
import SeatList from './SeatList.vue';

/** One body of the rig: its plates as cards, its empty figure, its measures. */
const props = defineProps<{ body: Vehicle | Trailer }>();
const { t } = useI18n();
const workspace = useWorkspace();
const sources = computed(() => Object.keys(plateTemplates(props.body.kind)) as PlateSource[]);

const add = (source: PlateSource) =>
  workspace.edit('app.edit.addPlate', (document) =>
    addPart(document, props.body.id, 'plates', { id: newId(), source, figures: [] }),
  );
const rename = (name: string) =>
  workspace.edit('app.edit.name', (document) => renameBody(document, props.body.id, name));
const brake = (braked: string | number | boolean) =>
  workspace.edit('app.edit.brakes', (document) => setBraked(document, props.body.id, braked === true));
</script>

<template>
  <section :aria-label="body.name">
    <div class="section-head">
      <NameField :name="body.name" :label="t('app.plates.bodyName')" @change="rename" />
      <el-dropdown trigger="click" @command="add">
        <button type="button" class="quiet-button">{{ t('app.plates.add') }}</button>
        <template #dropdown>
          <el-dropdown-menu>
            <el-dropdown-item v-for="source in sources" :key="source" :command="source">
              {{ t(`plateSource.${source}`) }}
            </el-dropdown-item>
          </el-dropdown-menu>
        </template>
      </el-dropdown>
    </div>
    <div class="plates">
      <PlateCard v-for="plate in body.plates" :key="plate.id" :body="body" :plate="plate" />
    </div>
    <p v-if="body.plates.length === 0" class="soft">{{ t('app.plates.none') }}</p>
    <el-checkbox v-if="body.kind === 'trailer'" :model-value="body.braked" @change="brake">
      {{ t('app.plates.braked') }}
    </el-checkbox>
    <EmptyMassForm :body="body" />
    <GeometryForm :body="body" />
    <SeatList v-if="body.kind === 'vehicle'" :vehicle="body" />
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
</style>

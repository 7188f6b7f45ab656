<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { addPart, renameBody, setFacts } from '@wagonomos/core/edits';
import type { PlateForm } from '@wagonomos/core/plates';
import { computed, nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import NameField from '../../fields/NameField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import EmptyMassForm from './EmptyMassForm.vue';
import FittedList from './FittedList.vue';
import FormerPlates from './FormerPlates.vue';
import FurtherMeasures from './FurtherMeasures.vue';
import GearForm from './GearForm.vue';
import GeometryForm from './GeometryForm.vue';
import LengthDoubts from './LengthDoubts.vue';
import PlateCard from './PlateCard.vue';
import PlatePicker from './PlatePicker.vue';
import SeatList from './SeatList.vue';
import SeenLists from './SeenLists.vue';

/** One body of the rig: its plates as cards, its empty figure, its measures, its parts. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
/** The plate in hand stands first, ready to be written in. */
const inHand = ref<string | null>(null);
const plates = computed(() =>
  [...props.body.plates].sort((a, b) => Number(b.id === inHand.value) - Number(a.id === inHand.value)),
);
const cards = ref<HTMLElement>();
const take = async (id: string) => {
  inHand.value = id;
  await nextTick();
  const fields = [...(cards.value?.querySelector('article')?.querySelectorAll('input[inputmode="decimal"]') ?? [])];
  const empty = fields.find((one) => one instanceof HTMLInputElement && one.value === '') ?? fields[0];
  if (empty instanceof HTMLInputElement) empty.focus();
};
const add = (form: PlateForm) => {
  const id = newId();
  workspace.edit('app.edit.addPlate', (document) =>
    addPart(document, props.body.id, 'plates', { id, source: form.source, form: form.id, figures: [] }),
  );
  void take(id);
};
const rename = (name: string) =>
  workspace.edit('app.edit.name', (document) => renameBody(document, props.body.id, name));
const brake = (braked: string | number | boolean) =>
  workspace.edit('app.edit.brakes', (document) => setFacts(document, props.body.id, { braked: braked === true }));
</script>

<template>
  <section :aria-label="body.name">
    <div class="section-head">
      <NameField :name="body.name" :label="t('app.plates.bodyName')" @change="rename" />
    </div>
    <h3 class="part">{{ t('app.plates.forLaw') }}</h3>
    <PlatePicker :body="body" @take="take($event.id)" @add="add" />
    <div ref="cards" class="plates">
      <PlateCard v-for="plate in plates" :key="plate.id" :body="body" :plate="plate" />
    </div>
    <p v-if="body.plates.length === 0" class="soft">{{ t('app.plates.none') }}</p>
    <el-checkbox v-if="body.kind === 'trailer'" :model-value="body.braked" @change="brake">
      {{ t('app.plates.braked') }}
    </el-checkbox>
    <h3 class="part">{{ t('app.plates.forDrawing') }}</h3>
    <EmptyMassForm :body="body" />
    <GeometryForm :body="body" />
    <h3 class="part">{{ t('app.plates.later') }}</h3>
    <FurtherMeasures :body="body" />
    <LengthDoubts :body="body" />
    <SeatList v-if="body.kind === 'vehicle'" :vehicle="body" />
    <GearForm v-if="body.kind !== 'camper'" :body="body" />
    <FittedList :body="body" />
    <SeenLists :body="body" />
    <FormerPlates :body="body" />
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
.part {
  margin: 20px 0 8px;
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
  font-size: 18px;
}
/* The heading has the line already. */
.part + :deep(section) {
  margin-top: 0;
  padding-top: 0;
  border-top: 0;
}
.part + :deep(details) {
  margin-top: 0;
  padding-top: 0;
  border-top: 0;
}
.part:first-of-type {
  margin-top: 4px;
}
</style>

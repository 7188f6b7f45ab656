<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { putSection, removeSection, shiftSection } from '@wagonomos/core/edits';
import type { Section, Trip } from '@wagonomos/core/road';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../../stores/workspace.ts';
import PartDialog from './PartDialog.vue';
import SectionFields from './SectionFields.vue';

/** One part of the plan, new (with where it goes) or changed. */
const props = defineProps<{ trip: Trip; view: RigView; section: Section; at: number | undefined }>();
const emit = defineEmits<{ close: [kept: string | null] }>();
const { t } = useI18n();
const workspace = useWorkspace();

const draft = ref<Section>(props.section);
const kept = ref<string | null>(null);
const keep = (section: Section) => {
  const refused = workspace.edit('app.edit.tripPlan', (document) =>
    putSection(document, props.trip.id, section, props.at),
  );
  kept.value = refused ? null : section.id;
  return refused;
};
/** On a phone the rows have no room for these. */
const move = (by: number) =>
  workspace.edit('app.edit.tripPlan', (document) => shiftSection(document, props.trip.id, props.section.id, by));
const remove = () => {
  workspace.edit('app.edit.tripPlan', (document) => removeSection(document, props.trip.id, props.section.id));
  emit('close', null);
};
</script>

<template>
  <PartDialog :section="draft" :say="t('app.road.keep')" :keep="keep" @close="emit('close', kept)">
    <SectionFields :section="draft" :view="view" @change="draft = $event" />
    <template v-if="at === undefined" #more>
      <p class="more">
        <el-button @click="move(-1)">{{ t('app.road.earlierIt') }}</el-button>
        <el-button @click="move(1)">{{ t('app.road.laterIt') }}</el-button>
        <el-button @click="remove">{{ t('app.road.dropIt') }}</el-button>
      </p>
    </template>
  </PartDialog>
</template>

<style scoped>
.more {
  display: flex;
  margin: 10px 0 0;
}
</style>

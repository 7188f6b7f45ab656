<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import SheetTabs from '../../shared/SheetTabs.vue';
import { views } from '../../shared/views.ts';
import { useRig } from '../../stores/rig.ts';
import '../../words/paperWords.ts';
import DuesSoon from './DuesSoon.vue';
import DeskSheet from './DeskSheet.vue';
import FiguresRead from './FiguresRead.vue';
import RoadsideLook from './RoadsideLook.vue';
import TablesOut from './TablesOut.vue';

/** What the work comes to on paper, by the occasion on which somebody asks for it. */
const { t } = useI18n();
const rig = useRig();
const route = useRoute();
const router = useRouter();

const occasions = views.papers.sheets;
type Occasion = (typeof occasions)[number];
const open = computed<Occasion>(() => occasions.find((one) => one === route.query['sheet']) ?? 'before');
const go = (sheet: Occasion) => router.replace({ query: { ...route.query, sheet } });

const papers = {
  before: ['card', 'halfCard'],
  stopped: ['roadside'],
  certifier: ['request', 'case', 'weighing'],
  selling: ['dossier', 'weighing'],
} as const;
const others: Readonly<Record<Exclude<Occasion, keyof typeof papers>, Component>> = {
  phone: defineAsyncComponent(() => import('./HandOver.vue')),
  dates: defineAsyncComponent(() => import('./DatesSheet.vue')),
  kept: defineAsyncComponent(() => import('./KeptSheet.vue')),
};
</script>

<template>
  <div v-if="rig.view" class="papers">
    <SheetTabs
      :label="t('paper.desk.occasions')"
      :sheets="occasions.map((name) => ({ name, label: t(`paper.desk.occasion.${name}`) }))"
      :open="open"
      @open="go"
    />
    <DeskSheet v-if="open === 'before'" :kinds="papers.before" :says="t('paper.desk.says.before')">
      <DuesSoon />
    </DeskSheet>
    <DeskSheet v-else-if="open === 'stopped'" :kinds="papers.stopped" :says="t('paper.desk.says.stopped')">
      <RoadsideLook />
    </DeskSheet>
    <DeskSheet v-else-if="open === 'certifier'" :kinds="papers.certifier" :says="t('paper.desk.says.certifier')">
      <TablesOut />
    </DeskSheet>
    <DeskSheet v-else-if="open === 'selling'" :kinds="papers.selling" :says="t('paper.desk.says.selling')">
      <FiguresRead :view="rig.view" />
    </DeskSheet>
    <component :is="others[open]" v-else :view="rig.view" />
  </div>
</template>

<style scoped>
/* What stands below a sheet does not move while it comes. */
.papers {
  min-height: 100dvh;
  padding: 12px 18px 40px;
}
@media (width <= 720px) {
  .papers {
    padding: 8px 12px 32px;
  }
}
</style>

<script setup lang="ts">
import { type RigView } from '@wagonomos/core';
import { applyCase } from '@wagonomos/core/edits';
import type { CaseObstacle, CaseProgress, UprateCase } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** What is outstanding, and the last step: the new plates become those of the rig, the old ones history. */
const props = defineProps<{ view: RigView; one: UprateCase; progress: CaseProgress }>();
const { t } = useI18n();
const workspace = useWorkspace();
const today = useToday();
const { limitWord } = useOffers(() => props.view);
const says = (one: CaseObstacle): string => {
  switch (one.code) {
    case 'noRoute':
      return t('app.case.obstacle.noRoute', { body: props.view[one.of]?.name ?? '' });
    case 'step':
      return t('app.case.obstacle.step', { step: t(`caseStep.${one.item.step}`) });
    case 'evidence':
      return t('app.case.obstacle.evidence');
    case 'figure':
      return t('app.case.obstacle.figure', { limit: limitWord(one.figure.limit) });
  }
};
const open = computed(() => props.progress.items.filter(({ state }) => state !== 'done'));
const apply = () => {
  workspace.edit('app.edit.applyCase', (document) => applyCase(document, props.one.id, today.day, newId));
};
</script>

<template>
  <section class="apply" data-test="case-apply">
    <h2>{{ t('app.case.outstanding') }}</h2>
    <p v-if="one.applied" class="done" role="status">{{ t('app.case.applied', { day: one.applied }) }}</p>
    <template v-else>
      <p class="soft">{{ t('app.case.rule') }}</p>
      <ul v-if="progress.obstacles.length > 0">
        <li v-for="(line, at) in progress.obstacles" :key="at">{{ says(line) }}</li>
      </ul>
      <p v-else-if="open.length > 0">{{ t('app.case.stillOpen', { count: open.length }, open.length) }}</p>
      <el-button class="no-print" type="primary" :disabled="progress.obstacles.length > 0" @click="apply">
        {{ t('app.case.apply') }}
      </el-button>
    </template>
    <RouterLink v-if="one.applied" class="no-print" :to="{ name: 'verdict', params: { rig: view.rig.id } }">
      {{ t('app.case.toVerdict') }}
    </RouterLink>
  </section>
</template>

<style scoped>
.apply {
  margin-top: 18px;
}
ul {
  margin: 4px 0 10px;
  padding-left: 20px;
}
.done {
  color: var(--in);
  font-weight: 600;
}
</style>

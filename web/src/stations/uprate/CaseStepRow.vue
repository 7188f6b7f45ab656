<script setup lang="ts">
import { setCaseStep } from '@wagonomos/core/edits';
import type { CaseItem, UprateCase } from '@wagonomos/core/uprating';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DayField from '../../fields/DayField.vue';
import TextLine from '../../fields/TextLine.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import CaseFiles from './CaseFiles.vue';

/** One step: whose it is, done or due, and what there is to show for it. */
const props = defineProps<{ one: UprateCase; item: CaseItem }>();
const { t } = useI18n();
const today = useToday();
const workspace = useWorkspace();
const open = ref(false);
const fixed = computed(() => props.one.applied !== undefined);
const signs = { done: '●', late: '▲', open: '○' } as const;
type Patch = Parameters<typeof setCaseStep>[3];
const set = (patch: Patch) =>
  workspace.edit('app.edit.case', (document) => setCaseStep(document, props.one.id, props.item.id, patch));
const tick = (on: boolean) => set({ done: on ? today.day : undefined });
const says = computed((): string => {
  const { kept, state } = props.item;
  const parts = [
    kept?.done ? t('app.case.doneOn', { day: kept.done }) : '',
    !kept?.done && kept?.due ? t(state === 'late' ? 'app.case.lateSince' : 'app.case.dueOn', { day: kept.due }) : '',
    kept?.who ?? '',
    kept?.files ? t('app.case.fileCount', { count: kept.files.length }, kept.files.length) : '',
  ];
  return parts.filter((text) => text !== '').join(' · ');
});
</script>

<template>
  <li :class="item.state" :data-test="`step-${item.id}`">
    <div class="top">
      <span class="sign" aria-hidden="true">{{ signs[item.state] }}</span>
      <el-checkbox :model-value="item.state === 'done'" :disabled="fixed" @change="tick($event === true)">
        {{ t(`caseStep.${item.step}`) }}
      </el-checkbox>
      <span class="whose">
        <small>{{ t(`caseRole.${item.role}`) }}</small>
        <small v-if="item.decides" class="decides">{{ t('app.case.decides') }}</small>
      </span>
      <button type="button" class="text-button more alone no-print" :aria-expanded="open" @click="open = !open">
        {{ t('app.case.details') }}
      </button>
    </div>
    <small v-if="says" class="says">{{ says }}</small>
    <small v-if="item.kept?.note" class="says only-print">{{ item.kept.note }}</small>
    <div v-if="open" class="fields" :inert="fixed">
      <label>
        <span>{{ t('app.case.done') }}</span>
        <DayField :value="item.kept?.done" :label="t('app.case.done')" @change="(day) => set({ done: day })" />
      </label>
      <label>
        <span>{{ t('app.case.due') }}</span>
        <DayField :value="item.kept?.due" :label="t('app.case.due')" @change="(day) => set({ due: day })" />
      </label>
      <TextLine :value="item.kept?.who" :label="t('app.case.who')" :most="80" @change="(who) => set({ who })" />
      <label>
        <span>{{ t('app.case.cost', { currency: one.packages[0]?.currency ?? '' }) }}</span>
        <el-input-number
          :model-value="item.kept?.cost ?? null"
          :min="0"
          :max="1000000"
          :controls="false"
          :aria-label="t('app.case.cost', { currency: one.packages[0]?.currency ?? '' })"
          @change="(cost: number | null | undefined) => set({ cost: cost ?? undefined })"
        />
      </label>
      <TextLine
        class="wide"
        :value="item.kept?.note"
        :label="t('app.case.note')"
        :most="2000"
        :rows="2"
        @change="(note) => set({ note })"
      />
      <CaseFiles
        class="wide"
        :files="item.kept?.files ?? []"
        @change="(files) => set({ files: files.length > 0 ? files : undefined })"
      />
    </div>
  </li>
</template>

<style scoped>
li {
  padding: 5px 0 6px;
  border-bottom: 1px dotted var(--line);
}
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  align-items: center;
}
.top :deep(.el-checkbox) {
  height: auto;
  margin-right: 0;
  white-space: normal;
}
.sign {
  width: 18px;
}
.done .sign {
  color: var(--in);
}
.late .sign,
.late .says {
  color: var(--over);
}
.whose {
  display: flex;
  gap: 8px;
  color: var(--soft);
}
.decides {
  padding: 0 5px;
  border: 1px solid var(--ink);
  color: var(--ink);
  font: 600 12.5px var(--figures);
}
@media (width <= 720px) {
  .top {
    display: grid;
    grid-template-columns: 18px 1fr auto;
    align-items: start;
  }
  .whose {
    grid-row: 2;
    grid-column: 2 / -1;
    padding-left: 22px;
  }
}
.says {
  display: block;
  padding-left: 26px;
  color: var(--soft);
}
.more {
  margin-left: auto;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px 12px;
  padding: 8px 0 6px 26px;
}
.fields label > span {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
.fields :deep(.el-date-editor),
.fields :deep(.el-input-number) {
  width: 100%;
}
.wide {
  grid-column: 1 / -1;
}
.only-print {
  display: none;
}
@media print {
  .only-print {
    display: block;
  }
}
</style>

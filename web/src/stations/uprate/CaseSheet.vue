<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { changeCase, removeCase } from '@wagonomos/core/edits';
import { asksUnregistered } from '@wagonomos/core/uprating';
import { Printer, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import NameField from '../../fields/NameField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import AskFigures from './AskFigures.vue';
import CaseApply from './CaseApply.vue';
import CaseSteps from './CaseSteps.vue';
import CertifierAsk from './CertifierAsk.vue';
import NewPlate from './NewPlate.vue';
import { useBench } from './useBench.ts';
import { useCase } from './useCase.ts';

/** The file of an uprate or downrate: who has to do what, what is outstanding, and the new plate at its end. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const workspace = useWorkspace();
const { open, money } = useBench();
const cases = computed(() => (workspace.document?.cases ?? []).filter(({ rig }) => rig === props.view.rig.id));
const asked = computed(() => cases.value.find(({ id }) => id === route.query['case']) ?? cases.value.at(-1));
const { progress } = useCase(
  () => props.view,
  () => asked.value,
);
const choose = (id: string) => void router.replace({ query: { ...route.query, case: id } });
const print = () => globalThis.print();
const drop = () => {
  const id = asked.value?.id;
  if (id !== undefined) workspace.edit('app.edit.removeCase', (document) => removeCase(document, id));
};
const change = (patch: Parameters<typeof changeCase>[2]) => {
  const id = asked.value?.id;
  if (id !== undefined) workspace.edit('app.edit.case', (document) => changeCase(document, id, patch));
};
</script>

<template>
  <div class="sheet" data-test="case-file">
    <p v-if="!asked" class="soft">
      {{ t('app.case.none') }}
      <el-button size="small" @click="open('packages')">{{ t('app.uprate.toPackages') }}</el-button>
    </p>
    <template v-else>
      <div class="section-head">
        <NameField :name="asked.name" :label="t('app.case.name')" @change="(name) => change({ name })" />
        <el-select
          v-if="cases.length > 1"
          :persistent="false"
          class="which no-print"
          :model-value="asked.id"
          :aria-label="t('app.case.which')"
          @change="choose"
        >
          <el-option v-for="one in cases" :key="one.id" :value="one.id" :label="`${one.name}, ${one.begun}`" />
        </el-select>
        <button type="button" class="quiet-button no-print" @click="print">
          <Printer :size="15" />{{ t('app.uprate.print') }}
        </button>
        <button type="button" class="icon-button small no-print" :aria-label="t('app.case.drop')" @click="drop">
          <Trash2 :size="15" />
        </button>
      </div>
      <p class="soft">
        {{ t('app.case.begun', { day: asked.begun, packages: asked.packages.map(({ name }) => name).join(' + ') }) }}
        <template v-if="progress && progress.spent > 0">{{
          t('app.case.spent', { money: money(progress.spent, asked.packages[0]?.currency) })
        }}</template>
      </p>
      <el-checkbox
        v-if="!asked.applied && asksUnregistered(view)"
        class="no-print"
        :model-value="asked.unregistered ?? false"
        @change="change({ unregistered: $event === true ? true : undefined })"
      >
        {{ t('app.case.unregistered') }}
      </el-checkbox>
      <div v-if="progress" class="parts">
        <CaseSteps :one="asked" :progress="progress" />
        <div>
          <NewPlate :view="view" :one="asked" :progress="progress" />
          <AskFigures v-if="!asked.applied" :view="view" />
          <CaseApply :view="view" :one="asked" :progress="progress" />
          <CertifierAsk v-if="!asked.applied" :key="asked.id" :view="view" :packages="asked.packages" />
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped src="./sheet.css"></style>
<style scoped>
.which {
  width: 220px;
}
</style>

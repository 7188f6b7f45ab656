<script setup lang="ts">
import { type PlannedAssessment, type RigView } from '@wagonomos/core';
import { addCase } from '@wagonomos/core/edits';
import { newFindings } from '@wagonomos/core/uprating';
import { FolderPlus, Printer } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import ConsequenceTable from './ConsequenceTable.vue';
import DriverList from './DriverList.vue';
import MustGo from './MustGo.vue';
import { useBench } from './useBench.ts';

/** What is otherwise with the packages on the bench: marks passed up and down, drivers, speeds; and what would have to go. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const workspace = useWorkspace();
const today = useToday();
const { chosen, then, after, open } = useBench();
const { say } = useSpeech();
const unborne = computed(() => newFindings(props.assessment.loads, after.value.loads));
const print = () => globalThis.print();
const begin = () => {
  const names = chosen.value.map(({ name }) => name).join(' + ');
  const one = {
    id: newId(),
    rig: props.view.rig.id,
    name: names.slice(0, 80),
    begun: today.day,
    packages: structuredClone([...chosen.value]),
    steps: [],
    certified: [],
  };
  workspace.edit('app.edit.addCase', (document) => addCase(document, one));
  open('case');
};
</script>

<template>
  <div class="sheet">
    <p v-if="chosen.length === 0" class="soft">
      {{ t('app.uprate.nothingChosen') }}
      <el-button size="small" @click="open('packages')">{{ t('app.uprate.toPackages') }}</el-button>
    </p>
    <template v-else>
      <div class="section-head">
        <h2>{{ t('app.uprate.changesTitle', { names: chosen.map(({ name }) => name).join(' + ') }) }}</h2>
        <span class="acts no-print">
          <button type="button" class="quiet-button" @click="print">
            <Printer :size="15" />{{ t('app.uprate.print') }}
          </button>
          <el-button type="primary" @click="begin"><FolderPlus :size="15" />{{ t('app.case.begin') }}</el-button>
        </span>
      </div>
      <ul v-if="unborne.length > 0" class="unborne" data-test="unborne">
        <li v-for="one in unborne" :key="`${one.code}${one.body}`">
          {{ t('app.uprate.unborne', { text: say(one.message) }) }}
        </li>
      </ul>
      <div class="parts">
        <ConsequenceTable :view="view" :before="assessment" :after="after" />
        <div>
          <MustGo :view="view" :then="then" :after="after" />
          <DriverList :view="view" />
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped src="./sheet.css"></style>
<style scoped>
.unborne {
  margin: 6px 0;
  padding: 6px 10px 6px 26px;
  border-left: 4px solid var(--over);
}
.acts {
  display: flex;
  gap: 10px;
}
.acts svg {
  margin-right: 6px;
}
</style>

<script setup lang="ts">
import { planMerge } from '@wagonomos/core/files';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../stores/workspace.ts';
import type { Incoming, Refused } from './incomingFile.ts';
import MessageText from '../words/MessageText.vue';
import TakeInPlan from './TakeInPlan.vue';

/** What is in a file and what would become of it, or why it cannot be used. Nothing of it is kept until the owner says how. */
const props = defineProps<{ incoming: Incoming | null; refused: Refused | null; busy: boolean }>();
const emit = defineEmits<{ close: []; take: [how: 'beside' | 'instead'] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const plan = computed(() =>
  props.incoming && workspace.document ? planMerge(workspace.document, props.incoming.document) : null,
);
</script>

<template>
  <el-dialog
    :model-value="refused !== null"
    :title="t('app.file.refused', { name: refused?.name ?? '' })"
    width="min(560px, 94vw)"
    append-to-body
    @update:model-value="emit('close')"
  >
    <div class="reasons" role="alert" data-test="file-refused">
      <p v-for="(line, index) in refused?.lines ?? []" :key="index"><MessageText :message="line" /></p>
    </div>
    <p class="soft">{{ t('app.file.nothingChanged') }}</p>
  </el-dialog>
  <el-dialog
    :model-value="incoming !== null"
    :title="t('app.papers.howTitle', { name: incoming?.document.name ?? '' })"
    width="min(560px, 94vw)"
    append-to-body
    data-test="take-in"
    @update:model-value="emit('close')"
  >
    <TakeInPlan v-if="incoming && plan" :document="incoming.document" :plan="plan" />
    <p v-if="incoming?.files.length">{{ t('app.file.pictures', { count: incoming.files.length }) }}</p>
    <p v-if="incoming?.forged" class="lost">{{ t('app.file.forged', { count: incoming.forged }) }}</p>
    <template #footer>
      <div class="ways">
        <el-button @click="emit('close')">{{ t('app.cancel') }}</el-button>
        <el-button :disabled="busy" @click="emit('take', 'instead')">{{ t('app.papers.instead') }}</el-button>
        <el-button type="primary" :loading="busy" @click="emit('take', 'beside')">{{
          t('app.papers.beside')
        }}</el-button>
      </div>
    </template>
  </el-dialog>
</template>

<style scoped>
.lost {
  color: var(--over);
}
.reasons {
  margin-bottom: 12px;
}
.reasons p {
  margin-bottom: 4px;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
.ways :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>

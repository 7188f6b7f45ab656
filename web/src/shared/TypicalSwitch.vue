<script setup lang="ts">
import { setTypical } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** One switch: take what is usual where nobody has said, on one body or, none named, on all of the rig. */
const props = defineProps<{ body?: string }>();
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const bodies = computed(() =>
  [rig.view?.vehicle, rig.view?.trailer].filter(
    (one) => one !== undefined && (props.body === undefined || one.id === props.body),
  ),
);
const on = computed(() => bodies.value.length > 0 && bodies.value.every((one) => one?.typical === true));
const take = (typical: boolean) => {
  const ids = bodies.value.flatMap((one) => (one ? [one.id] : []));
  workspace.edit('app.edit.typical', (document) => setTypical(document, ids, typical));
};
</script>

<template>
  <div v-if="bodies.length > 0" class="typical">
    <el-checkbox :model-value="on" :disabled="workspace.follows" @change="take($event === true)">
      {{ t('app.typical.take') }}
    </el-checkbox>
    <p class="soft">{{ t('app.typical.hint') }}</p>
  </div>
</template>

<style scoped>
.typical {
  margin: 4px 0 8px;
}
p {
  max-width: 70ch;
  margin: 0 0 0 22px;
  font-size: 13px;
  line-height: 1.35;
}
.typical :deep(.el-checkbox) {
  height: auto;
  padding-block: 6px;
  white-space: normal;
}
</style>

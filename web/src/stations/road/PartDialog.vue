<script setup lang="ts">
import type { Section } from '@wagonomos/core/road';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import type { Refusal } from '../../stores/workspace.ts';
import { sectionProblem } from './sectionProblem.ts';
import { trimmed } from './trimmed.ts';

/** The frame in which one part of a trip is planned or written down: kept at once when it is whole, else it says what it lacks. */
const props = defineProps<{ section: Section; say: string; keep: (section: Section) => Refusal | null }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const { reason } = useRefusalWords();
const tried = ref(false);
const refused = ref<string | null>(null);
const lacks = computed(() => sectionProblem(props.section));
const send = () => {
  tried.value = true;
  if (lacks.value) return;
  refused.value = reason(props.keep(trimmed(props.section)));
  if (refused.value === null) emit('close');
};
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t(`app.road.kind.${section.kind}`)"
    width="min(460px, 96vw)"
    data-test="part-dialog"
    @close="emit('close')"
  >
    <form @submit.prevent="send">
      <slot></slot>
      <p v-if="tried && lacks" class="lacks" role="alert">{{ t(lacks) }}</p>
      <p v-if="refused" class="lacks" role="alert">{{ refused }}</p>
      <p class="foot">
        <el-button type="primary" native-type="submit">{{ say }}</el-button>
        <el-button @click="emit('close')">{{ t('app.cancel') }}</el-button>
      </p>
      <slot name="more"></slot>
    </form>
  </el-dialog>
</template>

<style scoped>
.foot {
  display: flex;
  margin: 16px 0 0;
}
.lacks {
  margin: 10px 0 0;
  color: var(--over);
}
</style>

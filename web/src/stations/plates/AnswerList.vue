<script setup lang="ts" generic="Answer extends string">
/** A list of short questions, each with the same few answers. */
defineProps<{
  questions: readonly { readonly key: string; readonly label: string; readonly answer: Answer }[];
  answers: readonly { readonly value: Answer; readonly label: string }[];
}>();
const emit = defineEmits<{ answer: [key: string, answer: Answer] }>();
</script>

<template>
  <div v-for="one in questions" :key="one.key" class="question">
    <span>{{ one.label }}</span>
    <el-radio-group
      :model-value="one.answer"
      size="small"
      :aria-label="one.label"
      @update:model-value="(value: unknown) => emit('answer', one.key, value as Answer)"
    >
      <el-radio-button v-for="answer in answers" :key="answer.value" :value="answer.value" :label="answer.label" />
    </el-radio-group>
  </div>
</template>

<style scoped>
.question {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  justify-content: space-between;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
</style>

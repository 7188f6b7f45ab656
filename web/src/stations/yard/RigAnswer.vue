<script setup lang="ts">
import { assess, pillars, type RigView } from '@wagonomos/core';
import { computed } from 'vue';
import MarkWord from '../../words/MarkWord.vue';
import StatusMark from '../../words/StatusMark.vue';
import { useSpeech } from '../../words/useSpeech.ts';

/** What a rig of the yard comes to: its sentence, and each support by its mark. */
const props = defineProps<{ view: RigView }>();
const { say } = useSpeech(() => props.view.situation.words);
const assessment = computed(() => assess(props.view));
const supports = computed(() => pillars(assessment.value));
</script>

<template>
  <div>
    <p class="sentence"><MarkWord :mark="assessment.mark" />{{ say(assessment.sentence) }}</p>
    <p class="supports">
      <span v-for="one in supports" :key="one.quantity">
        <StatusMark :status="one.check?.status ?? 'unknown'" :size="12" /> {{ say(one.name) }}
      </span>
    </p>
  </div>
</template>

<style scoped>
.sentence {
  margin: 8px 0;
}
.supports {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font: 400 15px var(--figures);
}
</style>

<script setup lang="ts">
import { openQuestions, toFindOut } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import FindOut from '../../shared/FindOut.vue';
import TypicalSwitch from '../../shared/TypicalSwitch.vue';
import { useBasis } from '../../slips/useBasis.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';

/** What nobody has said yet, or not well enough: the most for its minutes first, the rest when asked for. */
const emit = defineEmits<{ answer: [body: string, facts: BodyFacts] }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const { based } = useBasis();
const few = 6;
const all = ref(false);
const taken = computed(() => rig.view?.vehicle?.typical === true || rig.view?.trailer?.typical === true);
/** What is asked with its answers beside it is not asked once more. */
const facts = computed(() => {
  if (!based.value) return [];
  const asked = openQuestions(based.value.assessment.checks);
  return toFindOut(based.value.assessment).filter(
    ({ settles, helps }) => ![...settles, ...helps].every((check) => asked.includes(check)),
  );
});
</script>

<template>
  <section v-if="facts.length > 0 || taken" class="missing" :aria-label="t('app.findOut.title')">
    <h2>{{ t('app.findOut.title') }}</h2>
    <TypicalSwitch v-if="based?.from !== 'slip'" />
    <FindOut
      :facts="all ? facts : facts.slice(0, few)"
      :say="say"
      answerable
      class="columns"
      @answer="(body, said) => emit('answer', body, said)"
    />
    <button v-if="facts.length > few && !all" type="button" class="quiet-button" @click="all = true">
      {{ t('app.findOut.more', { count: facts.length - few }) }}
    </button>
    <RouterLink :to="{ name: 'plates', params: { rig: rig.rigId } }">{{ t('app.verdict.toPlates') }}</RouterLink>
  </section>
</template>

<style scoped>
.missing {
  margin-bottom: 18px;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--slate);
  background: var(--sheet);
}
.quiet-button {
  margin-right: 10px;
}
.columns {
  columns: 2 360px;
}
</style>

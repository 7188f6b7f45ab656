<script setup lang="ts">
import { comparesLoad, mustLeave, remedies, type Check, type Remedy } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MessageText from '../words/MessageText.vue';
import { checkAmount } from '@wagonomos/papers/words';
import { useBasis } from '../slips/useBasis.ts';
import { useRemedy } from '../shared/useRemedy.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** What would bring an excess right, before its arithmetic: each with what it does to other limits, done by one press. */
const props = defineProps<{ check: Check }>();
const { t } = useI18n();
const { say } = useSpeech();
const { based } = useBasis();
const settings = useSettings();
const workspace = useWorkspace();
const carryOut = useRemedy();
/** What was weighed stays as it was: what is done now shows at the next weighing. */
const weighed = computed(() => based.value?.from === 'slip');
const list = computed(() => (based.value ? remedies(based.value.assessment, props.check) : []));
/** Where no single thing does it: so many kg, whatever lies there. */
const leave = computed(() =>
  based.value && list.value.length === 0 ? mustLeave(based.value.assessment, props.check) : null,
);
const anyListed = computed(() => (based.value?.assessment.loads.view.loadout.placements.length ?? 0) > 0);
const canBeEmptied = computed(() => props.check.status === 'over' && comparesLoad(props.check));
const few = 4;
const left = (check: Check, margin: number): string => {
  const amount = checkAmount(check, Math.abs(margin), settings.massUnit, margin < 0 ? 'load' : 'margin');
  if (margin < 0) return t(check.sense === 'max' ? 'app.margin.over' : 'app.margin.short', { amount });
  return t(check.sense === 'max' ? 'app.margin.left' : 'app.margin.above', { amount });
};
const effects = ({ effects: all }: Remedy): string =>
  all
    .slice(0, few)
    .map(({ check, margin }) => t('app.remedy.effect', { check: say(check.name), margin: left(check, margin) }))
    .join(' · ');
</script>

<template>
  <section v-if="check.status === 'over' || check.status === 'tight'" class="todo" data-test="todo">
    <h3>{{ t('app.source.todo') }}</h3>
    <ol v-if="list.length > 0">
      <li v-for="(one, index) in list" :key="index" data-test="remedy">
        <span class="says"><MessageText :message="one.says" /></span>
        <button
          v-if="!weighed"
          type="button"
          class="quiet-button"
          :disabled="one.move !== null && workspace.follows"
          @click="carryOut(one)"
        >
          {{ t(one.move ? 'app.next.do' : 'app.remedy.choose') }}
        </button>
        <small v-if="one.effects.length > 0">{{ t('app.remedy.then', { effects: effects(one) }) }}</small>
      </li>
    </ol>
    <p v-if="weighed && list.length > 0" class="soft">{{ t('app.remedy.weighAgain') }}</p>
    <p v-if="leave" class="says" data-test="must-leave"><MessageText :message="leave.says" /></p>
    <p v-if="list.length === 0 && canBeEmptied && anyListed" class="soft">{{ t('remedy.none') }}</p>
    <p class="soft">{{ t(`todo.${check.rule}`) }}</p>
  </section>
</template>

<style scoped>
.todo {
  margin-bottom: 12px;
  padding: 8px 10px;
  border-left: 4px solid var(--over);
  background: var(--paper);
}
ol {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 10px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
}
.says {
  font-weight: 600;
}
small {
  grid-column: 1 / -1;
  color: var(--soft);
}
</style>

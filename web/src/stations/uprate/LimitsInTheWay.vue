<script setup lang="ts">
import { displayMass, type PlannedAssessment } from '@wagonomos/core';
import { inTheWay, loadPattern } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { leastWord, written } from '@wagonomos/papers/words';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useSettings } from '../../stores/settings.ts';

/** Each limit with how much more of the owner's own load it would let on board, the nearest first. */
const props = defineProps<{ assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const arithmetic = useArithmetic();

const pattern = computed(() => loadPattern(props.assessment.loads));
const rows = computed(() => inTheWay(props.assessment.checks, pattern.value));
const widest = computed(() => Math.max(1, ...rows.value.slice(0, 8).map(({ room }) => Math.abs(room))));
/** What is left is rounded down, what is over up. */
const kg = (value: number) => written(Math.abs(displayMass(value, settings.massUnit, 'margin')), 0);
const says = ({ room, check }: (typeof rows.value)[number]) =>
  t(room < 0 ? `app.uprate.over${leastWord(check)}` : 'app.uprate.room', { mass: kg(room), unit: settings.massUnit });
</script>

<template>
  <p v-if="pattern.length === 0" class="soft">{{ t('app.uprate.noPattern') }}</p>
  <template v-else>
    <p class="soft">{{ t('app.uprate.patternNote', { count: pattern.length }) }}</p>
    <ol data-test="in-the-way">
      <li v-for="(one, at) in rows.slice(0, 8)" :key="one.check.id" :class="{ first: at === 0, over: one.room < 0 }">
        <button type="button" @click="arithmetic.open(one.check.id)">
          <span>{{ say(one.check.name) }}</span>
          <b class="num">{{ says(one) }}</b>
        </button>
        <i :style="{ width: `${(100 * Math.abs(one.room)) / widest}%` }" aria-hidden="true" />
      </li>
    </ol>
  </template>
</template>

<style scoped>
ol {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 4px 0 6px;
  border-bottom: 1px dotted var(--line);
}
button {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
i {
  display: block;
  height: 5px;
  margin-top: 2px;
  background: var(--slate);
}
.first i {
  background: var(--ink);
}
.over b {
  color: var(--over);
}
.over i {
  background: var(--over);
}
.soft {
  color: var(--soft);
}
</style>

<script setup lang="ts">
import { informationFor, ruleList, whenMessages, type Confidence, type Information } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import MessageText from '../../words/MessageText.vue';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useArithmetic } from '../../stores/arithmetic.ts';
import { useRig } from '../../stores/rig.ts';

/** Every rule in force here: what it is, where it comes from, how sure that is, and what it came to on this rig. */
const props = defineProps<{
  shows: (one: { readonly kind: string | null; readonly confidence: Confidence }) => boolean;
}>();
const { t } = useI18n();
const rig = useRig();
const { say } = useSpeech();
const arithmetic = useArithmetic();
const { placeName } = usePlaces();
const kinds = ['legal', 'maker', 'guidance', 'permit'] as const;
const rules = computed(() => (rig.assessment ? ruleList(rig.assessment.loads, rig.assessment.checks) : []));
const groups = computed(() =>
  kinds
    .map((kind) => ({ kind, rules: rules.value.filter(({ facts }) => facts.kind === kind && props.shows(facts)) }))
    .filter((group) => group.rules.length > 0),
);
const notes = computed(() =>
  (rig.assessment ? informationFor(rig.assessment.loads) : []).filter(({ facts }) =>
    props.shows({ kind: null, confidence: facts.confidence }),
  ),
);
const bearing = ({ bears, facts }: Information): string =>
  t(`app.rules.bears.${bears}`, { on: whenMessages(facts.when).map(say).join(', ') });
</script>

<template>
  <div>
    <p class="soft">{{ t('app.rules.text', { count: rules.length }) }}</p>
    <section v-for="group in groups" :key="group.kind">
      <h2>{{ t(`app.kind.${group.kind}`) }}</h2>
      <article v-for="one in group.rules" :key="one.rule" :class="one.facts.confidence" :data-test="`rule-${one.rule}`">
        <h3><MessageText :message="one.name" /></h3>
        <p class="source">
          {{ t(`source.${one.facts.source}`) }}<template v-if="one.facts.edition"> · {{ one.facts.edition }}</template>
          <span class="sure">{{
            t('app.rules.sure', { confidence: t(`app.confidence.${one.facts.confidence}`) })
          }}</span>
          <span v-if="one.facts.variesBy"
            >{{ t('app.source.varies') }} {{ t(`app.variesBy.${one.facts.variesBy}`) }}</span
          >
          <span>{{ t('app.rules.compiled', { day: one.facts.compiled, again: one.facts.checkAgainBy }) }}</span>
          <b v-if="one.facts.overdueSince">{{ t('app.rules.overdue') }}</b>
          <b v-if="one.facts.notKnownBefore">{{ t('app.rules.notKnown', { day: one.facts.notKnownBefore }) }}</b>
        </p>
        <p v-if="one.figures.length > 0" class="figures">{{ one.figures.map(say).join(', ') }}</p>
        <p v-if="one.whyNot" class="soft">{{ t('app.rules.not') }} <MessageText :message="one.whyNot" /></p>
        <ul v-else>
          <li v-for="check in one.checks" :key="check.id">
            <button type="button" @click="arithmetic.open(check.id)">
              {{ say(check.name) }} <MarginText :check="check" />
            </button>
          </li>
        </ul>
      </article>
    </section>
    <section v-if="notes.length > 0" data-test="rules-notes">
      <h2>{{ t('app.rules.notes') }}</h2>
      <article
        v-for="one in notes"
        :key="one.facts.id"
        :class="one.facts.confidence"
        :data-test="`note-${one.facts.id}`"
      >
        <h3>{{ placeName(one.place) }}</h3>
        <p>{{ one.coming ? t('app.notes.coming', { text: t(`info.${one.facts.id}`) }) : t(`info.${one.facts.id}`) }}</p>
        <p class="source">
          {{ t(`source.${one.facts.source}`) }}
          <span class="sure">{{
            one.facts.confidence === 'low'
              ? t('app.verdict.low', { whom: t(`ask.${one.place.country}`) })
              : t('app.rules.sure', { confidence: t(`app.confidence.${one.facts.confidence}`) })
          }}</span>
          <b v-if="one.facts.overdueSince">{{ t('app.source.overdue', { by: one.facts.overdueSince }) }}</b>
          <b v-if="one.facts.notKnownBefore">{{ t('app.rules.notKnown', { day: one.facts.notKnownBefore }) }}</b>
        </p>
        <p class="soft">{{ bearing(one) }}</p>
      </article>
    </section>
  </div>
</template>

<style scoped src="./lawList.css"></style>
<style scoped>
.source {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  color: var(--soft);
  font-size: 13px;
}
.figures {
  font-size: 14px;
}
.low .sure {
  color: var(--tight);
  font-weight: 600;
}
ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}
button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
button:hover {
  text-decoration: underline;
}
</style>

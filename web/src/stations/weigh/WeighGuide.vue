<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { changeReading } from '@wagonomos/core/edits';
import { foretold, isOfBall, standOf, stands, type Stand, type Ticket } from '@wagonomos/core/weighing';
import { useWakeLock } from '@vueuse/core';
import { ChevronLeft, ChevronRight, X } from '@lucide/vue';
import { computed, onBeforeUnmount, onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import PracticeScale from './PracticeScale.vue';
import SlipAnswer from './SlipAnswer.vue';
import StandSketch from './StandSketch.vue';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** The weighing one big step at a time, for one thumb in the rain; the screen stays awake where the browser allows it. */
const props = defineProps<{ view: RigView; ticket: Ticket; step: number }>();
const emit = defineEmits<{ step: [step: number]; close: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { kg, signed, unit } = useWeighedWords();
const lock = useWakeLock();
onMounted(() => {
  // Where it is not allowed the screen goes dark as always; the step stays in the address.
  if (lock.isSupported.value) void lock.request('screen').catch(() => undefined);
});
onBeforeUnmount(() => void lock.release().catch(() => undefined));

/** Step 0 is what must be so before the first; the last says that all is read. */
const last = computed(() => props.ticket.readings.length + 1);
const reading = computed(() => props.ticket.readings[props.step - 1]);
const stand = computed((): Stand | undefined => {
  const key = reading.value && standOf(reading.value);
  return stands(props.view).find((one) => one.key === key);
});
const before = computed(() => {
  const { readings } = props.ticket;
  const uncouples = props.view.trailer && readings.some(({ state }) => state === 'uncoupled');
  return [
    ...(['people', 'fuel', 'level'] as const),
    ...(uncouples ? (['chock', 'under'] as const) : []),
    ...(readings.some(({ on }) => on.includes('ball')) ? (['ball'] as const) : []),
  ];
});
const atEach = ['brakes'] as const;
/** What this step asks beside the reading itself. */
const asks = computed(() => {
  const { on = [], state, support, bars, side } = reading.value ?? {};
  const uncoupling = state === 'uncoupled' && props.ticket.readings[props.step - 2]?.state === 'coupled';
  return [
    ...(uncoupling ? (['chock', 'under'] as const) : []),
    ...(support === 'jockey' && on.includes('trailer') ? (['jockeyOff'] as const) : []),
    ...(support === 'ball' && on.includes('trailer') ? (['standOff'] as const) : []),
    ...(on.includes('ball') ? (['ball'] as const) : []),
    ...(on.includes('trailer') ? (['allAxles'] as const) : []),
    ...(bars
      ? (['barsOn'] as const)
      : props.view.rig.hitch?.distribution && state === 'coupled'
        ? (['bars'] as const)
        : []),
    ...(side ? (['oneSide'] as const) : []),
  ];
});
const readSoFar = computed(() => props.ticket.readings.filter(({ value }) => value > 0).length);
const progress = computed(() => {
  const named = { step: props.step, count: props.ticket.readings.length, read: readSoFar.value };
  return t(reading.value ? 'app.guide.step' : 'app.guide.progress', named);
});
/** Told once the scale has spoken: a wheel off the plate shows here before anybody drives away. */
const beside = computed((): string => {
  const at = reading.value;
  const plan = at && at.value > 0 ? foretold(props.view, at) : null;
  if (!at || plan === null) return '';
  return t('app.guide.foretold', { plan: kg(plan), difference: signed(at.value - plan), unit: unit() });
});
const take = (value: number | undefined, scale?: string) => {
  const { value: at } = reading;
  if (!at) return;
  workspace.edit(
    'app.edit.ticket',
    (document) => changeReading(document, props.ticket.id, at.id, { value: value ?? 0, ...(scale ? { scale } : {}) }),
    `reading ${at.id}`,
  );
};
const go = (by: number) => emit('step', Math.min(last.value, Math.max(0, props.step + by)));
</script>

<template>
  <div class="guide" role="dialog" aria-modal="true" :aria-label="t('app.guide.title')" data-test="guide">
    <header>
      <b class="num">{{ progress }}</b>
      <button type="button" class="icon-button" :aria-label="t('app.guide.close')" @click="emit('close')">
        <X :size="20" />
      </button>
    </header>
    <main v-if="step === 0">
      <h2>{{ t('app.guide.before') }}</h2>
      <ul>
        <li v-for="one in before" :key="one">{{ t(`app.weigh.caution.${one}`) }}</li>
      </ul>
    </main>
    <main v-else-if="reading && stand">
      <h2>{{ t(`way.${stand.key}`) }}</h2>
      <StandSketch
        class="sketch"
        :stand="stand"
        :vehicle="view.vehicle !== undefined"
        :tag="view.vehicle?.geometry.tagAxle !== undefined"
        :trailer="view.trailer !== undefined"
        :axles="view.trailer?.geometry.axles ?? 1"
      />
      <ul>
        <li v-for="one in [...asks, ...atEach]" :key="one">{{ t(`app.weigh.caution.${one}`) }}</li>
      </ul>
      <QuantityField
        :key="reading.id"
        class="shown"
        :label="t('app.guide.shows')"
        field="mass"
        :value="reading.value === 0 ? undefined : reading.value"
        :plated="isOfBall(reading) ? undefined : null"
        @change="(value) => take(value)"
      />
      <p v-if="beside" data-test="foretold">{{ beside }}</p>
      <PracticeScale
        :key="`scale ${reading.id}`"
        :view="view"
        :reading="reading"
        :graduation="ticket.graduation"
        @take="take"
      />
    </main>
    <main v-else-if="reading">
      <h2>{{ t('way.other') }}</h2>
    </main>
    <main v-else>
      <h2>{{ t('app.guide.done') }}</h2>
      <SlipAnswer :ticket="ticket" />
      <p>{{ t('app.guide.doneText') }}</p>
    </main>
    <footer>
      <button type="button" class="turn" :disabled="step === 0" @click="go(-1)">
        <ChevronLeft :size="22" />{{ t('app.guide.back') }}
      </button>
      <button v-if="step < last" type="button" class="turn on" @click="go(1)">
        {{ t(step === 0 ? 'app.guide.begin' : 'app.guide.next') }}<ChevronRight :size="22" />
      </button>
      <button v-else type="button" class="turn on" @click="emit('close')">{{ t('app.guide.toSlip') }}</button>
    </footer>
  </div>
</template>

<style scoped>
.guide {
  position: fixed;
  z-index: 70;
  inset: 0;
  display: flex;
  flex-direction: column;
  max-width: 560px;
  margin: 0 auto;
  border: 1px solid var(--line);
  background: var(--paper);
  box-shadow: 0 0 0 100vmax color-mix(in srgb, var(--ink) 45%, transparent);
}
header,
footer {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 14px;
  background: var(--sheet);
}
main {
  flex: 1;
  overflow-y: auto;
  padding: 14px 18px;
}
h2 {
  margin: 0 0 10px;
  font: 600 28px/1.15 var(--figures);
}
.sketch {
  display: block;
  width: 100%;
  height: auto;
  margin-bottom: 8px;
}
ul {
  margin: 0 0 14px;
  padding-left: 20px;
  font-size: 17px;
  line-height: 1.4;
}
li {
  margin-bottom: 5px;
}
.shown :deep(input) {
  height: 56px;
  font: 600 32px var(--figures);
}
.turn {
  display: flex;
  flex: 1;
  gap: 4px;
  align-items: center;
  justify-content: center;
  min-height: 56px;
  border: 2px solid var(--ink);
  border-radius: 2px;
  background: none;
  color: var(--ink);
  font: 600 20px var(--figures);
  cursor: pointer;
}
.turn.on {
  background: var(--ink);
  color: var(--on-ink);
}
.turn:disabled {
  opacity: 0.4;
}
</style>

<script setup lang="ts">
import { displayMass, quantityMessage, type QuantityName, type RigView } from '@wagonomos/core';
import {
  scaleKinds,
  weighable,
  weighingAims,
  weighingPlan,
  type ScaleKind,
  type WeighingAim,
  type WeighingStep,
} from '@wagonomos/core/weighing';
import { Printer } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ScaleStep from '../../slips/ScaleStep.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import StandSketch from './StandSketch.vue';

/** What is to be known, with what scales: the fewest readings that settle it, in order, and how surely. */
const props = defineProps<{ view: RigView }>();
const emit = defineEmits<{ start: [steps: readonly WeighingStep[], graduation: number] }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();

const rig = useRig();
const possible = computed(() => weighable(props.view));
const aims = computed(() => (rig.assessment ? weighingAims({ checks: rig.assessment.checks, view: props.view }) : []));
/** What was chosen: one of the ready aims, or loads one by one. */
const aim = ref<WeighingAim['key']>('all');
const own = ref<ReadonlySet<QuantityName> | null>(null);
const chosen = computed(() => aims.value.find(({ key }) => key === aim.value) ?? aims.value[0]);
const want = computed(() =>
  own.value === null
    ? (chosen.value?.want ?? possible.value)
    : possible.value.filter((name) => own.value?.has(name) === true),
);
const take = (key: WeighingAim['key']) => {
  aim.value = key;
  own.value = null;
};
const have = ref<ScaleKind[]>(['weighbridge']);
const uncouple = ref(true);
const graduation = ref(20);

const ask = (name: QuantityName, on: boolean) => {
  const next = new Set(want.value);
  if (on) next.add(name);
  else next.delete(name);
  own.value = next;
};
const planFor = (loads: readonly QuantityName[]) =>
  weighingPlan(props.view, {
    want: loads,
    have: have.value,
    uncouple: uncouple.value,
    graduation: graduation.value,
  });
const plan = computed(() => planFor(want.value));
/** What each aim would take, before it is chosen. */
const offers = computed(() =>
  aims.value.map((one) => ({
    ...one,
    here: own.value === null && one.key === chosen.value?.key,
    loads: one.want.map(load).join(', '),
    readings: planFor(one.want).steps.length,
  })),
);
const load = (name: QuantityName) => say(quantityMessage(props.view, name));
const give = (name: QuantityName) => {
  const error = plan.value.reach[name];
  return error === undefined ? '' : written(displayMass(2 * error, settings.massUnit, 'load'), 0);
};
const both = computed(() => props.view.vehicle !== undefined && props.view.trailer !== undefined);
/** What must be the same at every step, and what makes it safe. */
const cautions = computed(() => [
  'people',
  'fuel',
  'brakes',
  'level',
  ...(plan.value.steps.some((one) => one.stand.state === 'uncoupled' && both.value)
    ? (['chock', 'under'] as const)
    : []),
  ...(plan.value.steps.some((one) => one.scale === 'ballScale' || one.scale === 'propScales')
    ? (['ball'] as const)
    : []),
  ...(props.view.rig.hitch?.distribution ? (['bars'] as const) : []),
]);
const print = () => window.print();
</script>

<template>
  <div class="plan" data-test="weigh-plan">
    <h2>{{ t('app.weigh.planTitle') }}</h2>
    <div class="wish no-print">
      <div class="aims" role="group" :aria-label="t('app.weigh.planTitle')">
        <button
          v-for="one in offers"
          :key="one.key"
          type="button"
          class="aim"
          :aria-pressed="one.here"
          :data-test="`aim-${one.key}`"
          @click="take(one.key)"
        >
          <b>{{ t(`app.weigh.aim.${one.key}`) }}</b>
          <small>{{ one.key === 'all' ? t('app.weigh.aim.every', { count: one.want.length }) : one.loads }}</small>
          <small class="num">{{ t('app.weigh.aim.readings', { count: one.readings }, one.readings) }}</small>
        </button>
      </div>
      <details class="own">
        <summary>{{ t('app.weigh.want') }}</summary>
        <el-checkbox
          v-for="name in possible"
          :key="name"
          :model-value="want.includes(name)"
          @change="ask(name, $event === true)"
        >
          {{ load(name) }}
        </el-checkbox>
      </details>
      <fieldset>
        <legend>{{ t('app.weigh.have') }}</legend>
        <el-checkbox-group v-model="have">
          <el-checkbox v-for="kind in scaleKinds" :key="kind" :value="kind">{{
            t(`app.weigh.scale.${kind}`)
          }}</el-checkbox>
        </el-checkbox-group>
        <el-checkbox v-if="both" v-model="uncouple">{{ t('app.weigh.uncouple') }}</el-checkbox>
        <ScaleStep :value="graduation" @change="(kg) => (graduation = kg)" />
      </fieldset>
    </div>
    <p v-if="plan.beyond.length > 0" class="beyond" role="status">
      {{ t('app.weigh.beyond', { what: plan.beyond.map(load).join(', ') }) }}
    </p>
    <ol v-if="plan.steps.length > 0">
      <li v-for="(step, at) in plan.steps" :key="step.stand.key" data-test="weigh-step">
        <b class="num number">{{ at + 1 }}</b>
        <StandSketch
          :stand="step.stand"
          :vehicle="view.vehicle !== undefined"
          :tag="view.vehicle?.geometry.tagAxle !== undefined"
          :trailer="view.trailer !== undefined"
          :axles="view.trailer?.geometry.axles ?? 1"
        />
        <div>
          <strong>{{ t(`way.${step.stand.key}`) }}</strong>
          <small>{{ t(`app.weigh.on.${step.scale}`) }}</small>
          <small v-if="step.settles.length > 0" class="settles">
            {{
              t('app.weigh.settles', { what: step.settles.map((name) => `${load(name)} ± ${give(name)}`).join(', ') })
            }}
          </small>
        </div>
        <span class="blank num" aria-hidden="true">{{ t('app.weigh.blank') }}</span>
      </li>
    </ol>
    <template v-if="plan.steps.length > 0">
      <h3>{{ t('app.weigh.same') }}</h3>
      <ul class="cautions">
        <li v-for="one in cautions" :key="one">{{ t(`app.weigh.caution.${one}`) }}</li>
      </ul>
      <div class="foot no-print">
        <el-button type="primary" @click="emit('start', plan.steps, graduation)">{{ t('app.weigh.start') }}</el-button>
        <button type="button" class="quiet-button" @click="print">
          <Printer :size="15" />{{ t('app.weigh.print') }}
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.wish {
  display: grid;
  gap: 10px;
  margin-top: 8px;
}
.aims {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(170px, 100%), 1fr));
  gap: 8px;
}
.aim {
  padding: 8px 10px;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  background: var(--field);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.aim[aria-pressed='true'] {
  border-color: var(--ink);
  box-shadow: inset 0 4px 0 var(--ink);
}
.aim:hover {
  border-color: var(--pen);
}
.aim b {
  display: block;
  font: 600 18px/1.2 var(--figures);
}
.own summary {
  padding-block: 3px;
  color: var(--soft);
  cursor: pointer;
}
fieldset {
  display: grid;
  gap: 0;
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  font: 600 16px var(--figures);
}
label {
  color: var(--soft);
  font-size: 13px;
}
.beyond {
  color: var(--tight);
}
ol {
  margin: 12px 0;
  padding: 0;
  list-style: none;
}
ol li {
  display: grid;
  grid-template-columns: 26px 220px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px dotted var(--line);
}
.number {
  font-size: 26px;
}
strong {
  font: 600 18px/1.2 var(--figures);
}
small {
  display: block;
  color: var(--soft);
}
.settles {
  color: var(--in);
}
h3 {
  margin: 14px 0 2px;
}
.cautions {
  margin: 0;
  padding-left: 18px;
}
.foot {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 14px;
}
/* On paper there is room to write what the scale showed. */
.blank {
  display: none;
}
@media print {
  ol li {
    grid-template-columns: 26px 220px minmax(0, 1fr) 170px;
  }
  .blank {
    display: block;
    align-self: end;
    padding-bottom: 2px;
    border-bottom: 1.5px solid var(--ink);
    text-align: right;
  }
}
@media (width <= 720px) {
  .aims {
    grid-template-columns: 1fr;
  }
  ol li {
    grid-template-columns: 22px minmax(0, 1fr);
  }
  ol li > div {
    grid-column: 2;
  }
}
</style>

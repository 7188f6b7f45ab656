<script setup lang="ts">
import { displayMass, quantityMessage, type QuantityName, type RigView } from '@wagonomos/core';
import { scaleKinds, weighingPlan, type ScaleKind, type WeighingStep } from '@wagonomos/core/weighing';
import { Printer } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ScaleStep from '../../shared/ScaleStep.vue';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';
import StandSketch from './StandSketch.vue';

/** What is to be known, with what scales: the fewest readings that settle it, in order, and how surely. */
const props = defineProps<{ view: RigView }>();
const emit = defineEmits<{ start: [steps: readonly WeighingStep[], graduation: number] }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();

const possible = computed((): readonly QuantityName[] => {
  const { vehicle, trailer } = props.view;
  const tag = vehicle?.geometry.tagAxle !== undefined;
  return [
    ...(vehicle
      ? (['frontAxle', ...(tag ? (['driveAxle', 'tagAxle'] as const) : (['rearAxle'] as const))] as const)
      : []),
    ...(vehicle ? (['vehicleTotal'] as const) : []),
    ...(trailer ? (['trailerAxles', 'ballLoad', 'trailerTotal'] as const) : []),
    ...(vehicle && trailer ? (['combination'] as const) : []),
  ];
});
const left = ref<ReadonlySet<QuantityName>>(new Set());
const want = computed(() => possible.value.filter((name) => !left.value.has(name)));
const have = ref<ScaleKind[]>(['weighbridge']);
const uncouple = ref(true);
const graduation = ref(20);

const ask = (name: QuantityName, on: boolean) => {
  const next = new Set(left.value);
  if (on) next.delete(name);
  else next.add(name);
  left.value = next;
};
const plan = computed(() =>
  weighingPlan(props.view, {
    want: want.value,
    have: have.value,
    uncouple: uncouple.value,
    graduation: graduation.value,
  }),
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
      <fieldset>
        <legend>{{ t('app.weigh.want') }}</legend>
        <el-checkbox
          v-for="name in possible"
          :key="name"
          :model-value="!left.has(name)"
          @change="ask(name, $event === true)"
        >
          {{ load(name) }}
        </el-checkbox>
      </fieldset>
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
  display: flex;
  flex-wrap: wrap;
  gap: 10px 28px;
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
  ol li {
    grid-template-columns: 22px minmax(0, 1fr);
  }
  ol li > div {
    grid-column: 2;
  }
}
</style>

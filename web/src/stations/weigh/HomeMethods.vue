<script setup lang="ts">
import { displayMass, type RigView } from '@wagonomos/core';
import { homeBallLoad, homeInputs, homeMethods, type HomeMethod, type HomeReading } from '@wagonomos/core/weighing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ScaleStep from '../../slips/ScaleStep.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';

/** The nose weighed at home: cautions first, then the steps, what was read, and the load at the coupling with its ±. */
const props = defineProps<{ view: RigView }>();
const emit = defineEmits<{
  take: [ballLoad: number, graduation: number];
  pads: [left: number, right: number, graduation: number];
}>();
const { t } = useI18n();
const settings = useSettings();

const method = ref<HomeMethod>('prop');
const graduation = ref(0.5);
const trailer = computed(() => props.view.trailer?.geometry);
const typed = ref<Partial<HomeReading>>({});
const given = computed((): HomeReading => ({
  jockey: trailer.value?.jockeyPosition,
  axles: trailer.value?.axlePosition,
  ...typed.value,
  graduation: graduation.value,
}));
const result = computed(() => homeBallLoad(method.value, given.value));
const fields = computed(() => [...homeInputs[method.value], 'rating' as const]);
const isLength = (name: string) => ['jockey', 'axles', 'near', 'beyond'].includes(name);
const set = (name: keyof HomeReading, value: number | undefined) => {
  typed.value = { ...typed.value, [name]: value };
};
const kg = (value: number, rounding: 'load' | 'nearest' = 'nearest') =>
  written(displayMass(value, settings.massUnit, rounding, 0.1), 1);
const says = computed(() => {
  const found = result.value;
  if (found.kind === 'impossible') return t('app.home.impossible');
  if (found.kind === 'missing') {
    return t('app.home.missing', { what: found.what.map((name) => t(`app.home.field.${name}`)).join(', ') });
  }
  return t(method.value === 'pads' ? 'app.home.onAxle' : 'app.home.load', {
    load: kg(found.load),
    give: kg(2 * found.sigma, 'load'),
    unit: settings.massUnit,
  });
});
const take = () => {
  const found = result.value;
  const { left, right } = given.value;
  if (found.kind !== 'load') return;
  if (method.value !== 'pads') emit('take', found.load, Math.max(0.1, 2 * found.sigma));
  else if (left !== undefined && right !== undefined) emit('pads', left, right, graduation.value);
};
</script>

<template>
  <details v-if="view.trailer" class="home no-print" data-test="home-methods">
    <summary>{{ t('app.home.title') }}</summary>
    <p class="caution">{{ t('app.home.cautions') }}</p>
    <div class="methods" role="group" :aria-label="t('app.home.title')">
      <button
        v-for="one in homeMethods"
        :key="one"
        type="button"
        class="quiet-button"
        :aria-pressed="method === one"
        @click="method = one"
      >
        {{ t(`app.home.method.${one}`) }}
      </button>
    </div>
    <ol>
      <li v-for="step in t(`app.home.steps.${method}`).split('\n')" :key="step">{{ step }}</li>
    </ol>
    <p class="soft">{{ t(`app.home.mistake.${method}`) }}</p>
    <div class="fields">
      <QuantityField
        v-for="name in fields"
        :key="`${method} ${name}`"
        :label="t(`app.home.field.${name}`)"
        :field="isLength(name) ? 'length' : 'mass'"
        :value="given[name]"
        @change="(value) => set(name, value)"
      />
      <ScaleStep :label="t('app.home.steps.scale')" :value="graduation" @change="(kg) => (graduation = kg)" />
    </div>
    <p class="result" role="status">{{ says }}</p>
    <template v-if="result.kind === 'load'">
      <p v-if="result.beyondRating" class="over">{{ t('app.home.beyondRating') }}</p>
      <button type="button" class="quiet-button" @click="take">
        {{ t('app.home.take') }}
      </button>
    </template>
  </details>
</template>

<style scoped>
.home {
  margin-top: 18px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
summary {
  font: 600 18px var(--figures);
  cursor: pointer;
}
.caution {
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
}
.methods {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.methods [aria-pressed='true'] {
  border-style: solid;
  border-color: var(--ink);
  background: var(--ink);
  color: var(--on-ink);
}
p {
  margin: 8px 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(136px, 1fr));
  gap: 10px;
  align-items: end;
}
label,
.soft {
  color: var(--soft);
  font-size: 13.5px;
}
.result {
  font: 600 20px var(--figures);
}
.over {
  color: var(--over);
}
</style>

<script setup lang="ts">
import { sideLoads } from '@wagonomos/core/balance';
import { displayMass, type Assessment } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';

/** What left and right stand on, what is missing to know them, and the same figures for those who cannot see the drawing. */
const props = defineProps<{ assessment: Assessment }>();
const { t } = useI18n();
const settings = useSettings();
const sides = computed(() => sideLoads(props.assessment.loads));
const kg = (value: number) =>
  t('app.hand.mass', {
    amount: written(displayMass(value, settings.massUnit, 'load'), 0),
    unit: settings.massUnit,
  });
const lines = computed(() =>
  sides.value.axles.map(({ axle, ends, missing, sigma }) => {
    const name = t(`app.plan.axle.${axle}`);
    if (!ends) return t(`app.plan.missing.${missing ?? 'load'}`, { axle: name });
    const said = { axle: name, left: kg(ends.left.load), right: kg(ends.right.load), give: kg(2 * sigma) };
    return t('app.plan.line', said);
  }),
);
</script>

<template>
  <div class="plan-notes" data-test="plan-notes">
    <p v-for="line in lines" :key="line" class="num">{{ line }}</p>
    <p v-if="sides.unsided > 0.5" class="unsided">{{ t('app.plan.unsided', { mass: kg(sides.unsided) }) }}</p>
    <p class="soft">{{ t('app.plan.convention') }}</p>
  </div>
</template>

<style scoped>
.plan-notes {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  padding: 4px 18px 8px;
}
p {
  margin: 0;
  font-size: 15px;
}
.soft {
  flex-basis: 100%;
  color: var(--soft);
  font-size: 13.5px;
}
.unsided {
  color: var(--tight);
}
</style>

<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { ballAtHeight } from '@wagonomos/core/balance';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** What the height at which a trailer is towed does to the load on its coupling: a question asked here, kept nowhere. */
const { t } = useI18n();
const rig = useRig();
const settings = useSettings();
const rise = ref<number | undefined>(0.05);

const found = computed(() => (rig.assessment ? ballAtHeight(rig.assessment.loads, rise.value ?? 0) : null));
const mass = (kg: number) => written(displayMass(kg, settings.massUnit, 'load'), 0);
const says = computed(() => {
  const one = found.value;
  if (!one) return '';
  if (one.kind === 'steady') return t('app.balance.height.steady');
  const unit = settings.massUnit;
  if (one.kind === 'known') {
    const named = { ball: mass(one.at.ballLoad), level: mass(one.level), unit };
    return t('app.balance.height.known', { ...named, axles: one.at.axleLoads.map(mass).join(' · ') });
  }
  const facts = one.facts.map((fact) => t(`app.balance.height.fact.${fact}`)).join(', ');
  return [
    one.missing.length > 0 ? t('app.balance.height.load') : '',
    facts === '' ? '' : t('app.balance.height.missing', { facts }),
    facts === '' ? '' : t('app.balance.height.where'),
  ]
    .filter((part) => part !== '')
    .join(' ');
});
</script>

<template>
  <details v-if="found" class="fold" data-test="ball-at-height">
    <summary>{{ t('app.balance.height.title') }}</summary>
    <QuantityField
      v-if="found.kind !== 'steady'"
      class="rise"
      :label="t('app.balance.height.rise')"
      field="position"
      :value="rise"
      @change="(value) => (rise = value)"
    />
    <p aria-live="polite">{{ says }}</p>
    <p class="soft hint">{{ t('app.balance.height.hint') }}</p>
  </details>
</template>

<style scoped>
.rise {
  max-width: 180px;
  margin-top: 6px;
}
p {
  margin: 6px 0;
}
.hint {
  font-size: 13px;
}
</style>

<script setup lang="ts">
import { speedRule } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';

/** What this rig may drive where it travels: information, apart from the verdict. */
const { t } = useI18n();
const rig = useRig();
const rule = computed(() => (rig.view ? speedRule(rig.view) : null));
const roads = ['rural', 'dual', 'motorway'] as const;
</script>

<template>
  <section v-if="rule" class="speeds" data-test="speeds" :aria-label="t('app.speed.title')">
    <h2>{{ t('app.speed.title') }}</h2>
    <p class="soft">
      {{ t('app.speed.as', { country: t(`app.country.${rule.country}`), kind: t(`app.speed.kind.${rule.as}`) }) }}
    </p>
    <dl>
      <template v-for="road in roads" :key="road">
        <dt>{{ t(`app.speed.${road}`) }}</dt>
        <dd class="num">
          {{
            rule[road] === null ? t('app.speed.unknown') : t('app.speed.value', { value: rule[road], unit: rule.unit })
          }}
        </dd>
      </template>
    </dl>
    <p class="soft">{{ t(`app.speed.confidence.${rule.confidence}`) }} {{ t('app.speed.posted') }}</p>
  </section>
</template>

<style scoped>
.speeds {
  margin-bottom: 18px;
  break-inside: avoid;
}
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  margin: 6px 0;
}
dt,
dd {
  margin: 0;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
dd {
  font-size: 19px;
  font-weight: 600;
}
.soft {
  font-size: 13px;
}
</style>

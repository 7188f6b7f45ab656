<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { scaleHistory, scalePairs, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';

/** Scales against each other, with what was on board taken out: one that reads short shows. */
const props = defineProps<{ view: RigView; slips: readonly Ticket[] }>();
const { t } = useI18n();
const records = computed(() => scaleHistory(props.view, props.slips));
const pairs = computed(() => scalePairs(records.value));
const percent = (share: number) => written(100 * share, 1);
</script>

<template>
  <section v-if="pairs.length > 0" data-test="scales">
    <h2>{{ t('app.history.scales') }}</h2>
    <p v-for="pair in pairs" :key="`${pair.lower.scale} ${pair.higher.scale}`" :class="{ over: pair.differ }">
      {{
        t(pair.differ ? 'app.history.readsShort' : 'app.history.scalesAgree', {
          lower: pair.lower.scale,
          higher: pair.higher.scale,
          share: percent(pair.share),
          give: percent(2 * pair.se),
        })
      }}
    </p>
    <p class="soft">{{ t('app.history.scaleNote') }}</p>
  </section>
</template>

<style scoped src="./history.css"></style>

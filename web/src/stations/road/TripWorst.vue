<script setup lang="ts">
import { message } from '@wagonomos/core';
import { worstMessage } from '@wagonomos/core/road';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MessageText from '../../words/MessageText.vue';
import StatusMark from '../../words/StatusMark.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useTrip } from './useTrip.ts';

/** The worst moment of the trip in one sentence. */
const { t } = useI18n();
const { say } = useSpeech();
const { reckoned, reckoning, least, at, worstAt } = useTrip();
const worst = computed(() => least.value[0] ?? null);
const sentence = computed(() => (reckoned.value && worst.value ? worstMessage(reckoned.value, worst.value) : null));
const doubt = computed(() => {
  const { sigma } = worst.value ?? {};
  if (sigma === null || sigma === undefined || sigma < 0.5) return null;
  const mass = { kind: 'amount', unit: 'kg', value: 2 * sigma, rounding: 'nearest' } as const;
  return say(message('road.plusMinus', { mass }));
});
</script>

<template>
  <!-- A number in it is one of that moment: the hand goes there, and the sheet shows it. -->
  <p v-if="!reckoned && reckoning" class="worst" aria-live="polite">{{ t('app.road.reckoning') }}</p>
  <p
    v-if="reckoned"
    class="worst"
    :class="{ old: reckoning }"
    :aria-busy="reckoning"
    aria-live="polite"
    data-test="worst"
    @click.capture="at = worstAt"
  >
    <b v-if="reckoning">{{ `${t('app.road.again')} ` }}</b>
    <template v-if="worst && sentence">
      <StatusMark :status="worst.check.status" />&nbsp;<MessageText :message="sentence" />
      <span v-if="doubt" class="soft">{{ ` ${doubt}` }}</span>
      <button v-if="Math.abs(at - worstAt) > 1e-6" type="button" class="text-button no-print" @click="at = worstAt">
        {{ t('app.road.look') }}
      </button>
    </template>
    <template v-else>{{ t('app.road.nothingKnown') }}</template>
  </p>
</template>

<style scoped>
.worst {
  max-width: 1100px;
  margin: 0;
  font-size: 17px;
  line-height: 23px;
}
.old {
  color: var(--soft);
}
.soft {
  color: var(--soft);
}
</style>

<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useSpeech } from './useSpeech.ts';
import { useSettings } from '../stores/settings.ts';
import StatusMark from './StatusMark.vue';
import { marginText } from '@wagonomos/papers/words';

/** "168 left", "34 over", "8 short": a margin in words and shape. */
const props = defineProps<{ check: Check | null; plain?: boolean }>();
const { word } = useSpeech();
const settings = useSettings();

const text = computed(() => marginText(word, props.check, settings.massUnit));
</script>

<template>
  <span class="margin" :class="[check?.status ?? 'unknown', check?.kind]">
    <StatusMark v-if="!plain" :status="check?.status ?? 'unknown'" /> {{ text }}
  </span>
</template>

<style scoped>
.margin {
  font-family: var(--figures);
  font-variant-numeric: tabular-nums;
  font-weight: 600;
  white-space: nowrap;
}
.within {
  color: var(--in);
}
.tight {
  color: var(--tight);
}
.over {
  color: var(--over);
}
.over.guidance {
  color: var(--tight);
}
.over.permit {
  color: var(--soft);
}
.unknown,
.notApplicable {
  color: var(--soft);
}
</style>

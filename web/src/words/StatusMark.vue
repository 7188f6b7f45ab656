<script setup lang="ts">
import type { CheckStatus } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** State by shape and word, so that colour is never alone. */
defineProps<{ status: CheckStatus; size?: number }>();
const { t } = useI18n();
</script>

<template>
  <svg
    class="mark"
    :class="status"
    :width="size ?? 14"
    :height="size ?? 14"
    viewBox="0 0 14 14"
    role="img"
    :aria-label="t(`app.status.${status}`)"
  >
    <circle v-if="status === 'within'" cx="7" cy="7" r="5" />
    <path v-else-if="status === 'tight'" d="M7 .8 13.2 7 7 13.2 .8 7z" />
    <path v-else-if="status === 'over'" d="M7 1 13.6 12.6H.4z" />
    <path
      v-else-if="status === 'unknown'"
      d="M1.5 1.5h11v11h-11zM1.5 7 7 1.5M1.5 12.5l11-11M7 12.5 12.5 7"
      class="hatch"
    />
    <path v-else d="M2 7h10" class="hatch" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
  vertical-align: -0.1em;
}
.within {
  fill: var(--in);
}
.tight {
  fill: var(--tight);
}
.over {
  fill: var(--over);
}
.hatch {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.5;
}
</style>

<script setup lang="ts">
import type { Assessment } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** What a rig comes to in one word, in its ink, before the sentence that says it. */
defineProps<{ mark: Assessment['mark'] }>();
const { t } = useI18n();
</script>

<template>
  <b class="mark" :class="mark">{{ t(`app.mark.${mark}`) }}</b>
</template>

<style scoped>
.mark {
  margin-right: 4px;
  color: var(--in);
  font: 600 15px/18px var(--figures);
}
.mark.tight {
  color: var(--tight);
}
.mark.over,
.mark.maker {
  color: var(--over);
}
.mark.open,
.mark.undecided {
  color: var(--soft);
}
</style>

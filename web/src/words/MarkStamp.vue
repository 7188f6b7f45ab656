<script setup lang="ts">
import type { Assessment } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** What a rig comes to in one word, as a stamp. */
defineProps<{ mark: Assessment['mark'] }>();
const { t } = useI18n();
</script>

<template>
  <span class="stamp" :class="mark">{{ t(`app.mark.${mark}`) }}</span>
</template>

<style scoped>
.stamp {
  display: inline-block;
  margin-right: 8px;
  padding: 0 9px;
  border-radius: 2px;
  background: var(--in);
  color: var(--on-ink);
  font: 600 15px/22px var(--figures);
  letter-spacing: 0.06em;
  text-transform: uppercase;
}
.stamp.tight {
  background: var(--tight);
}
.stamp.over,
.stamp.maker {
  background: var(--over);
}
.stamp.open {
  background: linear-gradient(90deg, var(--in) 0 50%, var(--slate) 50%);
}
.stamp.undecided {
  background: repeating-linear-gradient(135deg, var(--slate) 0 5px, var(--soft) 5px 10px);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';

/** Round in five steps, over a rig as it stands: only when asked for, left at any step, and nothing is changed by it. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const open = computed({
  get: () => 'tour' in route.query,
  set: (on) => {
    if (!on) void router.replace({ query: {} });
  },
});
const steps = [
  { key: 'sentence', target: '[data-test="sentence"]' },
  { key: 'rig', target: '.stage .drawing' },
  { key: 'next', target: '[data-test="next-step"]' },
  { key: 'route', target: '.route' },
  { key: 'bench', target: '#main .quick' },
] as const;
</script>

<template>
  <el-tour v-model="open" :gap="{ offset: 4, radius: 3 }" data-test="tour">
    <el-tour-step
      v-for="(step, at) in steps"
      :key="step.key"
      :target="step.target"
      :title="t(`app.tour.${step.key}.title`, { at: at + 1, all: steps.length })"
      :description="t(`app.tour.${step.key}.text`)"
      placement="bottom"
      :prev-button-props="{ children: t('app.tour.back') }"
      :next-button-props="{ children: t(at + 1 < steps.length ? 'app.tour.on' : 'app.tour.end') }"
    />
  </el-tour>
</template>

<script setup lang="ts">
import { defineAsyncComponent, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import RigStage from './RigStage.vue';
import RouteLine from './RouteLine.vue';

const RigTour = defineAsyncComponent(() => import('./RigTour.vue'));
const { t } = useI18n();
const rig = useRig();
const route = useRoute();

// The route line is wider than a phone: the post one stands at comes into sight.
watch(
  () => route.path,
  () =>
    requestAnimationFrame(() =>
      document.querySelector('.post.here')?.scrollIntoView({ inline: 'center', block: 'nearest' }),
    ),
  { immediate: true },
);
</script>

<template>
  <template v-if="rig.view">
    <RouteLine />
    <RigStage v-if="route.meta.stage !== 'none'" :plain="route.meta.stage === 'sentence'" />
    <RouterView />
    <RigTour v-if="'tour' in route.query" />
  </template>
  <p v-else class="gone">
    {{ t('app.noSuchRig') }} <RouterLink to="/">{{ t('app.toYard') }}</RouterLink>
  </p>
</template>

<style scoped>
.gone {
  padding: 40px 18px;
}
</style>

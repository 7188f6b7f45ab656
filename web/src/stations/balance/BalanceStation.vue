<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import SheetTabs from '../../shared/SheetTabs.vue';
import { views } from '../../shared/views.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BallSheet from './BallSheet.vue';

/** Where the mass sits and what to do about it, a sheet each. */
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const route = useRoute();
const router = useRouter();

const all = views.balance.sheets;
type Name = (typeof all)[number];
const parts: Readonly<Record<Name, Component>> = {
  ball: BallSheet,
  pack: defineAsyncComponent(() => import('./PackSheet.vue')),
  sway: defineAsyncComponent(() => import('./SwaySheet.vue')),
  hitch: defineAsyncComponent(() => import('./HitchSheet.vue')),
  along: defineAsyncComponent(() => import('./AlongSheet.vue')),
};
const onBall = computed(() => towed.value && rig.view?.trailer?.coupling !== 'fifthWheel');
const towed = computed(() => rig.view?.vehicle && rig.view.trailer);
/** What a rig without a trailer, or a trailer alone, has no use for is not there. */
const sheets = computed(() =>
  all.filter((name) =>
    name === 'sway' ? towed.value : name === 'hitch' ? onBall.value : name !== 'ball' || rig.view?.trailer,
  ),
);
const open = computed<Name>(
  () => sheets.value.find((name) => name === route.query['sheet']) ?? sheets.value[0] ?? 'along',
);
const turnTo = (name: Name) => void router.replace({ query: name === sheets.value[0] ? {} : { sheet: name } });
</script>

<template>
  <div v-if="rig.view && rig.assessment" :inert="workspace.follows">
    <div class="strip">
      <SheetTabs
        :label="t('app.balance.sheets')"
        :sheets="sheets.map((name) => ({ name, label: t(`app.balance.sheet.${name}`) }))"
        :open="open"
        @open="turnTo"
      />
    </div>
    <div class="sheet"><component :is="parts[open]" :view="rig.view" :assessment="rig.assessment" /></div>
  </div>
</template>

<style scoped>
.strip {
  padding: 10px 18px 0;
  border-bottom: 1px solid var(--line);
}
/* What stands below does not move when a sheet comes. */
.sheet {
  min-height: 100vh;
}
@media (width <= 720px) {
  .strip {
    padding: 8px 14px 0;
  }
}
</style>

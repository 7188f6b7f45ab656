<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BallAtHeight from './BallAtHeight.vue';
import BallLine from './BallLine.vue';
import BallMoves from './BallMoves.vue';
import MassAlongBody from './MassAlongBody.vue';
import OverhangTable from './OverhangTable.vue';

/** Where the mass sits: the load on the coupling and what would bring it right, and what hangs over. */
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
</script>

<template>
  <div v-if="rig.view" class="bench balance" :inert="workspace.follows">
    <section v-if="rig.view.trailer">
      <h2>{{ t('app.balance.ball') }}</h2>
      <BallLine />
      <BallMoves :view="rig.view" />
      <BallAtHeight />
    </section>
    <section>
      <h2>{{ t('app.balance.along') }}</h2>
      <MassAlongBody v-if="rig.view.trailer" side="trailer" />
      <MassAlongBody v-if="rig.view.vehicle" side="vehicle" />
    </section>
    <section v-if="rig.view.vehicle">
      <h2>{{ t('app.balance.overhang') }}</h2>
      <OverhangTable :view="rig.view" />
    </section>
  </div>
</template>

<style scoped>
.balance {
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
}
</style>

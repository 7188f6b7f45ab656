<script setup lang="ts">
import { placedBodies } from '@wagonomos/core';
import { renameRig } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../fields/NameField.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import BodyPlates from './BodyPlates.vue';
import ChainStrips from './ChainStrips.vue';
import FindingsList from './FindingsList.vue';
import HitchForm from './HitchForm.vue';

const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const bodies = computed(() => (rig.view ? placedBodies(rig.view).map(({ body }) => body) : []));
const onBall = computed(() => rig.view?.vehicle && rig.view.trailer && rig.view.trailer.coupling !== 'fifthWheel');
const rename = (name: string) => {
  const id = rig.rigId;
  if (id !== null) workspace.edit('app.edit.rigName', (document) => renameRig(document, id, name));
};
</script>

<template>
  <div v-if="rig.view" :inert="workspace.follows">
    <FindingsList />
    <div class="bench" :class="`bodies-${bodies.length}`">
      <BodyPlates v-for="body in bodies" :key="body.id" :body="body" />
    </div>
    <HitchForm v-if="onBall" :view="rig.view" />
    <ChainStrips />
    <p class="rig-name">
      <small>{{ t('app.rigName') }}</small>
      <NameField :key="rig.view.rig.id" :name="rig.view.rig.name" :label="t('app.rigName')" @change="rename" />
    </p>
  </div>
</template>

<style scoped>
.rig-name {
  display: flex;
  gap: 8px;
  align-items: center;
  max-width: 620px;
  margin: 18px 0 0;
  padding: 0 18px;
}
small {
  color: var(--soft);
  white-space: nowrap;
}
.bodies-2 {
  grid-template-columns: 1fr 1fr;
}
.bodies-3 {
  grid-template-columns: 1fr 1fr 1fr;
}
@media (width <= 900px) {
  .bodies-2,
  .bodies-3 {
    grid-template-columns: 1fr;
  }
}
</style>

<script setup lang="ts">
import { placeThing } from '@wagonomos/core/edits';
import { displayMass, leaveAtHome, type RigView, type Wanted } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What is on board and was not wanted on trips before: what was never used leads. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();
const list = computed(() => leaveAtHome(props.view, workspace.document?.trips ?? []));
const kg = (mass: number) =>
  t('app.hand.mass', { amount: written(displayMass(mass, settings.massUnit, 'load'), 0), unit: settings.massUnit });
const never = computed(() => list.value.filter((one) => one.used === 0).reduce((sum, one) => sum + one.mass, 0));
const leave = ({ thing }: Wanted) =>
  workspace.edit('app.edit.move', (document) => placeThing(document, props.view.loadout.id, thing, null));
</script>

<template>
  <details v-if="list.length > 0" class="leave" data-test="leave-home">
    <summary>
      {{ t('app.trip.leave', { count: list.length }) }}
      <span v-if="never > 0.5" class="num">{{ t('app.trip.never', { mass: kg(never) }) }}</span>
    </summary>
    <div v-for="one in list" :key="one.thing" class="row">
      <span>{{ one.name }}</span>
      <span class="num">{{ kg(one.mass) }}</span>
      <small>{{ t('app.trip.used', { used: one.used, carried: one.carried }) }}</small>
      <button type="button" class="quiet-button" @click="leave(one)">{{ t('app.trip.leaveIt') }}</button>
    </div>
  </details>
</template>

<style scoped>
.leave {
  margin-bottom: 8px;
  padding: 2px 10px 4px;
  border: 1px solid var(--line);
}
summary {
  padding: 4px 0;
  font: 600 16px var(--figures);
  cursor: pointer;
}
summary .num {
  margin-left: 8px;
  color: var(--tight);
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 62px 92px auto;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  border-top: 1px dotted var(--line);
}
.row .num {
  text-align: right;
}
small {
  color: var(--soft);
}
</style>

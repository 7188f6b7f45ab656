<script setup lang="ts">
import { pillars, type PlannedAssessment } from '@wagonomos/core';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { layoutRig } from '../../rig-drawing/layout.ts';
import BodyShapes from '../../rig-drawing/BodyShapes.vue';
import RigWheels from '../../rig-drawing/RigWheels.vue';
import StatusMark from '../../shared/StatusMark.vue';
import { useSpeech } from '../../shared/useSpeech.ts';

/** One rig of the Yard: its drawing, its sentence, its supports. */
const props = defineProps<{ assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech(() => props.assessment.loads.view.situation.words);
const frame = ref<HTMLElement>();
const { width: measured } = useElementSize(frame, { width: 380, height: 0 });
const width = computed(() => Math.max(240, measured.value));
const view = computed(() => props.assessment.loads.view);
const layout = computed(() => layoutRig(view.value, width.value, 'card'));
const supports = computed(() => pillars(props.assessment));
</script>

<template>
  <RouterLink class="card" :to="{ name: 'verdict', params: { rig: view.rig.id } }" data-test="rig-card">
    <div ref="frame" class="picture">
      <svg :width="width" :height="layout.groundY + 8" aria-hidden="true">
        <BodyShapes :view="view" :layout="layout" />
        <RigWheels :layout="layout" />
        <rect x="0" :y="layout.groundY" :width="width" height="3" class="road" />
      </svg>
    </div>
    <div class="words">
      <h2>{{ view.rig.name }}</h2>
      <p class="soft">{{ t('app.yard.line', { loadout: view.loadout.name, situation: view.situation.name }) }}</p>
      <p class="sentence">{{ say(assessment.sentence) }}</p>
      <p class="supports">
        <span v-for="one in supports" :key="one.quantity">
          <StatusMark :status="one.check?.status ?? 'unknown'" :size="12" /> {{ say(one.name) }}
        </span>
      </p>
    </div>
  </RouterLink>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  text-decoration: none;
}
.card:hover {
  border-color: var(--pen);
}
.picture,
.words {
  min-width: 0;
}
.picture {
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  height: 168px;
  overflow: hidden;
  background:
    linear-gradient(var(--hair) 1px, transparent 1px) 0 0 / 100% 20px,
    linear-gradient(90deg, var(--hair) 1px, transparent 1px) 0 0 / 20px 100%,
    var(--paper);
}
.picture svg {
  display: block;
}
.road {
  fill: var(--road);
}
.words {
  padding: 12px 16px 14px;
}
.sentence {
  margin: 8px 0;
}
.supports {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font: 400 15px var(--figures);
}
</style>

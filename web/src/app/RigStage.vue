<script setup lang="ts">
import { pillars, isTotal } from '@wagonomos/core';
import { ChevronDown, ChevronUp } from '@lucide/vue';
import { useIntersectionObserver } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import ArrangeBench from '../rig-drawing/ArrangeBench.vue';
import RigDrawing from '../rig-drawing/RigDrawing.vue';
import { useBasis } from '../slips/useBasis.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { useArrange } from '../rig-drawing/arrange.ts';
import { useAlong } from '../stores/along.ts';
import { useHand } from '../stores/hand.ts';
import { useArithmetic } from '../stores/arithmetic.ts';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { useStage } from '../stores/stage.ts';
import MarginText from '../words/MarginText.vue';
import VerdictLine from '../words/VerdictLine.vue';
import NextStep from './NextStep.vue';
import PillarChips from './PillarChips.vue';
import StageStrip from './StageStrip.vue';

/** `plain`: the sentence alone, where the screen below says every figure. */
defineProps<{ plain: boolean }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const arithmetic = useArithmetic();
const hand = useHand();
const workspace = useWorkspace();
const along = useAlong();
/** While a thing is carried, the stage shows what would be; on the road, what is where the hand points. */
const { based, says: drawnFrom } = useBasis();
const shown = computed(() => hand.outcome ?? along.shown?.assessment ?? based.value?.assessment);
const says = computed(() => along.shown?.says ?? drawnFrom.value);
const view = computed(() => along.shown?.view ?? rig.view);
const supports = computed(() => (shown.value && shown.value !== rig.assessment ? pillars(shown.value) : rig.supports));

const totals = computed(() =>
  (shown.value?.checks ?? []).filter((check) => isTotal(check) && check.status !== 'notApplicable'),
);
const router = useRouter();
const route = useRoute();
const arrange = useArrange();
/** Where things are loaded the drawing is a workbench; elsewhere, and where another tab writes, it is looked at. */
const workable = computed(() => route.meta.workbench === true && workspace.writes !== false);
watch(workable, (can) => !can && arrange.stop());
const stage = useStage();
const station = computed(() => String(route.name ?? ''));
/** Something in the hand is carried over the drawing: it opens by itself. */
const folded = computed(() => hand.held === null && stage.isFolded(station.value, route.meta.stage === 'folded'));
/** Once the stage is scrolled away, what it says stays in a strip. */
const end = ref<HTMLElement>();
const away = ref(false);
// What is still below counts as in sight: a page that is scrolled past it at once is told of too.
useIntersectionObserver(
  end,
  (entries) => {
    away.value = entries.at(-1)?.isIntersecting === false;
  },
  { rootMargin: '0px 0px 100000px 0px' },
);
const calm = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;
const up = () => window.scrollTo({ top: 0, behavior: calm() ? 'auto' : 'smooth' });
const showPlace = (body: string, place: string) =>
  router.push({ name: 'load', params: { rig: rig.rigId }, query: { place: `${body}/${place}` } });
</script>

<template>
  <section v-if="shown && view" class="stage" :class="{ carrying: hand.listed }" :aria-label="t('app.stage')">
    <div class="head">
      <div>
        <VerdictLine :assessment="shown" :from="says" />
        <div v-if="!plain && !along.shown" class="next"><NextStep /></div>
      </div>
      <ul v-if="!plain" class="totals">
        <li v-for="check in totals" :key="check.id">
          <button type="button" :data-test="`total-${check.id}`" @click="arithmetic.open(check.id)">
            <span>{{ say(check.name) }}</span>
            <MarginText :check="check" />
          </button>
        </li>
      </ul>
    </div>
    <PillarChips
      v-if="!plain && folded"
      class="row"
      :supports="supports"
      name="pillar"
      @open="arithmetic.open($event)"
    />
    <RigDrawing
      v-if="!plain && !folded"
      :view="view"
      :assessment="shown"
      :supports="supports"
      :sight="workable ? arrange.sight : 'side'"
      :arranging="workable && arrange.arranging"
      :previews="hand.previews"
      :over="hand.over"
      :chains="rig.chains"
      :probe="rig.probe"
      @open="arithmetic.open($event)"
      @place="showPlace"
    />
    <ArrangeBench v-if="workable && !folded" :view="view" />
    <button
      v-if="!plain"
      type="button"
      class="fold no-print"
      :aria-expanded="!folded"
      @click="stage.fold(station, !folded)"
    >
      <component :is="folded ? ChevronDown : ChevronUp" :size="16" />
      {{ t(folded ? 'app.strip.unfold' : 'app.strip.fold') }}
    </button>
    <span ref="end" class="end" aria-hidden="true"></span>
    <StageStrip
      v-if="away && !hand.listed"
      :view="view"
      :assessment="shown"
      :supports="supports"
      :totals="totals"
      @open="arithmetic.open($event)"
      @up="up"
    />
  </section>
</template>

<style scoped>
.stage {
  border-bottom: 1px solid var(--line);
  background:
    linear-gradient(var(--hair) 1px, transparent 1px) 0 0 / 100% 20px,
    linear-gradient(90deg, var(--hair) 1px, transparent 1px) 0 0 / 20px 100%,
    var(--paper);
}
.stage {
  position: relative;
}
.next {
  min-height: 34px;
}
.row {
  padding: 4px 18px 10px;
}
.fold {
  position: absolute;
  right: 18px;
  bottom: 4px;
  display: inline-flex;
  gap: 4px;
  align-items: center;
  padding: 1px 6px;
  border: 0;
  background: var(--paper);
  color: var(--soft);
  font: 400 14px/20px var(--figures);
  cursor: pointer;
}
.fold:hover {
  color: var(--ink);
}
.end {
  display: block;
  height: 1px;
  margin-top: -1px;
}
.carrying {
  position: sticky;
  z-index: 20;
  top: 0;
}
.head {
  display: flex;
  gap: 24px;
  justify-content: space-between;
  padding: 12px 18px 6px;
}
.totals {
  display: flex;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.totals button {
  display: block;
  padding: 0 6px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 600 21px/24px var(--figures);
  text-align: right;
  white-space: nowrap;
  cursor: pointer;
}
.totals span {
  display: block;
}
.totals button > span:first-child {
  color: var(--soft);
  font: 400 14px/16px var(--figures);
}
.totals button:hover {
  background: var(--hair);
}
@media (width <= 720px) {
  .row {
    padding: 4px 14px 0;
  }
  .fold {
    position: static;
    justify-content: flex-end;
    width: 100%;
    min-height: 44px;
    padding: 1px 14px;
    background: none;
  }
  .head {
    display: block;
    padding: 10px 14px 0;
  }
  .totals {
    justify-content: space-between;
    margin: 6px -6px 0;
  }
  .totals button {
    text-align: left;
    white-space: normal;
  }
}
</style>

<script setup lang="ts">
import { assess, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { packed } from '@wagonomos/core/packing';
import { copyLoadout, makeMoves, wishPacking } from '@wagonomos/core/edits';
import type { PackingWish } from '@wagonomos/core/packing';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useAlong } from '../../stores/along.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PackAnswer from './PackAnswer.vue';
import PackEffects from './PackEffects.vue';
import PackWishes from './PackWishes.vue';
import { usePacking } from './usePacking.ts';

/** The best packing: what is asked of it, and the list of what to carry where. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const workspace = useWorkspace();
const along = useAlong();

const noWish: PackingWish = {};
const wish = computed((): PackingWish => props.view.loadout.packing ?? noWish);
const change = (patch: { [Key in keyof PackingWish]?: PackingWish[Key] | undefined }) =>
  workspace.edit('app.edit.packing', (document) => wishPacking(document, props.view.loadout.id, patch));

const trips = computed(() =>
  (workspace.document?.trips ?? []).filter(
    ({ rig, carried, plan }) => rig === props.view.rig.id && !carried && plan?.length,
  ),
);
/** When it has to hold: now, with the water used up, or all along a trip, by its id. */
const holds = ref('now');
const question = computed(() => {
  const trip = trips.value.find(({ id }) => id === holds.value);
  const when =
    holds.value === 'water'
      ? ({ along: 'water' } as const)
      : trip
        ? { along: { trip: { date: trip.date, rates: trip.rates }, sections: trip.plan ?? [] } }
        : {};
  return { view: props.view, wish: wish.value, ...when };
});
const { answer, of, state, stop, look } = usePacking(() => question.value);

const packing = computed(() => (answer.value && 'packing' in answer.value ? answer.value.packing : null));
const then = computed(() => (packing.value && of.value ? packed(of.value, packing.value.moves) : null));
const after = computed(() => (then.value ? assess(then.value) : null));
const before = computed(() => (of.value ? assess(of.value) : null));

/** Whether the drawing above shows the rig as it would be packed. */
const previewed = ref(false);
watch(
  [then, after, previewed],
  () => {
    const moves = packing.value?.moves.length ?? 0;
    along.shown =
      previewed.value && moves > 0 && then.value && after.value
        ? { view: then.value, assessment: after.value, says: t('app.pack.preview') }
        : null;
  },
  { immediate: true },
);
onBeforeUnmount(() => {
  along.shown = null;
});

const done = ref<'carried' | 'kept' | null>(null);
const carryOut = () => {
  const moves = packing.value?.moves ?? [];
  workspace.edit('app.edit.packed', (document) => makeMoves(document, props.view.loadout.id, moves));
  done.value = 'carried';
};
const keep = () => {
  const moves = packing.value?.moves ?? [];
  const [id, name] = [newId(), t('app.pack.keptAs', { name: props.view.loadout.name }).slice(0, 80)];
  workspace.edit('app.edit.copyLoadout', (document) =>
    makeMoves(copyLoadout(document, props.view.rig.id, id, name), id, moves),
  );
  done.value = 'kept';
};
</script>

<template>
  <div class="bench pack">
    <section class="list">
      <h2>{{ t('app.pack.title') }}</h2>
      <p class="caution">{{ t('app.pack.caution') }}</p>
      <PackAnswer
        :view="view"
        :answer="answer"
        :state="state"
        :wish="wish"
        :done="packing && packing.moves.length === 0 ? done : null"
        @stop="stop"
        @again="look"
        @change="change"
        @carry-out="carryOut"
        @keep="keep"
      />
      <label v-if="packing && packing.moves.length > 0" class="shown no-print">
        <el-switch v-model="previewed" size="small" :aria-label="t('app.pack.showIt')" />
        {{ t('app.pack.showIt') }}
      </label>
      <PackEffects v-if="before && after && packing && packing.moves.length > 0" :before="before" :after="after" />
    </section>
    <section class="no-print">
      <PackWishes
        :view="view"
        :wish="wish"
        :holds="holds"
        :trips="trips"
        @change="change"
        @holds="(when: string) => (holds = when)"
      />
    </section>
  </div>
</template>

<style scoped>
.pack {
  grid-template-columns: minmax(0, 3fr) minmax(300px, 2fr);
}
.list {
  min-height: 70vh;
}
.shown {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
.caution {
  max-width: 68ch;
  margin: 4px 0 8px;
  padding-left: 10px;
  border-left: 4px double var(--ink);
  font-size: 14.5px;
}
@media (width <= 900px) {
  .pack {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

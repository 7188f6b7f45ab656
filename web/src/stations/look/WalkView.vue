<script setup lang="ts">
import { regionOf, type Trailer, type Vehicle } from '@wagonomos/core';
import { situationIn } from '@wagonomos/core/edits';
import { lookedAt, walkStops, type WalkStop } from '@wagonomos/core/pairing';
import { ArrowLeft, Printer } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { providePlaceWords } from '../../words/placeWords.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import WalkStopCard from './WalkStopCard.vue';
import WalkSum from './WalkSum.vue';

/** Round a used trailer or vehicle with one thumb: what was seen and how, figures where they stand, and what comes of it. */
const { t } = useI18n();
const route = useRoute();
const workspace = useWorkspace();
const body = computed((): Trailer | Vehicle | undefined => {
  const found = workspace.document?.bodies.find(({ id }) => id === route.params['body']);
  return found?.kind === 'camper' ? undefined : found;
});
/** The rig from which one came here, else one it stands in, else any: for the words and the law of the place. */
const rig = computed(() => {
  const rigs = workspace.document?.rigs ?? [];
  const id = body.value?.id;
  return (
    rigs.find((one) => one.id === route.query['rig']) ??
    rigs.find(({ vehicle, trailer }) => id !== undefined && (vehicle === id || trailer === id)) ??
    rigs[0]
  );
});
const situation = computed(
  () =>
    workspace.document?.situations.find(({ id }) => id === rig.value?.situation) ??
    situationIn('here', t('app.walk.go'), 'AU'),
);
const words = computed(() => (body.value ? regionOf(situation.value[body.value.kind].country) : situation.value.words));
providePlaceWords(words);
const sum = computed(() => (body.value ? lookedAt(body.value, situation.value) : null));
const stops = computed((): readonly WalkStop[] => (body.value ? walkStops[body.value.kind] : []));
const seen = computed(() => stops.value.length - (sum.value?.notSeen.length ?? 0));
/** The stop one stands at is open, and the next one when it is answered. */
const open = ref<WalkStop | null>(stops.value.find((stop) => sum.value?.notSeen.includes(stop)) ?? null);
const next = (stop: WalkStop) => {
  const at = stops.value.indexOf(stop);
  open.value = stops.value.slice(at + 1).find((one) => sum.value?.notSeen.includes(one)) ?? null;
};
const back = computed(() =>
  rig.value && body.value && !body.value.offer
    ? { name: 'plates', params: { rig: rig.value.id } }
    : rig.value && body.value
      ? {
          name: 'pair',
          params: { rig: rig.value.id },
          query: { sheet: body.value.kind === 'trailer' ? 'trailers' : 'cars' },
        }
      : { name: 'yard' },
);
const print = () => window.print();
</script>

<template>
  <section v-if="body && sum" class="walk" :inert="workspace.follows" data-test="walk">
    <header>
      <RouterLink class="quiet-button no-print" :to="back"
        ><ArrowLeft :size="16" />{{ t(body.offer ? 'app.walk.back' : 'app.walk.backPlates') }}</RouterLink
      >
      <h1>{{ t('app.walk.title', { name: body.name }) }}</h1>
      <p class="soft">{{ t('app.walk.intro') }}</p>
    </header>
    <WalkSum class="sum" :body="body" :sum="sum" :seen="seen" :all="stops.length" :words="words" />
    <ol class="stops">
      <WalkStopCard
        v-for="stop in stops"
        :key="stop"
        :body="body"
        :stop="stop"
        :words="words"
        :open="open === stop"
        @open="open = open === stop ? null : stop"
        @answered="next(stop)"
      />
    </ol>
    <p class="caution">{{ t('app.walk.caution') }}</p>
    <el-button class="no-print print" @click="print"><Printer :size="16" />{{ t('app.walk.print') }}</el-button>
  </section>
  <p v-else class="none">{{ t('app.walk.gone') }}</p>
</template>

<style scoped>
.walk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(300px, 420px);
  gap: 8px 26px;
  align-items: start;
  max-width: 1180px;
  padding: 14px 18px 40px;
}
header,
.caution,
.print {
  grid-column: 1 / -1;
}
header .quiet-button {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
}
h1 {
  font: 600 26px/1.2 var(--figures);
}
.soft {
  margin: 2px 0 6px;
  color: var(--soft);
}
.stops {
  grid-row: 2;
  grid-column: 1;
  margin: 0;
  padding: 0;
  list-style: none;
}
.sum {
  position: sticky;
  top: 8px;
  grid-column: 2;
}
.caution {
  margin: 12px 0 0;
  padding: 8px 10px;
  border-left: 4px solid var(--tight);
  background: var(--sheet);
  font-size: 14px;
}
.print {
  justify-self: start;
}
.print svg {
  margin-right: 6px;
}
.none {
  padding: 30px 18px;
}
@media (width <= 900px) {
  .walk {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 14px 40px;
  }
  .stops,
  .sum {
    grid-row: auto;
    grid-column: 1;
  }
  .sum {
    z-index: 5;
    top: 0;
  }
}
@media print {
  .walk {
    display: block;
  }
  .sum {
    position: static;
  }
}
</style>

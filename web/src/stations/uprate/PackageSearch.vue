<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import type { SearchResult } from '@wagonomos/core/uprating';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { leastWord } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { uprateWorker } from '../../workers/clients.ts';
import { unwatched } from '../../workers/unwatched.ts';
import type { UprateWork } from '../../workers/uprate.worker.ts';
import { useLatest } from '../../workers/useLatest.ts';
import { useBench } from './useBench.ts';
import { useLoadouts } from './useLoadouts.ts';

/** All combinations that can be had together: what each cost can reach, and the cheapest that makes every wanted loadout legal. */
const FrontChart = defineAsyncComponent(() => import('../../charts/FrontChart.vue'));
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const { all, comparable: packages, currency, kg, money, unit, takeAll, unwanted, want } = useBench();

const loadouts = useLoadouts(() => props.view);
const wanted = computed(() =>
  loadouts.value.filter(({ id }) => id === props.view.rig.loadout || !unwanted.value.includes(id)),
);
const { answer: result, state, ask, stop, forget } = useLatest<UprateWork, SearchResult>(uprateWorker());
/** The share of all combinations that was tried. */
const share = ref(0);
const search = () => {
  const { document } = workspace;
  if (!document) return;
  share.value = 0;
  const usual = props.view.rig.loadout;
  const ids = wanted.value.map(({ id }) => id);
  const question = {
    document: unwatched(document),
    rig: props.view.rig.id,
    loadouts: [usual, ...ids.filter((id) => id !== usual)],
    packages: unwatched(packages.value),
    day: props.view.situation.date ?? '',
  };
  void ask((api, heard) =>
    api.search(
      question,
      heard((tried: number) => {
        share.value = tried;
      }),
    ),
  );
};
/** What was found holds for the rig it was found on. */
watch(() => [props.view, wanted.value], forget);
const names = (ids: readonly string[]) =>
  ids.length === 0
    ? t('app.uprate.nothingDone')
    : ids.map((id) => packages.value.find((one) => one.id === id)?.name ?? id).join(' + ');
const points = computed(() =>
  (result.value?.front ?? []).map(({ ids, cost, gain }) => ({ cost, gain: gain.usable ?? 0, names: names(ids) })),
);
const cheapest = computed((): string => {
  const found = result.value;
  if (!found) return '';
  const { cheapestLegal: one } = found;
  const count = wanted.value.length;
  if (!one && found.cheapestOpen) {
    const { ids, cost } = found.cheapestOpen;
    return t('app.uprate.openStill', { names: names(ids), cost: money(cost) });
  }
  if (!one) return t('app.uprate.noneLegal', { count }, count);
  if (one.ids.length === 0) return t('app.uprate.legalAlready', { count }, count);
  return t('app.uprate.cheapest', { names: names(one.ids), cost: money(one.cost), count }, count);
});
</script>

<template>
  <div data-test="package-search">
    <fieldset v-if="loadouts.length > 1">
      <legend>{{ t('app.uprate.wanted') }}</legend>
      <el-checkbox
        v-for="one in loadouts"
        :key="one.id"
        :model-value="wanted.includes(one)"
        :disabled="one.id === view.rig.loadout"
        @change="want(one.id, $event === true)"
      >
        {{ one.name }}
      </el-checkbox>
    </fieldset>
    <p class="row">
      <el-button v-if="state !== 'asking'" type="primary" @click="search">{{ t('app.uprate.search') }}</el-button>
      <template v-else>
        <el-progress :percentage="Math.round(100 * share)" :aria-label="t('app.uprate.searching')" />
        <el-button @click="stop">{{ t('app.uprate.stop') }}</el-button>
      </template>
    </p>
    <p v-if="state === 'broken'" role="alert">{{ t('app.uprate.broken') }}</p>
    <template v-if="result">
      <p class="cheapest" role="status" data-test="cheapest">{{ cheapest }}</p>
      <el-button
        v-if="result.cheapestLegal && result.cheapestLegal.ids.length > 0"
        type="primary"
        @click="takeAll(result.cheapestLegal.ids, 'changes')"
      >
        {{ t('app.uprate.seeChanges') }}
      </el-button>
      <p class="soft">{{ t('app.uprate.tried', { count: result.tried }, result.tried) }}</p>
      <p v-if="result.stopped" class="soft">{{ t('app.uprate.notAll') }}</p>
      <p v-if="packages.length < all.length" class="soft">
        {{ t('app.uprate.otherMoney', { count: all.length - packages.length, currency }) }}
      </p>
      <FrontChart v-if="points.length > 1" :points="points" :unit="unit" :currency="currency" />
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('app.uprate.together') }}</th>
            <th scope="col" class="num">{{ t('app.uprate.usable') }}</th>
            <th scope="col" class="num">{{ t('app.uprate.cost') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in result.front" :key="one.ids.join()">
            <th scope="row">
              {{ names(one.ids) }}
              <button v-if="one.ids.length > 0" type="button" class="text-button" @click="takeAll(one.ids, 'packages')">
                {{ t('app.uprate.putThese') }}
              </button>
              <small>{{
                t(
                  one.gain.after.kind === 'over'
                    ? `app.uprate.overStill${leastWord(...one.gain.after.binding)}`
                    : 'app.uprate.next',
                  {
                    limit: one.gain.after.binding.map(({ name }) => say(name)).join(', '),
                  },
                )
              }}</small>
            </th>
            <td class="num">
              <b>{{ one.gain.usable === null ? '–' : kg(one.gain.usable) }}</b>
            </td>
            <td class="num">{{ money(one.cost) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
td.num {
  white-space: nowrap;
}
.cheapest + .el-button {
  margin: 8px 0;
}
tbody th {
  padding: 5px 0;
}
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  font: 600 16px var(--figures);
}
.row {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.row .el-progress {
  flex: 1;
}
.cheapest {
  font: 600 19px/1.3 var(--figures);
}
small {
  display: block;
  color: var(--soft);
}
.soft {
  color: var(--soft);
}
</style>

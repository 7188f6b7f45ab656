<script setup lang="ts">
import { displayMass, type Check, type RigView, type Trailer, type Vehicle } from '@wagonomos/core';
import { renameBody } from '@wagonomos/core/edits';
import { carsBefore, trailersBehind, type PairFit } from '@wagonomos/core/pairing';
import { ClipboardPaste, Footprints, Plus, Printer, X } from '@lucide/vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import ChoiceField from '../../fields/ChoiceField.vue';
import ChoicesField from '../../fields/ChoicesField.vue';
import NameField from '../../fields/NameField.vue';
import StatusMark from '../../words/StatusMark.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import FamilyAsk from './FamilyAsk.vue';
import FitRows from './FitRows.vue';
import OfferRows from './OfferRows.vue';
import type { FamilyAsked } from './useFamily.ts';
import { mostColumns, useBodiesLookedAt, type OfferKind } from './useBodiesLookedAt.ts';

/** Up to six trailers behind this car, or cars before this trailer, each with the same people and things; none is called best. */
const props = defineProps<{ view: RigView; kind: OfferKind; family: FamilyAsked }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const router = useRouter();
const OfferPaste = defineAsyncComponent(() => import('./OfferPaste.vue'));
const { all, chosen, choose, own, addOne, addRows, remove, buy, tools, currency } = useBodiesLookedAt(
  () => props.view,
  () => props.kind,
);
const pasting = ref(false);
/** What the one asked about cannot be compared without. */
const lacks = computed(() => (props.kind === 'trailer' ? !props.view.vehicle : !props.view.trailer));

const orders = {
  trailer: ['chosen', 'room', 'plate', 'ball', 'empty', 'price'],
  vehicle: ['chosen', 'carRoom', 'room', 'empty', 'price'],
} as const;
type Order = (typeof orders)[OfferKind][number];
const order = ref<Order>('chosen');
const bodyOf = (fit: PairFit): Trailer | Vehicle => (props.kind === 'vehicle' && fit.car ? fit.car : fit.trailer);
const most = (room: PairFit['room']) => (room?.kind === 'room' && !room.mends ? (room.most ?? Infinity) : -1);
/** What is not known stands last. */
const sorts: Readonly<Record<Order, (one: PairFit) => number>> = {
  chosen: () => 0,
  room: ({ room }) => -most(room),
  carRoom: ({ carRoom }) => -most(carRoom),
  plate: ({ plateLeft }) => -(plateLeft ?? -Infinity),
  ball: ({ ball }) => ball?.value ?? Infinity,
  empty: ({ empty }) => (props.kind === 'trailer' ? empty.trailer : empty.car) ?? Infinity,
  price: (one) => bodyOf(one).offer?.price?.amount ?? Infinity,
};
const fits = computed(() => {
  const bodies = chosen.value.flatMap((id) => all.value.find((one) => one.id === id) ?? []);
  const family = props.family.asked.value;
  const found =
    props.kind === 'trailer'
      ? trailersBehind(
          props.view,
          bodies.filter((one): one is Trailer => one.kind === 'trailer'),
          family,
        )
      : carsBefore(
          props.view,
          bodies.filter((one): one is Vehicle => one.kind === 'vehicle'),
          family,
        );
  const by = sorts[order.value];
  return [...found].sort((a, b) => by(a) - by(b) || 0);
});
const columns = computed(() => fits.value.map((fit) => ({ fit, body: bodyOf(fit) })));

const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'load'), 0)} ${settings.massUnit}`;
const passed = (check: Check) =>
  t(check.sense === 'max' ? 'app.pair.trailers.over' : 'app.pair.trailers.short', {
    limit: say(check.name),
    mass: kg(Math.abs(check.margin ?? 0)),
  });
/** A load on the coupling is as one loads: within its ± it may be mended by that. */
const mayMend = ({ ball }: PairFit, { role, margin }: Check) =>
  (role === 'ballMost' || role === 'ballLeast') && ball !== null && -(margin ?? 0) <= ball.plusMinus;
/** Of what nothing is known yet, nothing is kept either. */
const isDecided = (fit: PairFit) => fit.laden !== null && fit.limits.some(({ margin }) => margin !== null);
const rename = (id: string, name: string) =>
  workspace.edit('app.edit.offer', (document) => renameBody(document, id, name));
const bought = (id: string) => {
  const rig = buy(id);
  if (rig) void router.push({ name: 'plates', params: { rig } });
};
const print = () => window.print();
</script>

<template>
  <div :data-test="`pair-${kind}s`">
    <p v-if="lacks" class="lacks">{{ t(`app.pair.trailers.lacks.${kind}`) }}</p>
    <template v-else>
      <div class="asks no-print" :inert="workspace.follows">
        <FamilyAsk :asked="family" />
        <ChoiceField
          :label="t('app.pair.trailers.sort')"
          :value="order"
          :options="orders[kind].map((value) => ({ value, label: t(`app.pair.trailers.order.${value}`) }))"
          @change="(next: Order) => (order = next)"
        />
        <ChoicesField
          class="which"
          :label="t(`app.pair.trailers.which.${kind}`)"
          :value="[...chosen]"
          :placeholder="t(`app.pair.trailers.which.${kind}`)"
          :options="all.map(({ id, name }) => ({ value: id, label: name }))"
          @change="choose"
        />
        <div class="buttons">
          <el-button type="primary" @click="addOne"><Plus :size="16" />{{ t(`app.pair.offer.add.${kind}`) }}</el-button>
          <el-button @click="pasting = true"><ClipboardPaste :size="16" />{{ t('app.pair.offer.paste') }}</el-button>
          <el-button @click="print"><Printer :size="16" />{{ t('app.pair.trailers.print') }}</el-button>
        </div>
      </div>
      <p v-if="columns.length === 0">{{ t(`app.pair.trailers.none.${kind}`) }}</p>
      <div v-else class="scroll" tabindex="0" role="region" :aria-label="t(`app.pair.sheet.${kind}s`)">
        <table :inert="workspace.follows">
          <thead>
            <tr>
              <td></td>
              <th v-for="{ body } in columns" :key="body.id" scope="col">
                <NameField
                  v-if="body.offer"
                  class="called"
                  :name="body.name"
                  :label="t('app.pair.offer.name', { name: body.name })"
                  @change="(name) => rename(body.id, name)"
                />
                <span v-else class="called">{{ body.name }}</span>
                <small v-if="body.id === own">{{ t('app.pair.offer.own') }}</small>
                <span v-if="body.offer" class="acts no-print">
                  <RouterLink
                    class="quiet-button"
                    :to="{ name: 'look', params: { body: body.id }, query: { rig: view.rig.id } }"
                  >
                    <Footprints :size="14" />{{ t('app.walk.go') }}
                  </RouterLink>
                  <button type="button" class="quiet-button" @click="bought(body.id)">
                    {{ t('app.pair.offer.bought') }}
                  </button>
                  <button
                    type="button"
                    class="icon-button"
                    :aria-label="t('app.pair.offer.remove', { name: body.name })"
                    @click="remove(body.id)"
                  >
                    <X :size="14" />
                  </button>
                </span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.answer') }}</th>
              <td v-for="{ fit, body } in columns" :key="body.id" :data-test="`fit-${body.id}`">
                <template v-if="fit.over.length > 0 || fit.noFifthWheel" />
                <template v-else-if="fit.laden === null">
                  <StatusMark status="unknown" /> {{ t('app.pair.trailers.unknownEmpty') }}
                </template>
                <template v-else-if="!isDecided(fit)">
                  <StatusMark status="unknown" /> {{ t('app.pair.trailers.nothingKnown') }}
                </template>
                <template v-else><StatusMark status="within" /> {{ t('app.pair.trailers.within') }}</template>
                <div v-if="fit.noFifthWheel" class="over">
                  <StatusMark status="over" /> {{ t('app.pair.trailers.noFifthWheel') }}
                </div>
                <div v-for="check in fit.over" :key="check.id" class="over">
                  <StatusMark status="over" /> {{ passed(check) }}
                  <small v-if="mayMend(fit, check)">{{ t('app.pair.trailers.mayMend') }}</small>
                </div>
              </td>
            </tr>
          </tbody>
          <OfferRows :bodies="columns.map(({ body }) => body)" :kind="kind" :tools="tools" :currency="currency" />
          <FitRows :fits="fits" :kind="kind" />
        </table>
      </div>
      <p class="soft">{{ t('app.pair.trailers.note') }} {{ t('app.pair.family.note') }}</p>
    </template>
    <OfferPaste v-if="pasting" v-model="pasting" :kind="kind" :most="mostColumns" :take="addRows" />
  </div>
</template>

<style scoped src="./pairTable.css"></style>
<style scoped>
.asks {
  display: grid;
  grid-template-columns: 220px 150px 220px minmax(150px, 200px) minmax(0, 1fr);
  gap: 10px 14px;
  align-items: end;
  margin-bottom: 10px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 8px;
}
.buttons :deep(.el-button) {
  margin-left: 0;
}
.asks :deep(svg) {
  margin-right: 6px;
}
/* What only a reader hears stands in here too, else it would widen the page. */
.scroll {
  position: relative;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
}
thead th {
  font: 600 17px var(--figures);
}
.called {
  width: 100%;
  font-size: 17px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
  font: 400 14px var(--text);
}
.acts svg {
  margin-right: 4px;
}
.lacks {
  padding: 20px 0;
}
@media (width <= 720px) {
  .asks {
    grid-template-columns: 1fr 1fr;
  }
  .which {
    grid-column: 1 / -1;
  }
  /* Those chosen stand one under the other; their room is kept until they are measured. */
  .which :deep(.el-select__wrapper) {
    min-height: 92px;
  }
}
</style>

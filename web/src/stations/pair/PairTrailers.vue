<script setup lang="ts">
import { displayMass, listedOn, type Check, type RigView, type Trailer } from '@wagonomos/core';
import { trailersBehind, type TrailerFit } from '@wagonomos/core/pairing';
import { Printer } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import ChoiceField from '../../shared/ChoiceField.vue';
import ChoicesField from '../../shared/ChoicesField.vue';
import MarginText from '../../shared/MarginText.vue';
import MessageText from '../../shared/MessageText.vue';
import QuantityField from '../../shared/QuantityField.vue';
import StatusMark from '../../shared/StatusMark.vue';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** Up to six trailers of the yard behind this car, each with the same load in it. Which ones stands in the address. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const route = useRoute();
const router = useRouter();
const most = 6;
/** kg of things, water and gas that a family has in a trailer of which nothing is known yet. */
const usualLoad = 250;

const all = computed((): readonly Trailer[] =>
  (workspace.document?.bodies ?? [])
    .filter((body): body is Trailer => body.kind === 'trailer')
    .sort((a, b) => Number(b.id === props.view.trailer?.id) - Number(a.id === props.view.trailer?.id)),
);
const chosen = computed(() => {
  const named = route.query['with'];
  const ids = typeof named === 'string' ? named.split(',') : all.value.map(({ id }) => id);
  return ids.filter((id) => all.value.some((one) => one.id === id)).slice(0, most);
});
const choose = (ids: readonly string[]) =>
  router.replace({ query: { ...route.query, with: ids.slice(0, most).join(',') } });
const load = ref(props.view.trailer ? Math.round(listedOn(props.view, props.view.trailer)) || usualLoad : usualLoad);

const orders = ['chosen', 'room', 'plate', 'ball', 'empty'] as const;
const order = ref<(typeof orders)[number]>('chosen');
const roomOf = ({ room }: TrailerFit) => (room?.kind === 'room' ? (room.most ?? Infinity) : -1);
/** What is not known stands last. */
const sorts: Readonly<Record<(typeof orders)[number], (one: TrailerFit) => number>> = {
  chosen: () => 0,
  room: (one) => -roomOf(one),
  plate: ({ plateLeft }) => -(plateLeft ?? -Infinity),
  ball: ({ ball }) => ball?.value ?? Infinity,
  empty: ({ empty }) => empty ?? Infinity,
};
const fits = computed(() => {
  const trailers = chosen.value.flatMap((id) => all.value.find((one) => one.id === id) ?? []);
  const by = sorts[order.value];
  return [...trailersBehind(props.view, trailers, load.value)].sort((a, b) => by(a) - by(b) || 0);
});

const kg = (value: number, way: 'load' | 'margin' | 'nearest') =>
  `${written(displayMass(value, settings.massUnit, way), 0)} ${settings.massUnit}`;
const known = (value: number | null, way: 'load' | 'margin' | 'nearest') =>
  value === null ? t('app.pair.trailers.missing') : kg(value, way);
const passed = (check: Check) =>
  t(check.sense === 'max' ? 'app.pair.trailers.over' : 'app.pair.trailers.short', {
    limit: say(check.name),
    mass: kg(Math.abs(check.margin ?? 0), 'load'),
  });
/** A load on the coupling is as one loads: within its ± it may be mended by that. */
const mayMend = ({ ball: found }: TrailerFit, { role, margin }: Check) =>
  (role === 'ballMost' || role === 'ballLeast') && found !== null && -(margin ?? 0) <= found.plusMinus;
const ball = ({ ball: found }: TrailerFit) =>
  found
    ? t('app.pair.trailers.ball', {
        mass: kg(found.value, 'nearest'),
        plusMinus: written(displayMass(found.plusMinus, settings.massUnit, 'nearest'), 0),
      })
    : t('app.pair.trailers.missing');
const room = ({ room: found }: TrailerFit) => {
  if (!found || found.kind === 'unknown') return t('app.pair.trailers.missing');
  if (found.kind === 'none' || found.mends) return t('app.pair.trailers.roomNone');
  if (found.most === null || !found.binding) return t('app.pair.trailers.roomOpen');
  return t('app.pair.trailers.room', { mass: kg(found.most, 'margin'), limit: say(found.binding.name) });
};
const open = (one: TrailerFit) =>
  one.empty === null
    ? t('app.pair.trailers.unknownEmpty')
    : [...new Set(one.open.map(({ name }) => say(name)))].join(', ') || t('app.pair.trailers.nothing');
const print = () => window.print();
</script>

<template>
  <div data-test="pair-trailers">
    <p v-if="all.length === 0">{{ t('app.pair.trailers.none') }}</p>
    <template v-else>
      <div class="asks no-print">
        <ChoicesField
          class="which"
          :label="t('app.pair.trailers.which')"
          :value="[...chosen]"
          :placeholder="t('app.pair.trailers.which')"
          :options="all.map(({ id, name }) => ({ value: id, label: name }))"
          @change="choose"
        />
        <QuantityField
          :label="t('app.pair.trailers.load')"
          field="mass"
          :digits="0"
          :value="load"
          @change="(mass) => mass !== undefined && (load = mass)"
        />
        <ChoiceField
          :label="t('app.pair.trailers.sort')"
          :value="order"
          :options="orders.map((value) => ({ value, label: t(`app.pair.trailers.order.${value}`) }))"
          @change="(next: (typeof orders)[number]) => (order = next)"
        />
        <el-button @click="print"><Printer :size="16" />{{ t('app.pair.trailers.print') }}</el-button>
      </div>
      <div class="scroll" tabindex="0" role="region" :aria-label="t('app.pair.sheet.trailers')">
        <table>
          <thead>
            <tr>
              <td></td>
              <th v-for="one in fits" :key="one.trailer.id" scope="col">{{ one.trailer.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.answer') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" :data-test="`fit-${one.trailer.id}`">
                <template v-if="one.empty === null">
                  <StatusMark status="unknown" /> {{ t('app.pair.trailers.unknownEmpty') }}
                </template>
                <template v-else-if="one.over.length === 0 && !one.noFifthWheel">
                  <StatusMark status="within" /> {{ t('app.pair.trailers.within') }}
                </template>
                <div v-if="one.noFifthWheel" class="over">
                  <StatusMark status="over" /> {{ t('app.pair.trailers.noFifthWheel') }}
                </div>
                <div v-for="check in one.over" :key="check.id" class="over">
                  <StatusMark status="over" /> {{ passed(check) }}
                  <small v-if="mayMend(one, check)">{{ t('app.pair.trailers.mayMend') }}</small>
                </div>
              </td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.empty') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" class="num">{{ known(one.empty, 'nearest') }}</td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.laden') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" class="num">{{ known(one.laden, 'load') }}</td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.plateLeft') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" class="num">{{ known(one.plateLeft, 'margin') }}</td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.ball') }}</th>
              <td v-for="one in fits" :key="one.trailer.id">
                <span class="num">{{ ball(one) }}</span>
                <small v-if="one.ball">{{ t(`app.pair.trailers.ballFrom.${one.ball.from}`) }}</small>
              </td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.room') }}</th>
              <td v-for="one in fits" :key="one.trailer.id">{{ room(one) }}</td>
            </tr>
            <tr v-if="fits.some(({ warnings }) => warnings.length > 0)">
              <th scope="row">{{ t('app.pair.trailers.row.warnings') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" :data-test="`weak-${one.trailer.id}`">
                <div v-for="(warning, at) in one.warnings" :key="at"><MessageText :message="warning" /></div>
              </td>
            </tr>
            <tr v-if="fits.some(({ drivers }) => drivers.length > 0)">
              <th scope="row">{{ t('app.pair.trailers.row.drivers') }}</th>
              <td v-for="one in fits" :key="one.trailer.id">
                <div v-for="check in one.drivers" :key="check.id">
                  {{ say(check.name) }} <MarginText :check="check" />
                </div>
              </td>
            </tr>
            <tr v-if="fits.some(({ speeds }) => speeds.length > 0)">
              <th scope="row">{{ t('app.pair.trailers.row.speeds') }}</th>
              <td v-for="one in fits" :key="one.trailer.id">
                <div v-for="check in one.speeds" :key="check.id">
                  {{ say(check.name) }} <MarginText :check="check" />
                </div>
              </td>
            </tr>
            <tr>
              <th scope="row">{{ t('app.pair.trailers.row.open') }}</th>
              <td v-for="one in fits" :key="one.trailer.id" class="soft">{{ open(one) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="soft">{{ t('app.pair.trailers.note') }}</p>
    </template>
  </div>
</template>

<style scoped>
.asks {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 230px 200px auto;
  gap: 10px 14px;
  align-items: end;
  margin-bottom: 10px;
}
.asks :deep(svg) {
  margin-right: 6px;
}
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  min-width: 150px;
  padding: 6px 10px;
  border-bottom: 1px dotted var(--line);
  text-align: left;
  vertical-align: top;
}
thead th {
  font: 600 17px var(--figures);
}
tbody th {
  min-width: 112px;
  color: var(--soft);
  font-weight: 400;
}
td.num,
.num {
  font-size: 17px;
  font-weight: 600;
}
small {
  display: block;
  color: var(--soft);
}
.over {
  color: var(--over);
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
@media (width <= 720px) {
  .asks {
    grid-template-columns: 1fr 1fr;
  }
  .which {
    grid-column: 1 / -1;
  }
  /* Chosen trailers stand one under the other; their room is kept until they are measured. */
  .which :deep(.el-select__wrapper) {
    min-height: 92px;
  }
  /* Each trailer is a column of its own one comes to by pushing; what a row is stays in sight. */
  tbody th {
    position: sticky;
    left: 0;
    min-width: 86px;
    background: var(--paper);
  }
}
</style>

<script setup lang="ts">
import {
  addPart,
  assessTicket,
  displayMass,
  quantityMessage,
  unlistedOn,
  type QuantityName,
  type RigView,
  type Ticket,
  type UnlistedOn,
} from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import SlipForm from '../../shared/SlipForm.vue';

/** One slip: its readings, what they settle and how surely, beside the plan; and what they found that is on no list. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const emit = defineEmits<{ gone: [] }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();

const weighed = computed(() => assessTicket(props.view, props.ticket));
const shown: readonly QuantityName[] = [
  'frontAxle',
  'rearAxle',
  'driveAxle',
  'tagAxle',
  'vehicleTotal',
  'trailerAxles',
  'ballLoad',
  'trailerTotal',
  'combination',
];
const kg = (value: number, rounding: 'load' | 'nearest' = 'nearest') =>
  written(displayMass(value, settings.massUnit, rounding), 0);
const rows = computed(() =>
  shown.flatMap((name) => {
    const value = weighed.value.compiled.values[name];
    if (value.kind === 'absent') return [];
    return [
      {
        name,
        says:
          value.kind === 'known' && value.value < -2 * value.sigma
            ? t('app.weigh.impossible')
            : value.kind === 'known'
              ? t('app.weigh.known', {
                  load: kg(value.value),
                  give: kg(2 * value.sigma, 'load'),
                  unit: settings.massUnit,
                })
              : t('app.weigh.notSettled'),
        known: value.kind === 'known',
      },
    ];
  }),
);
const found = computed(() => unlistedOn(props.view, props.ticket));
const bodyName = ({ side }: UnlistedOn) => props.view[side]?.name ?? '';
const says = (one: UnlistedOn): string => {
  const named = {
    body: bodyName(one),
    mass: kg(Math.abs(one.mass)),
    give: kg(2 * one.massError, 'load'),
    unit: settings.massUnit,
    x: written(one.x ?? 0, 2),
    xGive: written(2 * (one.xError ?? 0), 2),
  };
  if (one.x === null) return t('app.weigh.agrees', named);
  if (one.inside === false) return t('app.weigh.outside', named);
  return t(one.mass > 0 ? 'app.weigh.unlisted' : 'app.weigh.tooMuch', named);
};
/** Kept in the ledger of the body, where it can be seen, changed and taken out again. */
const adopt = (one: UnlistedOn) => {
  if (one.x === null) return;
  const change = { mass: Math.round(Math.abs(one.mass) * 10) / 10, x: Math.round(one.x * 100) / 100 };
  workspace.edit('app.edit.adopt', (document) =>
    addPart(document, one.body, 'fitted', {
      id: newId(),
      name: t('app.weigh.ledger', { slip: props.ticket.name }).slice(0, 80),
      ...(one.mass > 0 ? { on: change } : { off: change }),
      inEmptyMass: 'no',
      ...(props.ticket.date ? { date: props.ticket.date } : {}),
    }),
  );
};
</script>

<template>
  <div class="book" data-test="slip-book">
    <SlipForm :view="view" :weighed="weighed" @gone="emit('gone')" />
    <h3>{{ t('app.weigh.estimate') }}</h3>
    <table data-test="estimate">
      <tbody>
        <tr v-for="row in rows" :key="row.name" :class="{ unknown: !row.known }">
          <th scope="row">{{ say(quantityMessage(view, row.name)) }}</th>
          <td class="num">{{ row.says }}</td>
        </tr>
      </tbody>
    </table>
    <template v-if="found.length > 0">
      <h3>{{ t('app.weigh.beside') }}</h3>
      <div v-for="one in found" :key="one.side" class="found" :data-test="`unlisted-${one.side}`">
        <p>{{ says(one) }}</p>
        <button
          v-if="one.x !== null && one.inside !== false"
          type="button"
          class="quiet-button no-print"
          @click="adopt(one)"
        >
          {{ t('app.weigh.adopt') }}
        </button>
      </div>
      <p class="soft">{{ t(ticket.loadout ? 'app.weigh.besideKept' : 'app.weigh.besideNow') }}</p>
    </template>
  </div>
</template>

<style scoped>
h3 {
  margin: 16px 0 2px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  font-weight: 400;
  text-align: left;
}
td {
  font-size: 18px;
  text-align: right;
}
tr {
  border-bottom: 1px dotted var(--line);
}
.unknown td {
  color: var(--soft);
}
.found {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  justify-content: space-between;
}
p {
  margin: 4px 0;
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
</style>

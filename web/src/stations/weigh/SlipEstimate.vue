<script setup lang="ts">
import { quantityMessage, type QuantityName, type RigView } from '@wagonomos/core';
import { addReading } from '@wagonomos/core/edits';
import { isLopsided, judgedLoads, nextReading, weighedSides, type TicketAssessment } from '@wagonomos/core/weighing';
import { Plus } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What the readings settle and how surely, left and right where they were read so, and which reading would help most. */
const props = defineProps<{ view: RigView; weighed: TicketAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const { kg, plusMinus } = useWeighedWords();
const workspace = useWorkspace();
const ticket = computed(() => props.weighed.ticket);

const rows = computed(() =>
  judgedLoads.flatMap((name) => {
    const value = props.weighed.loads.values[name];
    if (value.kind === 'absent') return [];
    if (value.kind === 'unknown') return [{ name, known: false, says: t('app.weigh.notSettled') }];
    const nonsense = value.value < -2 * value.sigma;
    return [{ name, known: true, says: nonsense ? t('app.weigh.impossible') : plusMinus(value.value, value.sigma) }];
  }),
);
const sides = computed(() => weighedSides(props.view, ticket.value));
const load = (name: QuantityName) => say(quantityMessage(props.view, name));
const next = computed(() => nextReading(props.view, ticket.value));
const nextSays = computed(() => {
  const found = next.value;
  if (!found) return '';
  const way = t(`way.${found.stand.key}`);
  if (found.surer) {
    const { quantity, from, to } = found.surer;
    return t('app.weigh.surer', { way, what: load(quantity), from: kg(2 * from, 'load'), to: kg(2 * to, 'load') });
  }
  const what = found.settles.map(load).join(', ');
  return what ? t('app.weigh.nextSettles', { way, what }) : t('app.weigh.next', { way, count: found.toGo });
});
const take = () => {
  const found = next.value;
  if (!found) return;
  const { state, support, on } = found.stand;
  const reading = { id: newId(), state, on, value: 0, ...(support ? { support } : {}) };
  workspace.edit('app.edit.ticket', (document) => addReading(document, ticket.value.id, reading));
};
</script>

<template>
  <section>
    <h3>{{ t('app.weigh.estimate') }}</h3>
    <table data-test="estimate">
      <tbody>
        <tr v-for="row in rows" :key="row.name" :class="{ unknown: !row.known }">
          <th scope="row">{{ load(row.name) }}</th>
          <td class="num">{{ row.says }}</td>
        </tr>
        <tr v-for="one in sides" :key="`${one.part} ${one.state}`" :class="{ lopsided: isLopsided(one) }">
          <th scope="row">{{ t('app.weigh.sides', { part: t(`app.weigh.part.${one.part}`) }) }}</th>
          <td class="num">
            {{
              t('app.weigh.leftRight', {
                left: plusMinus(one.left.value, one.left.se),
                right: plusMinus(one.right.value, one.right.se),
              })
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="next" class="next" data-test="next-reading">
      {{ nextSays }}
      <button type="button" class="quiet-button no-print" @click="take">
        <Plus :size="15" />{{ t('app.weigh.takeNext') }}
      </button>
    </p>
  </section>
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
.lopsided td {
  color: var(--tight);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
  margin: 8px 0 0;
}
</style>

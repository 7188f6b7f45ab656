<script setup lang="ts">
import { displayMass, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { sideLoads, sideMoves, type WheelEnd } from '@wagonomos/core/balance';
import { makeMove } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import StatusMark from '../../words/StatusMark.vue';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useMoveWords } from './useMoveWords.ts';
import '../../shared/figureTable.css';

/** The wheels by side against their tyres, and what would even them out. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const settings = useSettings();
const workspace = useWorkspace();
const { says } = useMoveWords();
const found = computed(() => sideLoads(props.assessment.loads));
const moves = computed(() => sideMoves(props.assessment).slice(0, 5));
const kg = (value: number, way: 'load' | 'margin' | 'nearest' = 'nearest') =>
  written(displayMass(value, settings.massUnit, way), 0);
const ends = ['left', 'right'] as const;
const room = ({ left }: WheelEnd) =>
  left === null
    ? t('app.sides.noTyres')
    : t(left < 0 ? 'app.sides.over' : 'app.sides.left', { mass: kg(Math.abs(left), left < 0 ? 'load' : 'margin') });
const make = (move: (typeof moves.value)[number]) =>
  workspace.edit('app.edit.move', (document) => makeMove(document, props.view.loadout.id, move));
</script>

<template>
  <div data-test="side-balance">
    <h2>{{ t('app.sides.title') }}</h2>
    <table class="figure-table">
      <thead>
        <tr>
          <th scope="col">{{ t('app.sides.axle') }}</th>
          <th v-for="end in ends" :key="end" scope="col">{{ t(`app.sides.${end}Side`) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in found.axles" :key="`${one.side} ${one.axle}`">
          <th scope="row">{{ t(`app.sides.of.${one.axle}`) }}</th>
          <template v-if="one.ends">
            <td v-for="end in ends" :key="end">
              <b class="num">{{ kg(one.ends[end].load, 'load') }}</b>
              <small><StatusMark :status="one.ends[end].status" /> {{ room(one.ends[end]) }}</small>
            </td>
          </template>
          <td v-else colspan="2" class="soft">{{ t(`app.sides.missing.${one.missing ?? 'load'}`) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="found.unsided > 0.5" class="soft">
      {{ t('app.sides.unsided', { mass: kg(found.unsided), unit: settings.massUnit }) }}
    </p>
    <ol v-if="moves.length > 0">
      <li v-for="move in moves" :key="`${move.id} ${move.to?.place}`" data-test="side-move">
        <span>{{ says(move) }}</span>
        <small>{{ t('app.sides.evens', { mass: kg(move.evens), unit: settings.massUnit }) }}</small>
        <button type="button" class="quiet-button no-print" @click="make(move)">{{ t('app.balance.make') }}</button>
      </li>
    </ol>
    <p v-else class="soft">{{ t('app.sides.noMoves') }}</p>
  </div>
</template>

<style scoped>
table {
  width: 100%;
}
td small {
  display: block;
}
ol {
  margin: 8px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
}
li small {
  grid-row: 2;
  color: var(--soft);
}
li button {
  grid-row: 1 / 3;
  grid-column: 2;
}
.soft {
  color: var(--soft);
  font-size: 13.5px;
}
@media (width <= 720px) {
  .quiet-button {
    min-height: 44px;
  }
}
</style>

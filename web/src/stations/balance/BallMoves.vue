<script setup lang="ts">
import { makeMove } from '@wagonomos/core/edits';
import { displayMass, type RigView } from '@wagonomos/core';
import { ballMoves, ballStands, ballTarget, type BallMove } from '@wagonomos/core/balance';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useMoveWords } from './useMoveWords.ts';

/** What would bring the load on the coupling right: the best few, each with what it does to the axles and to the tail. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const rig = useRig();
const settings = useSettings();
const workspace = useWorkspace();
const few = 6;
const all = ref(false);
const right = computed(() => {
  const target = rig.assessment && ballTarget(rig.assessment);
  return !target || ballStands(target) === 'right';
});
const moves = computed(() => (rig.assessment ? ballMoves(rig.assessment) : []));
const most = 40;
/** At first each thing once, with its best move. */
const eachOnce = computed(() =>
  moves.value.filter((move, at, list) => list.findIndex(({ id }) => id === move.id) === at),
);
const shown = computed(() => (all.value ? moves.value.slice(0, most) : eachOnce.value.slice(0, few)));

const { says } = useMoveWords();
const change = (kg: number): string => {
  const value = displayMass(kg, settings.massUnit, 'nearest');
  return `${value > 0 ? '+' : ''}${written(value, 0)}`;
};
const tail = ({ inertia }: BallMove): 'more' | 'less' | 'same' =>
  inertia > 0.5 ? 'more' : inertia < -0.5 ? 'less' : 'same';

const edits = {
  tank: 'app.edit.tankLevel',
  thing: 'app.edit.move',
  turn: 'app.edit.turn',
  seat: 'app.edit.seat',
} as const;
const make = (move: BallMove) =>
  workspace.edit(edits[move.kind], (document) => makeMove(document, props.view.loadout.id, move));
</script>

<template>
  <div class="moves">
    <template v-if="moves.length > 0">
      <h3>{{ t('app.balance.moves') }}</h3>
      <p class="soft">{{ t('app.balance.movesHint') }}</p>
      <ol>
        <li
          v-for="move in shown"
          :key="`${move.kind} ${move.id} ${move.to?.body} ${move.to?.place} ${move.fraction}`"
          data-test="ball-move"
          :class="{ reaches: move.reaches }"
        >
          <span class="what">{{ says(move) }}</span>
          <span class="num effect">{{
            t('app.balance.effect', {
              ball: change(move.ball),
              front: change(move.front),
              rear: change(move.rear),
              axles: change(move.axles),
            })
          }}</span>
          <span class="tail" :class="tail(move)">{{ t(`app.balance.tail.${tail(move)}`) }}</span>
          <span v-if="move.reaches" class="in">{{ t('app.balance.reaches') }}</span>
          <button type="button" class="quiet-button" @click="make(move)">{{ t('app.balance.make') }}</button>
        </li>
      </ol>
      <button v-if="moves.length > shown.length && !all" type="button" class="quiet-button" @click="all = true">
        {{ t('app.balance.more', { count: Math.min(most, moves.length) - shown.length }) }}
      </button>
    </template>
    <p v-else class="soft">{{ t(right ? 'app.balance.noMoves' : 'app.balance.noMoveHelps') }}</p>
  </div>
</template>

<style scoped>
h3 {
  margin-top: 14px;
}
ol {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1px 12px;
  padding: 7px 0 7px 10px;
  border-bottom: 1px dotted var(--line);
  border-left: 4px dotted var(--slate);
}
li.reaches {
  border-left: 4px solid var(--in);
}
.what {
  font-size: 16px;
}
.effect,
.tail {
  grid-column: 1;
  color: var(--soft);
  font-size: 15px;
}
.tail.more {
  color: var(--over);
  font-weight: 600;
}
.in {
  grid-column: 1;
  color: var(--in);
  font-weight: 600;
}
li .quiet-button {
  grid-row: 1 / 4;
  grid-column: 2;
  align-self: center;
}
.soft {
  font-size: 13.5px;
}
</style>

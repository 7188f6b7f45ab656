<script setup lang="ts">
import { displayMass, type RigView } from '@wagonomos/core';
import { aimsInOrder, type PackingAnswer, type PackingMove, type PackingWish } from '@wagonomos/core/packing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useMoveWords } from './useMoveWords.ts';

/** What was found: the moves in the order in which they are carried out, or why there is no way. */
const props = defineProps<{
  view: RigView;
  answer: PackingAnswer | null;
  state: 'idle' | 'looking' | 'stopped' | 'done' | 'broken';
  wish: PackingWish;
  done: 'carried' | 'kept' | null;
}>();
const emit = defineEmits<{
  stop: [];
  again: [];
  carryOut: [];
  keep: [];
  change: [patch: { things?: PackingWish['things']; never?: PackingWish['never'] }];
}>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const { says } = useMoveWords();

const figure = (kg: number, rounding: 'load' | 'margin' | 'nearest' = 'nearest') =>
  `${written(displayMass(kg, settings.massUnit, rounding), 0)} ${settings.massUnit}`;
const packing = computed(() => (props.answer && 'packing' in props.answer ? props.answer.packing : null));
const conflict = computed(() => (props.answer && 'conflict' in props.answer ? props.answer.conflict : null));
const moves = computed(() => packing.value?.moves ?? []);
const kinds = computed(() => ({
  staying: moves.value.filter(({ kind, to }) => kind === 'thing' && to === null),
  other: moves.value.filter(({ kind, to }) => !(kind === 'thing' && to === null)),
}));

const head = computed((): string => {
  const { answer } = props;
  if (!answer) return '';
  if (answer.kind === 'undecided') return t('app.pack.undecided');
  if (answer.kind === 'impossible') return t('app.pack.impossible');
  if (answer.kind === 'leaves') return t('app.pack.leaves', { mass: figure(answer.packing.left, 'load') });
  const count = answer.packing.moves.length;
  const known = answer.unjudged.length > 0 ? 'Known' : '';
  if (count > 0) return t(`app.pack.packed${known}`, { count }, count);
  if (props.view.loadout.placements.length === 0) return t('app.pack.empty');
  return t(aimsInOrder(props.wish).indexOf('fewestMoves') <= 1 ? `app.pack.asItIs${known}` : 'app.pack.nothingBetter');
});
/** What each aim came to, and whether that is proven. */
const reached = computed(() =>
  (packing.value?.reached ?? []).flatMap(({ aim, value, bound, proven }) => {
    if (aim === 'leastLeft' && value === 0) return [];
    const said = (what: number): string =>
      aim === 'fewestMoves'
        ? t('app.pack.movesCount', { count: Math.round(what) }, Math.round(what))
        : aim === 'leastInertia'
          ? t('app.pack.inertia', { value: `${what > 0 ? '+' : ''}${written(what, 0)}` })
          : figure(what, aim === 'mostMargin' ? 'margin' : 'nearest');
    return [{ aim, value: said(value), bound: proven ? '' : Number.isFinite(bound) ? said(bound) : '?' }];
  }),
);

const stays = (move: PackingMove, how: 'stays' | 'comes') => {
  const others = (props.wish.things ?? []).filter(({ thing }) => thing !== move.id);
  emit('change', { things: [...others, { thing: move.id, how }] });
};
const notThere = ({ id, to }: PackingMove) => {
  if (to) emit('change', { never: [...(props.wish.never ?? []), { thing: id, body: to.body, place: to.place }] });
};
</script>

<template>
  <div data-test="pack-answer">
    <div aria-live="polite">
      <p v-if="state === 'broken'" role="alert">
        {{ t('app.pack.broken') }}
        <button type="button" class="quiet-button" @click="emit('again')">{{ t('app.pack.again') }}</button>
      </p>
      <p v-else-if="state === 'looking'" class="looking">
        {{ t(packing ? 'app.pack.lookingOn' : 'app.pack.looking') }}
        <button type="button" class="quiet-button" @click="emit('stop')">{{ t('app.pack.stop') }}</button>
      </p>
      <p v-else-if="state === 'stopped' && !answer">
        {{ t('app.pack.stopped') }}
        <button type="button" class="quiet-button" @click="emit('again')">{{ t('app.pack.again') }}</button>
      </p>
      <p v-if="done" class="done">{{ t(`app.pack.done.${done}`) }}</p>
      <p v-if="head" class="head" data-test="pack-head">{{ head }}</p>
    </div>

    <template v-if="conflict">
      <p class="why">{{ t(answer?.kind === 'impossible' ? 'app.pack.conflictStill' : 'app.pack.conflict') }}</p>
      <ul class="conflict" data-test="pack-conflict">
        <li v-for="one in conflict.checks" :key="one.id">{{ say(one.name) }}</li>
        <li v-if="conflict.checks.length === 0">{{ t('app.pack.wishConflict') }}</li>
      </ul>
      <p v-if="wish.mostMoves !== undefined" class="soft">
        {{ t('app.pack.withMoves', { count: wish.mostMoves }, wish.mostMoves) }}
      </p>
      <p v-if="!conflict.proven" class="soft">{{ t('app.pack.conflictRough') }}</p>
    </template>

    <template v-for="part in ['other', 'staying'] as const" :key="part">
      <template v-if="kinds[part].length > 0">
        <h3 v-if="part === 'staying'">{{ t('app.pack.staying') }}</h3>
        <ol class="moves" :class="part" :start="part === 'staying' ? kinds.other.length + 1 : 1">
          <li
            v-for="move in kinds[part]"
            :key="`${move.kind} ${move.id} ${move.leaves} ${move.to?.place}`"
            data-test="pack-move"
          >
            <b class="no num" aria-hidden="true">{{ moves.indexOf(move) + 1 }}</b>
            <span class="what">{{ says(move) }}</span>
            <span class="num mass">{{ figure(move.mass) }}</span>
            <small v-if="move.worse" class="worse">{{
              t('app.pack.worse', { mass: figure(move.over, 'load') })
            }}</small>
            <span v-if="move.kind === 'thing'" class="wishes no-print">
              <button v-if="move.to" type="button" class="quiet-button" @click="stays(move, 'stays')">
                {{ t('app.pack.leaveIt') }}
              </button>
              <button v-if="move.to" type="button" class="quiet-button" @click="notThere(move)">
                {{ t('app.pack.notThere') }}
              </button>
              <button v-else type="button" class="quiet-button" @click="stays(move, 'comes')">
                {{ t('app.pack.mustCome') }}
              </button>
            </span>
          </li>
        </ol>
      </template>
    </template>
    <p v-if="moves.length > 0" class="do no-print">
      <el-button type="primary" @click="emit('carryOut')">{{ t('app.pack.carryOut') }}</el-button>
      <el-button @click="emit('keep')">{{ t('app.pack.keep') }}</el-button>
    </p>

    <dl v-if="reached.length > 0" class="reached">
      <template v-for="one in reached" :key="one.aim">
        <dt>{{ t(`app.pack.reached.${one.aim}`) }}</dt>
        <dd>
          <span class="num">{{ one.value }}</span>
          <small v-if="one.bound">{{ t('app.pack.couldBe', { bound: one.bound }) }}</small>
        </dd>
      </template>
    </dl>
    <p v-if="packing?.proven && state === 'done'" class="proven" data-test="pack-proven">{{ t('app.pack.proven') }}</p>
    <p v-if="packing && packing.broken.length > 0" role="alert" class="worse">
      {{ t('app.pack.brokenLimits', { limits: packing.broken.map(({ name }) => say(name)).join(', ') }) }}
    </p>
    <p v-if="answer && answer.unjudged.length > 0" class="soft">
      {{ t('app.pack.unjudged', { limits: answer.unjudged.map(({ name }) => say(name)).join(', ') }) }}
    </p>
  </div>
</template>

<style scoped>
.head {
  margin: 4px 0 8px;
  font-size: 19px;
  font-weight: 600;
}
.looking,
.done {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 4px 0;
}
.done {
  color: var(--in);
  font-weight: 600;
}
.why {
  margin: 0;
}
.conflict {
  margin: 2px 0 8px;
  padding-left: 20px;
  color: var(--over);
  font-weight: 600;
}
.moves {
  margin: 0;
  padding: 0;
  border-top: 2px solid var(--ink);
  list-style: none;
}
li[data-test='pack-move'] {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto;
  gap: 2px 10px;
  align-items: baseline;
  padding: 7px 0;
  border-bottom: 1px dotted var(--line);
}
.no {
  font-size: 22px;
  text-align: center;
}
.what {
  font-size: 17px;
}
.mass {
  font-size: 16px;
}
.wishes,
small.worse {
  grid-column: 2 / -1;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.staying .no {
  color: var(--over);
}
.worse {
  color: var(--over);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0;
}
.do .el-button {
  margin-left: 0;
}
.proven {
  margin: 0 0 8px;
  color: var(--in);
}
.reached {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  margin: 8px 0;
}
dd {
  margin: 0;
}
dd small {
  margin-left: 8px;
  color: var(--soft);
}
h3 {
  margin: 12px 0 4px;
}
@media (width <= 720px) {
  .quiet-button,
  .do .el-button {
    min-height: 44px;
  }
  .reached {
    grid-template-columns: minmax(0, 1fr);
  }
  dd {
    margin-bottom: 4px;
  }
}
</style>

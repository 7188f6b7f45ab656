<script setup lang="ts">
import { basisLines, displayMass, placedBodies, type BasisLine, type Body, type RigView } from '@wagonomos/core';
import { forgetTankLevel, setTakenOut } from '@wagonomos/core/edits';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What the empty figures contain, and whether it counts as on board: each line can be said otherwise. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();

const sheets = computed(() =>
  placedBodies(props.view)
    .map(({ body }) => ({ body, lines: basisLines(props.view, body) }))
    .filter(({ lines }) => lines.length > 0),
);
/** Whoever folds a sheet decides; until then it is open where something in the figure counts. */
const folded = reactive<Record<string, boolean>>({});
const unfolded = ({ id }: Body, lines: readonly BasisLine[]): boolean =>
  !(folded[id] ?? lines.every(({ replaced }) => replaced !== undefined));
const mass = ({ mass }: BasisLine): string =>
  mass === null ? '?' : `${written(displayMass(mass, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
function says({ replaced, mass }: BasisLine): string {
  if (replaced) return t(`app.figure.${replaced}`);
  return t(mass === null ? 'app.figure.unknown' : 'app.figure.counts');
}
const takeOut = (body: Body, { part }: BasisLine) =>
  workspace.edit('app.edit.inFigure', (document) => setTakenOut(document, props.view.loadout.id, body.id, part, true));
/** It counts again: it was taken out no more, and no level of a tank of its kind stands in its place. */
const putBack = (body: Body, { part, tank }: BasisLine) =>
  workspace.edit('app.edit.inFigure', (document) =>
    body.tanks
      .filter(({ kind }) => kind === tank?.kind)
      .reduce(
        (next, { id }) => forgetTankLevel(next, props.view.loadout.id, body.id, id),
        setTakenOut(document, props.view.loadout.id, body.id, part, false),
      ),
  );
</script>

<template>
  <div v-if="sheets.length > 0" class="in-figure" data-test="in-figure">
    <details
      v-for="{ body, lines } in sheets"
      :key="body.id"
      class="fold"
      :open="unfolded(body, lines)"
      @toggle="folded[body.id] = !($event.target as HTMLDetailsElement).open"
    >
      <summary>{{ t('app.figure.title', { body: body.name }) }}</summary>
      <p class="soft hint">{{ t('app.figure.hint') }}</p>
      <ul>
        <li v-for="line in lines" :key="line.part" :class="{ out: line.replaced }">
          <span>{{ t(`app.figure.part.${line.part}`) }}</span>
          <span class="num">{{ mass(line) }}</span>
          <span class="soft">{{ says(line) }}</span>
          <button
            v-if="line.replaced === 'level' || line.replaced === 'takenOut'"
            type="button"
            class="quiet-button"
            :aria-label="t('app.figure.asFigureOf', { part: t(`app.figure.part.${line.part}`) })"
            @click="putBack(body, line)"
          >
            {{ t('app.figure.asFigure') }}
          </button>
          <button
            v-else-if="line.replaced === undefined && line.mass !== null"
            type="button"
            class="quiet-button"
            :aria-label="t('app.figure.takeOutOf', { part: t(`app.figure.part.${line.part}`) })"
            @click="takeOut(body, line)"
          >
            {{ t('app.figure.takeOut') }}
          </button>
        </li>
      </ul>
      <RouterLink :to="{ name: 'plates' }" class="soft">{{ t('app.figure.change') }}</RouterLink>
    </details>
  </div>
</template>

<style scoped>
.in-figure {
  margin-top: 20px;
}
a {
  font-size: 13px;
}
.hint {
  margin: 0 0 4px;
  font-size: 13px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 52px 58px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: baseline;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
li .num {
  font-size: 16px;
  text-align: right;
  white-space: nowrap;
}
.out .num {
  text-decoration: line-through;
}
</style>

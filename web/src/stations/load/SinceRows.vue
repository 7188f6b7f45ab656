<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { cameSince, wasSoThen } from '@wagonomos/core/edits';
import type { AskedSince } from '@wagonomos/core/weighing';
import { useI18n } from 'vue-i18n';
import { useWeighedWords } from '../../words/useWeighedWords.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What was entered or deleted after the newest slip is asked once: since then, or already so on the scale. */
const props = defineProps<{ view: RigView; asked: readonly AskedSince[] }>();
const { t } = useI18n();
const { kg, unit } = useWeighedWords();
const workspace = useWorkspace();

const says = ({ kind, name, mass }: AskedSince): string =>
  t(`app.since.${kind}`, { name, mass: kg(mass), unit: unit() });
const since = ({ ticket, id }: AskedSince) =>
  workspace.edit('app.edit.asked', (document) => cameSince(document, ticket, id));
const then = ({ ticket, id }: AskedSince) =>
  workspace.edit('app.edit.asked', (document) => wasSoThen(document, { ticket, loadout: props.view.loadout.id }, id));
</script>

<template>
  <section v-if="asked.length > 0" class="since no-print" data-test="asked-since">
    <h2>{{ t('app.since.title') }}</h2>
    <ul>
      <li v-for="one in asked" :key="one.id">
        <span>{{ says(one) }}</span>
        <span class="presses">
          <button type="button" class="quiet-button" @click="since(one)">{{ t(`app.since.${one.kind}Since`) }}</button>
          <button type="button" class="quiet-button" @click="then(one)">{{ t(`app.since.${one.kind}Then`) }}</button>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.since {
  grid-column: 1 / -1;
  padding: 8px 12px;
  border-left: 4px solid var(--line);
  background: var(--paper);
}
h2 {
  margin: 0 0 4px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  justify-content: space-between;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>

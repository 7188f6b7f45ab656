<script setup lang="ts">
import type { Workspace } from '@wagonomos/core';
import type { MergePlan } from '@wagonomos/core/files';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../stores/workspace.ts';

/** What is in a file, and what would become of it beside or instead of what is here. */
const props = defineProps<{ document: Workspace; plan: MergePlan; besideOnly?: boolean }>();
const { t } = useI18n();
const workspace = useWorkspace();

const lists = ['rigs', 'bodies', 'loadouts', 'things', 'tickets', 'trips', 'quotes', 'cases'] as const;
const rows = computed(() =>
  lists.flatMap((list) => {
    const all = props.document[list].length;
    if (all === 0) return [];
    const here = props.plan.same[list].size;
    const beside = props.plan.renamed[list].size;
    return [{ list, all, here, beside, fresh: all - here - beside }];
  }),
);
const rigs = computed(() => props.document.rigs.map(({ name }) => name));
const gone = computed(() => workspace.document?.rigs.map(({ name }) => name) ?? []);
</script>

<template>
  <p class="names">{{ rigs.join(' · ') }}</p>
  <div class="scroll" tabindex="0" role="region" :aria-label="t('app.takeIn.title')">
    <table data-test="take-in-plan">
      <caption class="sr-only">
        {{
          t('app.takeIn.title')
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ t('app.takeIn.what') }}</th>
          <th scope="col">{{ t('app.takeIn.inFile') }}</th>
          <th scope="col">{{ t('app.takeIn.fresh') }}</th>
          <th scope="col">{{ t('app.takeIn.here') }}</th>
          <th scope="col">{{ t('app.takeIn.beside') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.list">
          <th scope="row">{{ t(`app.takeIn.lists.${row.list}`) }}</th>
          <td class="num">{{ row.all }}</td>
          <td class="num">{{ row.fresh || '—' }}</td>
          <td class="num">{{ row.here || '—' }}</td>
          <td class="num">{{ row.beside || '—' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
  <p class="soft">{{ t('app.takeIn.besideText') }}</p>
  <p v-if="gone.length > 0 && !besideOnly" class="soft">
    {{ t('app.takeIn.insteadText', { rigs: gone.join(' · ') }) }}
  </p>
</template>

<style scoped>
.names {
  margin-bottom: 8px;
  font-weight: 600;
  overflow-wrap: anywhere;
}
.scroll {
  margin-bottom: 8px;
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 3px 8px 3px 0;
  border-bottom: 1px dotted var(--line);
  font-weight: 400;
  text-align: left;
}
thead th {
  border-bottom: 2px solid var(--ink);
  color: var(--soft);
  font: 600 14px var(--figures);
}
td,
thead th:not(:first-child) {
  text-align: right;
}
p {
  overflow-wrap: anywhere;
}
</style>

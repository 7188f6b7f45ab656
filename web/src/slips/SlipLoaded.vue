<script setup lang="ts">
import { namedLevel, placedBodies, type Loadout, type RigView } from '@wagonomos/core';
import { changeTicket, listOnSlip, loadoutsOf } from '@wagonomos/core/edits';
import type { Ticket } from '@wagonomos/core/weighing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../stores/workspace.ts';

/** How the rig was loaded when it was weighed: asked once where nothing was kept, and set right thing by thing where it was. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const { t } = useI18n();
const workspace = useWorkspace();
const editing = ref(false);

const ways = computed(() => (workspace.document ? loadoutsOf(workspace.document, props.view.rig) : []));
const read = computed(() => props.ticket.readings.some(({ value }) => value > 0));
const set = (patch: Parameters<typeof changeTicket>[2]) =>
  workspace.edit('app.edit.loaded', (document) => changeTicket(document, props.ticket.id, patch));
const as = (loadout: Loadout, otherwise = false) => {
  set({ loadout: structuredClone(loadout), loadUnknown: undefined });
  editing.value = otherwise;
};
/** All that was on board then or is now, each once: it was on the scale, or not. */
const lines = computed(() => {
  const { loadout, gone = [] } = props.ticket;
  if (!loadout) return [];
  const now = props.view.loadout;
  const names = new Map(gone.map(({ id, name }) => [id, name]));
  const things = [...new Set([...loadout.placements, ...now.placements].map(({ thing }) => thing))].map((id) => ({
    id,
    name: props.view.things.get(id)?.name ?? names.get(id) ?? id,
    on: loadout.placements.some(({ thing }) => thing === id),
  }));
  const people = [...new Map([...now.crew, ...loadout.crew].map((one) => [one.id, one])).values()].map(
    ({ id, name }) => ({ id, name, on: loadout.crew.some((one) => one.id === id) }),
  );
  return [...people, ...things];
});
const put = (id: string, on: boolean) =>
  workspace.edit('app.edit.loaded', (document) =>
    listOnSlip(document, { ticket: props.ticket.id, loadout: props.view.loadout.id }, id, on),
  );
const tanks = computed(() =>
  placedBodies(props.view).flatMap(({ body }) =>
    body.tanks
      .filter(({ kind }) => kind !== 'gas')
      .map(({ id, name }) => ({
        key: `${body.id}/${id}`,
        body: body.id,
        tank: id,
        name,
        level: props.ticket.loadout && namedLevel(props.ticket.loadout, body.id, id),
      })),
  ),
);
const eighths = [0, 0.25, 0.5, 0.75, 1] as const;
const levels = (own: number | undefined) =>
  [...new Set([...eighths, ...(own === undefined ? [] : [own])])]
    .sort((a, b) => a - b)
    .map((value) => ({ value, label: t('app.loaded.level', { percent: Math.round(100 * value) }) }));
const fill = ({ body, tank }: { readonly body: string; readonly tank: string }, level: number | '') => {
  const { loadout } = props.ticket;
  if (!loadout) return;
  const others = loadout.tankLevels.filter((one) => one.body !== body || one.tank !== tank);
  const tankLevels = level === '' ? others : [...others, { body, tank, fraction: level }];
  set({ loadout: { ...loadout, tankLevels } });
};
</script>

<template>
  <div
    v-if="read && !ticket.loadout"
    class="loaded ask"
    role="group"
    :aria-label="t('app.loaded.ask')"
    data-test="loaded"
  >
    <p>
      <strong>{{ t('app.loaded.ask') }}</strong>
      {{ t(ticket.loadUnknown ? 'app.loaded.unknown' : 'app.loaded.why') }}
    </p>
    <div class="presses">
      <button v-for="one in ways" :key="one.id" type="button" class="quiet-button" @click="as(one)">
        {{ t('app.loaded.as', { loadout: one.name }) }}
      </button>
      <button type="button" class="quiet-button" @click="as(view.loadout, true)">
        {{ t('app.loaded.otherwise') }}
      </button>
      <button v-if="!ticket.loadUnknown" type="button" class="quiet-button" @click="set({ loadUnknown: true })">
        {{ t('app.loaded.nobody') }}
      </button>
    </div>
  </div>
  <details
    v-else-if="read"
    class="loaded"
    :open="editing"
    data-test="loaded"
    @toggle="editing = ($event.target as HTMLDetailsElement).open"
  >
    <summary>{{ t('app.loaded.kept', { count: lines.filter(({ on }) => on).length }) }}</summary>
    <template v-if="editing">
      <p class="soft">{{ t('app.loaded.hint') }}</p>
      <ul>
        <li v-for="line in lines" :key="line.id">
          <el-checkbox :model-value="line.on" @change="put(line.id, $event === true)">{{ line.name }}</el-checkbox>
        </li>
      </ul>
      <div v-for="one in tanks" :key="one.key" class="tank">
        <span>{{ one.name }}</span>
        <el-select
          :persistent="false"
          :model-value="one.level ?? ''"
          :aria-label="one.name"
          @change="(level: number | '') => fill(one, level)"
        >
          <el-option value="" :label="t('app.loaded.notSeen')" />
          <el-option v-for="each in levels(one.level)" :key="each.value" :value="each.value" :label="each.label" />
        </el-select>
      </div>
    </template>
  </details>
</template>

<style scoped>
.loaded {
  margin: 6px 0;
}
.ask {
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
  background: var(--paper);
}
p {
  margin: 2px 0 6px;
}
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
}
.presses button {
  white-space: normal;
  text-align: left;
}
summary {
  padding: 4px 0;
  color: var(--pen);
  cursor: pointer;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 0 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li :deep(.el-checkbox) {
  white-space: normal;
}
.tank {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 8px;
  align-items: center;
  padding: 2px 0;
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { chooseLoadout, copyLoadout, loadoutsOf, removeLoadout, renameLoadout } from '@wagonomos/core/edits';
import { Copy, Scale, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../fields/NameField.vue';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** The ways to load this rig: one in hand, others to choose, copy, rename, drop and compare. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rigId = computed(() => props.view.rig.id);
const all = computed(() => (workspace.document ? loadoutsOf(workspace.document, props.view.rig) : []));
const choose = (id: string) =>
  workspace.edit('app.edit.chooseLoadout', (document) => chooseLoadout(document, rigId.value, id));
const copy = () => {
  const name = t('app.loadout.copyOf', { name: props.view.loadout.name }).slice(0, 80);
  workspace.edit('app.edit.copyLoadout', (document) => copyLoadout(document, rigId.value, newId(), name));
};
const rename = (name: string) =>
  workspace.edit('app.edit.name', (document) => renameLoadout(document, props.view.loadout.id, name));
const remove = () =>
  workspace.edit('app.edit.removeLoadout', (document) => removeLoadout(document, rigId.value, props.view.loadout.id));
</script>

<template>
  <div class="loadouts" data-test="loadouts">
    <NameField :key="view.loadout.id" :name="view.loadout.name" :label="t('app.loadout.name')" @change="rename" />
    <el-select
      v-if="all.length > 1"
      :persistent="false"
      class="choice"
      :model-value="view.loadout.id"
      :aria-label="t('app.loadout.choose')"
      @change="choose"
    >
      <el-option v-for="one in all" :key="one.id" :value="one.id" :label="one.name" />
    </el-select>
    <button type="button" class="quiet-button" @click="copy"><Copy :size="15" />{{ t('app.loadout.copy') }}</button>
    <template v-if="all.length > 1">
      <RouterLink class="quiet-button link" :to="{ name: 'compare', params: { rig: rigId } }">
        <Scale :size="15" />{{ t('app.loadout.compare') }}
      </RouterLink>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.loadout.remove', { name: view.loadout.name })"
        @click="remove"
      >
        <Trash2 :size="15" />
      </button>
    </template>
  </div>
</template>

<style scoped>
.loadouts {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 18px;
  border-bottom: 1px solid var(--line);
}
.choice {
  width: 220px;
}
@media (width <= 720px) {
  .loadouts > :first-child {
    flex: 1 1 100%;
  }
}
.link {
  text-decoration: none;
}
</style>

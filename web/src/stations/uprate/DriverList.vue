<script setup lang="ts">
import { classesOf, platesAlone, type Driver, type Licence, type RigView } from '@wagonomos/core';
import { changeSituation } from '@wagonomos/core/edits';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import NameField from '../../fields/NameField.vue';
import { newId } from '../../stores/newId.ts';
import LicenceForm from '../../fields/LicenceForm.vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** Everybody who takes the wheel, with what they hold: each is asked about before and after. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const drivers = computed(() => props.view.situation.drivers ?? []);
const set = (all: readonly Driver[], licence?: { readonly to: Licence | undefined }) =>
  workspace.edit('app.edit.situation', (document) =>
    changeSituation(document, props.view.situation.id, {
      drivers: all.length > 0 ? [...all] : undefined,
      ...(licence ? { licence: licence.to } : {}),
    }),
  );
const change = (at: number, patch: Partial<Driver>) => {
  const one = drivers.value[at];
  if (one) set(drivers.value.with(at, { ...one, ...patch }));
};
/** Where no law is asked, no licence is either. */
const country = computed(() => {
  const home = props.view.situation.vehicle.country;
  return home === platesAlone ? null : home;
});
const add = () => {
  const issuer = country.value;
  if (!issuer) return;
  const licence: Licence = { issuer, classes: classesOf(issuer).slice(0, 1) };
  set([...drivers.value, { id: newId(), name: t('app.drivers.new', { number: drivers.value.length + 2 }), licence }]);
};
</script>

<template>
  <section class="drivers no-print" data-test="drivers">
    <h2>{{ t('app.drivers.title') }}</h2>
    <details>
      <summary>{{ t('app.drivers.first') }}</summary>
      <LicenceForm :licence="view.situation.licence" @change="(licence) => set(drivers, { to: licence })" />
    </details>
    <details v-for="(one, at) in drivers" :key="one.id">
      <summary>{{ one.name }}</summary>
      <div class="head">
        <NameField :name="one.name" :label="t('app.drivers.name')" @change="(name) => change(at, { name })" />
        <button
          type="button"
          class="icon-button small"
          :aria-label="t('app.drivers.drop', { name: one.name })"
          @click="set(drivers.toSpliced(at, 1))"
        >
          <Trash2 :size="15" />
        </button>
      </div>
      <LicenceForm :licence="one.licence" @change="(licence) => licence && change(at, { licence })" />
    </details>
    <button v-if="drivers.length < 12 && country" type="button" class="quiet-button" @click="add">
      <Plus :size="15" />{{ t('app.drivers.add') }}
    </button>
  </section>
</template>

<style scoped>
.drivers {
  margin-top: 20px;
}
details {
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
summary {
  cursor: pointer;
}
.head {
  display: flex;
  gap: 8px;
}
details :deep(.row) {
  grid-template-columns: 1fr;
  gap: 2px;
  margin-top: 6px;
}
details :deep(.row > :nth-child(2):last-child:not(.el-input-number)) {
  grid-column: 1;
}
</style>

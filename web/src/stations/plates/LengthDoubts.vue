<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { setLengthDoubt } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** How well the lengths are known that loads lean on. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();

const tag = computed(() => (props.body.kind === 'vehicle' ? props.body.geometry.tagAxle : undefined));
/** Lengths that loads lean on: how well each is known. */
const doubtful = computed(() => {
  const { body } = props;
  if (body.kind === 'camper') return [];
  const known: Partial<Record<Doubtful, number | undefined>> = body.geometry.plusMinus ?? {};
  const names: readonly Doubtful[] =
    body.kind === 'trailer'
      ? ['axlePosition']
      : [
          'wheelbase',
          rig.view?.trailer?.coupling === 'fifthWheel' ? 'pinOverhang' : 'couplingOverhang',
          ...tagged.value,
        ];
  return names.map((name) => ({ name, value: known[name] }));
});
type Doubtful = Parameters<typeof setLengthDoubt>[2];
const tagged = computed<readonly Doubtful[]>(() => (tag.value ? ['tagOffset'] : []));
const doubt = (name: Doubtful, value: number | undefined) =>
  workspace.edit(
    'app.edit.geometry',
    (document) => setLengthDoubt(document, props.body.id, name, value),
    `doubt ${props.body.id} ${name}`,
  );
</script>

<template>
  <details v-if="doubtful.length > 0" class="fold">
    <summary>{{ t('app.geometry.doubt.title') }}</summary>
    <p class="soft hint">{{ t('app.geometry.doubt.hint') }}</p>
    <div class="fields">
      <QuantityField
        v-for="one in doubtful"
        :key="one.name"
        :label="t('app.geometry.doubt.of', { length: t(`app.geometry.${one.name}`) })"
        field="lengthPlusMinus"
        :value="one.value"
        @change="(value) => doubt(one.name, value)"
      />
    </div>
  </details>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px;
  align-items: end;
  margin-top: 6px;
}
.hint {
  margin: 4px 0;
  font-size: 13px;
}
</style>

<script setup lang="ts">
import { listedOn, listedOnBall, saidOf, type Body, type RigView, wholePlate } from '@wagonomos/core';
import { sayOf } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWorkspace } from '../stores/workspace.ts';
import QuantityField from './QuantityField.vue';

/** What an owner knows of a body as a whole, as it is loaded: its mass, and of a trailer what rests on the coupling. */
const props = defineProps<{ view: RigView; body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const said = computed(() => saidOf(props.view, props.body));
type Patch = Parameters<typeof sayOf>[3];
const say = (patch: Patch) =>
  workspace.edit('app.edit.said', (document) =>
    sayOf(document, props.view.loadout.id, props.body.id, patch, {
      total: listedOn(props.view, props.body),
      ball: listedOnBall(props.view, props.body),
    }),
  );
const percent = (share: number | undefined) => (share === undefined ? undefined : share * 100);
const asShare = (value: number | undefined) => (value === undefined ? undefined : value / 100);
/** One or the other: what is typed last counts. */
const sayBall = (ballLoad: number | undefined) =>
  say({ ballLoad, ballShare: undefined, ballSharePlusMinus: undefined });
const sayShare = (value: number | undefined) =>
  say({ ballShare: asShare(value), ballLoad: undefined, ballLoadPlusMinus: undefined });
</script>

<template>
  <div class="said" role="group" :aria-label="t('app.said.of', { body: body.name })">
    <QuantityField
      :label="t(body.kind === 'trailer' ? 'app.said.total' : 'app.said.totalAlone')"
      field="mass"
      :value="said?.total"
      :plated="wholePlate(body)"
      @change="(total) => say({ total, ...(total === undefined ? { totalPlusMinus: undefined } : {}) })"
    />
    <QuantityField
      v-if="said?.total !== undefined"
      :label="t('app.said.plusMinus')"
      field="plusMinus"
      :value="said.totalPlusMinus"
      @change="(totalPlusMinus) => say({ totalPlusMinus })"
    />
    <template v-if="body.kind === 'trailer'">
      <QuantityField :label="t('app.said.ball')" field="mass" :value="said?.ballLoad" @change="sayBall" />
      <QuantityField
        v-if="said?.ballLoad !== undefined"
        :label="t('app.said.plusMinus')"
        field="plusMinus"
        :value="said.ballLoadPlusMinus"
        @change="(ballLoadPlusMinus) => say({ ballLoadPlusMinus })"
      />
      <QuantityField
        v-if="said?.ballLoad === undefined"
        :label="t('app.said.share')"
        field="share"
        :value="percent(said?.ballShare)"
        @change="sayShare"
      />
      <QuantityField
        v-if="said?.ballShare !== undefined"
        :label="t('app.said.plusMinus')"
        field="share"
        :value="percent(said.ballSharePlusMinus)"
        @change="(value) => say({ ballSharePlusMinus: asShare(value) })"
      />
    </template>
  </div>
</template>

<style scoped>
.said {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px;
  align-items: end;
  margin: 6px 0;
}
</style>

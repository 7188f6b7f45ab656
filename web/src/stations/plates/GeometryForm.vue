<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { setCamperPosition, setGeometry } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../shared/QuantityField.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** The lengths the arithmetic and the drawing need. What is unknown stays unknown. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();

const vehicleLengths = [
  'wheelbase',
  'couplingOverhang',
  'pinOverhang',
  'frontOverhang',
  'rearOverhang',
  'height',
  'width',
  'frontTrack',
  'rearTrack',
] as const;
const trailerLengths = [
  'axlePosition',
  'drawbarLength',
  'bodyLength',
  'axleSpread',
  'jockeyPosition',
  'height',
  'width',
  'track',
] as const;
const camperLengths = ['floorLength', 'overCab', 'height', 'width'] as const;
type Length = (typeof vehicleLengths)[number] | (typeof trailerLengths)[number] | (typeof camperLengths)[number];
const byKind: Readonly<Record<Body['kind'], readonly Length[]>> = {
  vehicle: vehicleLengths,
  trailer: trailerLengths,
  camper: camperLengths,
};

const rows = computed(() => {
  // The pin is asked for where there is one, the ball where there is not.
  const unused: Length = rig.view?.trailer?.coupling === 'fifthWheel' ? 'couplingOverhang' : 'pinOverhang';
  const lengths = byKind[props.body.kind].filter((name) => name !== unused);
  const known = props.body.geometry as Partial<Record<Length, number>>;
  return lengths.map((name) => ({ name, value: known[name] }));
});
const tag = computed(() => (props.body.kind === 'vehicle' ? props.body.geometry.tagAxle : undefined));

const change = (patch: Parameters<typeof setGeometry>[2], merge?: string) =>
  workspace.edit('app.edit.geometry', (document) => setGeometry(document, props.body.id, patch), merge);
const moveCamper = (x: number | undefined) =>
  workspace.edit(
    'app.edit.geometry',
    (document) => setCamperPosition(document, rig.view?.rig.id ?? '', x),
    `camper ${props.body.id}`,
  );
const usualTag = { offset: 0.8, driveShare: 0.6 };
</script>

<template>
  <section class="geometry" :aria-label="t('app.geometry.title')">
    <h3>{{ t('app.geometry.title') }}</h3>
    <div class="fields">
      <QuantityField
        v-for="row in rows"
        :key="row.name"
        :label="t(`app.geometry.${row.name}`)"
        :field="row.name === 'couplingOverhang' || row.name === 'pinOverhang' ? 'overhang' : 'length'"
        :value="row.value"
        @change="(value) => change({ [row.name]: value }, `geometry ${body.id} ${row.name}`)"
      />
      <QuantityField
        v-if="body.kind === 'camper'"
        :label="t('app.geometry.camperX')"
        field="position"
        :value="rig.view?.rig.camper?.x"
        @change="moveCamper"
      />
      <label v-if="body.kind === 'trailer'" class="axles">
        {{ t('app.geometry.axles') }}
        <el-select
          :model-value="body.geometry.axles"
          :aria-label="t('app.geometry.axles')"
          @change="change({ axles: $event })"
        >
          <el-option v-for="n in 3" :key="n" :value="n" :label="t(`app.axles.${n}`)" />
        </el-select>
      </label>
    </div>
    <template v-if="body.kind === 'vehicle'">
      <el-checkbox :model-value="tag !== undefined" @change="change({ tagAxle: $event ? usualTag : undefined })">
        {{ t('app.geometry.tagAxle') }}
      </el-checkbox>
      <div v-if="tag" class="fields">
        <QuantityField
          :label="t('app.geometry.tagOffset')"
          field="length"
          :value="tag.offset"
          @change="(value) => value && change({ tagAxle: { ...tag, offset: value } as typeof tag }, 'tag offset')"
        />
        <QuantityField
          :label="t('app.geometry.driveShare')"
          field="share"
          :value="tag.driveShare * 100"
          @change="
            (value) =>
              value &&
              value < 100 &&
              change({ tagAxle: { ...tag, driveShare: value / 100 } as typeof tag }, 'tag share')
          "
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.geometry {
  margin-top: 14px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px;
  align-items: end;
  margin-top: 6px;
}
.axles {
  color: var(--soft);
  font-size: 13px;
}
</style>

<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { setCamperPosition } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import TypicalSwitch from '../../shared/TypicalSwitch.vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { knownLength, neededLengths, type Length } from './lengths.ts';
import { useLengths } from './useLengths.ts';

/** The lengths that loads and the drawing are reckoned from. What is unknown stays unknown. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();

const rows = computed(() => {
  // The pin is asked for where there is one, the ball where there is not.
  const unused: Length = rig.view?.trailer?.coupling === 'fifthWheel' ? 'couplingOverhang' : 'pinOverhang';
  return neededLengths[props.body.kind]
    .filter((name) => name !== unused)
    .map((name) => ({ name, value: knownLength(props.body, name) }));
});
const tag = computed(() => (props.body.kind === 'vehicle' ? props.body.geometry.tagAxle : undefined));

const { change } = useLengths(() => props.body.id);
const moveCamper = (x: number | undefined) =>
  workspace.edit(
    'app.edit.geometry',
    (document) => setCamperPosition(document, rig.view?.rig.id ?? '', x),
    `camper ${props.body.id}`,
  );
/** What springs tell of their stiffness: so much more on them presses them down so far. */
const settling = computed(() => (props.body.kind === 'trailer' ? props.body.geometry.settling : undefined));
/** Each half as it was measured: the other stays unknown until somebody has. */
const settle = (patch: { mass?: number | undefined; by?: number | undefined }) => {
  const both = { ...settling.value, ...patch };
  const known = Object.fromEntries(Object.entries(both).filter(([, value]) => value !== undefined));
  change({ settling: Object.keys(known).length > 0 ? known : undefined }, 'settling');
};
const equal = ['unknown', 'yes', 'no'] as const;
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
        @change="(value) => change({ [row.name]: value }, row.name)"
      />
      <QuantityField
        v-if="body.kind === 'camper'"
        :label="t('app.geometry.camperX')"
        field="position"
        :value="rig.view?.rig.camper?.x"
        @change="moveCamper"
      />
      <ChoiceField
        v-if="body.kind === 'trailer'"
        :label="t('app.geometry.axles')"
        :value="body.geometry.axles"
        :options="([1, 2, 3] as const).map((value) => ({ value, label: t(`app.axles.${value}`) }))"
        @change="(axles) => change({ axles })"
      />
      <template v-if="body.kind === 'trailer' && body.geometry.axles > 1">
        <ChoiceField
          :label="t('app.geometry.equalises')"
          :value="body.geometry.equalises ?? 'unknown'"
          :options="equal.map((value) => ({ value, label: t(`app.geometry.equal.${value}`) }))"
          @change="(said) => change({ equalises: said === 'unknown' ? undefined : said })"
        />
        <template v-if="body.geometry.equalises === 'no'">
          <QuantityField
            :label="t('app.geometry.settlingMass')"
            field="mass"
            :value="settling?.mass"
            @change="(mass) => settle({ mass })"
          />
          <QuantityField
            :label="t('app.geometry.settlingBy')"
            field="length"
            :value="settling?.by"
            @change="(by) => settle({ by })"
          />
        </template>
      </template>
    </div>
    <TypicalSwitch v-if="body.kind !== 'camper'" :body="body.id" />
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
</style>

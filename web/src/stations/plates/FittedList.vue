<script setup lang="ts">
import { displayMass, fittedNet, seatsIn, type Body, type Seat } from '@wagonomos/core';
import { addPart, changePart, removePart } from '@wagonomos/core/edits';
import { Armchair, Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import NameField from '../../fields/NameField.vue';
import DayField from '../../fields/DayField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** What was fitted since, and what came off for it, each at its own place; and whether the empty figure knows of it. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();
type Part = Body['fitted'][number];
const answers = ['yes', 'no', 'unknown'] as const;
const sides = ['on', 'off'] as const;

const add = () =>
  workspace.edit('app.edit.fitted', (document) =>
    addPart(document, props.body.id, 'fitted', {
      id: newId(),
      name: t('app.fitted.newName'),
      on: { mass: 0 },
      inEmptyMass: 'no',
    }),
  );
const change = (part: Part, patch: Partial<Part>) =>
  workspace.edit(
    'app.edit.fitted',
    (document) => changePart(document, props.body.id, 'fitted', part.id, patch),
    `fitted ${props.body.id} ${part.id} ${Object.keys(patch).join()}`,
  );
const setMass = (part: Part, side: 'on' | 'off', mass: number | undefined) => {
  const other = side === 'on' ? part.off : part.on;
  if (mass === undefined && !other) return;
  change(part, { [side]: mass === undefined ? undefined : { ...part[side], mass } });
};
/** A distance wiped away is not known any more. */
const setAt = (part: Part, side: 'on' | 'off', axis: 'x' | 'y', value: number | undefined) => {
  const now = part[side];
  if (!now) return;
  const known = Object.entries({ ...now, [axis]: value }).filter(([, one]) => one !== undefined);
  change(part, { [side]: { mass: now.mass, ...Object.fromEntries(known) } });
};
/** Net of everything that is not in the empty figure; half of what nobody is sure of. */
const net = computed(() => written(displayMass(fittedNet(props.body), settings.massUnit, 'nearest'), 0));
/** Seats that can be taken out: those that are in, the driver's excepted. */
const free = computed(() => (props.body.kind === 'vehicle' ? seatsIn(props.body).filter((seat) => !seat.driver) : []));
const takeSeatOut = (seat: Seat) =>
  workspace.edit('app.edit.fitted', (document) =>
    addPart(document, props.body.id, 'fitted', {
      id: newId(),
      name: t('app.fitted.seatName', { seat: seat.name }).slice(0, 80),
      off: { mass: 0, ...(seat.x === undefined ? {} : { x: seat.x }), ...(seat.y === undefined ? {} : { y: seat.y }) },
      seat: seat.id,
      inEmptyMass: 'no',
    }),
  );
const remove = (part: Part) =>
  workspace.edit('app.edit.fitted', (document) => removePart(document, props.body.id, 'fitted', part.id));
</script>

<template>
  <details class="fold">
    <summary>{{ t('app.fitted.title', { count: body.fitted.length }, body.fitted.length) }}</summary>
    <p class="soft">{{ t('app.fitted.hint') }}</p>
    <div v-for="part in body.fitted" :key="part.id" class="part" role="group" :aria-label="part.name">
      <div class="section-head">
        <NameField :name="part.name" :label="t('app.fitted.name')" @change="(name) => change(part, { name })" />
        <button
          type="button"
          class="icon-button"
          :aria-label="t('app.fitted.remove', { name: part.name })"
          @click="remove(part)"
        >
          <Trash2 :size="15" />
        </button>
      </div>
      <div class="fields">
        <template v-for="side in sides" :key="side">
          <QuantityField
            :label="t(`app.fitted.${side}`)"
            field="mass"
            :value="part[side]?.mass"
            @change="(mass) => setMass(part, side, mass)"
          />
          <QuantityField
            v-if="part[side]"
            :label="t('app.fitted.at')"
            field="position"
            :value="part[side]?.x"
            @change="(x) => setAt(part, side, 'x', x)"
          />
        </template>
        <label>
          {{ t('app.fitted.inEmpty') }}
          <el-select
            :persistent="false"
            :model-value="part.inEmptyMass"
            :aria-label="t('app.fitted.inEmptyOf', { name: part.name })"
            @change="change(part, { inEmptyMass: $event })"
          >
            <el-option v-for="one in answers" :key="one" :value="one" :label="t(`app.yesNo.${one}`)" />
          </el-select>
        </label>
        <template v-for="side in sides" :key="`across ${side}`">
          <QuantityField
            v-if="part[side]"
            :label="t(`app.fitted.across.${side}`)"
            field="lateral"
            :value="part[side]?.y"
            @change="(y) => setAt(part, side, 'y', y)"
          />
        </template>
        <label>
          {{ t('app.fitted.date') }}
          <DayField
            :value="part.date"
            :label="t('app.fitted.dateOf', { name: part.name })"
            @change="(date) => change(part, { date })"
          />
        </label>
      </div>
      <p v-if="part.seat" class="caution">{{ t('app.fitted.seatCaution') }}</p>
    </div>
    <p v-if="body.fitted.length > 0" class="num sum">
      {{ t('app.fitted.sum', { mass: net, unit: settings.massUnit }) }}
    </p>
    <el-dropdown v-if="free.length > 0" :persistent="false" trigger="click" @command="takeSeatOut">
      <button type="button" class="quiet-button"><Armchair :size="15" />{{ t('app.fitted.seatOut') }}</button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="seat in free" :key="seat.id" :command="seat">{{ seat.name }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.fitted.add') }}</button>
  </details>
</template>

<style scoped>
.soft,
label {
  color: var(--soft);
  font-size: 13px;
}
.caution {
  margin: 4px 0 0;
  color: var(--tight);
  font-size: 14px;
}
.sum {
  margin: 6px 0 0;
}
.fields :deep(.el-date-editor) {
  width: 100%;
}
.part {
  padding: 4px 0 8px;
  border-bottom: 1px dotted var(--line);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 8px 10px;
  align-items: end;
}
.quiet-button {
  margin: 8px 8px 0 0;
}
</style>

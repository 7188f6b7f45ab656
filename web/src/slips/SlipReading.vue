<script setup lang="ts">
import { displayMass, type RigView } from '@wagonomos/core';
import { changeReading, removeReading } from '@wagonomos/core/edits';
import { isOfBall, standOf, stands, type Reading, type Stand, type TicketAssessment } from '@wagonomos/core/weighing';
import { SlidersHorizontal, Trash2 } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../fields/QuantityField.vue';
import TextLine from '../fields/TextLine.vue';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** One number of a slip: what stood on the plate, what it showed; folded away, on which side and on which other scale. */
const props = defineProps<{
  view: RigView;
  slip: string;
  one: TicketAssessment['readings'][number];
  /** Who was on board at the weighing; left out: as in the rig in hand. */
  crew?: RigView['loadout']['crew'] | undefined;
}>();
const { t } = useI18n();
const settings = useSettings();
const workspace = useWorkspace();
const ways = computed(() => stands(props.view));
const reading = computed(() => props.one.reading);
const bars = computed(() => props.view.rig.hitch?.distribution !== undefined || reading.value.bars);
const more = ref(false);
const told = computed(() => {
  const { side, scale, without } = reading.value;
  return side !== undefined || scale !== undefined || without !== undefined;
});
const sides = ['both', 'left', 'right'] as const;
/** Who was on board that day, and may have got out for this reading. */
const people = computed(() => props.crew ?? props.view.loadout.crew);
const away = (id: string, out: boolean) => {
  const others = (reading.value.without ?? []).filter((one) => one !== id);
  const without = out ? [...others, id] : others;
  change({ without: without.length > 0 ? without : undefined });
};

const change = (patch: Parameters<typeof changeReading>[3], merge?: string) =>
  workspace.edit('app.edit.ticket', (document) => changeReading(document, props.slip, reading.value.id, patch), merge);
const stood = ({ state, support, on }: Stand): Parameters<typeof changeReading>[3] => ({ state, on, support });
const standOn = (key: string) => {
  const way = ways.value.find((one) => one.key === key);
  if (way) change(stood(way));
};
const setSide = (side: unknown) => change({ side: side === 'left' || side === 'right' ? side : undefined });
const remove = () =>
  workspace.edit('app.edit.ticket', (document) => removeReading(document, props.slip, reading.value.id));
const asSide = (side: Reading['side']) => side ?? 'both';
/** Where a reading and the others cannot both be right. */
const doubt = computed((): string => {
  const { residual, suspect } = props.one;
  return suspect && residual !== null
    ? t(residual > 0 ? 'app.slip.tooMuch' : 'app.slip.tooLittle', {
        amount: written(displayMass(Math.abs(residual), settings.massUnit, 'nearest'), 0),
        unit: settings.massUnit,
      })
    : '';
});
</script>

<template>
  <li class="reading" data-test="reading">
    <el-select
      :persistent="false"
      class="way"
      :model-value="standOf(reading) ?? ''"
      :aria-label="t('app.slip.stood')"
      @change="standOn"
    >
      <el-option v-for="way in ways" :key="way.key" :value="way.key" :label="t(`way.${way.key}`)" />
    </el-select>
    <QuantityField
      quiet
      :label="t('app.slip.shown')"
      field="mass"
      :value="reading.value === 0 ? undefined : reading.value"
      :plated="isOfBall(reading) ? undefined : null"
      @change="(value) => change({ value: value ?? 0 }, `reading ${reading.id}`)"
    />
    <button
      type="button"
      class="icon-button small"
      :class="{ told }"
      :aria-label="t('app.slip.more')"
      :title="t('app.slip.more')"
      :aria-expanded="more || told"
      @click="more = !more"
    >
      <SlidersHorizontal :size="15" />
    </button>
    <button type="button" class="icon-button small" :aria-label="t('app.slip.remove')" @click="remove">
      <Trash2 :size="15" />
    </button>
    <div v-if="more || told" class="more">
      <el-radio-group
        size="small"
        :model-value="asSide(reading.side)"
        :aria-label="t('app.slip.side.title')"
        @change="setSide"
      >
        <el-radio-button v-for="side in sides" :key="side" :value="side">{{
          t(`app.slip.side.${side}`)
        }}</el-radio-button>
      </el-radio-group>
      <TextLine
        bare
        class="other"
        :label="t('app.slip.otherScale')"
        :value="reading.scale"
        :most="80"
        @change="(scale) => change({ scale })"
      />
      <div v-if="people.length > 0" class="away" role="group" :aria-label="t('app.slip.away')">
        <span>{{ t('app.slip.away') }}</span>
        <el-checkbox
          v-for="person in people"
          :key="person.id"
          :model-value="reading.without?.includes(person.id) === true"
          @change="away(person.id, $event === true)"
        >
          {{ person.name }}
        </el-checkbox>
      </div>
    </div>
    <el-checkbox
      v-if="bars && reading.state === 'coupled'"
      class="wide"
      :model-value="reading.bars ?? false"
      @change="change({ bars: $event === true ? true : undefined })"
    >
      {{ t('app.slip.bars') }}
    </el-checkbox>
    <p v-if="doubt" class="doubt wide">{{ doubt }}</p>
  </li>
</template>

<style scoped>
.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 112px 34px 34px;
  gap: 2px 8px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
}
.wide,
.more {
  grid-column: 1 / -1;
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
}
.other {
  width: 190px;
}
.away {
  display: flex;
  flex-wrap: wrap;
  flex-basis: 100%;
  gap: 0 12px;
  align-items: center;
}
.told {
  color: var(--pen);
}
.doubt {
  margin: 0;
  color: var(--over);
  font-weight: 600;
}
@media (width <= 720px) {
  .reading {
    grid-template-columns: minmax(0, 1fr) 34px 34px;
  }
  .way {
    grid-column: 1 / -1;
  }
}
</style>

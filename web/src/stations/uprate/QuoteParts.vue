<script setup lang="ts">
import type { GearAxle, RigView } from '@wagonomos/core';
import type { Quote } from '@wagonomos/core/uprating';
import { Plus, Trash2 } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import CodeField from '../../fields/CodeField.vue';

/** What comes onto the vehicle: new tyres, wheels and springs of an axle, and what the whole weighs and where. */
const props = defineProps<{ quote: Quote; view: RigView }>();
const emit = defineEmits<{ change: [patch: { gear?: Quote['gear'] | undefined; adds?: Quote['adds'] }] }>();
const { t } = useI18n();
const axles = computed<readonly GearAxle[]>(() =>
  props.quote.of === 'trailer'
    ? ['trailer']
    : props.view.vehicle?.geometry.tagAxle
      ? ['front', 'rear', 'tag']
      : ['front', 'rear'],
);
type Gear = NonNullable<Quote['gear']>[number];
const gearOf = (axle: GearAxle): Gear => props.quote.gear?.find((one) => one.axle === axle) ?? { axle };
const setGear = (axle: GearAxle, patch: { [Key in keyof Gear]?: Gear[Key] | undefined }) => {
  const next = Object.entries({ ...gearOf(axle), ...patch }).filter(([, value]) => value !== undefined);
  const others = (props.quote.gear ?? []).filter((one) => one.axle !== axle);
  const gear = next.length > 1 ? [...others, Object.fromEntries(next) as Gear] : others;
  emit('change', { gear: gear.length > 0 ? gear : undefined });
};
const setAdd = (at: number, mass: number, x: number | undefined) =>
  emit('change', { adds: props.quote.adds.with(at, x === undefined ? { mass } : { mass, x }) });
</script>

<template>
  <fieldset>
    <legend>{{ t('app.uprate.changesGear') }}</legend>
    <div v-for="axle in axles" :key="axle" class="fields">
      <span>{{ t(`gearAxle.${axle}`) }}</span>
      <CodeField
        :label="t('app.quote.index')"
        :value="gearOf(axle).loadIndex"
        :pattern="/^\d{1,3}(\/\d{1,3})?$/"
        :problem="t('app.gear.bad.loadIndex')"
        @change="(loadIndex) => setGear(axle, { loadIndex })"
      />
      <QuantityField
        :label="t('app.quote.wheel')"
        field="mass"
        :value="gearOf(axle).wheelRating"
        @change="(wheelRating) => setGear(axle, { wheelRating })"
      />
      <QuantityField
        :label="t('app.quote.spring')"
        field="mass"
        :value="gearOf(axle).springRating"
        @change="(springRating) => setGear(axle, { springRating })"
      />
    </div>
    <p class="head">{{ t('app.uprate.weighs') }}</p>
    <div v-for="(one, at) in quote.adds" :key="at" class="fields">
      <QuantityField
        :label="t('app.quote.mass')"
        field="mass"
        :value="one.mass"
        @change="(mass) => setAdd(at, mass ?? 0, one.x)"
      />
      <QuantityField
        :label="t('app.quote.where')"
        field="position"
        :value="one.x"
        @change="(x) => setAdd(at, one.mass, x)"
      />
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.quote.dropMass', { number: at + 1 })"
        @click="emit('change', { adds: quote.adds.toSpliced(at, 1) })"
      >
        <Trash2 :size="15" />
      </button>
    </div>
    <button type="button" class="quiet-button" @click="emit('change', { adds: [...quote.adds, { mass: 0 }] })">
      <Plus :size="15" />{{ t('app.quote.addMass') }}
    </button>
  </fieldset>
</template>

<style scoped src="./quote.css"></style>
<style scoped>
.fields {
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  align-items: end;
}
</style>

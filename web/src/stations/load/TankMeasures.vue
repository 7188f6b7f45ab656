<script setup lang="ts">
import type { Tank } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import QuantityField from '../../fields/QuantityField.vue';

/** Size, contents and place of one tank. */
const props = defineProps<{ tank: Tank }>();
const emit = defineEmits<{ change: [patch: Partial<Tank>]; remove: [] }>();
const { t } = useI18n();

/** kg/L of what is sold as each fuel, mid-range. */
const fuels = { petrol: 0.745, diesel: 0.84, autogas: 0.54 } as const;
const fuelNames = ['petrol', 'diesel', 'autogas'] as const;
const fuel = computed(() => fuelNames.find((name) => fuels[name] === props.tank.densityKgPerL));
</script>

<template>
  <div class="measures">
    <QuantityField
      v-if="tank.kind === 'gas'"
      :label="t('app.tanks.contents')"
      field="mass"
      :value="tank.contents"
      @change="(contents) => emit('change', { contents })"
    />
    <QuantityField
      v-else
      :label="t('app.tanks.capacity')"
      field="litres"
      :value="tank.capacityL"
      @change="(capacityL) => emit('change', { capacityL })"
    />
    <ChoiceField
      v-if="tank.kind === 'fuel'"
      :label="t('app.tanks.fuel')"
      :value="fuel"
      :placeholder="t('app.tanks.chooseFuel')"
      :options="fuelNames.map((value) => ({ value, label: t(`app.tanks.fuels.${value}`, { density: fuels[value] }) }))"
      @change="(name) => emit('change', { densityKgPerL: fuels[name] })"
    />
    <QuantityField
      :label="t('app.tanks.vesselMass')"
      field="mass"
      :value="tank.vesselMass"
      @change="(vesselMass) => emit('change', { vesselMass })"
    />
    <QuantityField :label="t('app.tanks.x')" field="position" :value="tank.x" @change="(x) => emit('change', { x })" />
    <QuantityField
      v-if="tank.x !== undefined"
      :label="t('app.tanks.xPlusMinus')"
      field="lengthPlusMinus"
      :value="tank.xPlusMinus"
      @change="(xPlusMinus) => emit('change', { xPlusMinus })"
    />
    <button type="button" class="quiet-button" @click="emit('remove')">{{ t('app.tanks.remove') }}</button>
  </div>
</template>

<style scoped>
.measures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(118px, 1fr));
  gap: 8px;
  align-items: end;
  padding: 6px 0 10px;
}
</style>

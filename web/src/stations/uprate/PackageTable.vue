<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { judgePackages, taxComes, type JudgedPackage, type UpratePackage } from '@wagonomos/core/uprating';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { leastWord } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import PackageRecord from './PackageRecord.vue';
import { useBench } from './useBench.ts';

/** Packages on this rig: nominal beside usable, what binds next, what a usable kilogram costs, which marks are passed. */
const props = defineProps<{
  name: string;
  view: RigView;
  assessment: PlannedAssessment;
  offers: readonly UpratePackage[];
}>();
const emit = defineEmits<{ edit: [one: UpratePackage]; copy: [one: UpratePackage] }>();
const { t } = useI18n();
const { say } = useSpeech();
const { chosen, take, kg, excess, money, unit } = useBench();
const judged = computed(() => judgePackages(props.view, props.assessment, props.offers));
/** What is about nothing this rig has; the owner's own quotes stay to be opened. */
const others = computed(() => props.offers.filter((one) => !judged.value.some((other) => other.package.id === one.id)));
const open = ref<string | null>(null);

const binds = ({ gain }: JudgedPackage) => gain.after.binding.map(({ name }) => say(name)).join(', ');
const because = (one: JudgedPackage): string => {
  const { gain } = one;
  if (gain.after.kind === 'over') {
    const said = { deficit: excess(gain.after.deficit), unit: unit.value, limit: binds(one) };
    const least = leastWord(...gain.after.binding);
    return t(gain.before.kind === 'over' ? `app.uprate.stillOver${least}` : `app.uprate.nowOver${least}`, said);
  }
  if (gain.usable === null) {
    const { open, tightest } = gain;
    if (tightest?.margin === null || tightest === null) return t('app.uprate.noEnd');
    const left = { limit: say(tightest.name), left: kg(tightest.margin), unit: unit.value };
    return t(open === 'noPattern' ? 'app.uprate.noPatternThen' : 'app.uprate.noEndThen', left);
  }
  if (gain.usable < -0.5) return t('app.uprate.costsCapacity', { own: kg(one.own), unit: unit.value });
  if (one.costPerKg === null) {
    return gain.usable > 0.5
      ? t('app.uprate.next', { limit: binds(one) })
      : t('app.uprate.gainsNothing', { limit: binds(one) });
  }
  return t('app.uprate.next', { limit: binds(one) });
};
const passed = ({ crossed }: JudgedPackage): string => {
  const marks = [...new Set([...crossed.up, ...crossed.down])].sort((a, b) => a - b);
  return marks.length === 0 ? '' : t('app.uprate.passes', { mark: marks.map(kg).join(', '), unit: unit.value });
};
const cost = ({ package: one, cost: sum }: JudgedPackage) => {
  const said = money(sum, one.currency);
  return taxComes(one) ? t('app.uprate.plusTax', { money: said }) : said;
};
</script>

<template>
  <table :data-test="name">
    <thead>
      <tr>
        <th scope="col">{{ t('app.uprate.package') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.onPaper') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.usable') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.cost') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.perKg', { unit }) }}</th>
      </tr>
    </thead>
    <tbody v-for="one in judged" :key="one.package.id">
      <tr :class="{ nothing: (one.gain.usable ?? 1) < 0.5 }">
        <th scope="row">
          <el-checkbox
            :model-value="chosen.some(({ id }) => id === one.package.id)"
            :aria-label="t('app.uprate.putOn', { name: one.package.name })"
            @change="take(one.package, $event === true)"
          >
            {{ one.package.name }}
          </el-checkbox>
          <small>{{ because(one) }}</small>
          <small v-if="one.own > 0">{{ t('app.uprate.eats', { own: kg(one.own), unit }) }}</small>
          <small v-if="one.byWeight > 0.5">{{ t('app.uprate.byWeight', { mass: kg(one.byWeight), unit }) }}</small>
          <small v-if="passed(one)" class="mark">{{ passed(one) }}</small>
          <button
            type="button"
            class="text-button more alone"
            :aria-expanded="open === one.package.id"
            @click="open = open === one.package.id ? null : one.package.id"
          >
            {{ t('app.uprate.record') }}
          </button>
        </th>
        <td class="num">{{ kg(one.nominal) }}</td>
        <td class="num">
          <b>{{ one.gain.usable === null ? '–' : kg(one.gain.usable) }}</b>
        </td>
        <td class="num">{{ cost(one) }}</td>
        <td class="num">{{ one.costPerKg === null ? '–' : money(one.costPerKg, one.package.currency) }}</td>
      </tr>
      <tr v-if="open === one.package.id">
        <td colspan="5">
          <PackageRecord :view="view" :one="one.package" />
          <p class="acts">
            <el-button v-if="name === 'quotes'" size="small" @click="emit('edit', one.package)">
              {{ t('app.quote.change') }}
            </el-button>
            <el-button size="small" @click="emit('copy', one.package)">{{ t('app.quote.copy') }}</el-button>
          </p>
        </td>
      </tr>
    </tbody>
  </table>
  <p v-for="one in name === 'quotes' ? others : []" :key="one.id" class="soft">
    {{ t('app.quote.noConcern', { name: one.name }) }}
    <el-button size="small" @click="emit('edit', one)">{{ t('app.quote.change') }}</el-button>
  </p>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
tbody th {
  padding: 5px 0;
}
tbody th :deep(.el-checkbox) {
  height: auto;
  white-space: normal;
}
td {
  padding-top: 5px;
  white-space: nowrap;
}
td[colspan] {
  white-space: normal;
}
td b {
  font-size: 18px;
}
small {
  display: block;
  color: var(--soft);
}
.mark {
  color: var(--tight);
}
.nothing td b {
  color: var(--over);
}
.acts {
  margin: 6px 0 8px;
}
</style>

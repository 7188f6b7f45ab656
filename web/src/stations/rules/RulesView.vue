<script setup lang="ts">
import { type CheckKind, type Confidence, type Jurisdiction } from '@wagonomos/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import DayField from '../../fields/DayField.vue';
import PlaceChoice from '../../fields/PlaceChoice.vue';
import { useRig } from '../../stores/rig.ts';
import { useToday } from '../../stores/today.ts';
import PlaceRules from './PlaceRules.vue';
import RigRules from './RigRules.vue';
import RuleChanges from './RuleChanges.vue';

/** The rules: those asked of this rig, those of any place on any day, and what is otherwise between two of them. */
const { t } = useI18n();
const today = useToday();
const rig = useRig();
const ways = ['rig', 'place', 'changes'] as const;
const way = ref<(typeof ways)[number]>('rig');
const kinds = ['legal', 'maker', 'guidance', 'permit'] as const satisfies readonly CheckKind[];
const confidences = ['high', 'medium', 'low'] as const;
const kind = ref<CheckKind | ''>('');
const confidence = ref<Confidence | ''>('');
/** What is no rule has no kind, and is shown until one is asked for. */
const shows = (one: { readonly kind: string | null; readonly confidence: Confidence }) =>
  (kind.value === '' || one.kind === kind.value) && (confidence.value === '' || one.confidence === confidence.value);

const home = computed<Jurisdiction>(() => {
  const { view } = rig;
  if (!view) return { country: 'GB' };
  return view.vehicle ? view.situation.vehicle : view.situation.trailer;
});
const day = computed(() => rig.view?.situation.date ?? today.day);
/** As chosen here; until then where and when the rig is. */
const chosen = ref<readonly { readonly place?: Jurisdiction; readonly day?: string }[]>([{}, {}]);
const sides = computed(() =>
  chosen.value.map((one) => ({ place: one.place ?? home.value, day: one.day ?? day.value })),
);
const choose = (at: number, patch: { readonly place?: Jurisdiction; readonly day?: string }) => {
  chosen.value = chosen.value.map((one, index) => (index === at ? { ...one, ...patch } : one));
};
const asked = computed(() => sides.value.slice(0, way.value === 'rig' ? 0 : way.value === 'place' ? 1 : 2));
</script>

<template>
  <div class="rules">
    <div class="bar no-print">
      <el-radio-group v-model="way" :aria-label="t('app.rules.ways')">
        <el-radio-button v-for="one in ways" :key="one" :value="one">{{ t(`app.rules.way.${one}`) }}</el-radio-button>
      </el-radio-group>
      <ChoiceField
        class="filter"
        shape="quiet"
        :label="t('app.rules.kind')"
        :value="kind"
        :placeholder="t('app.rules.anyKind')"
        :options="[
          { value: '', label: t('app.rules.anyKind') },
          ...kinds.map((value) => ({ value, label: t(`app.kind.${value}`) })),
        ]"
        @change="(value) => (kind = value)"
      />
      <ChoiceField
        class="filter"
        shape="quiet"
        :label="t('app.rules.confidence')"
        :value="confidence"
        :placeholder="t('app.rules.anyConfidence')"
        :options="[
          { value: '', label: t('app.rules.anyConfidence') },
          ...confidences.map((value) => ({ value, label: t(`app.rules.sureness.${value}`) })),
        ]"
        @change="(value) => (confidence = value)"
      />
    </div>
    <div v-if="asked.length > 0" class="sides no-print">
      <div v-for="(side, at) in asked" :key="at" class="side">
        <PlaceChoice
          :place="side.place"
          :label="t(asked.length === 1 ? 'app.rules.place' : `app.rules.placeOf.${at}`)"
          :input-id="`rules-place-${at}`"
          @change="(place) => choose(at, { place })"
        />
        <DayField
          :value="side.day"
          :label="t(asked.length === 1 ? 'app.rules.day' : `app.rules.dayOf.${at}`)"
          @change="(value) => choose(at, value === undefined ? {} : { day: value })"
        />
      </div>
    </div>
    <RigRules v-if="way === 'rig'" :shows="shows" />
    <PlaceRules v-else-if="way === 'place' && sides[0]" v-bind="sides[0]" :shows="shows" />
    <RuleChanges v-else-if="sides[0] && sides[1]" :one="sides[0]" :other="sides[1]" :shows="shows" />
  </div>
</template>

<style scoped>
.rules {
  padding: 14px 18px 30px;
}
.bar,
.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 10px;
}
.filter {
  flex: 0 1 190px;
}
.sides {
  gap: 8px 34px;
}
.side {
  display: flex;
  flex: 1 1 340px;
  gap: 10px;
}
.side > :first-child {
  flex: 1;
}
.side :deep(.el-date-editor) {
  flex: 0 0 150px;
  width: 150px;
}
@media (width <= 720px) {
  .filter {
    flex: 1 1 150px;
  }
  .bar :deep(.el-radio-button__inner) {
    display: flex;
    align-items: center;
    min-height: 44px;
  }
}
</style>

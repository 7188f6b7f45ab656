<script setup lang="ts">
import { binds, comparesLoad, type Check, type PlannedAssessment } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import '../../shared/figureTable.css';

/** What the moves do to the limits: those that change, the least left first. */
const props = defineProps<{ before: PlannedAssessment; after: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
/** kg: less is no change anybody would look at. */
const seen = 0.5;
const most = 10;
const rows = computed(() => {
  const was = new Map(props.before.checks.map((check) => [check.id, check]));
  return props.after.checks
    .flatMap((now): readonly { before: Check; after: Check }[] => {
      const before = was.get(now.id);
      if (!before || !comparesLoad(now) || !(binds(now) || now.role === 'band')) return [];
      const same = before.status === now.status && Math.abs((before.margin ?? 0) - (now.margin ?? 0)) < seen;
      return same ? [] : [{ before, after: now }];
    })
    .sort((a, b) => least(a) - least(b))
    .slice(0, most);
});
const least = ({ before, after }: { before: Check; after: Check }) =>
  Math.min(before.margin ?? Infinity, after.margin ?? Infinity);
</script>

<template>
  <table v-if="rows.length > 0" class="figure-table" data-test="pack-effects">
    <caption>
      {{
        t('app.pack.effects')
      }}
    </caption>
    <thead>
      <tr>
        <th scope="col">{{ t('app.pack.limit') }}</th>
        <th scope="col">{{ t('app.pack.now') }}</th>
        <th scope="col">{{ t('app.pack.then') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ before: was, after: now } in rows" :key="now.id">
        <th scope="row">{{ say(now.name) }}</th>
        <td><MarginText :check="was" /></td>
        <td><MarginText :check="now" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  margin-top: 10px;
}
caption {
  padding: 4px 0;
  font: 600 16px var(--figures);
  text-align: left;
}
</style>

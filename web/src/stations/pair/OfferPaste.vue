<script setup lang="ts">
import {
  cutTable,
  offerColumns,
  readOffers,
  type OfferColumn,
  type OfferFault,
  type OfferRow,
} from '@wagonomos/core/entry';
import { numberHabit } from '@wagonomos/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaceWords } from '../../words/placeWords.ts';
import { useRefusalWords } from '../../words/useRefusalWords.ts';
import { useDraft } from '../../stores/drafts.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace, type Refusal } from '../../stores/workspace.ts';
import type { OfferKind } from './useBodiesLookedAt.ts';

/** A table of what one looks at, pasted: looked at before anything of it is taken. */
const props = defineProps<{ kind: OfferKind; most: number; take: (rows: readonly OfferRow[]) => Refusal | null }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const { reason } = useRefusalWords();
const settings = useSettings();
const place = usePlaceWords();
const workspace = useWorkspace();
const text = useDraft(() => `offers ${props.kind}`);
const problem = ref<string | null>(null);

const listed = (column: OfferColumn) =>
  t(`app.pair.paste.words.${props.kind}.${column}`)
    .split(',')
    .map((word) => word.trim());
const columns = computed((): readonly OfferColumn[] => offerColumns[props.kind]);
const words = computed(
  () =>
    Object.fromEntries(columns.value.map((column) => [column, listed(column)])) as unknown as Parameters<
      typeof readOffers
    >[2],
);
const read = computed(() =>
  text.value.trim() === ''
    ? null
    : readOffers(cutTable(text.value), props.kind, words.value, settings.massUnit, numberHabit(place.value)),
);
const headings = computed(() => columns.value.map((column) => listed(column)[0] ?? column).join(', '));
const heading = (column: OfferColumn | undefined) => (column ? (listed(column)[0] ?? column) : '');
const faultText = ({ line, code, text: cell, column }: OfferFault) =>
  t('app.table.fault', { line, what: t(`app.pair.paste.faults.${code}`, { text: cell, column: heading(column) }) });
const taken = computed(() => read.value?.offers.slice(0, props.most) ?? []);
const add = () => {
  const refusal = props.take(taken.value);
  const why = reason(refusal);
  problem.value = why === null ? null : `${t('app.refused.title')} ${why}`;
  workspace.dismissRefusal();
  if (refusal) return;
  text.value = '';
  open.value = false;
};
</script>

<template>
  <el-dialog v-model="open" :title="t(`app.pair.paste.title.${kind}`)" width="min(720px, 96vw)">
    <p class="soft">{{ t('app.pair.paste.hint', { headings, unit: settings.massUnit }) }}</p>
    <el-input
      v-model="text"
      type="textarea"
      :rows="6"
      :maxlength="50000"
      :placeholder="t('app.table.paste')"
      :aria-label="t(`app.pair.paste.title.${kind}`)"
      spellcheck="false"
    />
    <template v-if="read">
      <div v-if="read.faults.length > 0" role="alert">
        <ul class="faults">
          <li v-for="(fault, at) in read.faults.slice(0, 12)" :key="at">{{ faultText(fault) }}</li>
        </ul>
      </div>
      <p v-if="read.passedOver.length > 0" class="soft">
        {{ t('app.pair.paste.passedOver', { headings: read.passedOver.join(', ') }) }}
      </p>
      <p v-if="taken.length > 0">
        {{ t('app.pair.paste.found', { names: taken.map(({ name }) => name).join(', ') }) }}
      </p>
      <p v-if="read.offers.length > most" class="soft">{{ t('app.pair.paste.most', { most }) }}</p>
    </template>
    <p v-if="problem" class="faults" role="alert">{{ problem }}</p>
    <template #footer>
      <el-button type="primary" :disabled="taken.length === 0" @click="add">{{ t('app.pair.paste.take') }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.soft {
  color: var(--soft);
  font-size: 14px;
}
.faults {
  margin: 8px 0;
  padding-left: 18px;
  color: var(--over);
}
</style>

<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { addQuote } from '@wagonomos/core/edits';
import type { Quote, UpratePackage } from '@wagonomos/core/uprating';
import { Plus } from '@lucide/vue';
import { ref, toRaw } from 'vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import FullTrailerNote from './FullTrailerNote.vue';
import PackageSearch from './PackageSearch.vue';
import PackageTable from './PackageTable.vue';
import QuoteDialog from './QuoteDialog.vue';
import { useBench } from './useBench.ts';

/** Own quotes and examples side by side, judged on this rig; and all that can be had together. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { quotes, examples, currency } = useBench();
const open = ref<string | null>(null);

/** A quote starts blank, or as a copy of an example to be written over. */
const start = (from?: UpratePackage) => {
  const blank: UpratePackage = {
    id: '',
    name: t('app.quote.newName'),
    kind: 'paper',
    of: props.view.vehicle ? 'vehicle' : 'trailer',
    limits: [{ limit: props.view.vehicle ? 'vehicleMax' : 'trailerMax', by: 0 }],
    adds: [],
    costs: [],
    currency: currency.value,
  };
  const quote: Quote = { ...structuredClone(toRaw(from ?? blank)), id: newId(), rig: props.view.rig.id };
  delete quote.excludes;
  delete quote.regions;
  workspace.edit('app.edit.addQuote', (document) => addQuote(document, quote));
  open.value = quote.id;
};
</script>

<template>
  <div class="bench packages">
    <section>
      <div class="section-head">
        <h2>{{ t('app.quote.title', { count: quotes.length }) }}</h2>
        <button type="button" class="quiet-button" @click="start()"><Plus :size="15" />{{ t('app.quote.add') }}</button>
      </div>
      <p v-if="quotes.length === 0" class="soft">{{ t('app.quote.none') }}</p>
      <PackageTable
        v-else
        name="quotes"
        :view="view"
        :assessment="assessment"
        :offers="quotes"
        @edit="(one) => (open = one.id)"
        @copy="start"
      />
      <h2>{{ t('app.uprate.packages') }}</h2>
      <p class="caution">{{ t('app.uprate.examplesOnly') }}</p>
      <PackageTable name="packages" :view="view" :assessment="assessment" :offers="examples" @copy="start" />
    </section>
    <section>
      <h2>{{ t('app.uprate.combinations') }}</h2>
      <PackageSearch :view="view" />
      <FullTrailerNote :view="view" :assessment="assessment" />
    </section>
    <QuoteDialog v-if="open !== null" :id="open" :view="view" @close="open = null" />
  </div>
</template>

<style scoped>
.packages {
  grid-template-columns: minmax(0, 1.25fr) minmax(320px, 0.9fr);
}
h2:not(:first-child) {
  margin-top: 20px;
}
.caution {
  margin: 4px 0 8px;
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
}
@media (width <= 1000px) {
  .packages {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

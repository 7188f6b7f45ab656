<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { removeQuote, setQuote } from '@wagonomos/core/edits';
import { packageKinds, packageRoutes, type Quote } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import ChoicesField from '../../fields/ChoicesField.vue';
import CodeField from '../../fields/CodeField.vue';
import DayField from '../../fields/DayField.vue';
import TextLine from '../../fields/TextLine.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import QuoteCosts from './QuoteCosts.vue';
import QuoteLimits from './QuoteLimits.vue';
import QuoteParts from './QuoteParts.vue';
import { useOffers } from '../../shared/useOffers.ts';

/** What somebody offered, written down: every field of the record can be changed. */
const props = defineProps<{ id: string; view: RigView }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { all } = useOffers(() => props.view);
const quote = computed(() => workspace.document?.quotes.find((one) => one.id === props.id));
const others = computed(() => all.value.filter((one) => one.id !== props.id));
const bodies = computed(() => (['vehicle', 'trailer'] as const).filter((of) => props.view[of] !== undefined));

/** A field given as undefined is taken away. */
const change = (patch: { [Key in keyof Quote]?: Quote[Key] | undefined }, merge?: string) => {
  const { value } = quote;
  if (!value) return;
  const next = Object.entries({ ...value, ...patch }).filter(([, entry]) => entry !== undefined);
  workspace.edit('app.edit.quote', (document) => setQuote(document, Object.fromEntries(next) as Quote), merge);
};
const drop = () => {
  workspace.edit('app.edit.removeQuote', (document) => removeQuote(document, props.id));
  emit('close');
};
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="t('app.quote.dialog')"
    width="min(760px, 96vw)"
    @update:model-value="emit('close')"
  >
    <div v-if="quote" class="form" data-test="quote">
      <div class="row">
        <TextLine
          :value="quote.name"
          :label="t('app.quote.name')"
          :most="80"
          @change="(name) => name && change({ name })"
        />
        <TextLine :value="quote.from" :label="t('app.quote.from')" :most="80" @change="(from) => change({ from })" />
        <label>
          <span>{{ t('app.quote.date') }}</span>
          <DayField :value="quote.date" :label="t('app.quote.date')" @change="(date) => change({ date })" />
        </label>
      </div>
      <div class="row">
        <ChoiceField
          v-if="bodies.length > 1"
          :label="t('app.quote.of')"
          :value="quote.of"
          :options="bodies.map((value) => ({ value, label: view[value]?.name ?? value }))"
          @change="(of) => change({ of, limits: [] })"
        />
        <ChoiceField
          :label="t('app.quote.kind')"
          :value="quote.kind"
          :options="packageKinds.map((value) => ({ value, label: t(`app.uprate.kind.${value}`) }))"
          @change="(kind) => change({ kind })"
        />
        <ChoiceField
          :label="t('app.uprate.way')"
          :value="quote.route ?? ''"
          :placeholder="t('app.situation.notSaid')"
          :options="[
            { value: '', label: t('app.situation.notSaid') },
            ...packageRoutes.map((value) => ({ value, label: t(`app.uprate.route.${value}`) })),
          ]"
          @change="(route) => change({ route: route === '' ? undefined : route })"
        />
      </div>
      <QuoteLimits :quote="quote" @change="(limits) => change({ limits })" />
      <QuoteParts :quote="quote" :view="view" @change="change" />
      <QuoteCosts :quote="quote" @change="(costs) => change({ costs })">
        <CodeField
          :label="t('app.quote.currency')"
          :value="quote.currency"
          :pattern="/^[A-Z]{3}$/"
          :problem="t('app.quote.badCurrency')"
          @change="(currency) => currency && change({ currency })"
        />
      </QuoteCosts>
      <ChoicesField
        :label="t('app.uprate.notWith')"
        :value="quote.excludes ?? []"
        :placeholder="t('app.quote.nothing')"
        :options="others.map(({ id: value, name: label }) => ({ value, label }))"
        @change="(excludes) => change({ excludes: excludes.length > 0 ? excludes : undefined })"
      />
      <TextLine
        :value="quote.papers"
        :label="t('app.uprate.papers')"
        :most="2000"
        :rows="2"
        @change="(papers) => change({ papers })"
      />
      <TextLine
        :value="quote.conditions"
        :label="t('app.uprate.conditions')"
        :most="2000"
        :rows="2"
        @change="(conditions) => change({ conditions })"
      />
      <p class="acts">
        <el-button @click="drop">{{ t('app.quote.drop') }}</el-button>
        <el-button type="primary" @click="emit('close')">{{ t('app.quote.done') }}</el-button>
      </p>
    </div>
  </el-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 10px;
}
label > span {
  display: block;
  color: var(--soft);
  font-size: 13.5px;
}
.row :deep(.el-date-editor) {
  width: 100%;
}
.acts {
  display: flex;
  justify-content: space-between;
}
</style>

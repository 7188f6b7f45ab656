<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { removeQuote, setQuote } from '@wagonomos/core/edits';
import { packageKinds, packageRoutes, type Quote } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CodeField from '../../shared/CodeField.vue';
import DayField from '../../shared/DayField.vue';
import TextLine from '../../shared/TextLine.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import QuoteCosts from './QuoteCosts.vue';
import QuoteLimits from './QuoteLimits.vue';
import QuoteParts from './QuoteParts.vue';
import { useOffers } from './useOffers.ts';

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
        <label v-if="bodies.length > 1">
          <span>{{ t('app.quote.of') }}</span>
          <el-select
            :model-value="quote.of"
            :aria-label="t('app.quote.of')"
            @change="(of) => change({ of, limits: [] })"
          >
            <el-option v-for="of in bodies" :key="of" :value="of" :label="view[of]?.name ?? of" />
          </el-select>
        </label>
        <label>
          <span>{{ t('app.quote.kind') }}</span>
          <el-select :model-value="quote.kind" :aria-label="t('app.quote.kind')" @change="(kind) => change({ kind })">
            <el-option v-for="kind in packageKinds" :key="kind" :value="kind" :label="t(`app.uprate.kind.${kind}`)" />
          </el-select>
        </label>
        <label>
          <span>{{ t('app.uprate.way') }}</span>
          <el-select
            :model-value="quote.route ?? ''"
            :aria-label="t('app.uprate.way')"
            :placeholder="t('app.situation.notSaid')"
            @change="(route) => change({ route: route === '' ? undefined : route })"
          >
            <el-option value="" :label="t('app.situation.notSaid')" />
            <el-option v-for="one in packageRoutes" :key="one" :value="one" :label="t(`app.uprate.route.${one}`)" />
          </el-select>
        </label>
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
      <label>
        <span>{{ t('app.uprate.notWith') }}</span>
        <el-select
          multiple
          :model-value="[...(quote.excludes ?? [])]"
          :aria-label="t('app.uprate.notWith')"
          :placeholder="t('app.quote.nothing')"
          @change="(excludes: string[]) => change({ excludes: excludes.length > 0 ? excludes : undefined })"
        >
          <el-option v-for="one in others" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
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

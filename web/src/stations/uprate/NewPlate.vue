<script setup lang="ts">
import { isWholeMass, type RigView } from '@wagonomos/core';
import { setCertified } from '@wagonomos/core/edits';
import type { CaseProgress, NewFigure, UprateCase } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** The new plate as it is expected, and each figure as it really stands on it; where it belongs, and what must stay readable. */
const props = defineProps<{ view: RigView; one: UprateCase; progress: CaseProgress }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { figure, limitWord } = useOffers(() => props.view);
const bodies = computed(() =>
  (['vehicle', 'trailer'] as const)
    .map((of) => ({
      of,
      name: props.view[of]?.name ?? '',
      lines: props.progress.figures.filter((one) => one.of === of),
    }))
    .filter(({ lines }) => lines.length > 0),
);
const name = ({ limit, part }: NewFigure) =>
  part ? t('app.case.partFigure', { limit: limitWord(limit), part: t(`plateSource.${part}`) }) : limitWord(limit);
const set = (line: NewFigure, value: number | undefined) =>
  workspace.edit('app.edit.case', (document) => setCertified(document, props.one.id, line, value ?? null));
const differs = ({ expected, read }: NewFigure) =>
  read !== null && expected !== null && Math.abs(read - expected) > 0.5;
</script>

<template>
  <section data-test="new-plate">
    <h2>{{ t('app.case.newPlate') }}</h2>
    <p v-if="bodies.length === 0" class="soft">{{ t('app.case.noFigures') }}</p>
    <div v-for="body in bodies" :key="body.of" class="plate">
      <b>{{ body.name }}</b>
      <small>{{ t('app.case.preview') }}</small>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('app.case.figure') }}</th>
            <th scope="col" class="num">{{ t('app.case.nowStands') }}</th>
            <th scope="col" class="num">{{ t('app.case.expected') }}</th>
            <th scope="col" class="num">{{ t('app.case.onPlate') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in body.lines" :key="`${line.limit}${line.part ?? ''}`">
            <th scope="row">{{ name(line) }}</th>
            <td class="num" :class="{ old: one.applied }">
              {{ line.now === null ? '–' : figure(line.now, line.limit) }}
            </td>
            <td class="num">
              <b>{{ line.expected === null ? '–' : figure(line.expected, line.limit) }}</b>
            </td>
            <td class="num" :class="{ differs: differs(line) }">
              <span v-if="one.applied">{{ line.read === null ? '–' : figure(line.read, line.limit) }}</span>
              <QuantityField
                v-else
                quiet
                :label="t('app.case.readOff', { limit: name(line) })"
                :field="line.limit === 'dValueKn' || line.limit === 'vValueKn' ? 'force' : 'mass'"
                :digits="0"
                :value="line.read ?? undefined"
                :plated="isWholeMass(line.limit) ? null : undefined"
                @change="(value) => set(line, value)"
              />
              <small v-if="differs(line)">{{ t('app.case.differs') }}</small>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <ul class="cautions">
      <li>{{ t('app.case.caution.readIt') }}</li>
      <li>{{ t(`app.case.caution.place.${view.situation.words}`) }}</li>
      <li>{{ t('app.case.caution.oldStays') }}</li>
      <li>{{ t('app.case.caution.notYours') }}</li>
    </ul>
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
.plate {
  margin: 6px 0;
  padding: 10px 14px 12px;
  border: 3px double var(--ink);
  background: var(--field);
}
.plate > small {
  margin-left: 8px;
  color: var(--soft);
}
tbody th,
td {
  padding-top: 4px;
  padding-bottom: 4px;
}
.old {
  color: var(--soft);
  text-decoration: line-through;
}
td :deep(input) {
  max-width: 92px;
  text-align: right;
}
.differs {
  color: var(--tight);
}
.differs small {
  display: block;
}
.cautions {
  margin: 8px 0 0;
  padding: 6px 10px 6px 26px;
  border-left: 4px solid var(--tight);
}
</style>

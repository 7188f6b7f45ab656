<script setup lang="ts">
import { forceLimits, whereToFind, type Body, type Plate, isWholeMass } from '@wagonomos/core';
import { changePart, removePart, setFigure } from '@wagonomos/core/edits';
import { plateQuestions } from '@wagonomos/core/limits';
import { conditionFor, formOf, plateFields, sameField, type FormField } from '@wagonomos/core/plates';
import { X } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MessageText from '../../words/MessageText.vue';
import QuantityField from '../../fields/QuantityField.vue';
import TermWord from '../../words/TermWord.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import FigureConditions from './FigureConditions.vue';
import PlatePhoto from './PlatePhoto.vue';
import PlateSketch from './PlateSketch.vue';

/** A plate as it is screwed on: its kind, the day it was read, and a line for each figure that stands there. */
const props = defineProps<{ body: Body; plate: Plate }>();
const { t } = useI18n();
const { limitWord, say } = useSpeech();
const workspace = useWorkspace();
const active = ref(-1);

const form = computed(() => formOf(props.plate));
const name = computed(() => (form.value ? t(`form.${form.value.id}.name`) : t(`plateSource.${props.plate.source}`)));
const questions = computed(() => plateQuestions(props.body, props.plate));
const rows = computed(() =>
  plateFields(props.body, props.plate).map((field) => ({
    field,
    key: `${field.limit} ${field.variant ?? ''}`,
    figure: props.plate.figures.find((figure) => sameField(field, figure)),
    questions: questions.value.filter((one) => one.limit === field.limit),
    label: labelOf(field),
  })),
);
/** What presses on a fifth wheel is a pin load. */
const termOf = (limit: FormField['limit']): string =>
  limit === 'ballMax' && props.plate.source === 'fifthWheel' ? 'pinMax' : limit;
const labelOf = ({ limit, variant }: FormField): string => {
  const word = limitWord(termOf(limit));
  return variant ? t('app.plates.variant', { limit: word, variant: t(`app.plates.${variant}`) }) : word;
};
const where = ({ limit }: FormField) =>
  say(whereToFind({ code: 'limit', limit, body: props.body.id, bodyName: props.body.name }));
const unitOf = ({ limit }: FormField) => (forceLimits.includes(limit) ? undefined : form.value?.unit);

const write = (field: FormField, value: number | undefined, typed: string) =>
  workspace.edit(
    'app.edit.figure',
    (document) =>
      setFigure(document, props.body.id, props.plate.id, field, value === undefined ? null : { value, typed }),
    `figure ${props.body.id} ${props.plate.id} ${field.limit} ${field.variant ?? ''}`,
  );
const setDate = (date: string | null) =>
  workspace.edit('app.edit.date', (document) =>
    changePart(document, props.body.id, 'plates', props.plate.id, { date: date || undefined }),
  );
const remove = () =>
  workspace.edit('app.edit.removePlate', (document) => removePart(document, props.body.id, 'plates', props.plate.id));
const variantOf = conditionFor;
</script>

<template>
  <article class="plate" :aria-label="name" data-test="plate">
    <header>
      <h3>{{ name }}</h3>
      <button type="button" class="icon-button" :aria-label="t('app.plates.remove', { plate: name })" @click="remove">
        <X :size="16" />
      </button>
    </header>
    <details v-if="form" class="look">
      <summary>{{ t('app.plates.whereFound') }}</summary>
      <p class="soft">{{ t(`form.${form.id}.where`) }}</p>
      <PlateSketch :form="form" :active="active" />
    </details>
    <div v-for="(row, index) in rows" :key="row.key" class="row" :title="where(row.field)">
      <span class="word" aria-hidden="true">
        <b v-if="row.field.mark && row.field.mark !== row.label" class="code">{{ row.field.mark }}</b>
        <TermWord :term="termOf(row.field.limit)" :text="row.label" />
      </span>
      <QuantityField
        quiet
        :label="row.label"
        :field="unitOf(row.field) === undefined && row.field.limit.endsWith('Kn') ? 'force' : 'mass'"
        :unit="unitOf(row.field)"
        :value="row.figure?.value"
        :typed="row.figure?.typed"
        :plated="isWholeMass(row.field.limit) ? null : undefined"
        @change="(value, typed) => write(row.field, value, typed)"
        @focusin="active = index"
        @focusout="active = -1"
      />
      <p v-for="(one, at) in row.questions" :key="at" class="question" role="status" data-test="question">
        <MessageText :message="one.message" />
      </p>
      <FigureConditions
        v-if="row.figure"
        :body="body"
        :plate="plate"
        :figure="row.figure"
        :variant="variantOf(row.figure)"
        :label="row.label"
      />
    </div>
    <footer>
      <label :for="`date-${body.id}-${plate.id}`">{{ t('app.plates.read') }}</label>
      <el-date-picker
        :id="`date-${body.id}-${plate.id}`"
        :model-value="plate.date ?? ''"
        type="date"
        value-format="YYYY-MM-DD"
        format="D MMM YYYY"
        size="small"
        :placeholder="t('app.plates.noDate')"
        @update:model-value="setDate"
      />
    </footer>
    <PlatePhoto :body="body" :plate="plate" :name="name" />
    <p v-if="plate.note" class="note">{{ plate.note }}</p>
  </article>
</template>

<style scoped>
.plate {
  padding: 8px 12px 10px;
  border: 2px solid var(--ink);
  border-radius: 8px;
  background: var(--sheet);
  box-shadow:
    inset 0 0 0 3px var(--sheet),
    inset 0 0 0 4px var(--line);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.look {
  margin-bottom: 4px;
  font-size: 13px;
}
summary {
  color: var(--soft);
  cursor: pointer;
}
.look p {
  margin: 2px 0 6px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 122px 26px;
  gap: 2px 10px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
.word {
  display: flex;
  gap: 7px;
  align-items: baseline;
  font: 400 16px/1.15 var(--figures);
}
.code {
  flex: none;
  min-width: 2.2em;
  font-weight: 600;
}
.question {
  grid-column: 1 / -1;
  color: var(--tight);
  font-size: 13px;
}
footer {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  margin-top: 8px;
  color: var(--soft);
  font-size: 13px;
}
footer :deep(.el-date-editor) {
  --el-date-editor-width: 132px;
}
.note {
  margin-top: 6px;
  color: var(--soft);
  font-size: 13px;
}
</style>

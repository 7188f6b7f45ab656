<script setup lang="ts">
import { emptyWorkspace, regionOf, viewRig, type Message } from '@wagonomos/core';
import { addKnownRig, type BodyFacts } from '@wagonomos/core/edits';
import { verdictFrom } from '@wagonomos/core/weighing';
import { computed, reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import AxlesField from '../../fields/AxlesField.vue';
import BuildField from '../../fields/BuildField.vue';
import ChoiceField from '../../fields/ChoiceField.vue';
import CountryField from '../../fields/CountryField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { providePlaceWords } from '../../words/placeWords.ts';
import { newId } from '../../stores/newId.ts';
import { usualBasis } from '../../shared/usualBasis.ts';
import { useKeptForm } from '../../shared/useKeptForm.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import KnownAnswer from './KnownAnswer.vue';
import {
  basesFor,
  hasTrailer,
  hasVehicle,
  knownRig,
  papersFor,
  platedFor,
  startKinds,
  type AskedFigure,
  type KnownForm,
} from './knownForm.ts';

/** What do you know? Only the figures people have, by the paper they are on, each of them left out at will; answered as one types. */
const { t } = useI18n();
const router = useRouter();
const workspace = useWorkspace();
const form = reactive<KnownForm>({
  kind: 'trailer',
  country: 'AU',
  build: 'wagon',
  axles: 1,
  vehicleBasis: '',
  trailerBasis: '',
  typical: false,
  figures: {},
});
const forget = useKeptForm('what do you know', form);
const { say, limitWord } = useSpeech(() => regionOf(form.country));
providePlaceWords(() => regionOf(form.country));
const papers = computed(() => papersFor(form.kind));
const today = useToday();
const tools = { newId, word: (message: Message) => say(message) };

const known = computed(() => {
  const { workspace: made, rigId } = addKnownRig(emptyWorkspace('start', 'Start'), knownRig(form, today.day), tools);
  const view = viewRig(made, rigId);
  if (!view) return null;
  return verdictFrom(view, made.tickets, 'known');
});
const label = ({ name, limit }: AskedFigure) =>
  limit
    ? limitWord(limit === 'payloadStated' ? 'cargoStated' : limit)
    : t(`app.start.figure.${name.replace('.', '_')}`);
const fill = ({ name }: AskedFigure, value: number | undefined, typed: string) => {
  if (value === undefined)
    form.figures = Object.fromEntries(Object.entries(form.figures).filter(([key]) => key !== name));
  else form.figures = { ...form.figures, [name]: { value, typed } };
};
const answer = (side: 'vehicle' | 'trailer', facts: BodyFacts) => {
  form.facts = { ...form.facts, [side]: { ...form.facts?.[side], ...facts } };
};
const keep = async () => {
  let rigId = '';
  const refusal = workspace.edit('app.edit.newRig', (document) => {
    const made = addKnownRig(document, knownRig(form, today.day), tools);
    rigId = made.rigId;
    return made.workspace;
  });
  if (refusal) return;
  forget();
  await router.push({ name: 'verdict', params: { rig: rigId } });
};
</script>

<template>
  <section class="start" :inert="workspace.follows">
    <header>
      <h1>{{ t('app.start.title') }}</h1>
      <p class="soft">{{ t('app.start.text') }}</p>
    </header>
    <KnownAnswer v-if="known" class="answer" :known="known" :country="form.country" @keep="keep" @answer="answer" />
    <div class="papers">
      <div class="row">
        <ChoiceField
          class="wide"
          :label="t('app.newRig.kind')"
          :value="form.kind"
          :options="startKinds.map((value) => ({ value, label: t(`app.rigKind.${value}`) }))"
          @change="(kind) => (form.kind = kind)"
        />
        <CountryField :value="form.country" @change="(country) => (form.country = country)" />
        <BuildField v-if="hasVehicle(form.kind)" :value="form.build" @change="(build) => (form.build = build)" />
        <AxlesField v-if="hasTrailer(form.kind)" :value="form.axles" @change="(axles) => (form.axles = axles)" />
      </div>
      <el-checkbox v-model="form.typical" class="usual">{{ t('app.typical.take') }}</el-checkbox>
      <fieldset v-for="paper in papers" :key="paper.key">
        <legend>{{ t(`app.start.paper.${paper.key}`) }}</legend>
        <div class="row">
          <QuantityField
            v-for="one in paper.figures"
            :key="one.name"
            :label="label(one)"
            :field="one.field"
            :value="form.figures[one.name]?.value"
            :typed="form.figures[one.name]?.typed"
            :plated="platedFor(form, one)"
            @change="(value, typed) => fill(one, value, typed)"
          />
          <ChoiceField
            v-if="paper.basis"
            class="wide"
            :label="t('app.empty.basis')"
            :value="form[paper.basis] === '' ? usualBasis(paper.of, form.country) : form[paper.basis]"
            :options="basesFor(paper.of).map((value) => ({ value, label: t(`app.basis.${value}.name`) }))"
            @change="(basis) => paper.basis && basis !== '' && (form[paper.basis] = basis)"
          />
        </div>
      </fieldset>
    </div>
  </section>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(300px, 400px);
  gap: 6px 28px;
  align-items: start;
  max-width: 1180px;
  padding: 18px 18px 40px;
}
header {
  grid-column: 1 / -1;
}
h1 {
  font: 600 28px/1.2 var(--figures);
}
.answer {
  position: sticky;
  z-index: 5;
  top: 0;
  grid-column: 2;
}
.papers {
  grid-row: 2;
  grid-column: 1;
}
.usual {
  height: auto;
  padding-block: 6px;
  margin-top: 8px;
  white-space: normal;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
.wide {
  grid-column: span 2;
}
fieldset {
  margin: 16px 0 0;
  padding: 10px 0 0;
  border: 0;
  border-top: 1px solid var(--line);
}
legend {
  padding: 0;
  font: 600 17px/1.3 var(--figures);
}
@media (width <= 900px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px 14px 40px;
  }
  .answer,
  .papers {
    grid-row: auto;
    grid-column: 1;
  }
}
@media (width <= 720px) {
  .row {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

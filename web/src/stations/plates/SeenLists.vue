<script setup lang="ts">
import { setFacts, type BodyFacts } from '@wagonomos/core/edits';
import { brakeKinds, presences, towReadings, vanClasses, type Body, type Presence } from '@wagonomos/core';
import { sights, walkStops } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import AnswerList from './AnswerList.vue';

/** What no plate says: what is there, what the empty figure contains, what a buyer has looked at. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const rig = useRig();

const save = (facts: BodyFacts) =>
  workspace.edit('app.edit.facts', (document) => setFacts(document, props.body.id, facts));

const things = computed(() => {
  const { body } = props;
  if (body.kind === 'vehicle') {
    return [
      { key: 'mirrors', answer: body.mirrors ?? 'unknown' },
      { key: 'brakeController', answer: body.brakeController ?? 'unknown' },
      { key: 'abs', answer: body.abs ?? 'unknown' },
      { key: 'trailerStability', answer: body.trailerStability ?? 'unknown' },
    ] as const;
  }
  if (body.kind === 'trailer') {
    return [
      { key: 'chains', answer: body.chains ?? 'unknown' },
      { key: 'breakaway', answer: body.breakaway ?? 'unknown' },
      { key: 'dampers', answer: body.dampers ?? 'unknown' },
      { key: 'stabiliser', answer: body.stabiliser ?? 'unknown' },
      { key: 'goods', answer: body.goods ?? 'unknown' },
      { key: 'hundredPlate', answer: body.hundredPlate ?? 'unknown' },
    ] as const;
  }
  return [];
});
/** Questions with answers of their own: how many chains, what kind of brakes, what drives the vehicle. */
const unsaid = 'unknown' as const;
/** Only British speeds ask what a van or pick-up is by its papers. */
const british = computed(() =>
  [rig.view?.situation.vehicle, rig.view?.situation.travel].some((place) => place?.country.startsWith('GB')),
);
/** Asked where the whole trailer is over the towing limit and what stands on its axles is not. */
const isTowReadingOpen = computed(() =>
  rig.assessment?.checks.some(({ missing }) => missing.some(({ code }) => code === 'towReading')),
);
const choices = computed(() => {
  const { body } = props;
  const label = (list: string, values: readonly (string | number)[]) =>
    [...values, unsaid].map((value) => ({ value: String(value), label: t(`app.presence.${list}.${value}`) }));
  if (body.kind === 'vehicle') {
    const answer = body.zeroEmission === undefined ? unsaid : body.zeroEmission ? 'yes' : 'no';
    const drive = { key: 'drive', answer, answers: label('drive', ['yes', 'no']) } as const;
    const classedAs = {
      key: 'classedAs',
      answer: body.classedAs ?? unsaid,
      answers: label('classedAs', vanClasses),
    } as const;
    const towLimitMeans = {
      key: 'towLimitMeans',
      answer: body.towLimitMeans ?? unsaid,
      answers: label('towLimitMeans', towReadings),
    } as const;
    return [
      drive,
      ...(british.value && ['van', 'ute'].includes(body.build) ? [classedAs] : []),
      ...(body.towLimitMeans !== undefined || isTowReadingOpen.value ? [towLimitMeans] : []),
    ];
  }
  if (body.kind !== 'trailer') return [];
  const counted = body.chainCount === undefined ? unsaid : String(body.chainCount);
  return [
    ...(body.chains === 'present'
      ? [{ key: 'chainCount', answer: counted, answers: label('chainCount', [1, 2]) } as const]
      : []),
    ...(body.braked
      ? [
          {
            key: 'brakeKind',
            answer: body.brakeKind ?? unsaid,
            answers: label('brakeKind', brakeKinds),
          } as const,
        ]
      : []),
  ];
});
const choose = (key: 'drive' | 'classedAs' | 'towLimitMeans' | 'chainCount' | 'brakeKind', answer: string) => {
  const said = answer === unsaid ? undefined : answer;
  if (key === 'drive') return save({ zeroEmission: said === undefined ? undefined : said === 'yes' });
  if (key === 'classedAs') return save({ classedAs: vanClasses.find((one) => one === said) });
  if (key === 'towLimitMeans') return save({ towLimitMeans: towReadings.find((one) => one === said) });
  if (key === 'chainCount') return save({ chainCount: said === undefined ? undefined : Number(said) });
  return save({ brakeKind: brakeKinds.find((one) => one === said) });
};
const presence = computed(() => presences.map((value) => ({ value, label: t(`app.presence.${value}`) })));

/** Pieces makers often leave out of a declared empty figure. */
const pieces: Readonly<Record<Body['kind'], readonly string[]>> = {
  vehicle: ['spareWheel', 'jack', 'towBar', 'secondBattery', 'biggerEngine', 'dealerOptions'],
  trailer: ['spareWheel', 'cushions', 'secondBattery', 'mover', 'awningRail', 'dealerOptions'],
  camper: ['jacks', 'cushions', 'secondBattery', 'dealerOptions'],
};
const yesNo = computed(() =>
  (['yes', 'no', 'unknown'] as const).map((value) => ({ value, label: t(`app.yesNo.${value}`) })),
);
const declared = computed(() =>
  pieces[props.body.kind].map((key) => ({
    key,
    label: t(`app.declared.${key}`),
    answer: props.body.declared?.[key] ?? ('unknown' as const),
  })),
);

const seenAnswers = computed(() => sights.map((value) => ({ value, label: t(`app.seen.answer.${value}`) })));
const seen = computed(() =>
  props.body.kind === 'camper'
    ? []
    : walkStops[props.body.kind].map((key) => ({
        key,
        label: t(`app.walk.stop.${key}.name`),
        answer: props.body.seen?.[key] ?? ('notSeen' as const),
      })),
);
const record = (list: 'declared' | 'seen', key: string, answer: string) => {
  const before = props.body[list] ?? {};
  save({ [list]: { ...before, [key]: answer } });
};
const answered = (list: readonly { readonly answer: string }[], none: string) =>
  list.filter((one) => one.answer !== none).length;
</script>

<template>
  <details v-if="things.length > 0" class="fold">
    <summary>{{ t('app.presence.title') }}</summary>
    <AnswerList
      :questions="things.map((one) => ({ ...one, label: t(`app.presence.thing.${one.key}`) }))"
      :answers="presence"
      @answer="(key, answer) => save({ [key]: answer as Presence })"
    />
    <AnswerList
      v-for="one in choices"
      :key="one.key"
      :questions="[{ ...one, label: t(`app.presence.thing.${one.key}`) }]"
      :answers="one.answers"
      @answer="(_, answer) => choose(one.key, answer)"
    />
  </details>
  <details class="fold">
    <summary>
      {{ t('app.declared.title', { answered: answered(declared, 'unknown'), all: declared.length }) }}
    </summary>
    <p class="soft">{{ t('app.declared.hint') }}</p>
    <AnswerList :questions="declared" :answers="yesNo" @answer="(key, answer) => record('declared', key, answer)" />
  </details>
  <details v-if="seen.length > 0" class="fold">
    <summary>{{ t('app.seen.title', { answered: answered(seen, 'notSeen'), all: seen.length }) }}</summary>
    <p class="soft">
      {{ t('app.seen.hint') }}
      <RouterLink :to="{ name: 'look', params: { body: body.id }, query: { rig: rig.view?.rig.id } }">
        {{ t('app.walk.go') }}
      </RouterLink>
    </p>
    <AnswerList :questions="seen" :answers="seenAnswers" @answer="(key, answer) => record('seen', key, answer)" />
  </details>
</template>

<style scoped>
.soft {
  font-size: 13px;
}
</style>

<script setup lang="ts">
import { displayLength, displayMass, lengthUnitOf, placedBodies, type Body, type RigView } from '@wagonomos/core';
import { conditionFor } from '@wagonomos/core/plates';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../shared/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';

/** Every figure with the plate it was read from and the day: what to photograph, and what has grown old. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { limitWord } = useSpeech();
const settings = useSettings();

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' });
/** Lengths that loads lean on and empty figures, each with how well it is known. */
const measured = (body: Body) => {
  const { emptyMass: empty, geometry } = body;
  const known: Readonly<Record<string, unknown>> = { ...geometry };
  const doubts: Readonly<Record<string, number | undefined>> = 'plusMinus' in geometry ? { ...geometry.plusMinus } : {};
  const typed = (value: string, give: string | undefined) => (give ? t('app.papers.give', { value, give }) : value);
  const metres = (value: number) =>
    `${written(displayLength(value, settings.massUnit), 2)} ${lengthUnitOf(settings.massUnit)}`;
  const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
  const row = (key: string, limit: string, text: string, source: string, date?: string) => ({
    key: `${body.id} ${key}`,
    body: body.name,
    source,
    limit,
    typed: text,
    date: date === undefined ? '' : day.format(new Date(`${date}T00:00`)),
  });
  const lengths = leanedOn.flatMap((name) => {
    const value = known[name];
    const doubt = doubts[name];
    if (typeof value !== 'number') return [];
    const text = typed(metres(value), doubt ? metres(doubt) : undefined);
    return [row(name, t(`app.geometry.${name}`), text, t('app.papers.measured'))];
  });
  if (!empty) return lengths;
  const source = t('app.papers.emptyFigure', { basis: t(`app.basis.${empty.basis}.name`) });
  const split = 'splitPlusMinus' in empty ? empty.splitPlusMinus : undefined;
  const masses: readonly (readonly [string, number | undefined, number | undefined])[] = [
    ['total', empty.total, empty.plusMinus],
    ...('frontAxle' in empty ? ([['frontAxle', empty.frontAxle, split]] as const) : []),
    ...('rearAxle' in empty ? ([['rearAxle', empty.rearAxle, split]] as const) : []),
    ...('ballLoad' in empty ? ([['ballLoad', empty.ballLoad, empty.ballLoadPlusMinus]] as const) : []),
  ];
  return [
    ...lengths,
    ...masses.flatMap(([name, value, doubt]) =>
      value === undefined
        ? []
        : [row(name, t(`app.empty.${name}`), typed(kg(value), doubt ? kg(doubt) : undefined), source, empty.date)],
    ),
  ];
};
const leanedOn = ['wheelbase', 'couplingOverhang', 'pinOverhang', 'axlePosition'] as const;

const rows = computed(() =>
  placedBodies(props.view).flatMap(({ body }) => [
    ...body.plates.flatMap((plate) =>
      plate.figures.map((figure) => ({
        key: `${body.id} ${plate.id} ${figure.limit} ${conditionFor(figure) ?? ''}`,
        body: body.name,
        source: plate.form ? t(`form.${plate.form}.name`) : t(`plateSource.${plate.source}`),
        limit: limitWord(figure.limit),
        typed: figure.typed,
        date: plate.date === undefined ? '' : day.format(new Date(`${plate.date}T00:00`)),
      })),
    ),
    ...measured(body),
  ]),
);
</script>

<template>
  <section>
    <h2>{{ t('app.papers.figures') }}</h2>
    <div class="scroll" tabindex="0" role="region" :aria-label="t('app.papers.figures')">
      <table v-if="rows.length > 0">
        <thead>
          <tr>
            <th>{{ t('app.papers.column.body') }}</th>
            <th>{{ t('app.papers.column.figure') }}</th>
            <th class="typed">{{ t('app.papers.column.typed') }}</th>
            <th>{{ t('app.papers.column.source') }}</th>
            <th>{{ t('app.papers.column.date') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <td>{{ row.body }}</td>
            <td>{{ row.limit }}</td>
            <td class="num typed">{{ row.typed }}</td>
            <td>{{ row.source }}</td>
            <td class="num day">{{ row.date || t('app.papers.noDate') }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="soft">{{ t('app.papers.noFigures') }}</p>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  margin-top: 8px;
  border-collapse: collapse;
}
th {
  padding: 3px 12px 3px 0;
  border-bottom: 2px solid var(--ink);
  color: var(--soft);
  font: 600 15px var(--figures);
  text-align: left;
}
td {
  padding: 4px 12px 4px 0;
  border-bottom: 1px dotted var(--line);
}
.day {
  white-space: nowrap;
}
.typed {
  text-align: right;
  white-space: nowrap;
}
td.typed {
  font-size: 17px;
  font-weight: 600;
}
</style>

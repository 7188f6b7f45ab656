import { placedBodies, type Body, type RigView } from '@wagonomos/core';
import { conditionFor } from '@wagonomos/core/plates';
import type { PaperWords } from '../words/paperWords.ts';

/** A figure as it was read: of which body, what it is, as it stands there, where and on which day. */
export interface FigureRow {
  readonly key: string;
  readonly body: string;
  readonly figure: string;
  readonly typed: string;
  readonly source: string;
  /** ISO 8601. */
  readonly day: string | undefined;
}

/** Lengths that loads lean on. */
const leanedOn = ['wheelbase', 'couplingOverhang', 'pinOverhang', 'axlePosition'] as const;

/** Every figure of a rig with where it is from: those of plates, lengths that loads lean on, and empty figures. */
export const figuresRead = (words: PaperWords, view: RigView): readonly FigureRow[] =>
  placedBodies(view).flatMap(({ body }) => [
    ...ofPlates(words, body),
    ...ofLengths(words, body),
    ...ofEmpty(words, body),
  ]);

const ofPlates = ({ t, limit }: PaperWords, { id, name, plates }: Body): readonly FigureRow[] =>
  plates.flatMap((plate) =>
    plate.figures.map((figure) => ({
      key: `${id} ${plate.id} ${figure.limit} ${conditionFor(figure) ?? ''}`,
      body: name,
      figure: limit(figure.limit),
      typed: figure.typed,
      source: plate.form ? t(`form.${plate.form}.name`) : t(`plateSource.${plate.source}`),
      day: plate.date,
    })),
  );

const withGive = ({ t }: PaperWords, value: string, give: string | undefined): string =>
  give === undefined ? value : t('app.papers.give', { value, give });

function ofLengths(words: PaperWords, { id, name: body, geometry }: Body): readonly FigureRow[] {
  const { t, length } = words;
  const known: Readonly<Record<string, unknown>> = { ...geometry };
  const doubts: Readonly<Record<string, number | undefined>> = 'plusMinus' in geometry ? { ...geometry.plusMinus } : {};
  return leanedOn.flatMap((name) => {
    const value = known[name];
    const doubt = doubts[name];
    if (typeof value !== 'number') return [];
    const typed = withGive(words, length(value), doubt ? length(doubt) : undefined);
    return [
      {
        key: `${id} ${name}`,
        body,
        figure: t(`app.geometry.${name}`),
        typed,
        source: t('app.papers.measured'),
        day: undefined,
      },
    ];
  });
}

function ofEmpty(words: PaperWords, { id, name: body, emptyMass: empty }: Body): readonly FigureRow[] {
  if (!empty) return [];
  const { t, mass } = words;
  const source = t('app.papers.emptyFigure', { basis: t(`app.basis.${empty.basis}.name`) });
  const split = 'splitPlusMinus' in empty ? empty.splitPlusMinus : undefined;
  const masses: readonly (readonly [string, number | undefined, number | undefined])[] = [
    ['total', empty.total, empty.plusMinus],
    ...('frontAxle' in empty ? ([['frontAxle', empty.frontAxle, split]] as const) : []),
    ...('rearAxle' in empty ? ([['rearAxle', empty.rearAxle, split]] as const) : []),
    ...('ballLoad' in empty ? ([['ballLoad', empty.ballLoad, empty.ballLoadPlusMinus]] as const) : []),
  ];
  return masses.flatMap(([name, value, doubt]) =>
    value === undefined
      ? []
      : [
          {
            key: `${id} empty ${name}`,
            body,
            figure: t(`app.empty.${name}`),
            typed: withGive(words, mass(value), doubt ? mass(doubt) : undefined),
            source,
            day: empty.date,
          },
        ],
  );
}

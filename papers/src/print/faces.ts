/** The fonts of paper: what each is called there, its file in its package, and which text it is for. */
export const faces = {
  'Barlow-Regular': '@expo-google-fonts/barlow/400Regular/Barlow_400Regular.ttf',
  'Barlow-SemiBold': '@expo-google-fonts/barlow/600SemiBold/Barlow_600SemiBold.ttf',
  'BarlowCondensed-SemiBold': '@expo-google-fonts/barlow-condensed/600SemiBold/BarlowCondensed_600SemiBold.ttf',
  'NotoSans-Regular': '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf',
} as const;
export type FaceName = keyof typeof faces;

/** A font's file as bytes. */
export type Faces = Readonly<Partial<Record<FaceName, Uint8Array>>>;

/** What each family of a paper is drawn with. The figures have one weight; what their letters lack is drawn in the other family. */
export const families = {
  Barlow: { normal: 'Barlow-Regular', bold: 'Barlow-SemiBold' },
  Figures: { normal: 'BarlowCondensed-SemiBold', bold: 'BarlowCondensed-SemiBold' },
  Wide: { normal: 'NotoSans-Regular', bold: 'NotoSans-Regular' },
} as const satisfies Readonly<Record<string, Readonly<Record<'normal' | 'bold', FaceName>>>>;

/** Letters and signs that Barlow has: Latin of every European language, its marks of punctuation, and the signs we use. */
const inBarlow =
  /[\n\t\u0020-\u007e\u00a0-\u0113\u0116-\u012b\u012d-\u0131\u0133-\u0137\u0139-\u013e\u0140-\u0148\u014a-\u014d\u014f-\u017e\u03bc\u1ea0-\u1ef9\u2013\u2014\u2018-\u201a\u201c-\u201e\u2020-\u2022\u2026\u2030\u2032\u2033\u2039\u203a\u2044\u20ac\u2122\u2212\u2248\u2260\u2264\u2265]/u;
/** What the wide family has on top: Greek, Cyrillic, the rest of Latin. */
const inWide =
  /[\u0020-\u007e\u00a0-\u0377\u037a-\u037f\u0384-\u038a\u038c\u038e-\u03a1\u03a3-\u03e1\u03f0-\u052f\u1f00-\u1f15\u1f18-\u1f1d\u1f20-\u1f45\u2010-\u2027\u2030-\u205e\u20a0-\u20bf\u2100-\u214f\u2212]/u;
/** What stands for a sign that no font of ours has, so that its absence is seen. */
const lacking = '\u00bf';

/** A word longer than this is broken where the line ends: nothing else would keep it on its sheet. */
const longWord = /(\S{25,})/u;

export interface Run {
  readonly text: string;
  /** A long word: it may be broken anywhere. */
  readonly wordBreak?: 'break-all';
  /** Left out: the family the text is set in anyway. */
  readonly font?: 'Wide';
}

const cleaned = (text: string): string => text.normalize('NFC').replaceAll(/[\p{Cf}\p{Co}\p{Cs}]|[^\P{Cc}\n\t]/gu, '');

/** Whether a text has signs that no font of ours has. */
export const lacksSigns = (text: string): boolean =>
  [...cleaned(text)].some((sign) => !inBarlow.test(sign) && !inWide.test(sign));

/** A text in runs of the family that has its letters. What none has is marked, not dropped; directions and controls go. */
export const runsOf = (text: string): readonly Run[] =>
  cleaned(text)
    .split(longWord)
    .filter((piece) => piece !== '')
    .flatMap((piece) =>
      longWord.test(piece)
        ? inFamilies(piece).map((run): Run => ({ ...run, wordBreak: 'break-all' }))
        : inFamilies(piece),
    );

function inFamilies(clean: string): readonly Run[] {
  const runs: { text: string; font?: 'Wide' }[] = [];
  for (const sign of clean) {
    const wide = !inBarlow.test(sign) && inWide.test(sign);
    const shown = wide || inBarlow.test(sign) ? sign : lacking;
    const last = runs.at(-1);
    if (last && (last.font === 'Wide') === wide) last.text += shown;
    else runs.push(wide ? { text: shown, font: 'Wide' } : { text: shown });
  }
  return runs;
}

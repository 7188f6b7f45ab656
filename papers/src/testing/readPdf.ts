import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** A run of text where it stands on its sheet, points from the lower left corner. */
interface Placed {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

interface ReadPage {
  readonly size: readonly [number, number];
  readonly text: string;
  readonly runs: readonly Placed[];
}

/** A PDF read back: what can be selected in it, where it stands, and its fonts. */
export interface ReadPdf {
  readonly pages: readonly ReadPage[];
  /** All of it, blanks drawn together. */
  readonly text: string;
  readonly fonts: readonly { readonly name: string; readonly embedded: boolean }[];
  /** Paths drawn, which a drawing is made of. */
  readonly paths: number;
  readonly title: string;
}

/** Reads a PDF as a reader of it would. @throws {Error} when it is none */
export async function readPdf(bytes: Uint8Array): Promise<ReadPdf> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0, useSystemFonts: false }).promise;
  const pages: ReadPage[] = [];
  const fonts = new Map<string, boolean>();
  let paths = 0;
  for (let number = 1; number <= document.numPages; number += 1) {
    const page = await document.getPage(number);
    const [, , width = 0, height = 0] = page.view;
    const operators = await page.getOperatorList();
    paths += operators.fnArray.filter((one) => one === OPS.constructPath).length;
    const { items } = await page.getTextContent();
    const runs = items.flatMap((item): Placed[] => {
      if (!('str' in item) || item.str.trim() === '') return [];
      const [, , , , x = 0, y = 0] = item.transform as number[];
      return [{ text: item.str, x, y, width: item.width, height: item.height }];
    });
    for (const id of new Set(items.flatMap((item) => ('fontName' in item ? [item.fontName] : [])))) {
      const font = page.commonObjs.get(id) as { name: string; missingFile?: boolean; data?: Uint8Array };
      fonts.set(font.name, font.missingFile !== true);
    }
    pages.push({ size: [width, height], text: together(items.map((item) => ('str' in item ? item.str : ''))), runs });
  }
  const { info } = await document.getMetadata();
  await document.destroy();
  return {
    pages,
    paths,
    text: pages.map(({ text }) => text).join(' '),
    fonts: [...fonts].map(([name, embedded]) => ({ name, embedded })),
    title: String((info as { Title?: string }).Title ?? ''),
  };
}

const together = (texts: readonly string[]): string => texts.join(' ').replaceAll(/\s+/g, ' ').trim();

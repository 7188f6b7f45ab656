import pdfmakeAsTyped from 'pdfmake';
import { definitionOf, tableLayouts } from './definition.ts';
import { families, type FaceName, type Faces } from './faces.ts';
import type { Paper } from './paper.ts';

/** Where the printer looks for a font by its name, in browsers and in Node alike; its types say nothing of it. */
const pdfmake = pdfmakeAsTyped as typeof pdfmakeAsTyped & {
  readonly virtualfs: { readonly writeFileSync: (name: string, bytes: Uint8Array) => void };
};

/** Letters of a paper that has to be one sheet, smaller step by step. */
const smaller = [0.93, 0.86, 0.8];

/** The faces a paper needs; those for other alphabets only where it has such letters. */
export function facesFor(paper: Paper): readonly FaceName[] {
  const all = definitionOf({ ...paper, content: [...paper.content, paper.head, ...paper.foot] });
  const wide = JSON.stringify(all.content).includes('"font":"Wide"');
  const usual: readonly FaceName[] = ['Barlow-Regular', 'Barlow-SemiBold', 'BarlowCondensed-SemiBold'];
  return wide ? [...usual, 'NotoSans-Regular'] : usual;
}

/**
 * Prints a paper as a PDF, its fonts in it.
 * @param faces those of `facesFor`, as bytes
 * @param images its pictures as data addresses (JPEG or PNG), by the hash it has for them
 * @throws {Error} when a face is missing or a picture cannot be read
 */
export async function printPaper(paper: Paper, faces: Faces, images: Images = {}): Promise<Uint8Array> {
  for (const [name, bytes] of Object.entries(faces)) pdfmake.virtualfs.writeFileSync(name, bytes);
  pdfmake.setFonts(families);
  // Nothing of a paper comes from an address or a disk. A browser's printer has only the first of the two.
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy?.(() => false);
  const meant = await sheets(paper, 1, images);
  if (!paper.shorter || meant.pages <= 1) return meant.bytes;
  const ways = [
    ...smaller.map((scale) => [paper.content, scale] as const),
    ...[1, ...smaller].map((scale) => [paper.shorter ?? [], scale] as const),
  ];
  for (const [content, scale] of ways) {
    const made = await sheets({ ...paper, content }, scale, images);
    if (made.pages <= 1) return made.bytes;
  }
  return meant.bytes;
}

type Images = Readonly<Record<string, string>>;

async function sheets(
  paper: Paper,
  scale: number,
  images: Images,
): Promise<{ readonly bytes: Uint8Array; readonly pages: number }> {
  const definition = definitionOf(paper, scale);
  const { footer } = definition;
  let pages = 0;
  pdfmake.setTableLayouts(tableLayouts(scale));
  const bytes = await pdfmake
    .createPdf({
      ...definition,
      images: { ...images },
      footer: (page, count, size) => {
        pages = count;
        return typeof footer === 'function' ? footer(page, count, size) : null;
      },
    })
    .getBuffer();
  return { bytes, pages };
}

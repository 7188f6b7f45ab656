import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byTheList } from '../loading/rigView.ts';
import { viewRig } from '../document/viewRig.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Message } from '../messages/message.ts';
import { binds, comparesLoad } from '../checks/check.ts';
import { chances } from '../testing/chances.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { readParsed } from './readWorkspace.ts';

/**
 * Owners know a few figures. Whatever is left out of a whole document, nothing that is still judged may be judged otherwise,
 * unless the figure it was compared with went; and no number may be said of what is not known.
 */
type Place = { readonly holder: Record<string, unknown>; readonly key: string };
const figureFields =
  /^(total|frontAxle|rearAxle|ballLoad|wheelbase|couplingOverhang|pinOverhang|axlePosition|x|capacityL|contents|loadIndex|wheelRating|springRating|pressureKpa|jockeyPosition|drawbarLength|bodyLength)$/;

/** Every figure that somebody may not know: of bodies and their parts, and every figure of their plates. */
function figures(document: Workspace): {
  readonly fields: readonly Place[];
  readonly plates: { figures: unknown[] }[];
} {
  const fields: Place[] = [];
  const plates: { figures: unknown[] }[] = [];
  const walk = (value: unknown, inPlates: boolean) => {
    if (Array.isArray(value)) return value.forEach((one) => walk(one, inPlates));
    if (typeof value !== 'object' || value === null) return;
    for (const [key, one] of Object.entries(value)) {
      if (key === 'plates' && Array.isArray(one)) plates.push(...(one as { figures: unknown[] }[]));
      else if (typeof one === 'number' && figureFields.test(key) && !inPlates) {
        fields.push({ holder: value as Record<string, unknown>, key });
      } else if (key !== 'on' && key !== 'off' && key !== 'formerPlates') walk(one, inPlates);
    }
  };
  document.bodies.forEach((body) => walk(body, false));
  return { fields, plates };
}

function sparse(name: (typeof exampleNames)[number], left: (at: number) => boolean): Workspace {
  const document = structuredClone(exampleWorkspace(name));
  const { fields, plates } = figures(document);
  let at = 0;
  for (const { holder, key } of fields) if (!left((at += 1))) delete holder[key];
  for (const plate of plates) plate.figures = plate.figures.filter(() => left((at += 1)));
  return document;
}
const judge = (document: Workspace) => {
  const view = viewRig(document, document.rigs[0]?.id ?? '');
  if (!view) throw new Error('no rig');
  return assess(byTheList(view));
};
const amounts = (one: Message): number[] =>
  Object.values(one.params ?? {}).flatMap((param) =>
    typeof param !== 'object' ? [] : 'key' in param ? amounts(param) : 'value' in param ? [Number(param.value)] : [],
  );

const whole = new Map(exampleNames.map((name) => [name, judge(exampleWorkspace(name))] as const));
const settled = ['within', 'tight', 'over'];

describe('a rig of which any part is not known', () => {
  it('is never judged otherwise than the whole rig, nor with a number that is none', () => {
    let compared = 0;
    let unknown = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...exampleNames),
        fc.infiniteStream(fc.integer({ min: 0, max: 99 })),
        fc.oneof(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 85, max: 99 })),
        (name, dice, known) => {
          const rolls: number[] = [];
          const left = (at: number) => (rolls[at] ??= dice.next().value as number) < known;
          const document = sparse(name, left);
          expect(readParsed(document)).toMatchObject({ ok: true });
          const found = judge(document);
          for (const amount of amounts(found.sentence)) expect(Number.isFinite(amount)).toBe(true);
          for (const check of found.checks) {
            const full = whole.get(name)?.checks.find(({ id }) => id === check.id);
            if (check.status === 'unknown') unknown += 1;
            // What is compared by plates goes with them; a load may not.
            if (!(check.quantity in found.loads.values)) continue;
            if (!full || !settled.includes(check.status) || !settled.includes(full.status)) continue;
            const sameLimit = check.limit === full.limit || Math.abs((check.limit ?? 0) - (full.limit ?? 0)) < 1e-6;
            if (!sameLimit) continue;
            compared += 1;
            expect({ id: check.id, demand: check.demand, status: check.status }).toEqual({
              id: full.id,
              demand: full.demand === null ? null : (expect.closeTo(full.demand, 6) as number),
              status: full.status,
            });
          }
        },
      ),
      { numRuns: 1000 },
    );
    expect(compared).toBeGreaterThan(2000);
    expect(unknown).toBeGreaterThan(2000);
  });
});

describe('a rig of which what is not known is taken as is usual', () => {
  /** A copy with some figures forgotten; its owner wants what is usual in their place. */
  const usual = (name: (typeof exampleNames)[number], left: (at: number) => boolean): Workspace => {
    const document = sparse(name, left);
    const bodies = document.bodies.map((body) => (body.kind === 'camper' ? body : { ...body, typical: true as const }));
    return { ...document, bodies };
  };

  it('is never called within where the whole rig has a mass over, and decides as the whole rig does', () => {
    const random = chances(11);
    let [decided, otherwise, promised] = [0, 0, 0];
    for (let copy = 0; copy < 2500; copy += 1) {
      const name = exampleNames[copy % exampleNames.length] ?? exampleNames[0];
      const known = random.between(0.3, 1);
      const full = whole.get(name)?.checks ?? [];
      const { checks, sentence } = judge(usual(name, () => random.often(known)));
      const over = full.some((check) => binds(check) && comparesLoad(check) && check.status === 'over');
      // What is over may hang on a plate that was forgotten: then no figure is there to be promised by.
      const limits = new Map(checks.map((check) => [check.id, check.limit]));
      const asked = full.filter(
        (check) => check.status === 'over' && binds(check) && limits.get(check.id) === check.limit,
      );
      if (/verdict\.(within|masses)/.test(JSON.stringify(sentence))) {
        promised += 1;
        if (over)
          expect(
            asked.map(({ id }) => id),
            `${name} ${JSON.stringify(sentence)}`,
          ).toEqual([]);
      }
      for (const check of checks) {
        const one = full.find(({ id }) => id === check.id);
        if (!one || !comparesLoad(check) || !settled.includes(check.status) || !settled.includes(one.status)) continue;
        if (check.limit === null || Math.abs(check.limit - (one.limit ?? 0)) > 1e-6) continue;
        decided += 1;
        if ((check.status === 'over') !== (one.status === 'over')) otherwise += 1;
      }
    }
    expect(decided).toBeGreaterThan(10_000);
    expect(promised).toBeGreaterThan(100);
    expect(otherwise / decided).toBeLessThanOrEqual(0.005);
  });
});

import { pillars, placeContents, type Check } from '@wagonomos/core';
import type { PaperAsk } from '../ask.ts';
import { placeBoxes, sitting, tankBoxes } from '../drawing/aboard.ts';
import { camperShape, trailerShape, vehicleShape, wheels } from '../drawing/bodies.ts';
import { layoutRig, type DrawingLayout } from '../drawing/layout.ts';
import { supportX } from '../drawing/supports.ts';
import { inks } from '../print/definition.ts';
import { demandText, marginText } from '../words/margin.ts';

/** A number for each place and each tank, as it stands in the drawing and before its line in the list. */
export type Numbers = ReadonlyMap<string, number>;

const round = (value: number) => Math.round(value * 10) / 10;
const rect = (x: number, y: number, width: number, height: number, style: string) =>
  `<rect x="${round(x)}" y="${round(y)}" width="${round(width)}" height="${round(height)}" ${style}/>`;
const path = (d: string, style: string) => (d === '' ? '' : `<path d="${d}" ${style}/>`);
const disc = (x: number, y: number, r: number, style: string) =>
  `<circle cx="${round(x)}" cy="${round(y)}" r="${round(r)}" ${style}/>`;
const text = (x: number, y: number, size: number, says: string, anchor: string, fill: string = inks.ink) =>
  `<text x="${round(x)}" y="${round(y)}" font-family="Figures" font-size="${size}" text-anchor="${anchor}" fill="${fill}">${escaped(says)}</text>`;
const escaped = (says: string) => says.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
const line = (width: number, stroke: string = inks.ink) => `fill="none" stroke="${stroke}" stroke-width="${width}"`;
const hullStyle = `fill="${inks.sheet}" stroke="${inks.ink}" stroke-width="1.3" stroke-linejoin="round"`;
const paneStyle = `fill="${inks.pane}" stroke="${inks.slate}" stroke-width="0.6"`;

/**
 * The rig from the side as a drawing of lines, under each support what it carries and what is left.
 * @param width points
 * @param numbers what to write at places and tanks; left out: they are not drawn
 */
export function rigSvg(ask: PaperAsk, width: number, numbers?: Numbers): string {
  const { view } = ask;
  const layout = layoutRig(view, width, 'sheet');
  const { groundY, height } = layout;
  const trailer = trailerShape(layout);
  const vehicle = vehicleShape(view, layout);
  const camper = camperShape(layout);
  const bodies = [
    trailer &&
      path(trailer.frame, line(2)) +
        (trailer.jockey
          ? path(trailer.jockey.leg, line(1.3)) +
            disc(trailer.jockey.wheel.x, trailer.jockey.wheel.y, trailer.jockey.wheel.r, hullStyle)
          : '') +
        path(trailer.hull, hullStyle) +
        path(trailer.rib, line(0.6, inks.line)) +
        path(trailer.door, line(0.8, inks.line)) +
        trailer.panes.map((one) => path(one, paneStyle)).join('') +
        disc(trailer.coupling.x, trailer.coupling.y, trailer.coupling.r, hullStyle),
    vehicle &&
      path(vehicle.bar, line(2.6)) +
        path(vehicle.hull, hullStyle) +
        vehicle.panes.map((one) => path(one, paneStyle)).join(''),
    camper && path(camper.hull, hullStyle) + camper.panes.map((one) => path(one, paneStyle)).join(''),
  ];
  const rolling = wheels(layout)
    .map(
      ({ x, y, radius, arch }) =>
        disc(x, y, arch, `fill="${inks.sheet}"`) +
        disc(x, y, radius, `fill="${inks.road}" stroke="${inks.ink}" stroke-width="0.8"`) +
        disc(x, y, radius * 0.55, `fill="${inks.sheet}" stroke="${inks.ink}" stroke-width="0.6"`),
    )
    .join('');
  const drawn = [
    ...bodies.map((one) => one ?? ''),
    numbers ? aboard(ask, layout, numbers) : '',
    rolling,
    rect(0, groundY, width, 2.4, `fill="${inks.road}"`),
    supports(ask, layout, width),
  ];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${round(height)}" viewBox="0 0 ${width} ${round(height)}">${drawn.join('')}</svg>`;
}

/** Places and tanks with their numbers, and who sits where. */
function aboard({ view }: PaperAsk, layout: DrawingLayout, numbers: Numbers): string {
  const contents = placeContents(view);
  const number = (key: string, x: number, y: number) => {
    const at = numbers.get(key);
    return at === undefined
      ? ''
      : disc(x, y, 6.2, `fill="${inks.sheet}" stroke="${inks.ink}" stroke-width="0.8"`) +
          text(x, y + 3.1, 8.6, String(at), 'middle');
  };
  const places = placeBoxes(view, layout).map((one) => {
    const fill = contents.has(one.key) ? `fill="${inks.cargo}" fill-opacity="0.6"` : 'fill="none"';
    return (
      path(one.arm, line(1.6)) +
      rect(
        one.x,
        one.y,
        one.width,
        one.height,
        `${fill} stroke="${inks.slate}" stroke-width="0.7" stroke-dasharray="3 2"`,
      )
    );
  });
  const tanks = tankBoxes(view, layout).map(
    ({ x, y, width, height, share, kind }) =>
      rect(x, y, width, height, `fill="${inks.sheet}" stroke="${inks.ink}" stroke-width="0.7"`) +
      rect(
        x,
        y + (1 - share) * height,
        width,
        share * height,
        `fill="${kind === 'fresh' ? inks.water : kind === 'grey' || kind === 'black' ? inks.slate : inks.cargo}"`,
      ),
  );
  const people = sitting(view, layout).map(({ x, y }) => {
    const s = layout.scale;
    return (
      disc(x, y, 0.1 * s, `fill="${inks.slate}"`) +
      path(
        `M${round(x - 0.15 * s)} ${round(y + 0.33 * s)}q0 ${round(-0.2 * s)} ${round(0.15 * s)} ${round(-0.2 * s)}t${round(0.15 * s)} ${round(0.2 * s)}z`,
        `fill="${inks.slate}"`,
      )
    );
  });
  const labels = apart([
    ...placeBoxes(view, layout).map(({ key, x, y, width, height }) => ({ key, x: x + width / 2, y: y + height / 2 })),
    ...tankBoxes(view, layout).map(({ key, x, y, width, height }) => ({ key, x: x + width / 2, y: y + height / 2 })),
  ]).map(({ key, x, y }) => number(key, x, y));
  return [...places, ...tanks, ...people, ...labels].join('');
}

/** Numbers that would lie on one another are moved up, each above the last. */
function apart(all: readonly { key: string; x: number; y: number }[]) {
  const done: { key: string; x: number; y: number }[] = [];
  for (const one of all) {
    let { y } = one;
    while (done.some((other) => Math.abs(other.x - one.x) < 13 && Math.abs(other.y - y) < 13)) y -= 6.5;
    done.push({ ...one, y });
  }
  return done;
}

const colours: Readonly<Record<Check['status'], string>> = {
  over: inks.over,
  tight: inks.tight,
  within: inks.in,
  unknown: inks.soft,
  notApplicable: inks.soft,
};

/** Under each axle and the coupling: its name, its load, what is left. Columns keep apart. */
function supports({ based, words }: PaperAsk, layout: DrawingLayout, width: number): string {
  const { t, unit, say } = words;
  const all = pillars(based.assessment);
  const wide = Math.min(92, width / Math.max(1, all.length));
  const wished = all.map((pillar) => supportX(pillar, layout));
  const middles: number[] = [];
  for (const x of wished) middles.push(Math.max(x, (middles.at(-1) ?? -Infinity) + wide, wide / 2));
  for (let at = middles.length - 1, most = width - wide / 2; at >= 0; at -= 1, most -= wide)
    middles[at] = Math.min(middles[at] ?? most, most);
  return all
    .map((pillar, at) => {
      const x = middles[at] ?? 0;
      const y = layout.groundY;
      const { check } = pillar;
      const load = check
        ? `${demandText(t, check, unit)} ${check.demand === null ? '' : unit}`.trim()
        : t('app.verdict.unknown');
      return (
        path(`M${round(wished[at] ?? x)} ${round(y + 3)}L${round(x)} ${round(y + 9)}`, line(0.6, inks.slate)) +
        text(x, y + 17, 8, say(pillar.name), 'middle', inks.soft) +
        text(x, y + 28, 10.5, load, 'middle') +
        text(x, y + 39, 9.5, marginText(t, check, unit), 'middle', check ? colours[check.status] : inks.soft)
      );
    })
    .join('');
}

/* eslint-disable @typescript-eslint/no-explicit-any, @typescript-eslint/no-unsafe-assignment, @typescript-eslint/no-unsafe-member-access, @typescript-eslint/no-unsafe-argument, @typescript-eslint/no-unsafe-call, @typescript-eslint/no-unsafe-return -- it reads raw JSON on purpose: the types of the project would be a part of what is tested */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/**
 * The loads of every example, reckoned from the text of its file by what docs/file-format.md says and by nothing else: no
 * code of the project stands behind these numbers.
 */
type Raw = Readonly<Record<string, any>>;
interface At {
  readonly m: number;
  readonly x: number;
}

const fileOf = (name: string): Raw =>
  JSON.parse(readFileSync(new URL(`../../../examples/${name}.wagonomos.json`, import.meta.url), 'utf8')) as Raw;

const groupCentre = ({ wheelbase, tagAxle }: Raw): number =>
  wheelbase + (tagAxle ? (1 - tagAxle.driveShare) * tagAxle.offset : 0);

function emptyBody(body: Raw): At[] {
  const { emptyMass: e, geometry: g } = body;
  if (body.kind === 'trailer') {
    const x =
      e.ballLoad === undefined
        ? g.drawbarLength + g.bodyLength / 2
        : (g.axlePosition * (e.total - e.ballLoad)) / e.total;
    return [{ m: e.total, x }];
  }
  if (body.kind === 'camper') return [{ m: e.total, x: e.centre ?? g.floorLength / 2 }];
  const front = e.frontAxle ?? e.total - e.rearAxle;
  const rear = e.rearAxle ?? e.total - e.frontAxle;
  return [
    { m: front, x: 0 },
    { m: rear, x: groupCentre(g) },
  ];
}

function contained(body: Raw): At[] {
  const { emptyMass: e, tanks, seats = [], kind, build } = body;
  const tank = (of: string): Raw | undefined => tanks.find((one: Raw) => one.kind === of);
  const fuel = (share: number): At[] => {
    const one = tank('fuel');
    return one ? [{ m: -share * one.capacityL * one.densityKgPerL, x: one.x }] : [];
  };
  const driver = { m: -75, x: seats.find((one: Raw) => one.driver)?.x };
  const water = (litres: number): At[] => (litres > 0 ? [{ m: -litres, x: tank('fresh')?.x }] : []);
  const gas = (kg: number): At[] => (kg > 0 ? [{ m: -kg, x: tank('gas')?.x }] : []);
  const lived = build === 'motorhome' || build === 'campervan';
  switch (e.basis) {
    case 'au-tare-vehicle':
      return fuel(10 / tank('fuel')?.capacityL);
    case 'kerb':
      return fuel(1);
    case 'running-order':
      return kind === 'trailer'
        ? [...water(e.waterLitres ?? 0), ...gas(e.gasContent ?? 0)]
        : [driver, ...fuel(0.9), ...water(e.waterLitres ?? (lived ? 10 : 0)), ...gas(e.gasContent ?? (lived ? 11 : 0))];
    case 'running-order-half-tank':
      return [driver, ...fuel(0.5), ...water(e.waterLitres ?? 10)];
    case 'weighed':
      return (e.onBoard ?? []).map(({ mass, x }: Raw) => ({ m: -mass, x }));
    default:
      return [];
  }
}

function onBoard(file: Raw, loadout: Raw, body: Raw): At[] {
  const parts = body.fitted.flatMap(({ on, off, inEmptyMass }: Raw) => {
    const counts = inEmptyMass === 'yes' ? 0 : inEmptyMass === 'unknown' ? 0.5 : 1;
    return [...(on ? [{ m: counts * on.mass, x: on.x }] : []), ...(off ? [{ m: -counts * off.mass, x: off.x }] : [])];
  });
  const moved = (body.fittings ?? []).flatMap((one: Raw) => {
    const now = loadout.fittingPositions?.find((at: Raw) => at.body === body.id && at.fitting === one.id)?.position;
    if (now === undefined || now === one.emptyAt) return [];
    const x = (id: string) => one.positions.find((at: Raw) => at.id === id).x;
    return [
      { m: one.mass, x: x(now) },
      { m: -one.mass, x: x(one.emptyAt) },
    ];
  });
  const people = loadout.crew.map((one: Raw) => ({
    m: one.mass,
    x: body.seats?.find((seat: Raw) => seat.id === one.seat)?.x,
  }));
  const tanks = body.tanks.map((one: Raw) => {
    const level = loadout.tankLevels.find((at: Raw) => at.body === body.id && at.tank === one.id)?.fraction ?? 0;
    const full = one.kind === 'gas' ? one.contents : one.capacityL * (one.densityKgPerL ?? 1);
    return { m: (level === 0 ? 0 : full * level) + (one.vesselMass ?? 0), x: one.x };
  });
  const things = loadout.placements
    .filter((one: Raw) => one.body === body.id)
    .map((one: Raw) => {
      const thing = file['things'].find(({ id }: Raw) => id === one.thing);
      const x = one.x ?? body.places.find(({ id }: Raw) => id === one.place).x;
      const lean = thing.heavyEnd ?? 0;
      return {
        m: one.count * (one.wet ? (thing.wetMass ?? thing.mass) : thing.mass),
        x: one.turned ? x + lean : x - lean,
      };
    });
  return [...parts, ...moved, ...(body.kind === 'vehicle' ? people : []), ...tanks, ...things];
}

/** Every load by the formulas of the text; NaN where a length or a place is not in the file. */
function loadsOf(file: Raw): Partial<Record<QuantityName, number>> {
  const rig = file['rigs'][0];
  const body = (id: string | undefined): Raw | undefined => file['bodies'].find((one: Raw) => one.id === id);
  const loadout = file['loadouts'].find((one: Raw) => one.id === rig.loadout);
  const all = (one: Raw | undefined, offset = 0): At[] =>
    one
      ? [...emptyBody(one), ...contained(one), ...onBoard(file, loadout, one)]
          .filter(({ m }) => m !== 0)
          .map(({ m, x }) => ({ m, x: x + offset }))
      : [];
  const [vehicle, trailer] = [body(rig.vehicle), body(rig.trailer)];
  const car = [...all(vehicle), ...all(body(rig.camper?.body), rig.camper?.x)];
  const sum = (list: readonly At[]) => list.reduce((total, { m }) => total + m, 0);
  const moments = (list: readonly At[]) => list.reduce((total, { m, x }) => total + m * x, 0);
  const towed = all(trailer);
  const a = trailer?.geometry.axlePosition;
  const axles = trailer ? moments(towed) / a : 0;
  const ball = sum(towed) - axles;
  const own = trailer ? { trailerTotal: sum(towed), trailerAxles: axles, ballLoad: ball, ballLoadTowed: ball } : {};
  if (!vehicle) return own;
  const w = groupCentre(vehicle.geometry);
  const pin = trailer?.coupling === 'fifthWheel';
  const overhang = pin
    ? vehicle.geometry.pinOverhang
    : (vehicle.geometry.couplingOverhang ?? 0) + (rig.hitch?.extension ?? 0);
  const h = vehicle.geometry.wheelbase + overhang - w;
  const bars = trailer && !pin ? rig.hitch?.distribution : undefined;
  const set =
    bars?.kind === 'couple' ? bars.coupleNm / 9.81 : (bars?.fraction ?? 0) * ball * (h > 0 ? (h * a) / (a + h) : 0);
  const tau = bars ? set : 0;
  const pressed = trailer ? ball - tau / a : 0;
  const press = trailer ? { front: (pressed * h) / w, rear: (pressed * (w + h)) / w } : { front: 0, rear: 0 };
  const tag = vehicle.geometry.tagAxle;
  const rear = moments(car) / w + press.rear - tau / w;
  return {
    ...own,
    ...(trailer ? { trailerAxles: axles + tau / a, ballLoadTowed: pressed, combination: sum(car) + sum(towed) } : {}),
    vehicleSolo: sum(car),
    vehicleTotal: sum(car) + pressed,
    rearAxle: rear,
    frontAxle: sum(car) - moments(car) / w - press.front + tau / w,
    ...(tag ? { driveAxle: tag.driveShare * rear, tagAxle: (1 - tag.driveShare) * rear } : {}),
  };
}

describe('the loads of a file, reckoned by its description alone', () => {
  it.each(exampleNames)('of %s', (name) => {
    const expected = Object.entries(loadsOf(fileOf(name)));
    expect(expected.length).toBeGreaterThan(2);
    const { values } = compile(exampleView(name));
    for (const [quantity, want] of expected) {
      const found = values[quantity as QuantityName];
      if (found.kind !== 'known') expect(Number.isFinite(want), quantity).toBe(false);
      else expect(found.value, quantity).toBeCloseTo(want, 6);
    }
    const known = Object.values(values).filter(({ kind }) => kind === 'known');
    expect(expected.filter(([, want]) => Number.isFinite(want))).toHaveLength(known.length);
  });
});

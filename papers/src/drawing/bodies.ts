import { isFifthWheel, type RigView } from '@wagonomos/core';
import type { DrawingLayout } from './layout.ts';
import { roundedPath, silhouettes, type Corner, type Point } from './outline.ts';
import type { CamperProfile, TrailerProfile } from './profiles.ts';

/** The outline of a body and its windows, paths in px. */
export interface BodyShape {
  readonly hull: string;
  readonly panes: readonly string[];
}

export interface VehicleShape extends BodyShape {
  /** The tow bar up to the ball; empty: there is none, or it bears on a pin. */
  readonly bar: string;
}

interface Disc {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

export interface TrailerShape extends BodyShape {
  readonly frame: string;
  /** On a drawbar alone. */
  readonly jockey: { readonly leg: string; readonly wheel: Disc } | null;
  readonly rib: string;
  readonly door: string;
  readonly coupling: Disc;
}

export interface Wheel {
  readonly x: number;
  readonly y: number;
  /** px. */
  readonly radius: number;
  readonly arch: number;
}

/** What drives, seen from the side; null where the rig has none. */
export function vehicleShape({ vehicle, trailer }: RigView, layout: DrawingLayout): VehicleShape | null {
  const profile = layout.vehicle;
  if (!vehicle || !profile) return null;
  const { front, rear, wheelbase, tag, height, coupling } = profile;
  const length = front + (tag ?? wheelbase) + rear;
  const shape = silhouettes[vehicle.build];
  const path = (corners: readonly Corner[]) =>
    roundedPath(
      corners.map(([along, up]) => [layout.x('vehicle', along * length - front), layout.y(up * height)]),
      corners.map(([, , round]) => round * layout.scale),
    );
  const onBall = !isFifthWheel(trailer) && (trailer !== undefined || vehicle.geometry.couplingOverhang !== undefined);
  const from = layout.x('vehicle', (tag ?? wheelbase) + rear - 0.12);
  return {
    hull: path(shape.body),
    panes: shape.glass.map(path),
    bar: onBall ? `M${from} ${layout.y(0.4)}L${layout.x('vehicle', coupling)} ${layout.y(0.43)}` : '',
  };
}

/** What is towed, seen from the side; null where the rig has none. */
export function trailerShape(layout: DrawingLayout): TrailerShape | null {
  const { trailer: profile, scale, y } = layout;
  if (!profile) return null;
  const at = (x: number, z: number): Point => [layout.x('trailer', x), y(z)];
  const { drawbar, end, height, fifthWheel } = profile;
  const along = (share: number) => drawbar + share * (end - drawbar);
  const pane = (from: number, to: number, low: number, high: number) =>
    roundedPath([at(along(from), low), at(along(from), high), at(along(to), high), at(along(to), low)], [6, 6, 6, 6]);
  const hull = fifthWheel ? gooseneck(profile) : onDrawbar(profile);
  const [cx, cy] = at(0, 0.43);
  const [bx, by] = at(drawbar + 0.25, 0.47);
  const [ax, ay] = at(drawbar + 0.25, 0.4);
  const [jx, jy] = at(0.42, 0.72);
  const [rx, ry] = at(drawbar + 0.01, 0.66);
  return {
    hull: roundedPath(
      hull.map(([x, z]) => at(x, z)),
      hull.map(([, , round]) => round * scale),
    ),
    panes: [pane(0.14, 0.34, height * 0.53, height * 0.76), pane(0.66, 0.88, height * 0.53, height * 0.76)],
    frame: fifthWheel ? `M${cx} ${y(1.55)}V${y(1.28)}` : `M${cx} ${cy}L${bx} ${by}M${cx} ${cy}L${ax} ${ay}`,
    jockey: fifthWheel ? null : { leg: `M${jx} ${jy}V${y(0.24)}`, wheel: { x: jx, y: y(0.2), r: 0.08 * scale } },
    rib: fifthWheel ? '' : `M${rx} ${ry}H${at(end - 0.01, 0)[0]}`,
    door: pane(0.44, 0.56, 0.5, height * 0.86),
    coupling: { x: cx, y: y(fifthWheel ? 1.26 : 0.43), r: Math.max(3, 0.07 * scale) },
  };
}

const onDrawbar = ({ drawbar: d, end, height: h }: TrailerProfile): readonly Corner[] => [
  [d + 0.16, 0.46, 0.06],
  [d, 0.62, 0.1],
  [d + 0.02, h * 0.72, 0.4],
  [d + 0.42, h, 0.3],
  [end - 0.1, h - 0.02, 0.22],
  [end, h * 0.62, 0.3],
  [end - 0.02, 0.66, 0.1],
  [end - 0.32, 0.46, 0.06],
];

/** Coupled at a pin: the nose reaches forward over the vehicle's bed, the floor drops behind it. */
const gooseneck = ({ drawbar: d, end, height: h }: TrailerProfile): readonly Corner[] => [
  [d + 0.1, 0.5, 0.08],
  [d - 0.1, 1.5, 0.12],
  [-0.55, 1.55, 0.1],
  [-0.6, h * 0.72, 0.3],
  [-0.1, h, 0.5],
  [end - 0.1, h - 0.02, 0.22],
  [end, h * 0.62, 0.3],
  [end - 0.02, 0.7, 0.1],
  [end - 0.32, 0.5, 0.06],
];

/** A slide-on camper: standing on the tray, its bed over the cab; null where the rig has none. */
export function camperShape(layout: DrawingLayout): BodyShape | null {
  const { camper } = layout;
  if (!camper) return null;
  const at = (x: number, z: number): Point => [layout.x('vehicle', x), layout.y(z)];
  const { from, length, overCab, floor, height } = camper;
  const corners = onTray(camper);
  const pane = (left: number, right: number, low: number, high: number) =>
    roundedPath([at(left, low), at(left, high), at(right, high), at(right, low)], [5, 5, 5, 5]);
  return {
    hull: roundedPath(
      corners.map(([x, z]) => at(x, z)),
      corners.map(([, , round]) => round * layout.scale),
    ),
    panes: [
      pane(from - overCab * 0.75, from - overCab * 0.3, floor + height * 0.64, floor + height * 0.84),
      pane(from + length * 0.2, from + length * 0.5, floor + height * 0.48, floor + height * 0.78),
    ],
  };
}

function onTray({ from, length, overCab, floor, height }: CamperProfile): readonly Corner[] {
  const top = floor + height;
  const cab = floor + height * 0.5;
  return [
    [from, floor, 0.04],
    [from, cab, 0.06],
    [from - overCab, cab + 0.1, 0.12],
    [from - overCab + 0.04, top - 0.12, 0.3],
    [from - overCab * 0.4, top, 0.4],
    [from + length + 0.05, top, 0.16],
    [from + length + 0.05, floor + 0.25, 0.08],
    [from + length - 0.12, floor, 0.06],
  ];
}

/** All wheels of the rig. */
export function wheels({ vehicle, trailer, x, y, scale }: DrawingLayout): readonly Wheel[] {
  const driven = vehicle ? [0, vehicle.wheelbase, ...(vehicle.tag === undefined ? [] : [vehicle.tag])] : [];
  const size = Math.min(0.39, (vehicle?.height ?? 0) * 0.205);
  const towed = Math.min(0.36, (trailer?.height ?? 0) * 0.13);
  const wheel = (at: number, radius: number) => ({
    x: at,
    y: y(radius),
    radius: radius * scale,
    arch: (radius + 0.07) * scale,
  });
  return [
    ...driven.map((at) => wheel(x('vehicle', at), size)),
    ...(trailer?.axles ?? []).map((at) => wheel(x('trailer', at), towed)),
  ];
}

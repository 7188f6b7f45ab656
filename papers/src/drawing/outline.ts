import type { VehicleBuild } from '@wagonomos/core';

/** A corner of an outline: along the body from 0 to 1, up from 0 (road) to 1 (roof), and how round, m. */
export type Corner = readonly [along: number, up: number, round: number];

interface Silhouette {
  readonly body: readonly Corner[];
  readonly glass: readonly (readonly Corner[])[];
}

/** Side views of no vehicle in particular, nose to the left. */
export const silhouettes: Readonly<Record<VehicleBuild, Silhouette>> = {
  wagon: {
    body: [
      [0.012, 0.2, 0.08],
      [0, 0.33, 0.05],
      [0.006, 0.53, 0.12],
      [0.04, 0.575, 0.2],
      [0.235, 0.615, 0.1],
      [0.335, 0.965, 0.16],
      [0.4, 1, 0.2],
      [0.955, 0.99, 0.16],
      [0.99, 0.62, 0.1],
      [1, 0.5, 0.06],
      [1, 0.28, 0.06],
      [0.985, 0.2, 0.06],
    ],
    glass: [
      [
        [0.285, 0.645, 0.04],
        [0.362, 0.93, 0.06],
        [0.51, 0.935, 0.04],
        [0.51, 0.645, 0.03],
      ],
      [
        [0.53, 0.645, 0.03],
        [0.53, 0.935, 0.04],
        [0.715, 0.935, 0.04],
        [0.735, 0.645, 0.03],
      ],
      [
        [0.757, 0.645, 0.03],
        [0.737, 0.935, 0.04],
        [0.935, 0.93, 0.06],
        [0.96, 0.645, 0.04],
      ],
    ],
  },
  car: {
    body: [
      [0.015, 0.17, 0.08],
      [0, 0.3, 0.06],
      [0.012, 0.46, 0.12],
      [0.1, 0.57, 0.3],
      [0.265, 0.635, 0.14],
      [0.4, 0.95, 0.3],
      [0.5, 1, 0.4],
      [0.84, 0.97, 0.3],
      [0.965, 0.66, 0.16],
      [1, 0.58, 0.06],
      [1, 0.27, 0.08],
      [0.985, 0.17, 0.06],
    ],
    glass: [
      [
        [0.315, 0.665, 0.04],
        [0.42, 0.91, 0.1],
        [0.54, 0.935, 0.04],
        [0.55, 0.665, 0.03],
      ],
      [
        [0.57, 0.665, 0.03],
        [0.565, 0.94, 0.04],
        [0.72, 0.925, 0.04],
        [0.745, 0.665, 0.03],
      ],
      [
        [0.765, 0.665, 0.03],
        [0.742, 0.92, 0.04],
        [0.83, 0.905, 0.06],
        [0.915, 0.68, 0.04],
      ],
    ],
  },
  ute: {
    body: [
      [0.012, 0.2, 0.08],
      [0, 0.33, 0.05],
      [0.006, 0.53, 0.12],
      [0.04, 0.575, 0.2],
      [0.225, 0.61, 0.1],
      [0.31, 0.965, 0.16],
      [0.36, 1, 0.2],
      [0.56, 0.99, 0.16],
      [0.605, 0.62, 0.06],
      [0.615, 0.585, 0.03],
      [1, 0.585, 0.04],
      [1, 0.28, 0.05],
      [0.985, 0.22, 0.05],
    ],
    glass: [
      [
        [0.27, 0.645, 0.04],
        [0.333, 0.93, 0.06],
        [0.43, 0.935, 0.04],
        [0.43, 0.645, 0.03],
      ],
      [
        [0.447, 0.645, 0.03],
        [0.447, 0.935, 0.04],
        [0.545, 0.93, 0.04],
        [0.58, 0.645, 0.03],
      ],
    ],
  },
  van: {
    body: [
      [0.012, 0.12, 0.08],
      [0, 0.2, 0.06],
      [0.006, 0.35, 0.12],
      [0.05, 0.42, 0.25],
      [0.125, 0.47, 0.12],
      [0.205, 0.87, 0.25],
      [0.27, 1, 0.4],
      [0.97, 1, 0.2],
      [1, 0.93, 0.15],
      [1, 0.2, 0.06],
      [0.985, 0.12, 0.06],
    ],
    glass: [
      [
        [0.158, 0.5, 0.05],
        [0.225, 0.78, 0.1],
        [0.345, 0.78, 0.05],
        [0.345, 0.5, 0.05],
      ],
    ],
  },
  motorhome: {
    body: [
      [0.012, 0.12, 0.08],
      [0, 0.2, 0.06],
      [0.006, 0.34, 0.12],
      [0.05, 0.41, 0.25],
      [0.12, 0.46, 0.12],
      [0.2, 0.84, 0.25],
      [0.255, 1, 0.4],
      [0.975, 1, 0.22],
      [1, 0.92, 0.15],
      [1, 0.2, 0.06],
      [0.985, 0.12, 0.06],
    ],
    glass: [
      [
        [0.155, 0.49, 0.05],
        [0.218, 0.76, 0.1],
        [0.345, 0.76, 0.05],
        [0.345, 0.49, 0.05],
      ],
      [
        [0.42, 0.55, 0.06],
        [0.42, 0.78, 0.06],
        [0.575, 0.78, 0.06],
        [0.575, 0.55, 0.06],
      ],
    ],
  },
};

export type Point = readonly [x: number, y: number];

/** A closed path through points with its corners rounded. `round` in px for each point. */
export function roundedPath(points: readonly Point[], round: readonly number[]): string {
  const count = points.length;
  const parts = points.map((point, index) => {
    const before = points[(index + count - 1) % count] ?? point;
    const after = points[(index + 1) % count] ?? point;
    const [ax, ay] = towards(point, before, round[index] ?? 0);
    const [bx, by] = towards(point, after, round[index] ?? 0);
    const start = index === 0 ? 'M' : 'L';
    return `${start}${ax.toFixed(1)} ${ay.toFixed(1)}Q${point[0].toFixed(1)} ${point[1].toFixed(1)} ${bx.toFixed(1)} ${by.toFixed(1)}`;
  });
  return `${parts.join('')}Z`;
}

/** A point some way along an edge, at most to its middle. */
function towards([x, y]: Point, [tx, ty]: Point, by: number): Point {
  const length = Math.hypot(tx - x, ty - y) || 1;
  const share = Math.min(by / length, 0.5);
  return [x + (tx - x) * share, y + (ty - y) * share];
}

/** Where the words of a pillar stand: to its left or right, whichever crowds the others least. */
export type LabelSide = 'left' | 'right';

const gap = 18;

/** Chooses sides so that labels overlap one another, other pillars and the edges as little as possible. */
export function labelSides(positions: readonly number[], labelWidth: number, width: number): readonly LabelSide[] {
  const count = positions.length;
  let best: LabelSide[] = positions.map(() => 'right');
  let least = Infinity;
  for (let choice = 0; choice < 2 ** count; choice += 1) {
    const sides = positions.map((_, index): LabelSide => ((choice >> index) & 1 ? 'left' : 'right'));
    const cost = crowding(positions, sides, labelWidth, width);
    if (cost < least) {
      least = cost;
      best = sides;
    }
  }
  return best;
}

function crowding(
  positions: readonly number[],
  sides: readonly LabelSide[],
  labelWidth: number,
  width: number,
): number {
  const boxes = positions.map((x, index): [number, number] =>
    sides[index] === 'left' ? [x - gap - labelWidth, x - gap] : [x + gap, x + gap + labelWidth],
  );
  let cost = 0;
  for (const [index, box] of boxes.entries()) {
    cost += Math.max(0, -box[0]) * 3 + Math.max(0, box[1] - width) * 3;
    for (const other of boxes.slice(index + 1)) cost += overlap(box, other);
    for (const [n, x] of positions.entries()) if (n !== index) cost += overlap(box, [x - 13, x + 13]);
  }
  return cost;
}

const overlap = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.max(0, Math.min(a[1], b[1]) - Math.max(a[0], b[0]));

/** Moves pillars that would stand in each other apart, evenly about where they meet. px, in the order given. */
export function standApart(positions: readonly number[], least: number): readonly number[] {
  const order = positions.map((x, index) => ({ x, index })).sort((a, b) => a.x - b.x);
  for (let n = 1; n < order.length; n += 1) {
    const [left, right] = [order[n - 1], order[n]];
    if (!left || !right) continue;
    const short = least - (right.x - left.x);
    if (short <= 0) continue;
    // The left one gives way only as far as its own neighbour lets it.
    const free = n > 1 ? Math.max(0, left.x - (order[n - 2]?.x ?? -Infinity) - least) : short;
    const back = Math.min(short / 2, free);
    left.x -= back;
    right.x += short - back;
  }
  const moved = [...positions];
  for (const { x, index } of order) moved[index] = x;
  return moved;
}

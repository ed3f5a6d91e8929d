export type TonePoint = { x: number; y: number };

const LEAST_APART = 2;
const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/** A point moved; it stays between its neighbours, and the ends stay at the ends. */
export function moved(points: TonePoint[], at: number, to: TonePoint): TonePoint[] {
  const last = points.length - 1;
  const before = points[at - 1];
  const after = points[at + 1];
  const x =
    at === 0 ? 0 : at === last ? 100 : within(to.x, (before?.x ?? 0) + LEAST_APART, (after?.x ?? 100) - LEAST_APART);
  const y = within(to.y, before?.y ?? 0, after?.y ?? 100);
  return points.map((p, i) => (i === at ? { x: round(x), y: round(y) } : p));
}

/** A further point on the curve; the same points where there is no room for one. */
export function added(points: TonePoint[], to: TonePoint): { points: TonePoint[]; at: number } {
  const at = points.findIndex((p) => p.x > to.x);
  const before = points[at - 1];
  const after = points[at];
  if (!before || !after || to.x - before.x < LEAST_APART || after.x - to.x < LEAST_APART) return { points, at: -1 };
  const y = within(to.y, before.y, after.y);
  return { points: [...points.slice(0, at), { x: round(to.x), y: round(y) }, ...points.slice(at)], at };
}

/** Without a point; the ends stay. */
export const without = (points: TonePoint[], at: number): TonePoint[] =>
  at <= 0 || at >= points.length - 1 ? points : points.filter((_, i) => i !== at);

const round = (value: number) => Math.round(value * 10) / 10;

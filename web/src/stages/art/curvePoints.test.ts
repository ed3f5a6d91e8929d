import { describe, expect, it } from "vitest";
import { added, moved, without } from "./curvePoints";

const straight = [
  { x: 0, y: 0 },
  { x: 50, y: 50 },
  { x: 100, y: 100 },
];

describe("points of a tone curve", () => {
  it("never lets the curve fall", () => {
    expect(moved(straight, 1, { x: 40, y: 120 })[1]).toEqual({ x: 40, y: 100 });
    expect(moved(straight, 0, { x: 30, y: 80 })[0]).toEqual({ x: 0, y: 50 });
    expect(moved(straight, 2, { x: 10, y: 20 })[2]).toEqual({ x: 100, y: 50 });
  });
  it("keeps points apart", () => {
    expect(moved(straight, 1, { x: -5, y: 10 })[1]).toEqual({ x: 2, y: 10 });
    expect(added(straight, { x: 51, y: 60 }).points).toBe(straight);
    expect(added(straight, { x: 75, y: 90 })).toEqual({
      points: [straight[0], straight[1], { x: 75, y: 90 }, straight[2]],
      at: 2,
    });
  });
  it("keeps its ends", () => {
    expect(without(straight, 0)).toBe(straight);
    expect(without(straight, 2)).toBe(straight);
    expect(without(straight, 1)).toEqual([straight[0], straight[2]]);
  });
});

import { describe, expect, it } from "vitest";
import { type RunBoard, stillWaiting, type Told, tied, withWaiting } from "./counted";

const size = (name: string, ordered: number, good: number) => ({ size: name, ordered, good, left: ordered - good });
const board = {
  count: {
    lines: [
      {
        words: "Tee, navy",
        sizes: [size("S", 2, 1), size("M", 4, 0)],
        misprints: 0,
        ordered: 6,
        good: 1,
        next: "S",
      },
    ],
    good: 1,
    misprints: 0,
    ordered: 6,
    lookIn: 2,
    line: 0,
    standing: null,
    goes: { done: 1, ahead: 0, doneMs: null, endedMs: null },
    table: null,
  },
  latest: [{ id: "first", kind: "good", line: 0, size: "S", pieces: 1 }],
  lookEvery: 24,
} as unknown as RunBoard;
const touch = (id: string, kind: Told["kind"], more: Partial<Told> = {}): Told => ({
  id,
  atMs: 1,
  kind,
  line: 0,
  size: "S",
  pieces: 1,
  xMm: null,
  yMm: null,
  cause: null,
  reason: null,
  plate: null,
  grams: null,
  name: "",
  ...more,
});

describe("what waits on this device", () => {
  it("counts at once, by size, and says what comes next", () => {
    const { count } = withWaiting(board, [touch("a", "good"), touch("b", "good", { size: "M" })]);
    expect([count.good, count.lines[0]?.sizes.map((s) => s.left), count.lines[0]?.next]).toEqual([3, [0, 3], "M"]);
    expect(count.lookIn).toBe(0);
  });
  it("counts a misprint apart", () => {
    const { count } = withWaiting(board, [touch("a", "misprint")]);
    expect([count.good, count.misprints, count.lines[0]?.sizes[0]?.left]).toEqual([1, 1, 1]);
  });
  it("takes back what waits, and what the shop has already", () => {
    expect(withWaiting(board, [touch("a", "good"), touch("b", "taken back", { name: "a" })]).count.good).toBe(1);
    const { count } = withWaiting(board, [touch("b", "taken back", { name: "first" })]);
    expect([count.good, count.lines[0]?.sizes[0]?.left]).toEqual([0, 2]);
  });
  it("stands until it goes on, or a piece is counted", () => {
    const stopped = touch("a", "stopped", { reason: "ink" });
    expect(withWaiting(board, [stopped]).count.standing?.reason).toBe("ink");
    expect(withWaiting(board, [stopped, touch("b", "good")]).count.standing).toBeNull();
  });
  it("waits no more when the shop knows it", () => {
    expect(stillWaiting([touch("a", "good"), touch("b", "good")], ["a"]).map((e) => e.id)).toEqual(["b"]);
  });
  it("ties tens and dozens", () => {
    expect([tied(47, 10), tied(47, 12)]).toEqual([
      { bundles: 4, loose: 7 },
      { bundles: 3, loose: 11 },
    ]);
  });
  it("lays a colour on what waits, and the next one waits for it", () => {
    const pass = (plate: number, laid: number, waiting: number) => ({ plate, laid, waiting, spoiled: 0 });
    const table = { passes: [pass(1, 3, 1), pass(2, 1, 2), pass(3, 0, 1)], plate: 2 };
    const on = { ...board, count: { ...board.count, table } } as unknown as RunBoard;
    const seen = (told: Told[]) => withWaiting(on, told).count.table?.passes.map((p) => [p.laid, p.waiting]);
    expect(seen([touch("a", "laid", { plate: 2 })])).toEqual([
      [3, 1],
      [2, 1],
      [0, 2],
    ]);
    expect(seen([touch("a", "misprint", { plate: 2 }), touch("b", "good")])).toEqual([
      [3, 1],
      [1, 1],
      [1, 0],
    ]);
  });
});

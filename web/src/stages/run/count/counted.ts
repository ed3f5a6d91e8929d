import type { components } from "../../../api/generated/schema";

type Shape = components["schemas"];
export type RunBoard = Shape["RunBoard"];
export type Told = Shape["EventTold"];
export type Cause = NonNullable<Told["cause"]>;
export type Reason = NonNullable<Told["reason"]>;

/** The same things as the shop keeps them: what it has told back as known waits no more. */
export const stillWaiting = (waiting: Told[], known: string[]) => {
  const kept = new Set(known);
  return waiting.filter((event) => !kept.has(event.id));
};

/**
 * What the shop told, and on top of it what waits on this device: each touch is one more, at once. Pace, ink and sentences are
 * reckoned by the shop; they follow when it has heard of it.
 */
export function withWaiting(board: RunBoard, waiting: Told[]): RunBoard {
  const back = new Set(waiting.filter((e) => e.kind === "taken back").map((e) => e.name));
  let count = board.count;
  for (const event of waiting) {
    if (back.has(event.id)) continue;
    if (event.kind === "taken back") {
      const gone = board.latest.find((e) => e.id === event.name);
      if (gone) {
        count = printed(count, gone.kind, gone.line, gone.size, -gone.pieces);
        count = along(count, gone.kind, gone.plate, -gone.pieces);
      }
    } else {
      count = printed(count, event.kind, event.line ?? 0, event.size ?? "", event.pieces ?? 1);
      count = along(count, event.kind, event.plate ?? null, event.pieces ?? 1);
    }
    if (event.kind === "looked") count = { ...count, lookIn: board.lookEvery };
    if (event.kind === "stopped" && count.standing === null)
      count = { ...count, standing: { fromMs: event.atMs, toMs: null, reason: event.reason ?? "something else" } };
    if (event.kind === "resumed" || event.kind === "good" || event.kind === "misprint")
      count = { ...count, standing: null };
    if (event.kind === "ended") count = { ...count, goes: { ...count.goes, endedMs: event.atMs } };
  }
  return { ...board, count };
}

function printed(count: RunBoard["count"], kind: string, at: number, size: string, pieces: number): RunBoard["count"] {
  if (kind !== "good" && kind !== "misprint") return count;
  const good = kind === "good" ? pieces : 0;
  const lines = count.lines.map((line, i) => {
    if (i !== at) return line;
    const sizes = line.sizes.map((one) =>
      one.size === size ? { ...one, good: one.good + good, left: Math.max(0, one.ordered - one.good - good) } : one,
    );
    return {
      ...line,
      sizes,
      good: line.good + good,
      misprints: line.misprints + (pieces - good),
      next: sizes.find((one) => one.left > 0)?.size ?? null,
    };
  });
  return {
    ...count,
    lines,
    line: at,
    good: count.good + good,
    misprints: count.misprints + (pieces - good),
    lookIn: Math.max(0, count.lookIn - pieces),
    goes: { ...count.goes, done: count.goes.done + good, endedMs: pieces > 0 ? null : count.goes.endedMs },
  };
}

/** On a table: a colour is laid on what waited for it, and the next one waits for that; the last makes it good. */
function along(count: RunBoard["count"], kind: string, plate: number | null, pieces: number): RunBoard["count"] {
  if (!count.table || (kind !== "laid" && kind !== "good" && kind !== "misprint")) return count;
  const last = count.table.passes.length - 1;
  const at = plate === null ? last : count.table.passes.findIndex((p) => p.plate === plate);
  const spoiled = kind === "misprint" ? pieces : 0;
  const passes = count.table.passes.map((pass, i) =>
    i === at
      ? { ...pass, laid: pass.laid + pieces - spoiled, spoiled: pass.spoiled + spoiled, waiting: pass.waiting - pieces }
      : i === at + 1
        ? { ...pass, waiting: pass.waiting + pieces - spoiled }
        : pass,
  );
  return { ...count, table: { ...count.table, passes } };
}

/** Tens or dozens that are tied, and what is loose. */
export const tied = (good: number, by: number) => ({ bundles: Math.floor(good / by), loose: good % by });

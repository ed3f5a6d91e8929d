/**
 * A step test under way, as it is kept on this device: it goes by the clock on the wall, so that a reload or a sleeping tablet
 * loses nothing.
 */
export type Run = {
  /** What each step is to last, s; the first may be longer than the others. */
  steps: number[];
  /** What each step that is over really lasted, s. */
  lasted: number[];
  /** What the step under way was given before it was stopped, s. */
  given: number;
  /** When the step under way began, ms of the clock; null between steps. */
  startedAt: number | null;
  /** Run on the simulated lamp without waiting: nothing burned, and nothing is learned from it. */
  practice?: boolean;
};

/** What is late by no more than this was seen in time, s. */
const LATE_S = 1.5;

const KEY = "ektype.steptest";

export const begun = (firstS: number, incrementS: number, strips: number): Run => ({
  steps: Array.from({ length: strips }, (_, k) => (k === 0 ? firstS + incrementS : incrementS)),
  lasted: [],
  given: 0,
  startedAt: null,
});

export type Moment =
  | { state: "ready"; step: number }
  | { state: "burning"; step: number; leftS: number }
  | { state: "over"; step: number; lateS: number }
  | { state: "done" };

/** Where a test stands now. */
export function momentOf(run: Run, now: number): Moment {
  const step = run.lasted.length;
  const length = run.steps[step];
  if (length === undefined) return { state: "done" };
  if (run.startedAt === null) return { state: "ready", step };
  const left = length - run.given - (now - run.startedAt) / 1000;
  if (left > 0) return { state: "burning", step, leftS: left };
  return { state: "over", step, lateS: -left };
}

/** Whether a step was over so long before anybody looked that the lamp may have burned on. */
export const isLate = (moment: Moment) => moment.state === "over" && moment.lateS > LATE_S;

export const light = (run: Run, now: number): Run => ({ ...run, startedAt: now });

/** The step is over; it lasted as long as it was to, or as long as the lamp really burned. */
export const ended = (run: Run, lasted: number): Run => ({
  ...run,
  lasted: [...run.lasted, Math.round(10 * lasted) / 10],
  given: 0,
  startedAt: null,
});

/** The lamp was put out before its time: what it burned counts, and the step goes on with the rest. */
export function stopped(run: Run, now: number): Run {
  const length = run.steps[run.lasted.length];
  if (run.startedAt === null || length === undefined) return run;
  const given = run.given + (now - run.startedAt) / 1000;
  return given >= length ? ended(run, length) : { ...run, given, startedAt: null };
}

/** All steps at once, on the simulated lamp. */
export const practised = (run: Run): Run => ({
  ...run,
  lasted: [...run.steps],
  given: 0,
  startedAt: null,
  practice: true,
});

/** Seconds that each strip was given: strip k all steps up to its own. */
export function stripTimes(run: Run, planned: number[]): number[] {
  let sum = 0;
  return planned.map((step, k) => {
    sum += run.lasted[k] ?? step;
    return Math.round(10 * sum) / 10;
  });
}

/** @param address where its whole plan stands, so that it is found again from anywhere */
export function keepRun(run: Run | null, of: string, address: string) {
  try {
    if (run === null) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify({ of, run, address }));
  } catch {
    // Without storage the test lasts as long as the page.
  }
}

/** Where the test that is under way on this device stands; empty where none is. */
export function underWay(): string {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? "null") as { address?: string } | null)?.address ?? "";
  } catch {
    return "";
  }
}

export function keptRun(of: string): Run | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? "null") as { of: string; run: Run } | null;
    return kept !== null && kept.of === of && Array.isArray(kept.run.steps) ? kept.run : null;
  } catch {
    return null;
  }
}

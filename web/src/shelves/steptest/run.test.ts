import { describe, expect, it } from "vitest";
import { begun, ended, isLate, light, momentOf, practised, stopped, stripTimes } from "./run";

describe("a step test under way", () => {
  it("counts each step by the clock and covers one strip more after each", () => {
    let run = begun(0, 6, 4);
    expect(momentOf(run, 0)).toEqual({ state: "ready", step: 0 });
    run = light(run, 1_000);
    expect(momentOf(run, 3_000)).toEqual({ state: "burning", step: 0, leftS: 4 });
    expect(momentOf(run, 7_000).state).toBe("over");
    run = ended(run, 6);
    expect(momentOf(run, 9_000)).toEqual({ state: "ready", step: 1 });
    for (let k = 0; k < 3; k++) run = ended(light(run, 0), 6);
    expect(momentOf(run, 0)).toEqual({ state: "done" });
    expect(stripTimes(run, [6, 6, 6, 6])).toEqual([6, 12, 18, 24]);
  });

  it("is over at once in practice, and says that it was none", () => {
    const run = practised(begun(10, 5, 3));
    expect(momentOf(run, 0)).toEqual({ state: "done" });
    expect(stripTimes(run, [15, 5, 5])).toEqual([15, 20, 25]);
    expect(run.practice).toBe(true);
  });

  it("says when a tablet slept through the end of a step", () => {
    const run = light(begun(0, 6, 4), 0);
    expect(isLate(momentOf(run, 6_500))).toBe(false);
    expect(isLate(momentOf(run, 20_000))).toBe(true);
  });

  it("counts what a lamp burned on for every strip that was not covered yet", () => {
    const run = ended(ended(light(begun(0, 6, 4), 0), 6), 9);
    expect(stripTimes(run, [6, 6, 6, 6])).toEqual([6, 15, 21, 27]);
  });

  it("goes on with the rest of a step that was stopped", () => {
    const run = stopped(light(begun(0, 6, 4), 0), 2_000);
    expect(momentOf(run, 5_000)).toEqual({ state: "ready", step: 0 });
    expect(momentOf(light(run, 10_000), 11_000)).toEqual({ state: "burning", step: 0, leftS: 3 });
    expect(momentOf(light(run, 10_000), 14_000).state).toBe("over");
  });

  it("gives all strips the first burn", () => {
    expect(begun(10, 2, 3).steps).toEqual([12, 2, 2]);
    expect(stripTimes(begun(10, 2, 3), [12, 2, 2])).toEqual([12, 14, 16]);
  });
});

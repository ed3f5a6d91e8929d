import { describe, expect, it } from "vitest";
import { hangs, replaced, same, withInk, without } from "./inkSet";

describe("a set of inks", () => {
  it("loses, gains and exchanges an ink, each once", () => {
    expect(without([3, 5, 7], 5)).toEqual([3, 7]);
    expect(withInk([3, 5], 7)).toEqual([3, 5, 7]);
    expect(withInk([3, 5], 5)).toEqual([3, 5]);
    expect(replaced([3, 5, 7], 5, 9)).toEqual([3, 9, 7]);
    expect(replaced([3, 5, 7], 5, 7)).toEqual([3, 7]);
  });
  it("is the same in another order, and not with one more", () => {
    expect(same([3, 5], [5, 3])).toBe(true);
    expect(same([3, 5], [3, 5, 7])).toBe(false);
    expect(same([3, 5], [3, 7])).toBe(false);
  });
});

describe("a print on the line", () => {
  it("hangs the lower the further its colour is off", () => {
    expect(hangs(0, 10, 200, 20)).toBe(20);
    expect(hangs(10, 10, 200, 20)).toBe(200);
    expect(hangs(5, 10, 200, 20)).toBe(110);
    expect(hangs(0, 0, 200, 20)).toBe(20);
  });
});

import { describe, expect, it } from "vitest";
import { meets, meetsWords } from "./vernier";

describe("the vernier under the loupe", () => {
  it("counts tenths by the line whose two parts stand at one place", () => {
    for (const tenths of [-5, -3, 0, 2, 5]) {
      const off = tenths / 10;
      const apart = Array.from({ length: 11 }, (_, i) => i - 5).map((i) => [i, Math.abs(0.9 * i + off - i)] as const);
      const nearest = apart.reduce((best, one) => (one[1] < best[1] ? one : best));
      expect(meets(off)).toBe(nearest[0]);
    }
  });
  it("says nothing of what lies beyond its lines", () => {
    expect(meets(0.7)).toBeNull();
    expect(meetsWords(-0.8)).toBe("Further off than the lines tell.");
    expect(meetsWords(0.31)).toBe("By the lines: the third to the right meets.");
    expect(meetsWords(-0.1)).toBe("By the lines: the first to the left meets.");
    expect(meetsWords(0.04)).toBe("By the lines: the middle ones meet.");
  });
});

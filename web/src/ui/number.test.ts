import { describe, expect, it } from "vitest";
import { notRead, numberTyped, rulingTyped, twoWays } from "./number";

describe("a number as it is typed", () => {
  it.each([
    ["12", 12],
    ["0,35", 0.35],
    ["0.35", 0.35],
    [" 1 200 ", 1200],
    ["1’200,5", 1200.5],
    ["−0,1", -0.1],
    ["+3", 3],
    [",5", 0.5],
    ["12.", 12],
  ])("%s is %d", (text, number) => expect(numberTyped(text)).toBe(number));

  it("an empty field is nothing, not zero", () => expect(numberTyped("  ")).toBeNull());

  it.each(["12 mm", "1,2,3", "1.2.3", "abc", "1e3", "--1", ".", "12,5,", "1,000", "12,345"])(
    "%s is no number, not half of one",
    (text) => expect(numberTyped(text)).toBeNaN(),
  );
});

it("a comma before three digits is asked about", () => {
  expect(twoWays("1,000")).toBe("“1,000” may be 1000 or 1.000. Write it without the comma, or with a point.");
  expect(twoWays("0,125")).toBe("");
  expect(twoWays("16,5")).toBe("");
});

it("the first field that holds no number is named with what stands in it", () => {
  expect(
    notRead([
      ["Best strip, s", "16,5"],
      ["Closing at, s", ""],
    ]),
  ).toBe("");
  expect(
    notRead([
      ["Still slimy at, s", "14"],
      ["Best strip, s", " 16.5 s"],
    ]),
  ).toContain("“Best strip, s” is not a number: “16.5 s”");
});

describe("a ruling as typed", () => {
  it.each([
    ["45", 45],
    ["45 lpi", 45],
    ["45/in", 45],
    ["18/cm", 45.72],
    ["18 l/cm", 45.72],
    ["18 lines a cm", 45.72],
    ["17,5 /cm", 44.45],
  ])("%s is %d an inch", (text, lpi) => expect(rulingTyped(text)).toBeCloseTo(lpi, 9));
  it("nothing is nothing, half of one is none", () => {
    expect(rulingTyped(" ")).toBeNull();
    expect(rulingTyped("/cm")).toBeNaN();
    expect(rulingTyped("45 mm")).toBeNaN();
  });
});

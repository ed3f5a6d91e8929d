import { describe, expect, it } from "vitest";
import { inUnits, lengthTyped, lengthWritten, swapped } from "./lengths";

describe("a length as it was typed", () => {
  it.each([
    ["12", false, 12],
    ["12", true, 304.8],
    ['12"', false, 304.8],
    ["12 in", false, 304.8],
    ["12in.", true, 304.8],
    ["12 inches", false, 304.8],
    ["12″", false, 304.8],
    ["10 1/2 in", false, 266.7],
    ["10-1/2", true, 266.7],
    ["1/32", true, 0.79375],
    ['1/32"', false, 0.79375],
    ["30 cm", false, 300],
    ["30,5cm", true, 305],
    ["0,25 mm", true, 0.25],
    ["0.25mm", false, 0.25],
    ["1 200", false, 1200],
    ["−3", false, -3],
    ["-1/4 in", false, -6.35],
    [".5", true, 12.7],
    ["3' 6\"", false, 1066.8],
    ["3 ft 6 1/2 in", false, 1079.5],
    ["12 ft", false, 3657.6],
    ["1’200", false, 1200],
    ["2′", true, 609.6],
    ["10½", true, 266.7],
    ["½ in", false, 12.7],
    ["5 mil", false, 0.127],
    ["40 µm", true, 0.04],
  ])("%s (inches %s) is %d mm", (text, inches, mm) => expect(lengthTyped(text, inches)).toBeCloseTo(mm, 9));

  it.each([
    "1,000",
    "12,500 mm",
    "3' 6 mm",
    "12 x",
    "1/0",
    "ten",
    "1/2/3",
    "12 mm mm",
    '"',
    "mm",
    "1.2.3",
    "12 in 3",
    "5/",
    "/5",
    "1e3",
  ])("%s is no length, and no part of it is taken", (text) => expect(lengthTyped(text, false)).toBeNaN());

  it("an empty field is nothing, not zero", () => {
    expect(lengthTyped("", true)).toBeNull();
    expect(lengthTyped("   ", false)).toBeNull();
  });
});

describe("when the unit is swapped", () => {
  it("what stands in a field is converted", () => {
    expect(swapped("0.6", false, true)).toBe("0.0236");
    expect(swapped("12", true, false)).toBe("304.8");
    expect(swapped("300", false, true)).toBe("11.811");
  });
  it("what has its unit stays", () => expect(swapped('12"', false, true)).toBe('12"'));
  it("what is no length yet stays", () => {
    expect(swapped("", false, true)).toBe("");
    expect(swapped("12 f", false, true)).toBe("12 f");
  });
  it("nothing is nothing in both", () => expect(swapped("0", false, true)).toBe("0"));
  it.each([0.1, 0.25, 25.4, 300, 381])("%d mm come back within a hundredth", (mm) => {
    const there = swapped(lengthWritten(mm, false), false, true);
    expect(lengthTyped(swapped(there, true, false), false)).toBeCloseTo(mm, 1);
  });
});

describe("a sentence about millimetres", () => {
  it("is left to those who count in them", () =>
    expect(inUnits("must lie from 5 to 2000 mm, and is 4", false)).toBe("must lie from 5 to 2000 mm, and is 4"));
  it.each([
    ["“Print width, mm” must lie from 5 to 2000 mm.", "“Print width, in” must lie from 0.20 to 78.7 in."],
    ["Frame 3 is 360 × 460 mm inside.", "Frame 3 is 14.2 × 18.1 in inside."],
    ["It is 0.31 mm out of register.", "It is 0.0122 in out of register."],
    ["Pinholes of 12 µm stay.", "Pinholes of 12 µm stay."],
  ])("is said in inches: %s", (mm, said) => expect(inUnits(mm, true)).toBe(said));
});

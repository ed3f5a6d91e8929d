import { describe, expect, it } from "vitest";
import type { Readout } from "../api/client";
import { figureText } from "./figures";

const figure = (value: number | null, unit: string, sign: Readout["sign"] = "reckoned", text = ""): Readout => ({
  value,
  unit,
  sign,
  text,
  low: null,
  high: null,
});

describe("a figure as it is read from a metre away", () => {
  it.each([
    [figure(9.54, "s"), "9.5 s"],
    [figure(12.54, "s"), "13 s"],
    [figure(12.54, "s", "measured"), "12.5 s"],
    [figure(12, "s", "measured"), "12 s"],
    [figure(90, "s"), "1:30"],
    [figure(125.6, "s"), "2:06"],
    [figure(3.04, "mm"), "3.0 mm"],
    [figure(9.4, "g"), "9.4 g"],
    [figure(94.4, "g"), "94 g"],
    [figure(22.4, "µm"), "22 µm"],
    [figure(null, "s"), "–"],
    [figure(77, "", "measured", "77–55"), "77–55"],
  ])("%o reads %s", (one, text) => expect(figureText(one)).toBe(text));
});

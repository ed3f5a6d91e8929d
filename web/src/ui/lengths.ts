import { numberTyped } from "./number";

const PER_UNIT: Record<string, number> = {
  mm: 1,
  cm: 10,
  µm: 0.001,
  um: 0.001,
  mil: 0.0254,
  mils: 0.0254,
  ft: 304.8,
  "'": 304.8,
  "′": 304.8,
  "’": 304.8,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  "″": 25.4,
  "”": 25.4,
  "''": 25.4,
};

const FRACTIONS: Record<string, string> = {
  "½": "1/2",
  "⅓": "1/3",
  "⅔": "2/3",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/** 10, 10.5, 10,5, 1/2, 10 1/2, 10-1/2, 10½; NaN for anything else. */
function amount(typed: string): number {
  const text = typed.replace(/\s*([½⅓⅔¼¾⅛⅜⅝⅞])$/, (_, sign: string) => ` ${FRACTIONS[sign]}`).trim();
  const parts = /^([+-]?)(?:(\d+)[\s-]+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(text.replace("−", "-"));
  if (!parts) return numberTyped(text) ?? Number.NaN;
  const [, sign, whole, above, below] = parts;
  if (Number(below) === 0) return Number.NaN;
  return (sign === "-" ? -1 : 1) * (Number(whole ?? 0) + Number(above) / Number(below));
}

/**
 * A length as it was typed, in millimetres: with its unit, or in the one that the page shows. null for an empty field, NaN
 * for what cannot be understood as a whole, so that nobody takes a part of it.
 */
export function lengthTyped(text: string, inches: boolean): number | null {
  const plain = text.trim().toLowerCase();
  if (plain === "") return null;
  // Feet and inches: 3' 6", 3 ft 6 1/2 in.
  const feet = /^(\d+)\s*(?:ft|feet|foot|['′’])\s*(\d[^a-zµ'′’"″”]*?)\s*(inches|inch|in|["″”])?\.?$/.exec(plain);
  if (feet?.[2] !== undefined) {
    const inch = amount(feet[2]);
    // 1’200 is a thousand and two hundred: inches beside feet have their mark, or are fewer than a foot.
    if (feet[3] !== undefined || inch < 12) return Number(feet[1]) * 304.8 + inch * 25.4;
  }
  const unit = /(mm|cm|µm|um|mils?|inches|inch|in|ft|''|["″”]|['′’])\.?$/.exec(plain);
  const told = unit ? plain.slice(0, unit.index).trim() : plain;
  if (told === "") return Number.NaN;
  return amount(told) * (unit ? (PER_UNIT[unit[1] ?? ""] ?? Number.NaN) : inches ? 25.4 : 1);
}

/** A length as a field shows it. */
export const lengthWritten = (mm: number, inches: boolean) =>
  inches ? (mm / 25.4).toFixed(Math.abs(mm) < 2.54 ? 4 : 3) : String(Math.round(mm * 100) / 100);

/** The same length in the other unit; what has its own unit, or is no length yet, stays as it was typed. */
export function swapped(text: string, was: boolean, inches: boolean): string {
  const mm = lengthTyped(text, was);
  const same = lengthTyped(text, inches);
  return mm === null || Number.isNaN(mm) || mm === same ? text : lengthWritten(mm, inches);
}

/** Hundredths of a millimetre keep four places in inches. */
const inch = (mm: string) => {
  const value = Number(mm.replace("−", "-")) / 25.4;
  const fine = (mm.split(".")[1] ?? "").length > 1;
  return value.toFixed(fine ? 4 : Math.abs(value) < 0.1 ? 3 : Math.abs(value) < 10 ? 2 : 1);
};

/** A sentence about millimetres, in the units that its reader counts in. */
export const inUnits = (sentence: string, inches: boolean) =>
  inches
    ? sentence
        .replace(
          /([-−]?\d+(?:\.\d+)?)((?: to | × | and )[-−]?\d+(?:\.\d+)?)? mm\b/g,
          (_, first: string, second?: string) =>
            `${inch(first)}${second ? second.replace(/[-−]?\d+(?:\.\d+)?/, inch) : ""} in`,
        )
        .replace(/, mm([”,.])/g, ", in$1")
        .replace(/([-−]?\d+(?:\.\d+)?)( to [-−]?\d+(?:\.\d+)?)? °C/g, (_, first: string, second?: string) => {
          const warm = (c: string) => (1.8 * Number(c.replace("−", "-")) + 32).toFixed(0);
          return `${warm(first)}${second ? second.replace(/[-−]?\d+(?:\.\d+)?/, warm) : ""} °F`;
        })
    : sentence;

import { numberTyped } from "./number";

const PER_UNIT: Record<string, number> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  "″": 25.4,
  "”": 25.4,
  "''": 25.4,
};

/** 10, 10.5, 10,5, 1/2, 10 1/2, 10-1/2; NaN for anything else. */
function amount(text: string): number {
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
  const unit = /(mm|cm|inches|inch|in|''|["″”])\.?$/.exec(plain);
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

const inch = (mm: string) => {
  const value = Number(mm.replace("−", "-")) / 25.4;
  return value.toFixed(Math.abs(value) < 0.1 ? 3 : Math.abs(value) < 10 ? 2 : 1);
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
    : sentence;

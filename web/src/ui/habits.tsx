import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from "react";
import { lengthTyped, lengthWritten } from "./lengths";

/** The shop's habits on this device: units and safelight. */
type Habits = {
  inches: boolean;
  safe: boolean;
  swapUnits: () => void;
  swapLight: () => void;
  /** A length with its unit. */
  length: (mm: number, digits?: number) => string;
  lengthUnit: string;
  /** The number alone, for fields. */
  toField: (mm: number) => string;
  fromField: (text: string) => number;
  mesh: (name: string, threadsPerCm: number) => string;
  /** Lines an inch, and a centimetre’s too where millimetres are counted. */
  ruling: (lpi: number, digits?: number) => string;
  /** °C, or °F where inches are counted. */
  warmth: (celsius: number) => string;
  warmthUnit: string;
  /** °C of what was typed in the unit of the page. */
  toCelsius: (typed: number) => number;
  /** Grams, or ounces where inches are counted. */
  weight: (grams: number) => string;
};

const Context = createContext<Habits | null>(null);

const kept = (name: string) => {
  try {
    return localStorage.getItem(name) === "1";
  } catch {
    return false;
  }
};
const keep = (name: string, value: boolean) => {
  try {
    localStorage.setItem(name, value ? "1" : "0");
  } catch {
    // Without storage the habit lasts as long as the page.
  }
};

export function HabitsProvider({ children }: { children: ReactNode }) {
  const [inches, setInches] = useState(() => kept("ektype.inches"));
  const [safe, setSafe] = useState(() => kept("ektype.safelight"));
  useEffect(() => {
    document.documentElement.dataset.light = safe ? "safe" : "day";
    keep("ektype.safelight", safe);
  }, [safe]);
  useEffect(() => keep("ektype.inches", inches), [inches]);
  const habits = useMemo<Habits>(
    () => ({
      inches,
      safe,
      swapUnits: () => setInches((was) => !was),
      swapLight: () => setSafe((was) => !was),
      length: (mm, digits) =>
        (inches ? `${(mm / 25.4).toFixed((digits ?? 0) + 2)} in` : `${mm.toFixed(digits ?? 0)} mm`).replace("-", "−"),
      lengthUnit: inches ? "in" : "mm",
      toField: (mm) => lengthWritten(mm, inches),
      fromField: (text) => lengthTyped(text, inches) ?? Number.NaN,
      warmth: (c) => `${(inches ? 1.8 * c + 32 : c).toFixed(0)} ${inches ? "°F" : "°C"}`,
      warmthUnit: inches ? "°F" : "°C",
      toCelsius: (typed) => (inches ? (typed - 32) / 1.8 : typed),
      weight: (g) => (inches ? `${(g / 28.3495).toFixed(g < 283 ? 2 : 1)} oz` : `${g.toFixed(g < 10 ? 1 : 0)} g`),
      ruling: (lpi, digits = 1) => `${lpi.toFixed(digits)} lpi${inches ? "" : ` (${(lpi / 2.54).toFixed(1)}/cm)`}`,
      mesh: (name, perCm) => (inches ? `${Math.round(perCm * 2.54)}/in` : name),
    }),
    [inches, safe],
  );
  return <Context.Provider value={habits}>{children}</Context.Provider>;
}

export function useHabits(): Habits {
  const habits = useContext(Context);
  if (!habits) throw new Error("The habits are not provided.");
  return habits;
}

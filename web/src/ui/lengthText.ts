import { useState } from "react";
import { useHabits } from "./habits";
import { lengthWritten, swapped } from "./lengths";

/** The text of a field for a length. What stands in it is converted when the unit is swapped, never taken for the other. */
export function useLengthText(mm: number | null): [string, (text: string) => void] {
  const { inches } = useHabits();
  const [kept, keep] = useState({ text: mm === null ? "" : lengthWritten(mm, inches), inches });
  if (kept.inches !== inches) keep({ text: swapped(kept.text, kept.inches, inches), inches });
  return [kept.text, (text) => keep({ text, inches })];
}

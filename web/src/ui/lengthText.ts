import { useState } from "react";
import { useHabits } from "./habits";
import { lengthWritten, swapped } from "./lengths";

/**
 * The text of a field for a length. What stands in it is converted when the unit is swapped, never taken for the other; when
 * the length itself has changed, the field shows that.
 */
export function useLengthText(mm: number | null): [string, (text: string) => void] {
  const { inches } = useHabits();
  const written = mm === null ? "" : lengthWritten(mm, inches);
  const [kept, keep] = useState({ of: mm, text: written, inches });
  if (kept.of !== mm) keep({ of: mm, text: written, inches });
  else if (kept.inches !== inches) keep({ of: mm, text: swapped(kept.text, kept.inches, inches), inches });
  return [kept.text, (text) => keep({ of: mm, text, inches })];
}

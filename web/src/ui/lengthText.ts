import { useState } from "react";
import { useHabits } from "./habits";
import { lengthWritten, swapped } from "./lengths";

/**
 * The text of a field for a length. What stands in it is converted when the unit is swapped, never taken for the other; when
 * the length itself has changed, the field shows that. What nobody typed over is read as exactly what it was, in any unit.
 */
export function useLengthText(mm: number | null): [string, (text: string) => void, () => number] {
  const { inches, fromField } = useHabits();
  const written = mm === null ? "" : lengthWritten(mm, inches);
  const [kept, keep] = useState({ of: mm, text: written, inches, typed: false });
  if (kept.of !== mm) keep({ of: mm, text: written, inches, typed: false });
  else if (kept.inches !== inches)
    keep({ ...kept, text: kept.typed ? swapped(kept.text, kept.inches, inches) : written, inches });
  return [
    kept.text,
    (text) => keep({ of: mm, text, inches, typed: true }),
    () => (kept.typed || mm === null ? fromField(kept.text) : mm),
  ];
}

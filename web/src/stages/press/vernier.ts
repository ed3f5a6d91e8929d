/** The key’s lines stand a millimetre apart, a plate’s nine tenths: the line that meets counts the tenths. */
export const LINES = 5;

/** Which line of the vernier meets when a plate is so far off, mm; null where none does. */
export function meets(offMm: number): number | null {
  const line = Math.round(offMm / 0.1);
  return Math.abs(line) > LINES ? null : line;
}

/** The same in words. */
export function meetsWords(offMm: number): string {
  const line = meets(offMm);
  if (line === null) return "Further off than the lines tell.";
  if (line === 0) return "By the lines: the middle ones meet.";
  return `By the lines: the ${["first", "second", "third", "fourth", "fifth"][Math.abs(line) - 1]} to the ${line > 0 ? "right" : "left"} meets.`;
}

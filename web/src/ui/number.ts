/** What to say of the first of some fields that holds no number; empty where all can be read. */
export function notRead(fields: readonly (readonly [label: string, text: string])[]): string {
  const wrong = fields.find(([, text]) => Number.isNaN(numberTyped(text) ?? 0));
  return wrong
    ? `“${wrong[0]}” is not a number: “${wrong[1].trim()}”. Nothing was kept; write it in digits alone, such as 16.5.`
    : "";
}

/**
 * A number as it was typed, with comma or point, a sign, thin or plain spaces between thousands.
 * null for an empty field; NaN for what is no number, so that nobody takes half of it.
 */
export function numberTyped(text: string): number | null {
  const plain = text
    .trim()
    .replace(/[\s  ’']/g, "")
    .replace("−", "-");
  if (plain === "") return null;
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)) return Number.NaN;
  return Number(plain.replace(",", "."));
}

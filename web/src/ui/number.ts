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

/** What to say of the first of some fields that holds no number; empty where all can be read. */
export function notRead(fields: readonly (readonly [label: string, text: string])[]): string {
  const wrong = fields.find(([, text]) => Number.isNaN(numberTyped(text) ?? 0));
  return wrong
    ? twoWays(wrong[1]) ||
        `“${wrong[0]}” is not a number: “${wrong[1].trim()}”. Nothing was kept; write it in digits alone, such as 16.5.`
    : "";
}

/** A comma before three digits is a point to some and parts thousands to others: asked, not guessed. */
const EITHER = /^[+-]?[1-9]\d{0,2}(,\d{3})+$/;

/** What to ask of a number that can be read in two ways; empty for any other. */
export function twoWays(text: string): string {
  const plain = text.trim();
  if (!EITHER.test(plain)) return "";
  return `“${plain}” may be ${plain.replaceAll(",", "")} or ${plain.replace(",", ".")}. Write it without the comma, or with a point.`;
}

/** Lines or squares an inch as they were typed; those of a centimetre say so: 18/cm. */
export function rulingTyped(text: string): number | null {
  const metric = /^(.*?)\s*(?:l|lines)?\s*(?:\/|a )\s*cm$/i.exec(text.trim());
  if (!metric) return numberTyped(text.trim().replace(/\s*(?:lpi|\/\s*in)$/i, ""));
  return (numberTyped(metric[1] ?? "") ?? Number.NaN) * 2.54;
}

/**
 * A number as it was typed, with comma or point, a sign, thin or plain spaces between thousands.
 * null for an empty field; NaN for what is no number, so that nobody takes half of it.
 */
export function numberTyped(text: string): number | null {
  const plain = text
    .trim()
    // Between thousands only: what stands elsewhere belongs to no number.
    .replace(/(?<=\d)[\s\u2009\u202f’'](?=\d{3}(\D|$))/g, "")
    .replace("−", "-");
  if (plain === "") return null;
  if (EITHER.test(plain) || !/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)) return Number.NaN;
  return Number(plain.replace(",", "."));
}

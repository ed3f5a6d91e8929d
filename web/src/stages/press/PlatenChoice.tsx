import { Choice, Field } from "../../ui/Parts";

/** On which platen a print was made; nothing where nobody noted it. */
export function PlatenChoice({
  label,
  platens,
  value,
  set,
}: {
  label: string;
  platens: number;
  value: number | null;
  set: (platen: number | null) => void;
}) {
  if (platens < 2) return null;
  return (
    <Field label={label}>
      <Choice fontFamily="body" value={value ?? ""} onChange={(e) => set(Number(e.target.value) || null)}>
        <option value="">not noted</option>
        {Array.from({ length: platens }, (_, i) => (
          <option key={i} value={i + 1}>
            {i + 1}
          </option>
        ))}
      </Choice>
    </Field>
  );
}

import { useTrade } from "../api/use";
import { Choice, Field } from "./Parts";

/** How fine a ruling a mesh carries: the schools divide its threads per inch. */
export function RulingSchool({ divisor, choose }: { divisor: string; choose: (divisor: string) => void }) {
  const schools = useTrade().data?.rulingSchools ?? [];
  return (
    <Field label="Finest ruling, school">
      <Choice fontFamily="body" value={divisor} onChange={(e) => choose(e.target.value)}>
        {schools.map(({ divisor: value, words }) => (
          <option key={value} value={String(value)}>
            {words}
          </option>
        ))}
      </Choice>
    </Field>
  );
}

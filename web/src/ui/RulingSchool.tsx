import { Choice, Field } from "./Parts";

const schools: [string, string][] = [
  ["4", "mesh by 4, risky"],
  ["5", "mesh by 5, usual"],
  ["5.5", "mesh by 5.5, cautious"],
  ["6", "mesh by 6, very cautious"],
];

/** How fine a ruling a mesh carries: the schools divide its threads per inch. */
export function RulingSchool({ divisor, choose }: { divisor: string; choose: (divisor: string) => void }) {
  return (
    <Field label="Finest ruling, school">
      <Choice fontFamily="body" value={divisor} onChange={(e) => choose(e.target.value)}>
        {schools.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </Choice>
    </Field>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, PlateChange, PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { swapped } from "../../ui/lengths";
import { Action, Entry, Trouble } from "../../ui/Parts";

/** Where the plate landed, less where the key landed, at as many marks as were read. */
export function Readings({
  job,
  plate,
  save,
  error,
}: {
  job: JobOn<"press">;
  plate: PlateOn<"press">;
  save: (prints: NonNullable<PlateChange["prints"]>) => void;
  error: unknown;
}) {
  const { toField, fromField, lengthUnit, inches } = useHabits();
  const known = (name: string) => plate.register?.marks.find((m) => m.mark === name);
  const [fields, setFields] = useState<Record<string, [string, string]>>(() =>
    Object.fromEntries(
      job.marks.map((m) => [
        m.name,
        known(m.name) ? [toField(known(m.name)?.offXMm ?? 0), toField(known(m.name)?.offYMm ?? 0)] : ["", ""],
      ]),
    ),
  );
  const [wrong, setWrong] = useState("");
  const [were, setWere] = useState(inches);
  if (were !== inches) {
    // What stands in the fields is converted, never taken for the other unit.
    setWere(inches);
    setFields((was) =>
      Object.fromEntries(
        Object.entries(was).map(([m, [x, y]]) => [m, [swapped(x, were, inches), swapped(y, were, inches)]]),
      ),
    );
  }
  const set = (name: string, i: 0 | 1, text: string) => {
    setWrong("");
    setFields((was) => ({ ...was, [name]: i === 0 ? [text, was[name]?.[1] ?? ""] : [was[name]?.[0] ?? "", text] }));
  };
  const submit = (e: React.FormEvent) => {
    e.preventDefault();
    const readings = [];
    for (const mark of job.marks) {
      const [x, y] = fields[mark.name] ?? ["", ""];
      if (x.trim() === "" && y.trim() === "") continue;
      const off: [number, number] = [fromField(x.trim() || "0"), fromField(y.trim() || "0")];
      if (off.some(Number.isNaN)) {
        setWrong(`The reading at ${mark.name} is not a number. Write it as ${lengthUnit}, such as 0.25 or −0.1.`);
        return;
      }
      readings.push({ mark: mark.name, at: { xMm: mark.xMm, yMm: mark.yMm }, off: { xMm: off[0], yMm: off[1] } });
    }
    save(readings.length ? [{ readings }] : []);
  };
  return (
    <Box as="form" onSubmit={submit}>
      <Heading
        note={
          plate.register && plate.register.prints > 1
            ? `Means of ${plate.register.prints} prints. New readings replace them.`
            : "Two marks show a turn, three off a line show growth too."
        }
      >
        Readings of {plate.name}
      </Heading>
      <Box display="grid" gridTemplateColumns="1fr 96px 96px" gap="4px 12px" alignItems="center">
        <span />
        <Text fontSize="small" color="quiet">
          right, {lengthUnit}
        </Text>
        <Text fontSize="small" color="quiet">
          away, {lengthUnit}
        </Text>
        {job.marks.map((m) => (
          <Box key={m.name} display="contents">
            <Text>
              {m.name}
              <Text as="span" fontSize="small" color="quiet">
                {" "}
                {m.yMm < 0 ? "near" : "far"}
                {m.xMm < -1 ? ", your left" : m.xMm > 1 ? ", your right" : ""}
              </Text>
            </Text>
            {([0, 1] as const).map((i) => (
              <Entry
                key={i}
                aria-label={`${m.name}, ${i === 0 ? "right" : "away"}`}
                value={fields[m.name]?.[i] ?? ""}
                inputMode="text"
                onChange={(e) => set(m.name, i, e.target.value)}
              />
            ))}
          </Box>
        ))}
      </Box>
      {wrong && <Trouble of={new Error(wrong)} />}
      <Trouble of={error} field="prints" />
      <Action type="submit" mt="14px">
        Reckon the turns
      </Action>
    </Box>
  );
}

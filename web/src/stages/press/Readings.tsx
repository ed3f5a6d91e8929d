import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, PlateChange, PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { swapped } from "../../ui/lengths";
import { Action, Entry, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

type Fields = Record<string, [string, string]>;

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
  // Each print by itself: what repeats is told from what scatters by their differences.
  const [prints, setPrints] = useState<Fields[]>(() =>
    (plate.register?.byPrint ?? [[]]).map((print) =>
      Object.fromEntries(
        job.marks.map((m) => {
          const read = print.find((r) => r.mark === m.name);
          return [m.name, read ? [toField(read.offXMm), toField(read.offYMm)] : ["", ""]];
        }),
      ),
    ),
  );
  const [at, setAt] = useState(0);
  const fields = prints[at] ?? {};
  const [wrong, setWrong] = useState("");
  const [were, setWere] = useState(inches);
  if (were !== inches) {
    // What stands in the fields is converted, never taken for the other unit.
    setWere(inches);
    setPrints((was) =>
      was.map((print) =>
        Object.fromEntries(
          Object.entries(print).map(([m, [x, y]]) => [m, [swapped(x, were, inches), swapped(y, were, inches)]]),
        ),
      ),
    );
  }
  const set = (name: string, i: 0 | 1, text: string) => {
    setWrong("");
    setPrints((was) =>
      was.map((print, k) =>
        k === at
          ? { ...print, [name]: i === 0 ? [text, print[name]?.[1] ?? ""] : [print[name]?.[0] ?? "", text] }
          : print,
      ),
    );
  };
  const submit = (e: React.FormEvent) => {
    e.preventDefault();
    const read = [];
    for (const [k, print] of prints.entries()) {
      const readings = [];
      for (const mark of job.marks) {
        const [x, y] = print[mark.name] ?? ["", ""];
        if (x.trim() === "" && y.trim() === "") continue;
        const off: [number, number] = [fromField(x.trim() || "0"), fromField(y.trim() || "0")];
        if (off.some(Number.isNaN)) {
          setAt(k);
          setWrong(
            `The reading at ${mark.name}${prints.length > 1 ? ` of print ${k + 1}` : ""} is not a number. Write it as ${lengthUnit}, such as 0.25 or −0.1.`,
          );
          return;
        }
        readings.push({ mark: mark.name, at: { xMm: mark.xMm, yMm: mark.yMm }, off: { xMm: off[0], yMm: off[1] } });
      }
      if (readings.length > 0) read.push({ readings });
    }
    save(read);
  };
  return (
    <Box as="form" onSubmit={submit}>
      <Heading note="Two marks show a turn, three off a line show growth too. Two or three prints show what repeats.">
        Readings of {plate.name}
      </Heading>
      <Box display="flex" flexWrap="wrap" mb="6px" role="group" aria-label="Prints">
        {prints.map((_, k) => (
          <SmallButton key={k} pressed={k === at} fontWeight={k === at ? "700" : "400"} onClick={() => setAt(k)}>
            Print {k + 1}
          </SmallButton>
        ))}
        <SmallButton
          onClick={() => {
            setPrints([...prints, Object.fromEntries(job.marks.map((m) => [m.name, ["", ""] as [string, string]]))]);
            setAt(prints.length);
          }}
        >
          Another print
        </SmallButton>
      </Box>
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

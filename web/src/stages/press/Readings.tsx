import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, PlateChange, PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { swapped } from "../../ui/lengths";
import { Action, Entry, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Loupe } from "./Loupe";
import { PlatenChoice } from "./PlatenChoice";

type Fields = Record<string, [string, string]>;
type Target = { name: string; xMm: number; yMm: number };

/** Where the plate landed, less where the key landed: laid under a loupe or typed, at as many marks as were read. */
export function Readings({
  job,
  plate,
  save,
  error,
  platens,
}: {
  job: JobOn<"press">;
  plate: PlateOn<"press">;
  save: (prints: NonNullable<PlateChange["prints"]>, known: number) => void;
  error: unknown;
  platens: number;
}) {
  const { toField, fromField, lengthUnit, inches, length } = useHabits();
  const read = plate.register?.byPrint ?? [];
  // Marks that were read before stay, wherever they stood.
  const before = read.flat().filter((r) => plate.targets.every((t) => t.name !== r.mark));
  const all: Target[] = [
    ...plate.targets,
    ...before
      .filter((r, i) => before.findIndex((o) => o.mark === r.mark) === i)
      .map((r) => ({ name: r.mark, xMm: r.xMm, yMm: r.yMm })),
  ];
  // Each print by itself: what repeats is told from what scatters by their differences.
  const typed = (of: typeof read): Fields[] =>
    of.map((print) =>
      Object.fromEntries(
        all.map((m) => {
          const one = print.find((r) => r.mark === m.name);
          return [m.name, one ? [toField(one.offXMm), toField(one.offYMm)] : ["", ""]];
        }),
      ),
    );
  const begun = () => typed(read.length > 0 ? read : [[]]);
  const [prints, setPrints] = useState<Fields[]>(begun);
  const [on, setOn] = useState<(number | null)[]>(() => plate.platens);
  const [known, setKnown] = useState(read.length);
  const [dirty, setDirty] = useState(false);
  if (known !== read.length) {
    // A scan or another page has read a print: it comes beside what is being typed here, never over it.
    setKnown(read.length);
    if (dirty && read.length > known) {
      setPrints([...prints, ...typed(read.slice(known))]);
      setOn([...prints.map((_, k) => on[k] ?? null), ...plate.platens.slice(known)]);
    } else {
      setPrints(begun());
      setOn(plate.platens);
      setDirty(false);
    }
  }
  const [at, setAt] = useState(0);
  const own = plate.targets.filter((t) => t.name.endsWith("target"));
  const isRead = (m: Target) => prints.some((p) => (p[m.name] ?? ["", ""]).some((t) => t.trim() !== ""));
  const [every, setEvery] = useState(false);
  // A plate with targets of its own is read at these; marks that all share stand by.
  const shown =
    own.length === 0 || every ? all : all.filter((m) => m.name.endsWith("target") || isRead(m) || m.xMm === 0);
  const [mark, setMark] = useState(shown[0]?.name ?? "");
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
  const put = (name: string, x: string, y: string) => {
    setWrong("");
    setDirty(true);
    setPrints((was) => was.map((print, k) => (k === at ? { ...print, [name]: [x, y] } : print)));
  };
  const set = (name: string, i: 0 | 1, text: string) => {
    const [x, y] = fields[name] ?? ["", ""];
    put(name, i === 0 ? text : x, i === 1 ? text : y);
  };
  const submit = (e: React.FormEvent) => {
    e.preventDefault();
    const told = [];
    for (const [k, print] of prints.entries()) {
      const readings = [];
      for (const m of all) {
        const [x, y] = print[m.name] ?? ["", ""];
        if (x.trim() === "" && y.trim() === "") continue;
        const off: [number, number] = [fromField(x.trim() || "0"), fromField(y.trim() || "0")];
        if (off.some(Number.isNaN)) {
          setAt(k);
          setEvery(true);
          setWrong(
            `The reading at ${m.name}${prints.length > 1 ? ` of print ${k + 1}` : ""} is not a number. Write it as ${lengthUnit}, such as 0.25 or −0.1.`,
          );
          return;
        }
        readings.push({ mark: m.name, at: { xMm: m.xMm, yMm: m.yMm }, off: { xMm: off[0], yMm: off[1] } });
      }
      if (readings.length > 0) told.push({ readings, ...(on[k] ? { platen: on[k] } : {}) });
    }
    setDirty(false);
    save(told, known);
  };
  /** What stands at the mark in hand and is no number. */
  const unread = (fields[mark] ?? []).find((text) => text.trim() !== "" && Number.isNaN(fromField(text)));
  const value = (i: 0 | 1) => {
    const typed = fromField((fields[mark]?.[i] ?? "").trim() || "0");
    return Number.isNaN(typed) ? 0 : typed;
  };
  const next = () => setMark(shown[(shown.findIndex((m) => m.name === mark) + 1) % shown.length]?.name ?? mark);
  const key = job.plates[0];
  return (
    <Box as="form" onSubmit={submit}>
      <Heading note="Two marks show a turn, three off a line show growth too. Two or three prints show what repeats.">
        Readings of {plate.name}
      </Heading>
      <Box display="flex" flexWrap="wrap" mb="10px" alignItems="center" role="group" aria-label="Prints">
        {prints.map((_, k) => (
          <SmallButton key={k} pressed={k === at} fontWeight={k === at ? "700" : "400"} onClick={() => setAt(k)}>
            Print {k + 1}
          </SmallButton>
        ))}
        <SmallButton
          onClick={() => {
            setPrints([...prints, Object.fromEntries(all.map((m) => [m.name, ["", ""] as [string, string]]))]);
            setOn([...on, ...Array(Math.max(0, prints.length - on.length)).fill(null), null]);
            setAt(prints.length);
          }}
        >
          Another print
        </SmallButton>
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "minmax(240px, 340px) 1fr" }} gap="28px">
        <Loupe
          name={plate.name}
          mark={mark}
          cloth={job.garmentHex}
          keyHex={key?.inkHex ?? "#ffffff"}
          hex={plate.inkHex}
          xMm={value(0)}
          yMm={value(1)}
          move={(x, y) => put(mark, toField(x), toField(y))}
          next={next}
        />
        <Box>
          <Text fontSize="small" color="quiet">
            Print {at + 1}
            {on[at] ? `, platen ${on[at]}` : ""}, {mark}
          </Text>
          <Box display="flex" gap="26px" mb="12px" flexWrap="wrap">
            {(["right", "away"] as const).map((way, i) => (
              <Box key={way}>
                <Text fontSize="small" color="quiet">
                  {way}
                </Text>
                <Text className="readout" fontSize="38px" lineHeight="1.05">
                  {unread === undefined ? `${value(i as 0 | 1) > 0 ? "+" : ""}${length(value(i as 0 | 1), 2)}` : "–"}
                </Text>
              </Box>
            ))}
          </Box>
          <Box display="grid" gridTemplateColumns="minmax(120px, 1fr) 88px 88px" gap="4px 12px" alignItems="center">
            <span />
            <Text fontSize="small" color="quiet">
              right, {lengthUnit}
            </Text>
            <Text fontSize="small" color="quiet">
              away, {lengthUnit}
            </Text>
            {shown.map((m) => (
              <Box key={m.name} display="contents">
                <SmallButton
                  pressed={m.name === mark}
                  onClick={() => setMark(m.name)}
                  justifyContent="flex-start"
                  ml="-10px"
                  textAlign="left"
                  fontWeight={m.name === mark ? "700" : "400"}
                >
                  {m.name}
                  <Text as="span" fontSize="small" color="quiet" fontWeight="400">
                    {" "}
                    {m.yMm < 0 ? "near" : "far"}
                    {m.xMm < -1 ? ", your left" : m.xMm > 1 ? ", your right" : ""}
                  </Text>
                </SmallButton>
                {([0, 1] as const).map((i) => (
                  <Entry
                    key={i}
                    aria-label={`${m.name}, ${i === 0 ? "right" : "away"}`}
                    value={fields[m.name]?.[i] ?? ""}
                    inputMode="text"
                    onFocus={() => setMark(m.name)}
                    onChange={(e) => set(m.name, i, e.target.value)}
                  />
                ))}
              </Box>
            ))}
          </Box>
          {wrong === "" && unread !== undefined && (
            <Trouble
              of={
                new Error(
                  `“${unread.trim()}” at ${mark} is not a number. Write it as ${lengthUnit}, such as 0.25 or −0.1.`,
                )
              }
            />
          )}
          {shown.length < all.length && (
            <SmallButton ml="-10px" onClick={() => setEvery(true)}>
              Other marks too
            </SmallButton>
          )}
          <Box maxW="160px" mt="8px">
            <PlatenChoice
              label={`Print ${at + 1} on platen`}
              platens={platens}
              value={on[at] ?? null}
              set={(platen) => setOn(prints.map((_, k) => (k === at ? platen : (on[k] ?? null))))}
            />
          </Box>
          {wrong && <Trouble of={new Error(wrong)} />}
          <Trouble of={error} field="prints" />
          <Box display="flex" gap="12px" mt="14px" flexWrap="wrap">
            <Action quiet onClick={next}>
              Next mark (space)
            </Action>
            <Action type="submit">Reckon the turns</Action>
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useFlashRead } from "../../api/press";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Rhythm } from "./Rhythm";

/** How the run goes round, and what a probe on the ink says of the flash. */
export function FlashView({ at }: { at: AtHand<"press"> }) {
  const { job } = at;
  if (!job.rhythm || job.pressId === null)
    return (
      <Text color="quiet">Paper dries in the rack: no flash, no way round. On cloth, choose the press first.</Text>
    );
  return (
    <Box display="flex" flexDirection="column" gap="22px">
      <Rhythm run={job.rhythm} />
      {job.rhythm.flashes[0] && <Dwell flashes={job.rhythm.flashes} />}
      <Probe jobId={job.id} pressId={job.pressId} readings={job.rhythm.flashReadings} />
    </Box>
  );
}

type Flashes = NonNullable<AtHand<"press">["job"]["rhythm"]>["flashes"];

/** What a shorter or a longer dwell would do. */
function Dwell({ flashes }: { flashes: Flashes }) {
  const { warmth } = useHabits();
  const [of, setOf] = useState(0);
  const flash = (flashes[of] ?? flashes[0])?.flash;
  const [asked, setAsked] = useState<number | null>(null);
  if (!flash) return null;
  const at =
    flash.heats.find((h) => h.seconds >= (asked ?? flash.dwellS) - 0.25) ?? flash.heats[flash.heats.length - 1];
  if (!at) return null;
  return (
    <Box>
      <Heading note="Slide the dwell: how warm the ink gets, and what that does.">Longer or shorter</Heading>
      <Box display="flex" flexWrap="wrap" gap="20px" alignItems="flex-end">
        {flashes.length > 1 && (
          <Field label="Flash after">
            <Choice fontFamily="body" value={of} onChange={(e) => setOf(Number(e.target.value))}>
              {flashes.map((f, i) => (
                <option key={f.plateId} value={i}>
                  {f.after}
                </option>
              ))}
            </Choice>
          </Field>
        )}
        <Box as="label" flex="1" minW="220px" maxW="420px">
          <Text fontSize="small" color="quiet">
            Seconds under it
          </Text>
          <input
            type="range"
            min={1}
            max={16}
            step={0.5}
            value={at.seconds}
            className="slide"
            onChange={(e) => setAsked(Number(e.target.value))}
          />
        </Box>
        <Text className="readout" fontSize="34px" lineHeight="1.1">
          {at.seconds.toFixed(1)} s
        </Text>
        <Text className="readout" fontSize="34px" lineHeight="1.1">
          {warmth(at.celsius)}
        </Text>
      </Box>
      <Text fontWeight="700" color={at.does === "gelled" ? "ink" : "madder"} role="status">
        {at.does.charAt(0).toUpperCase() + at.does.slice(1)}.
      </Text>
    </Box>
  );
}

const fields = [
  ["platenC", "Platen before", "35"],
  ["seconds", "Under it, s", "6"],
  ["celsius", "Ink then", "108"],
] as const;

const signs = [
  ["gelled", "dry to a light touch, a little tacky"],
  ["wet", "comes off on the finger"],
  ["slick", "hard and slick"],
  ["probe", "a probe read it"],
] as const;

type Sign = (typeof signs)[number][0];

/** A finger or a probe on the ink right after the flash: from then on the times are this shop’s. */
function Probe({ jobId, pressId, readings }: { jobId: number; pressId: number; readings: number }) {
  const { inches, toCelsius, warmthUnit } = useHabits();
  const read = useFlashRead(jobId, pressId);
  const [sign, setSign] = useState<Sign>("gelled");
  const [typed, setTyped] = useState<Record<string, string>>({ platenC: inches ? "95" : "35" });
  const [wrong, setWrong] = useState("");
  const asked = fields.filter(([name]) => name !== "celsius" || sign === "probe");
  const send = (e: React.FormEvent) => {
    e.preventDefault();
    const value = (name: string) => numberTyped(typed[name] ?? "") ?? Number.NaN;
    const missing = asked.find(([name]) => Number.isNaN(value(name)));
    setWrong(missing ? `${missing[1]} is not a number. Write it as ${missing[2]}.` : "");
    if (missing) return;
    read.mutate(
      {
        sign,
        platenC: toCelsius(value("platenC")),
        seconds: value("seconds"),
        ...(sign === "probe" ? { celsius: toCelsius(value("celsius")) } : {}),
      },
      { onSuccess: () => setTyped((was) => ({ ...was, seconds: "", celsius: "" })) },
    );
  };
  return (
    <Box as="form" onSubmit={send}>
      <Heading
        note={
          readings === 0
            ? "The times above are reckoned from watts, height, film and platen. Touch the ink right after the flash, or hold a probe on it: from then on they are your own."
            : `The times above rest on ${readings} ${readings === 1 ? "reading" : "readings"} of this press. One more makes them surer.`
        }
      >
        Touch test or probe
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(190px, 1fr))" gap="14px" maxW="820px">
        <Field label="The ink then">
          <Choice fontFamily="body" value={sign} onChange={(e) => setSign(e.target.value as Sign)}>
            {signs.map(([name, says]) => (
              <option key={name} value={name}>
                {says}
              </option>
            ))}
          </Choice>
        </Field>
        {asked.map(([name, label]) => (
          <Field key={name} label={name === "seconds" ? label : `${label}, ${warmthUnit}`}>
            <Entry
              value={typed[name] ?? ""}
              inputMode="decimal"
              onChange={(e) => setTyped((was) => ({ ...was, [name]: e.target.value }))}
            />
          </Field>
        ))}
      </Box>
      {wrong && <Trouble of={new Error(wrong)} />}
      <Trouble of={read.error} />
      <Action type="submit" quiet mt="12px" disabled={read.isPending}>
        Keep this reading
      </Action>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, PlateOn } from "../../api/client";
import { type PrintByHand, usePrintByHand } from "../../api/press";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useLengthText } from "../../ui/lengthText";
import { numberTyped } from "../../ui/number";
import { Choice, Entry, Push, Trouble } from "../../ui/Parts";

type Plate = PlateOn<"press">;
type Above = NonNullable<JobOn<"press">["above"]>;
type What = keyof PrintByHand;

/** What can be set otherwise, in the order in which hands do it; words of a choice, or the unit and step of a number. */
const rows: { what: What; label: string; words?: readonly string[]; unit?: string; yes?: [string, string] }[] = [
  { what: "laying", label: "Strokes", words: ["one stroke", "two strokes", "print, flash, print"] },
  { what: "flash", label: "Flash after it", yes: ["flashed", "not flashed"] },
  { what: "dwellS", label: "Under the flash", unit: "s" },
  { what: "hardness", label: "Squeegee", words: ["60–65", "70", "75–80", "70/90/70"] },
  { what: "angleDeg", label: "Its angle", unit: "°" },
  { what: "speed", label: "Speed", words: ["slow", "steady", "brisk"] },
  { what: "pressure", label: "Pressure", words: ["light hand", "firm and steady"] },
  { what: "flood", label: "Flood", yes: ["every stroke", "none"] },
  { what: "offContactMm", label: "Off-contact", unit: "mm" },
  { what: "setBackMm", label: "Set back", unit: "mm" },
  { what: "head", label: "Head" },
];

/** How one plate is printed: what the law says, why, and what the hand sets otherwise. */
export function Printed({ job, plate, above }: { job: JobOn<"press">; plate: Plate; above: Above }) {
  const { length, weight } = useHabits();
  const [open, setOpen] = useState<What | null>(null);
  const set = usePrintByHand(job.id, plate.id);
  const { print } = plate;
  const frame = print.standing.frame;
  const carried = above.way === "rotary" || above.way === "automatic";
  const decide = (change: PrintByHand) =>
    set.mutate(change, {
      onSuccess: () => {
        setOpen(null);
        // The hand goes back to where it opened the row.
        window.setTimeout(() => document.querySelector<HTMLElement>(`[data-set="${Object.keys(change)[0]}"]`)?.focus());
      },
    });
  return (
    <Box minW="0">
      <Heading
        note={
          frame.label === null
            ? "No frame is chosen yet: a usual one is taken."
            : `Frame ${frame.label}, ${length(frame.insideWidthMm)} × ${length(frame.insideHeightMm)} inside`
        }
      >
        {plate.name}
        {print.head === null ? "" : `, ${carried ? "head" : "round"} ${print.head}`}
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(3, auto)" justifyContent="start" gap="14px 24px" mb="12px">
        <Large label="Off-contact" value={length(print.standing.offContactMm, 1)} />
        <Large label="Squeegee" value={print.stroke.hardness} />
        <Large label="Ink on each" value={weight(print.gramsEach)} />
      </Box>
      {!print.stroke.fits && (
        <Text fontWeight="700" color="madder" mb="8px">
          {print.stroke.says}
        </Text>
      )}
      <Box as="ul" listStyleType="none" aria-label={`How ${plate.name} is printed`}>
        {rows.map((row) => {
          const why = print.why.find((one) => one.what === row.what);
          if (!why || (row.what === "head" && !carried)) return null;
          return (
            <Box
              as="li"
              key={row.what}
              display="grid"
              gridTemplateColumns="92px minmax(0, 1fr) auto"
              columnGap="12px"
              alignItems="baseline"
              borderTopWidth="1px"
              borderColor="line"
              borderLeftWidth={why.byHand ? "6px" : "0"}
              borderLeftColor="amber"
              pl={why.byHand ? "10px" : "0"}
            >
              <Text fontSize="small" color="quiet">
                {row.label}
              </Text>
              <Box py="6px">
                {open === row.what ? (
                  <Other row={row} plate={plate} decide={decide} />
                ) : (
                  <Text className="readout">{value(row.what, plate, length)}</Text>
                )}
                <Text fontSize="small" color="quiet">
                  {why.byHand ? `by hand; the rule says ${why.usual}` : why.reason}
                </Text>
                {row.what === "pressure" &&
                  print.stroke.signs.map((one) => (
                    <Text key={one} fontSize="small" maxW="46ch">
                      {one}
                    </Text>
                  ))}
              </Box>
              <Box display="flex">
                {why.byHand && open !== row.what && (
                  <Push
                    minH="44px"
                    px="8px"
                    fontSize="small"
                    textDecoration="underline"
                    onClick={() => decide({ [row.what]: null })}
                  >
                    As the rule<span className="heard">: {row.label}</span>
                  </Push>
                )}
                <Push
                  data-set={row.what}
                  minH="44px"
                  px="8px"
                  fontSize="small"
                  textDecoration="underline"
                  aria-expanded={open === row.what}
                  onClick={() => setOpen(open === row.what ? null : row.what)}
                >
                  {open === row.what ? "Leave" : "Set"}
                  <span className="heard"> {row.label}</span>
                </Push>
              </Box>
            </Box>
          );
        })}
      </Box>
      <Trouble of={set.error} />
      <Stretch plate={plate} keyId={job.keyPlateId} />
    </Box>
  );
}

function Large({ label, value }: { label: string; value: string }) {
  return (
    <Box>
      <Text fontSize="small" color="quiet">
        {label}
      </Text>
      <Text className="readout" fontSize="27px" lineHeight="1.15" whiteSpace="nowrap">
        {value}
      </Text>
    </Box>
  );
}

function value(what: What, { print }: Plate, length: (mm: number, digits?: number) => string): string {
  const { stroke, standing, flash } = print;
  switch (what) {
    case "laying":
      return print.laying;
    case "flash":
      return print.step.flashAfter ? "flashed" : "not flashed";
    case "dwellS":
      return flash ? `${Number(flash.dwellS.toFixed(1))}\u00a0s, then cool ${flash.coolS.toFixed(0)}\u00a0s` : "";
    case "hardness":
      return `${stroke.hardness}, ${length(stroke.widthMm)} wide`;
    case "angleDeg":
      return `${stroke.angleDeg.toFixed(0)}°`;
    case "speed":
      return stroke.speed;
    case "pressure":
      return stroke.pressure;
    case "flood":
      return stroke.flood ? "every stroke" : "none";
    case "offContactMm":
      return length(standing.offContactMm, 1);
    case "setBackMm":
      return length(standing.setBack.mm, 2);
    default:
      return String(print.head ?? "");
  }
}

/** The control of one row; what is chosen or typed is kept at once. */
function Other({
  row,
  plate,
  decide,
}: {
  row: (typeof rows)[number];
  plate: Plate;
  decide: (change: PrintByHand) => void;
}) {
  const { print } = plate;
  const words = row.words ?? row.yes;
  if (words !== undefined) {
    const now =
      row.what === "laying"
        ? print.laying
        : row.yes
          ? row.yes[(row.what === "flash" ? print.step.flashAfter : print.stroke.flood) ? 0 : 1]
          : print.stroke[row.what as "hardness" | "speed" | "pressure"];
    return (
      <Choice
        fontFamily="body"
        aria-label={row.label}
        autoFocus
        defaultValue={now}
        onChange={(e) =>
          decide({ [row.what]: row.yes ? e.target.value === row.yes[0] : e.target.value } as PrintByHand)
        }
      >
        {words.map((one) => (
          <option key={one}>{one}</option>
        ))}
      </Choice>
    );
  }
  if (row.unit === "mm")
    return (
      <Length
        label={row.label}
        mm={row.what === "offContactMm" ? print.standing.offContactMm : print.standing.setBack.mm}
        decide={(mm) => decide({ [row.what]: mm })}
      />
    );
  const now = { dwellS: print.flash?.dwellS.toFixed(1), angleDeg: print.stroke.angleDeg.toFixed(0) }[
    row.what as string
  ];
  return <Figure row={row} now={now ?? String(print.head ?? "")} decide={(n) => decide({ [row.what]: n })} />;
}

function Length({ label, mm, decide }: { label: string; mm: number; decide: (mm: number) => void }) {
  const [text, setText, read] = useLengthText(mm);
  const keep = () => read() !== mm && decide(read());
  return (
    <Entry
      aria-label={label}
      autoFocus
      inputMode="decimal"
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => e.key === "Enter" && keep()}
    />
  );
}

function Figure({ row, now, decide }: { row: (typeof rows)[number]; now: string; decide: (value: number) => void }) {
  const [text, setText] = useState(now);
  const keep = () => text !== now && decide(numberTyped(text) ?? Number.NaN);
  return (
    <Entry
      aria-label={`${row.label}${row.unit ? `, ${row.unit}` : ""}`}
      autoFocus
      inputMode="decimal"
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => e.key === "Enter" && keep()}
    />
  );
}

/** Pressed down, mesh lands a print longer than its film; what differs from the key is misregister. */
function Stretch({ plate, keyId }: { plate: Plate; keyId: number | null }) {
  const { length } = useHabits();
  const s = plate.print.standing;
  const grown = s.landsFarMm - s.landsNearMm;
  return (
    <Text mt="6px">
      Pressed down, its mesh lands the print {length(Math.abs(grown), 3)} {grown < 0 ? "shorter" : "longer"}
      {plate.id === keyId
        ? "; only what differs between screens is misregister."
        : Math.abs(s.differsMm) < 0.005
          ? ", as the key does."
          : `; ${length(Math.abs(s.differsMm), 3)} off the key at the worse edge.`}
    </Text>
  );
}

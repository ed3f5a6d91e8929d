import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn, Press } from "../../api/client";
import { useHabits } from "../../ui/habits";
import { Action } from "../../ui/Parts";

type Register = NonNullable<PlateOn<"press">["register"]>;

/** A dial for each knob: how far to turn it and which way, to the eighth that a hand can set. */
export function Turns({
  name,
  register,
  press,
  toleranceMm,
  turned,
  again,
  busy,
  leaveOut,
}: {
  turned: PlateOn<"press">["turned"];
  again: () => void;
  /** The turns are being written down: a second touch would be a second turn. */
  busy: boolean;
  /** Forgets one print of the readings, from nought. */
  leaveOut: (print: number) => void;
  name: string;
  register: Register;
  press: Press | undefined;
  toleranceMm: number;
}) {
  const { length } = useHabits();
  const [anyway, setAnyway] = useState(false);
  // While a reading is in doubt the turns stand back behind the question.
  const doubted = register.oddPrint !== null || (register.doubts.length > 0 && !register.inRegister);
  const shows = !register.inRegister && (!doubted || anyway);
  const verdict =
    doubted && !anyway
      ? `${name} reads ${length(register.nowMaxMm, 2)} out, and a reading is in doubt.`
      : register.unsure
        ? `Whether ${name} is in register nobody knows: the prints scatter more than ${length(toleranceMm, 2)}.`
        : register.inRegister
          ? `${name} is in register: ${length(register.nowMaxMm, 2)} at the worst mark.`
          : register.willBeInTolerance
            ? `${name} was ${length(register.nowMaxMm, 2)} out on the last print. These turns leave ${length(register.mending.afterMaxMm, 2)}.`
            : register.repeats !== ""
              ? `${name} was ${length(register.nowMaxMm, 2)} out on the last print. These turns leave ${length(register.mending.afterMaxMm, 2)}, until more prints show what repeats.`
              : `${name} was ${length(register.nowMaxMm, 2)} out on the last print, and ${length(register.mending.afterMaxMm, 2)} will remain: more than ${length(toleranceMm, 2)}. Turning cannot mend growth or shear.`;
  return (
    <Box>
      <Text as="h2" fontWeight="700" fontSize="24px" lineHeight="1.2" mb="10px">
        {verdict}
      </Text>
      {turned && turned.worstAfterMm !== null && (
        <Text role="status" mb="12px" maxW="76ch">
          The turns that were made before this print brought it from {length(turned.worstBeforeMm, 2)} to{" "}
          {length(turned.worstAfterMm, 2)} at the worst mark.
        </Text>
      )}
      {register.doubts.map((sentence) => (
        <Text
          key={sentence}
          role="status"
          mb="12px"
          maxW="76ch"
          fontWeight="700"
          borderLeftWidth="6px"
          borderColor="amber"
          pl="12px"
        >
          {sentence}
        </Text>
      ))}
      {register.repeats !== "" && (
        <Text role="status" mb="12px" maxW="76ch" borderLeftWidth="6px" borderColor="amber" pl="12px">
          {register.repeats}
        </Text>
      )}
      {doubted && (
        <Box display="flex" flexWrap="wrap" gap="12px" mb="12px">
          {register.oddPrint !== null && (
            <Action disabled={busy} onClick={() => leaveOut(register.oddPrint ?? 0)}>
              Leave print {register.oddPrint + 1} out
            </Action>
          )}
          {!anyway && (
            <Action quiet onClick={() => setAnyway(true)}>
              It was read right: show the turns
            </Action>
          )}
        </Box>
      )}
      {shows && (
        <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(196px, 1fr))" gap="16px">
          {register.mending.turns.map((turn) => {
            const knob = press?.knobs.find((k) => k.name === turn.knob);
            return (
              <Dial
                key={turn.knob}
                name={turn.knob}
                turns={turn.turns}
                pushes={knob ? pushWord(knob.pushes.xMm, knob.pushes.yMm, turn.turns) : ""}
              />
            );
          })}
          {register.mending.taps.map((tap) => (
            <Box key={tap.corner} minW="170px">
              <Text fontSize="small" color="quiet">
                {tap.corner} corner, {length(Math.abs(tap.at.xMm))} and {length(Math.abs(tap.at.yMm))} from the middle
              </Text>
              <Text className="readout" fontSize="24px">
                {tapWord(tap.by.xMm, "left", "right", length)}
              </Text>
              <Text className="readout" fontSize="24px">
                {tapWord(tap.by.yMm, "near", "away", length)}
              </Text>
            </Box>
          ))}
        </Box>
      )}
      {shows && register.mending.turns.length > 0 && (
        <Action quiet mt="14px" disabled={busy} onClick={again}>
          Turned, printed again: read the second strike-off
        </Action>
      )}
      <Box as="details" mt="6px">
        <Box
          as="summary"
          minH="44px"
          display="flex"
          alignItems="center"
          cursor="pointer"
          fontSize="small"
          textDecoration="underline"
          textUnderlineOffset="3px"
        >
          What was found, and why these turns
        </Box>
        <Box
          as="dl"
          display="grid"
          gridTemplateColumns="repeat(3, auto)"
          justifyContent="start"
          columnGap="30px"
          rowGap="6px"
          my="10px"
        >
          {facts(register, length).map(([label, value]) => (
            <Box key={label}>
              <Box as="dt" fontSize="small" color="quiet">
                {label}
              </Box>
              <Box as="dd" className="readout">
                {value}
              </Box>
            </Box>
          ))}
        </Box>
        <Text maxW="76ch" fontSize="small">
          The best shift and turn of the whole frame are fitted to the readings by least squares (geometry, from{" "}
          {register.marks.length} marks on {register.prints} {register.prints === 1 ? "print" : "prints"}). Each knob
          then takes back what that motion is at its own contact, along the way it pushes, divided by its millimetres a
          turn. What is left at the marks is growth, shear and scatter, which no knob mends. More prints would make it
          surer.
        </Text>
      </Box>
      {register.mending.says.map((sentence) => (
        <Text key={sentence} mt="8px" maxW="76ch" borderLeftWidth="3px" borderColor="amber" pl="12px">
          {sentence}
        </Text>
      ))}
    </Box>
  );
}

function facts(r: Register, length: (mm: number, digits?: number) => string): [string, string][] {
  const unknown = "unknown";
  const give = (sd: number | null | undefined) => (sd === null || sd === undefined ? "" : ` ± ${sd.toFixed(3)}`);
  const percent = (v: number | null | undefined, sd: number | null) =>
    v === null || v === undefined ? unknown : `${v.toFixed(3)}${give(sd)} %`;
  return [
    ["Shift right", `${length(r.misfit.shift.xMm, 2)} ± ${length(r.errors.shiftSdMm, 2)}`],
    ["away", `${length(r.misfit.shift.yMm, 2)} ± ${length(r.errors.shiftSdMm, 2)}`],
    [
      "Turned",
      r.misfit.rotationDeg === null ? unknown : `${r.misfit.rotationDeg.toFixed(3)}${give(r.errors.turnSdDeg)}°`,
    ],
    ["Grown across", percent(r.misfit.growth.xPct, r.errors.acrossSdPct)],
    ["along", percent(r.misfit.growth.yPct, r.errors.alongSdPct)],
    ["Sheared", r.misfit.shearDeg === null ? unknown : `${r.misfit.shearDeg.toFixed(3)}${give(r.errors.shearSdDeg)}°`],
    ["Cannot be mended", length(r.misfit.floorMaxMm, 2)],
    ["From print to print", r.errors.scatterMm === null ? "one print only" : `± ${length(r.errors.scatterMm, 2)}`],
  ];
}

const pushWord = (x: number, y: number, turns: number) => {
  const s = Math.sign(turns);
  return Math.abs(x) > Math.abs(y)
    ? s * x > 0
      ? "frame to the right"
      : "frame to the left"
    : s * y > 0
      ? "frame away from you"
      : "frame towards you";
};

const tapWord = (mm: number, minus: string, plus: string, length: (mm: number, digits?: number) => string) =>
  `${length(Math.abs(mm), 2)} ${mm < 0 ? minus : plus}`;

function Dial({ name, turns, pushes }: { name: string; turns: number; pushes: string }) {
  const eighths = Math.round(turns * 8) / 8;
  const angle = Math.max(-1, Math.min(1, turns)) * 2 * Math.PI;
  const end = [40 + 30 * Math.sin(angle), 40 - 30 * Math.cos(angle)];
  const large = Math.abs(angle) > Math.PI ? 1 : 0;
  const none = Math.abs(turns) < 0.02;
  return (
    <Box display="flex" gap="12px" alignItems="center">
      <svg width="76" height="76" className="still" viewBox="0 0 80 80" aria-hidden="true">
        <circle cx="40" cy="40" r="30" fill="none" stroke="var(--line)" strokeWidth="2" />
        {Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4).map((a) => (
          <path
            key={a}
            d={`M${40 + 34 * Math.sin(a)} ${40 - 34 * Math.cos(a)}L${40 + 38 * Math.sin(a)} ${40 - 38 * Math.cos(a)}`}
            stroke="var(--ink)"
            strokeWidth="1.500"
          />
        ))}
        {!none && Math.abs(turns) < 1 && (
          <path
            d={`M40 10A30 30 0 ${large} ${turns > 0 ? 1 : 0} ${end[0]} ${end[1]}`}
            fill="none"
            stroke="var(--teal)"
            strokeWidth="7"
          />
        )}
        {Math.abs(turns) >= 1 && <circle cx="40" cy="40" r="30" fill="none" stroke="var(--teal)" strokeWidth="7" />}
        <path d={`M40 40L${none ? 40 : end[0]} ${none ? 10 : end[1]}`} stroke="var(--ink)" strokeWidth="3" />
        <circle cx="40" cy="40" r="4" fill="var(--ink)" />
      </svg>
      <Box>
        <Text fontSize="small" color="quiet">
          {name} knob
        </Text>
        <Text className="readout" fontSize="27px" lineHeight="1.1" whiteSpace="nowrap">
          {none ? "leave it" : `${turns > 0 ? "+" : "−"}${Math.abs(turns).toFixed(2)}`}
          {!none && (
            <Text as="span" fontSize="text" ml="5px">
              {Math.abs(turns) === 1 ? "turn" : "turns"}
            </Text>
          )}
        </Text>
        {!none && (
          <Text fontSize="small" lineHeight="1.25">
            {eighth(eighths)} {turns > 0 ? "clockwise" : "anticlockwise"}, {pushes}
          </Text>
        )}
      </Box>
    </Box>
  );
}

function eighth(turns: number): string {
  const whole = Math.floor(Math.abs(turns));
  const part = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"][Math.round((Math.abs(turns) - whole) * 8)] ?? "";
  return `${whole > 0 || part === "" ? whole : ""}${part}`;
}

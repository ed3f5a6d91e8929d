import { Box, Text } from "@chakra-ui/react";
import type { Press } from "../../api/client";
import { numberTyped } from "../../ui/number";
import { Choice, Entry } from "../../ui/Parts";

export type KnobFields = { name: string; x: string; y: string; pushes: string; step: string };

const directions: Record<string, [number, number]> = { right: [1, 0], left: [-1, 0], away: [0, 1], towards: [0, -1] };
/** As it was typed: what is no number is refused where it is read. */
const number = (text: string) => {
  const typed = numberTyped(text);
  return typed === null ? 0 : Number.isNaN(typed) ? (text as unknown as number) : typed;
};

export const emptyKnob = (name: string): KnobFields => ({ name, x: "", y: "", pushes: "away", step: "" });

/** A knob that is there, in the fields of the form. */
export function knobFields(knob: Press["knobs"][number]): KnobFields {
  const across = Math.abs(knob.pushes.xMm) > Math.abs(knob.pushes.yMm);
  const on = across ? knob.pushes.xMm > 0 : knob.pushes.yMm > 0;
  return {
    name: knob.name,
    x: String(knob.at.xMm),
    y: String(knob.at.yMm),
    pushes: across ? (on ? "right" : "left") : on ? "away" : "towards",
    step: String(knob.mmPerTurn),
  };
}

/** The knobs that were filled in, as the API takes them; a row without a place is no knob. */
export const knobsToSend = (knobs: KnobFields[]) =>
  knobs
    .filter((k) => k.x.trim() !== "" || k.y.trim() !== "" || k.step.trim() !== "")
    .map((k) => {
      const [xMm, yMm] = directions[k.pushes] ?? [0, 1];
      return {
        name: k.name,
        at: { xMm: number(k.x), yMm: number(k.y) },
        pushes: { xMm, yMm },
        mmPerTurn: number(k.step),
      };
    });

/** Where each knob touches the frame, which way a clockwise turn moves it, and how far. */
export function Knobs({ knobs, set }: { knobs: KnobFields[]; set: (knobs: KnobFields[]) => void }) {
  const change = (i: number, field: keyof KnobFields, value: string) =>
    set(knobs.map((k, j) => (i === j ? { ...k, [field]: value } : k)));
  return (
    <Box mt="18px" overflowX="auto" tabIndex={0} role="region" aria-label="Knobs of the press">
      <Text fontSize="small" color="quiet" mb="6px">
        Knobs, measured from the centre of the print: x to your right, y away from you. Leave a row empty where there is
        no knob.
      </Text>
      {knobs.map((knob, i) => (
        <Box
          key={`knob ${i + 1}`}
          display="grid"
          gridTemplateColumns="1.2fr 1fr 1fr 1.2fr 1fr"
          gap="10px"
          mb="8px"
          minW="560px"
        >
          <Entry
            aria-label={`Knob ${i + 1}, name`}
            value={knob.name}
            onChange={(e) => change(i, "name", e.target.value)}
          />
          <Entry
            aria-label={`Knob ${i + 1}, x in mm`}
            placeholder="x, mm"
            value={knob.x}
            onChange={(e) => change(i, "x", e.target.value)}
          />
          <Entry
            aria-label={`Knob ${i + 1}, y in mm`}
            placeholder="y, mm"
            value={knob.y}
            onChange={(e) => change(i, "y", e.target.value)}
          />
          <Choice
            aria-label={`Knob ${i + 1}, clockwise pushes the frame`}
            fontFamily="body"
            value={knob.pushes}
            onChange={(e) => change(i, "pushes", e.target.value)}
          >
            {Object.keys(directions).map((d) => (
              <option key={d} value={d}>
                pushes {d}
              </option>
            ))}
          </Choice>
          <Entry
            aria-label={`Knob ${i + 1}, mm a turn`}
            placeholder="mm a turn"
            value={knob.step}
            onChange={(e) => change(i, "step", e.target.value)}
          />
        </Box>
      ))}
    </Box>
  );
}

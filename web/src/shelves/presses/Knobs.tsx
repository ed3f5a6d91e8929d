import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Press } from "../../api/client";
import { useTrade } from "../../api/use";
import { numberTyped } from "../../ui/number";
import { Choice, Entry, Field } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { KnobSketch } from "./KnobSketch";

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
    step: String(Math.round(knob.mmPerTurn * 1000) / 1000),
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
  const layouts = useTrade().data?.knobLayouts ?? [];
  const [at, setAt] = useState(0);
  const change = (i: number, field: Partial<KnobFields>) =>
    set(knobs.map((k, j) => (i === j ? { ...k, ...field } : k)));
  const usual = layouts[0]?.knobs[0]?.mmPerTurn ?? layouts[1]?.knobs[0]?.mmPerTurn ?? 1.25;
  return (
    <Box mt="18px">
      <Field label="Knobs as on most such presses">
        <Choice
          fontFamily="body"
          value=""
          onChange={(e) => {
            const chosen = layouts.find((l) => l.kind === e.target.value);
            if (chosen) set(chosen.knobs.map(knobFields));
          }}
        >
          <option value="">as they are below</option>
          {layouts.map((l) => (
            <option key={l.kind} value={l.kind}>
              {l.says}
            </option>
          ))}
        </Choice>
      </Field>
      <Box mt="12px" maxW="420px">
        <KnobSketch
          knobs={knobs}
          at={Math.min(at, Math.max(0, knobs.length - 1))}
          pick={setAt}
          put={(i, x, y) =>
            change(i, { x: String(x), y: String(y), ...(knobs[i]?.step === "" ? { step: String(usual) } : {}) })
          }
        />
      </Box>
      <Text fontSize="small" color="quiet" mt="12px" mb="6px">
        The same in figures, millimetres from the middle of the print: to your right, and away from you. A row left
        empty is no knob.
      </Text>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="Knobs of the press">
        {knobs.map((knob, i) => (
          <Box
            key={`knob ${i + 1}`}
            display="grid"
            gridTemplateColumns="1.2fr .8fr .8fr 1.3fr 1fr auto"
            gap="10px"
            mb="8px"
            minW="560px"
            borderLeftWidth="5px"
            borderColor={i === at ? "teal" : "transparent"}
            pl="6px"
            onFocus={() => setAt(i)}
          >
            <Entry
              aria-label={`Knob ${i + 1}, name`}
              fontFamily="body"
              value={knob.name}
              onChange={(e) => change(i, { name: e.target.value })}
            />
            <Entry
              aria-label={`Knob ${i + 1}, x in mm`}
              placeholder="x, mm"
              value={knob.x}
              onChange={(e) => change(i, { x: e.target.value })}
            />
            <Entry
              aria-label={`Knob ${i + 1}, y in mm`}
              placeholder="y, mm"
              value={knob.y}
              onChange={(e) => change(i, { y: e.target.value })}
            />
            <Choice
              aria-label={`Knob ${i + 1}, clockwise pushes the frame`}
              fontFamily="body"
              value={knob.pushes}
              onChange={(e) => change(i, { pushes: e.target.value })}
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
              onChange={(e) => change(i, { step: e.target.value })}
            />
            <SmallButton onClick={() => set(knobs.filter((_, j) => j !== i))}>
              Leave out<span className="heard"> knob {i + 1}</span>
            </SmallButton>
          </Box>
        ))}
      </Box>
      {knobs.length < 8 && (
        <SmallButton
          ml="-10px"
          onClick={() => {
            set([...knobs, emptyKnob(`Knob ${knobs.length + 1}`)]);
            setAt(knobs.length);
          }}
        >
          Another knob
        </SmallButton>
      )}
    </Box>
  );
}

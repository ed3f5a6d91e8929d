import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Press, Trade } from "../../api/client";
import { useShop, useTrade } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { WordLink } from "../../ui/WordLink";
import { Adding, type Asked, Editing } from "../Adding";
import { Assumed } from "../Assumed";
import { Shelf } from "../Shelf";
import { FilmPrinters } from "./FilmPrinters";
import { emptyKnob, type KnobFields, Knobs, knobFields, knobsToSend } from "./Knobs";
import { PressDrawing } from "./PressDrawing";
import { TurnTest } from "./TurnTest";

const asked = (trade: Trade | undefined): Asked[] => [
  { name: "name", label: "Name", start: "", kind: "text" },
  { name: "kind", label: "Kind", start: "rotary", choices: words(trade?.pressKinds) },
  { name: "heads", label: "Heads", start: "6", kind: "number" },
  { name: "platens", label: "Platens", start: "4", kind: "number" },
  { name: "flashes", label: "Flashes", start: "1", kind: "number" },
  { name: "collarAtOperator", label: "Collar at your end", start: "yes", kind: "yes" },
  { name: "registerSigmaMm", label: "Register scatter, if measured", start: "", kind: "length" },
  { name: "centreFromEndMm", label: "Print centre from clamp", start: "270", kind: "length" },
  { name: "flashKind", label: "Flash heats with", start: "infrared panel", choices: words(trade?.flashKinds) },
  { name: "flashWatts", label: "Flash, watts", start: "3000", kind: "number" },
  { name: "flashWidthMm", label: "Flash heats, wide", start: "400", kind: "length" },
  { name: "flashDepthMm", label: "Flash heats, deep", start: "400", kind: "length" },
  { name: "flashHeightMm", label: "Flash over the print", start: "45", kind: "length" },
];

const words = (kinds: Trade["pressKinds"] | undefined) => (kinds ?? []).map((k) => [k.kind, k.says] as const);

/** A press in use is changed too; its knobs stand in the same sheet. */
function EditPress({ press, trade }: { press: Press; trade: Trade | undefined }) {
  const [knobs, setKnobs] = useState<KnobFields[]>(() => press.knobs.map(knobFields));
  return (
    <Editing
      kind="presses"
      id={press.id}
      name={press.name}
      asked={asked(trade)}
      values={{ ...press, knobs: null }}
      more={<Knobs knobs={knobs} set={setKnobs} />}
      also={() => ({ knobs: knobsToSend(knobs) })}
    />
  );
}

export function PressesShelf() {
  const trade = useTrade().data;
  const presses = useShop().data?.presses ?? [];
  const { length } = useHabits();
  const [knobs, setKnobs] = useState<KnobFields[]>([
    emptyKnob("Left"),
    emptyKnob("Right"),
    { ...emptyKnob("Side"), pushes: "right" },
  ]);
  return (
    <Shelf
      name="Presses"
      says={
        presses.length === 0
          ? "No press yet."
          : "Knobs push the frame at their contact; their places turn a misfit into turns."
      }
    >
      <Box mb="14px">
        <WordLink to="/presses/practice">Practise on the virtual press</WordLink>
      </Box>
      <Adding
        kind="presses"
        what="a press"
        asked={asked(trade)}
        more={<Knobs knobs={knobs} set={setKnobs} />}
        also={() => ({ knobs: knobsToSend(knobs) })}
      />
      {presses.map((press) => (
        <Box key={press.id} display="flex" gap="32px" flexWrap="wrap" borderTopWidth="1px" borderColor="line" py="20px">
          <Box w="260px">
            <PressDrawing press={press} />
          </Box>
          <Box flex="1 1 320px">
            <Text fontWeight="700" fontSize="lead">
              {press.name}
            </Text>
            <Assumed of={press} says="its knobs sit and turn as on most presses, until you turn one and measure" />
            <Text color="quiet" mb="10px">
              {press.heads} {press.heads === 1 ? "head" : "heads"}, {press.platens}{" "}
              {press.platens === 1 ? "platen" : "platens"}, {press.flashes} {press.flashes === 1 ? "flash" : "flashes"},{" "}
              {press.collarAtOperator ? "collar at the operator’s end" : "art lies upright"}
            </Text>
            <Text color="quiet" mb="10px">
              Flash: {press.flashKind}, {press.flashWatts.toFixed(0)} W over {length(press.flashWidthMm, 0)} by{" "}
              {length(press.flashDepthMm, 0)} ({press.flashWattCm2.toFixed(1)} W for each cm²),{" "}
              {length(press.flashHeightMm, 0)} over the print.
            </Text>
            <Text color="quiet" mb="10px">
              {press.registerSigmaMm === null
                ? "Its register scatter is not measured; 0.10 mm is taken."
                : `Its prints scatter by ${length(press.registerSigmaMm, 2)} about the set register.`}
            </Text>
            {press.knobs.length === 0 && <Text>No knobs: frames are tapped at their corners.</Text>}
            {press.knobs.map((knob) => (
              <Text key={knob.name}>
                <b>{knob.name}</b> at {length(knob.at.xMm)}, {length(knob.at.yMm)} pushes{" "}
                {Math.abs(knob.pushes.xMm) > Math.abs(knob.pushes.yMm) ? "across" : "along"},{" "}
                <span className="readout">{length(knob.mmPerTurn, 2)}</span> a turn
              </Text>
            ))}
            <TurnTest press={press} />
            <EditPress key={JSON.stringify(press)} press={press} trade={trade} />
          </Box>
        </Box>
      ))}
      <FilmPrinters />
    </Shelf>
  );
}

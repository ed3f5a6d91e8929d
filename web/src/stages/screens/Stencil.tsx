import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { useFrameWork } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { moment } from "../../ui/day";
import { Reclaiming } from "../../ui/FrameHands";
import type { AtHand } from "../../ui/JobFrame";
import { numberTyped } from "../../ui/number";
import { Action, Caution, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { SmallButton, Tick } from "../../ui/SmallButton";
import { StencilDrawing } from "./StencilDrawing";

/** How the screen is coated and what that makes; once coated, when it is dry and what the gauge says. */
export function Stencil({ at, plate }: { at: AtHand<"screens">; plate: PlateOn<"screens"> }) {
  const { work } = at;
  const { coat } = plate;
  const on = plate.stencilNow;
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.2fr 1fr" }} gap="30px" alignItems="start">
        <Box>
          <Heading>{on ? `The stencil of ${plate.name}` : `Coat for ${plate.name}`}</Heading>
          <Text fontSize="small" color="quiet">
            {on
              ? `On frame ${plate.frameLabel}, ${on.emulsion || "emulsion not told"}`
              : `Coat with ${coat.emulsion || "the shop’s emulsion"}`}
          </Text>
          <Recipe words={on?.told ? on.coating : coat.words} />
          <Text fontSize="small" color="quiet" maxW="60ch">
            {coat.school}. {coat.edges}
          </Text>
          {plate.frameId === null ? (
            <Text mt="12px" fontWeight="700">
              Choose a frame first; then it can be coated.
            </Text>
          ) : on ? (
            <OnIt plate={plate} save={(um) => work.plate.mutate({ plateId: plate.id, gaugedEomUm: um })} />
          ) : plate.frameFirst[0] === "reclaim" ? (
            <Box mt="12px">
              <Text fontWeight="700">Frame {plate.frameLabel} has an old stencil on it. How did it come off?</Text>
              <Reclaiming frameId={plate.frameId} />
            </Box>
          ) : (
            <Coating key={`${plate.frameId} ${coat.words}`} plate={plate} frameId={plate.frameId} />
          )}
          <Trouble of={work.plate.error} field="gaugedEomUm" />
        </Box>
        <Box>
          <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mb="10px">
            <Readout label="Emulsion over mesh" figure={plate.stencil} />
            <Box>
              <Text fontSize="small" color="quiet">
                Of the fabric
              </Text>
              <Text className="readout" fontSize="readout" lineHeight="1.35">
                {((100 * (plate.stencil.value ?? 0)) / plate.meshGeometry.thicknessUm).toFixed(0)} %
              </Text>
            </Box>
            {!on && (coat.emulsionMl.value ?? 0) > 0 && (
              <Readout label="Emulsion, both sides" figure={coat.emulsionMl} />
            )}
            {!on && <Readout label="Dry after" figure={coat.dryHours} />}
          </Box>
          {plate.gaugedEomUm === null && plate.stencil.low !== null && plate.stencil.high !== null && (
            <Text fontSize="small" mb="10px">
              Nine screens in ten come to {plate.stencil.low.toFixed(0)} to {plate.stencil.high.toFixed(0)} µm, by{" "}
              {plate.stencil.source}.
            </Text>
          )}
          {coat.mind.map((sentence) => (
            <Text key={sentence} borderLeftWidth="3px" borderColor="amber" pl="12px" mb="8px" fontSize="small">
              {sentence}
            </Text>
          ))}
        </Box>
      </Box>
      <Box>
        <StencilDrawing plate={plate} />
        {plate.gaugedEomUm === null && (
          <Text fontSize="small" color="quiet">
            Dashed: where nine stencils in ten end on the print side.
          </Text>
        )}
      </Box>
      <Caution>
        Gloves and goggles for sensitiser, emulsion remover and haze remover, fresh air, and ear and eye guards at the
        pressure washer. Waste water goes where local rules say.
      </Caution>
    </>
  );
}

/** “1 + 2, sharp edge”: the coats big, the edge beside them, and which side is which. */
function Recipe({ words }: { words: string }) {
  const coats = /^(\d+) \+ (\d+), (.*)$/.exec(words);
  if (!coats)
    return (
      <Text fontWeight="700" fontSize="24px" mb="6px">
        {words}
      </Text>
    );
  return (
    <Box display="flex" alignItems="baseline" gap="18px" mb="8px" flexWrap="wrap">
      <Text className="readout" fontSize="64px" lineHeight="1" letterSpacing="-0.05em">
        {coats[1]}+{coats[2]}
      </Text>
      <Box>
        <Text fontWeight="700" fontSize="24px" lineHeight="1.15">
          {coats[3]}
        </Text>
        <Text>
          print side {coats[1]}, then squeegee side {coats[2]}
        </Text>
      </Box>
    </Box>
  );
}

function OnIt({ plate, save }: { plate: PlateOn<"screens">; save: (um: number) => void }) {
  const [um, setUm] = useState(plate.gaugedEomUm === null ? "" : String(plate.gaugedEomUm));
  const { gauge } = useFrameWork(plate.frameId ?? 0);
  const on = plate.stencilNow;
  if (!on) return null;
  return (
    <Box mt="12px">
      <Text fontWeight="700" color={on.mind ? "madder" : "ink"}>
        {on.mind ||
          (on.burnedSeconds !== null
            ? `Burned for ${on.burnedSeconds} s.`
            : `Dry. It keeps ${on.keepsForDays} more ${on.keepsForDays === 1 ? "day" : "days"} in the dark.`)}
      </Text>
      <Text fontSize="small" color="quiet" mb="12px">
        {on.told
          ? `Coated ${moment(on.coatedAt)}, dry from ${moment(on.readyAt)}.`
          : "How it was coated is not written down: its gauge reading teaches nothing about recipes."}
      </Text>
      <Box
        as="form"
        display="flex"
        gap="12px"
        alignItems="end"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          save(numberTyped(um) ?? 0);
        }}
      >
        <Field label="Stencil by the gauge, µm over mesh">
          <Entry maxW="180px" value={um} inputMode="decimal" onChange={(e) => setUm(e.target.value)} />
        </Field>
        <Action quiet type="submit">
          Keep
        </Action>
      </Box>
      <Box display="flex" alignItems="center" gap="10px">
        <SmallButton
          ml="-10px"
          onClick={() =>
            gauge.mutate(undefined, { onSuccess: (read) => read.eomUm !== null && setUm(String(read.eomUm)) })
          }
        >
          Take it from the gauge
        </SmallButton>
        {gauge.data && (
          <Text fontSize="small" color="quiet">
            by the {gauge.data.thicknessDevice}
          </Text>
        )}
      </Box>
    </Box>
  );
}

function Coating({ plate, frameId }: { plate: PlateOn<"screens">; frameId: number }) {
  const { coat } = useFrameWork(frameId);
  const [edge, setEdge] = useState<"sharp" | "round">(plate.coat.edge === "round" ? "round" : "sharp");
  const [print, setPrint] = useState(String(plate.coat.printCoats));
  const [squeegee, setSqueegee] = useState(String(plate.coat.squeegeeCoats));
  const [between, setBetween] = useState(false);
  const coats = ["0", "1", "2", "3", "4"];
  if (plate.coat.words.startsWith("film of"))
    return (
      <Box mt="12px" borderTopWidth="1px" borderColor="ink" pt="14px">
        <Heading note="On the wet, degreased mesh, print side; squeeze the water out from the squeegee side.">
          Laid on frame {plate.frameLabel}?
        </Heading>
        <Action onClick={() => coat.mutate({})}>Laid just now</Action>
        <Trouble of={coat.error} />
      </Box>
    );
  return (
    <Box mt="12px" borderTopWidth="1px" borderColor="ink" pt="14px">
      <Heading note="As you did it; the gauge then learns from it.">Coated frame {plate.frameLabel}?</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="12px">
        <Field label="Trough edge">
          <Choice
            fontFamily="body"
            value={edge}
            onChange={(e) => setEdge(e.target.value === "round" ? "round" : "sharp")}
          >
            <option>sharp</option>
            <option>round</option>
          </Choice>
        </Field>
        <Field label="Print side">
          <Choice value={print} onChange={(e) => setPrint(e.target.value)}>
            {coats.map((n) => (
              <option key={n}>{n}</option>
            ))}
          </Choice>
        </Field>
        <Field label="Squeegee side">
          <Choice value={squeegee} onChange={(e) => setSqueegee(e.target.value)}>
            {coats.map((n) => (
              <option key={n}>{n}</option>
            ))}
          </Choice>
        </Field>
      </Box>
      <Tick checked={between} set={setBetween}>
        Dried between coats
      </Tick>
      <Action
        mt="6px"
        onClick={() =>
          coat.mutate({ edge, printCoats: Number(print), squeegeeCoats: Number(squeegee), driedBetween: between })
        }
      >
        Coated just now
      </Action>
      <Trouble of={coat.error} />
    </Box>
  );
}

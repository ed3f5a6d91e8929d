import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { useFrameSet, useFramesFor } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { Reclaiming } from "../../ui/FrameHands";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Push, Trouble } from "../../ui/Parts";
import { Sign } from "../../ui/Sign";
import { SmallButton } from "../../ui/SmallButton";
import { PlacementDrawing } from "./PlacementDrawing";

/** So many frames are shown at first. */
const FEW = 6;

/** Which frame carries the plate: the print on it, what it needs first, the best set for the whole job, the rack. */
export function Frames({
  at,
  plate,
  look,
}: {
  at: AtHand<"screens">;
  plate: PlateOn<"screens">;
  look: (to: "mesh" | "stencil") => void;
}) {
  const { work } = at;
  const { mesh } = useHabits();
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="28px">
        <Box>
          <Heading note={plate.placement?.sentence ?? (plate.price === "" ? plate.mesh.formula : undefined)}>
            {plate.name} {plate.frameLabel ? `on frame ${plate.frameLabel}` : "has no frame yet"},{" "}
            {mesh(plate.meshGeometry.name, plate.meshGeometry.threadsPerCm)}
          </Heading>
          {plate.price && (
            <Text color="madder" fontSize="small" mb="10px">
              {plate.price}
            </Text>
          )}
          {plate.placement && <PlacementDrawing placement={plate.placement} />}
          <First plate={plate} look={look} />
          {plate.frameId !== null && (
            <SmallButton ml="-10px" onClick={() => work.plate.mutate({ plateId: plate.id, frameId: 0 })}>
              Give frame {plate.frameLabel} back to the rack
            </SmallButton>
          )}
        </Box>
        <FrameSet at={at} />
      </Box>
      <Box>
        <Heading note="Those that can be taken, best first: the one of the best set, then by mesh, fit and state.">
          Frames of the rack
        </Heading>
        <List
          turn={at.job.turn}
          plate={plate}
          choose={(frameId) => work.plate.mutate({ plateId: plate.id, frameId })}
        />
        <Trouble of={work.plate.error} field="frameId" />
      </Box>
    </>
  );
}

/** What the frame needs before it can be burned. */
function First({ plate, look }: { plate: PlateOn<"screens">; look: (to: "stencil") => void }) {
  if (plate.frameId === null) return null;
  const [first] = plate.frameFirst;
  if (first === "reclaim")
    return (
      <Box mt="12px">
        <Text fontWeight="700">Frame {plate.frameLabel} has an old stencil on it. How did it come off?</Text>
        <Reclaiming frameId={plate.frameId} />
      </Box>
    );
  if (first === "stretch")
    return (
      <Text mt="12px" fontWeight="700" color="madder">
        Frame {plate.frameLabel} needs new mesh first.
      </Text>
    );
  const stencil = plate.stencilNow;
  return (
    <Box mt="12px" display="flex" alignItems="center" gap="12px" flexWrap="wrap">
      <Text>
        {first
          ? `Bare mesh. To coat: ${plate.coat.words}.`
          : stencil?.burnedSeconds
            ? `Burned ${stencil.burnedSeconds} s.`
            : stencil && stencil.dampForMin > 0
              ? stencil.mind
              : "Coated and dry."}
      </Text>
      <SmallButton onClick={() => look("stencil")}>See the stencil</SmallButton>
    </Box>
  );
}

function FrameSet({ at }: { at: AtHand<"screens"> }) {
  const { job, work } = at;
  const { data } = useFrameSet(job);
  const taken = data?.plates.every(
    (row) => row.row.frame !== null && job.plates.find((p) => p.id === row.plateId)?.frameLabel === row.row.frame,
  );
  if (data?.plates.length === 0)
    return (
      <Box>
        <Heading>The set of the job</Heading>
        <Text color="quiet">Every plate is burned: its frames stay as they are until the run is done.</Text>
      </Box>
    );
  return (
    <Box>
      <Heading note="By mesh, state, fit and age, all within 3 N/cm, so that they stretch alike.">
        The best set for the whole job
      </Heading>
      {data && (
        <>
          <Box as="ul" listStyleType="none" aria-label="The best set">
            {data.plates.map((row) => {
              const has = job.plates.find((p) => p.id === row.plateId)?.frameLabel;
              return (
                <Box
                  as="li"
                  key={row.plateId}
                  display="grid"
                  gridTemplateColumns="18px 1fr 44px 1.3fr"
                  gap="10px"
                  alignItems="center"
                  minH="44px"
                  borderTopWidth="1px"
                  borderColor="line"
                >
                  <Sign
                    kind={row.row.frame === null ? "out_of_bounds" : has === row.row.frame ? "measured" : "reckoned"}
                  />
                  <Text truncate>{row.row.plate}</Text>
                  <Text className="readout" fontSize="lead">
                    {row.row.frame ?? "–"}
                  </Text>
                  <Text fontSize="small" color="quiet">
                    {row.row.frame === null
                      ? "none fits"
                      : row.row.first.length === 0
                        ? "coated already"
                        : `first ${row.row.first.join(", ")}`}
                  </Text>
                </Box>
              );
            })}
          </Box>
          {data.missing.map((sentence) => (
            <Text key={sentence} color="madder" fontSize="small" mt="6px">
              {sentence}
            </Text>
          ))}
          <Box display="flex" alignItems="center" gap="16px" mt="12px" flexWrap="wrap">
            {taken ? (
              <Text fontWeight="700">This set is taken.</Text>
            ) : (
              <Action quiet onClick={() => work.frames.mutate()}>
                Take this set
              </Action>
            )}
            <Text fontSize="small" color="quiet">
              {data.tensionSpreadNPerCm.toFixed(1)} N/cm apart
            </Text>
          </Box>
        </>
      )}
      <Trouble of={work.frames.error} />
    </Box>
  );
}

function List({ plate, turn, choose }: { plate: PlateOn<"screens">; turn: number; choose: (frameId: number) => void }) {
  const [all, setAll] = useState(false);
  const [told, setTold] = useState(0);
  const { mesh } = useHabits();
  const rack = useFramesFor(plate.id, turn).data;
  const frames = rack?.frames ?? [];
  // Where none holds all of it, the best that there is fails nobody.
  const someHolds = frames.some((frame) => frame.holds && frame.fits && frame.takenBy === "");
  const shown = all ? frames : frames.slice(0, FEW);
  return (
    <Box as="ul" listStyleType="none">
      {shown.map((frame) => {
        const mine = frame.id === plate.frameId;
        const good = frame.advised || (frame.fits && (frame.holds || !someHolds) && frame.takenBy === "");
        const perCm = frame.threadsPerCm;
        return (
          <Box
            as="li"
            key={frame.id}
            borderTopWidth="1px"
            borderColor="line"
            bg={mine ? "raised" : "transparent"}
            display="grid"
            gridTemplateColumns={{ base: "18px 40px 1fr 84px 96px", md: "18px 48px 92px 84px 1fr 108px" }}
            alignItems="center"
            gap="10px"
            minH="56px"
            px="6px"
          >
            <Sign kind={mine ? "measured" : good ? "reckoned" : "out_of_bounds"} />
            <Text className="readout" fontSize="lead">
              {frame.label}
            </Text>
            <Text className="readout">{mesh(frame.mesh, perCm)}</Text>
            <Text className="readout" fontWeight="500">
              {frame.tensionNPerCm.toFixed(1)}{" "}
              <Text as="span" fontSize="small">
                N/cm
              </Text>
            </Text>
            <Push
              aria-expanded={told === frame.id}
              onClick={() => setTold(told === frame.id ? 0 : frame.id)}
              gridColumn={{ base: "1 / -1", md: "auto" }}
              gridRow={{ base: 2, md: "auto" }}
              minH="44px"
              textAlign="left"
              cursor="pointer"
            >
              <Text as="span" fontSize="small" color="quiet" lineClamp={told === frame.id ? undefined : "2"}>
                {frame.takenBy
                  ? `Carries ${frame.takenBy}. `
                  : frame.first.length > 2
                    ? `First ${frame.first[0]}. `
                    : ""}
                {frame.why}
              </Text>
            </Push>
            <Push
              minH="44px"
              cursor="pointer"
              fontWeight="700"
              color={mine ? "ink" : "teal"}
              textAlign="right"
              {...{ disabled: frame.takenBy !== "" }}
              _disabled={{ opacity: 0.4, cursor: "default" }}
              onClick={() => choose(mine ? 0 : frame.id)}
            >
              {mine ? "Give back" : "Take it"}
              <span className="heard"> frame {frame.label}</span>
            </Push>
          </Box>
        );
      })}
      <Box as="li" borderTopWidth="1px" borderColor="line">
        {frames.length > FEW && (
          <SmallButton onClick={() => setAll(!all)}>
            {all ? "Only the best" : `All ${frames.length} that can be taken`}
          </SmallButton>
        )}
        {rack?.others && (
          <Text fontSize="small" color="quiet" py="8px">
            {rack.others}
          </Text>
        )}
      </Box>
    </Box>
  );
}

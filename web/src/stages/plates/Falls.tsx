import { Box, Text } from "@chakra-ui/react";
import { answer, api, type PlateOn } from "../../api/client";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Choice, Field } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Tick } from "../../ui/SmallButton";

/** Where the ink of a plate falls, and what was decided about it. A finger on the picture picks the plate under it. */
export function Falls({ at, plate }: { at: AtHand<"plates">; plate: PlateOn<"plates"> }) {
  const { job, choose, work } = at;
  const pick = async (e: React.MouseEvent<HTMLElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const x = ((e.clientX - box.left) / box.width) * job.widthMm;
    const y = ((e.clientY - box.top) / box.height) * job.heightMm;
    const here = await answer(api.GET("/api/jobs/{id}/at", { params: { path: { id: job.id }, query: { x, y } } }));
    if (here.plates[0] !== undefined) choose(here.plates[0]);
  };
  return (
    <>
      <Box
        flex="1"
        minH="320px"
        display="flex"
        alignItems="center"
        justifyContent="center"
        className="halftone"
        p="16px"
      >
        <Box bg={job.garmentHex} className="colours" p="14px">
          <Box position="relative" cursor="pointer" onClick={pick} title="Touch a colour to pick its plate">
            <img
              src={`/api/jobs/${job.id}/pull/${job.plates.length}.png?k=${job.pullKey}`}
              alt="The whole print, faint"
              className="whole ghost"
            />
            <img
              src={`/api/plates/${plate.id}/film.png?tint=${encodeURIComponent(plate.inkHex)}&k=${job.pullKey}`}
              alt={`${plate.name} alone on ${job.garmentName || "the garment"}`}
              className="over"
            />
          </Box>
        </Box>
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="24px">
        <Box>
          <Heading>
            {plate.name}, plate {plate.position + 1} of {job.plates.length}
          </Heading>
          <Text>{plate.orderReason}</Text>
          <Text mt="6px">{plate.flashReason}</Text>
          <Text mt="6px" fontSize="small" color="quiet">
            School: {job.orderSchool}.
          </Text>
          <Edges at={at} plate={plate} />
        </Box>
        <Decisions key={plate.id} at={at} plate={plate} change={(body) => work.change.mutate(body)} />
      </Box>
    </>
  );
}

function Edges({ at, plate }: { at: AtHand<"plates">; plate: PlateOn<"plates"> }) {
  const { length } = useHabits();
  return (
    <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="14px" alignItems="start">
      <Readout label="Trap" figure={at.job.trap} shown={length(at.job.trap.value ?? 0, 2)} />
      <Box>
        <Text fontSize="small" color="quiet">
          Covers
        </Text>
        <Text className="readout" fontSize="readout">
          {plate.coveragePct.toFixed(1)} %, {plate.areaCm2.toFixed(0)} cm²
        </Text>
      </Box>
    </Box>
  );
}

function Decisions({
  at,
  plate,
  change,
}: {
  at: AtHand<"plates">;
  plate: PlateOn<"plates">;
  change: (body: Parameters<AtHand<"plates">["work"]["change"]["mutate"]>[0]) => void;
}) {
  const { job, work } = at;
  const inks = useShop().data?.inks ?? [];
  const hex = plate.artHex;
  const base = job.plates.find((p) => p.role === "base");
  return (
    <Box>
      <Field
        label="Ink from the shelf"
        hint={
          plate.inkDeltaE === null
            ? ""
            : plate.inkDeltaE < 0.05
              ? "The art’s colour to the letter."
              : `ΔE00 ${plate.inkDeltaE.toFixed(1)} from the art’s ${plate.artHex ?? plate.hex}.`
        }
      >
        <Choice
          fontFamily="body"
          value={plate.inkId ?? ""}
          onChange={(e) => work.plate.mutate({ plateId: plate.id, inkId: Number(e.target.value) })}
        >
          {plate.inkId === null && <option value="">no ink on the shelf yet</option>}
          {inks.map((ink) => (
            <option key={ink.id} value={ink.id}>
              {ink.name}
            </option>
          ))}
        </Choice>
      </Field>
      {job.method !== "spot" ? (
        <>
          <Text mt="12px">{job.carries} The curve and the inks stand on the bench of the art.</Text>
          {job.method === "layers" && <StageSheets job={job} />}
        </>
      ) : hex === null ? (
        <BaseChoke at={at} />
      ) : (
        <Box mt="8px">
          <Tick checked={plate.overprints} set={(on) => change({ overprint: { hex, on } })}>
            Overprints: its neighbours run on under it
          </Tick>
          <Tick checked={plate.role === "highlight"} set={(on) => change({ highlight: { hex, on } })}>
            Prints last, as a highlight
          </Tick>
          {(base !== undefined || plate.role === "base") && (
            <Tick checked={job.baseFrom === hex} set={(on) => change({ baseFrom: on ? hex : "" })}>
              Serves as the base for the others
            </Tick>
          )}
        </Box>
      )}
    </Box>
  );
}

function BaseChoke({ at }: { at: AtHand<"plates"> }) {
  const { length } = useHabits();
  return (
    <Text mt="12px">
      Choked by <span className="readout">{length(at.job.chokeMm, 2)}</span> all round.
      {at.job.thinBase.length > 0 &&
        ` At ${at.job.thinBase.length} thin ${at.job.thinBase.length === 1 ? "stroke" : "strokes"} it is choked less, so that they keep a base; “Will it hold?” shows where.`}
    </Text>
  );
}

/** The print after each layer, at true size with the marks, to lay under the next drawing. */
function StageSheets({ job }: { job: AtHand<"plates">["job"] }) {
  return (
    <Box mt="8px">
      <Text fontSize="small" color="quiet">
        The print so far at true size, with the marks, to lay under the next drawing:
      </Text>
      <Box display="flex" flexWrap="wrap" gap="14px">
        {job.plates.map((p, i) => (
          <a key={p.id} href={`/api/jobs/${job.id}/stage/${i + 1}.pdf`} className="reach lined" download>
            after {p.name}
          </a>
        ))}
      </Box>
    </Box>
  );
}

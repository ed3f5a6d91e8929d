import { Box, Text } from "@chakra-ui/react";
import { useDeferredValue, useState } from "react";
import type { PlateOn } from "../../api/client";
import { useShift } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Label } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Slide } from "../../ui/Slide";
import { SmallButton } from "../../ui/SmallButton";

const SQUARE = 10;

/** A plate slid out of register by hand: the whole print at once, and a witness spot under the loupe. */
export function Shifts({ at, plate }: { at: AtHand<"plates">; plate: PlateOn<"plates"> }) {
  const { job } = at;
  const { length } = useHabits();
  const [x, setX] = useState(0);
  const [y, setY] = useState(0);
  const [turn, setTurn] = useState(0);
  const [spot, setSpot] = useState(0);
  const loupe = useDeferredValue({ x, y, turn });
  const witness = job.witnesses[Math.min(spot, job.witnesses.length - 1)] ?? {
    xMm: job.widthMm / 2,
    yMm: job.heightMm / 2,
    plates: 0,
  };
  const far = Math.hypot(x, y) + (Math.abs(turn) * Math.PI * Math.hypot(job.widthMm, job.heightMm)) / 360;
  const budget = job.budgetFigure?.value ?? null;
  const own = job.budget.filter((p) => p.one === plate.name || p.two === plate.name);
  const least = own.length === 0 ? null : Math.min(...own.map((p) => p.mm));
  const shows = least !== null && far > least + 0.001;
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 340px" }} gap="20px" alignItems="start">
        <Box className="halftone" display="flex" alignItems="center" justifyContent="center" p="16px" minH="340px">
          <svg
            viewBox={`-10 -10 ${job.widthMm + 20} ${job.heightMm + 20}`}
            className="sight"
            role="img"
            aria-label={`The print with ${plate.name} out by ${x.toFixed(2)}, ${y.toFixed(2)} mm and ${turn.toFixed(2)} degrees`}
          >
            <rect
              x="-10"
              y="-10"
              width={job.widthMm + 20}
              height={job.heightMm + 20}
              fill={job.garmentHex}
              className="colours"
            />
            {job.plates.map((p) => (
              <image
                key={p.id}
                className="colours"
                href={`/api/plates/${p.id}/film.png?tint=${encodeURIComponent(p.inkHex)}&k=${job.pullKey}`}
                width={job.widthMm}
                height={job.heightMm}
                preserveAspectRatio="none"
                {...(p.id === plate.id
                  ? { transform: `translate(${x} ${y}) rotate(${turn} ${job.widthMm / 2} ${job.heightMm / 2})` }
                  : {})}
              />
            ))}
            {job.witnesses.map((w, i) => (
              // biome-ignore lint/a11y/noStaticElementInteractions: the same
              <g
                key={`${w.xMm} ${w.yMm}`}
                transform={`translate(${w.xMm} ${w.yMm})`}
                onClick={() => setSpot(i)}
                className="touched"
              >
                <rect
                  x={-SQUARE / 2}
                  y={-SQUARE / 2}
                  width={SQUARE}
                  height={SQUARE}
                  fill="transparent"
                  stroke="#fff"
                  strokeWidth="1.6"
                />
                <rect
                  x={-SQUARE / 2}
                  y={-SQUARE / 2}
                  width={SQUARE}
                  height={SQUARE}
                  fill="transparent"
                  stroke="#1b1a17"
                  strokeWidth=".7"
                />
              </g>
            ))}
          </svg>
        </Box>
        <Box>
          <Heading
            note={
              job.method !== "spot" && own.length === 0
                ? "No edge opens between dots; how they overlap changes, and the colours with it."
                : shows
                  ? "Further than the plate’s budget: something shows between it and a neighbour."
                  : "Within the plate’s budget: nothing shows between it and its neighbours."
            }
          >
            {plate.name} is out by{" "}
            <Text as="span" className="readout" color={shows ? "madder" : "ink"}>
              {length(far, 2)}
            </Text>{" "}
            at the worst
          </Heading>
          {job.method !== "spot" && <ColourShift job={job} plateId={plate.id} at={loupe} />}
          <Slide label="To the right" unit="mm" value={x} set={setX} most={1.5} step={0.02} />
          <Slide label="Down" unit="mm" value={y} set={setY} most={1.5} step={0.02} />
          <Slide label="Turned clockwise" unit="°" value={turn} set={setTurn} most={0.6} step={0.01} />
          <SmallButton
            ml="-10px"
            onClick={() => {
              setX(0);
              setY(0);
              setTurn(0);
            }}
          >
            Back in register
          </SmallButton>
          <img
            className="colours"
            src={`/api/jobs/${job.id}/loupe.png?x=${witness.xMm}&y=${witness.yMm}&mm=${SQUARE}&plate=${plate.id}&dx=${loupe.x}&dy=${loupe.y}&turn=${loupe.turn}&k=${job.pullKey}`}
            alt={`${SQUARE} mm of the print at witness spot ${spot + 1}; slanting lines where something shows between the plates`}
            style={{ width: "100%", aspectRatio: "1", background: job.garmentHex, imageRendering: "pixelated" }}
          />
          <Box display="flex" alignItems="center" flexWrap="wrap">
            {job.witnesses.map((w, i) => (
              <SmallButton key={`${w.xMm} ${w.yMm}`} pressed={i === spot} onClick={() => setSpot(i)}>
                Witness {i + 1}
              </SmallButton>
            ))}
          </Box>
        </Box>
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="24px">
        <Box>
          {job.budgetFigure && (
            <Readout big label="Register budget of the job" figure={job.budgetFigure} shown={length(budget ?? 0, 2)} />
          )}
          <Text fontSize="small" color="quiet" mb="12px">
            The press is held to {length(job.toleranceMm, 2)}
            {job.toleranceSet ? ", as you set it" : ""}.
          </Text>
        </Box>
        <Box>
          <Heading note="How far two neighbours may part before something shows between them.">Pair by pair</Heading>
          {job.budget.length === 0 && <Text>No two plates touch: nothing opens between them.</Text>}
          {job.budget.map((pair) => (
            <Box
              key={pair.one + pair.two}
              display="flex"
              justifyContent="space-between"
              gap="12px"
              minH="38px"
              alignItems="center"
              borderTopWidth="1px"
              borderColor="line"
              fontWeight={pair.one === plate.name || pair.two === plate.name ? "700" : "400"}
            >
              <span>
                {pair.one} and {pair.two}
              </span>
              <span className="readout">{length(pair.mm, 2)}</span>
            </Box>
          ))}
        </Box>
      </Box>
    </>
  );
}

/** A picture in dots has no edge that opens: a shift changes how dots overlap, and so its colours. */
function ColourShift({
  job,
  plateId,
  at,
}: {
  job: AtHand<"plates">["job"];
  plateId: number;
  at: { x: number; y: number; turn: number };
}) {
  const { data } = useShift(job, plateId, at);
  return (
    <Box mb="10px" aria-live="polite">
      <Label>Its colours change by</Label>
      <Text className="readout" fontSize="26px" fontWeight="700">
        ΔE {data ? data.deltaE.toFixed(1) : "…"}
      </Text>
      <Text fontSize="small">
        in the mean{data ? `; 95 % of the print by less than ${data.p95.toFixed(1)}` : ""}. Counted on the films’ own
        dots, with the overlap that their angles give.
      </Text>
      {data?.rosette && <Text fontSize="small">{data.rosette}</Text>}
    </Box>
  );
}

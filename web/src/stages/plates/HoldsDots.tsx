import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Fact } from "../../ui/Parts";
import { Sign } from "../../ui/Sign";

const SQUARE = 8;

type Dots = NonNullable<PlateOn<"plates">["dots"]>;

/** The dots of a plate against its mesh: where they are lost, where their holes fill, and the very dots of the film under the loupe. */
export function HoldsDots({ at, plate, dots }: { at: AtHand<"plates">; plate: PlateOn<"plates">; dots: Dots }) {
  const { ruling } = useHabits();
  const { job } = at;
  const [place, setPlace] = useState({ x: job.widthMm / 2, y: job.heightMm / 2 });
  const wrong = dots.lostPct > 0.05 || dots.filledPct > 0.05;
  const pin = Math.max(4, job.widthMm / 50);
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-2, 0],
    ArrowRight: [2, 0],
    ArrowUp: [0, -2],
    ArrowDown: [0, 2],
  };
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 280px" }} gap="20px" flex="1" minH="0">
      <Box>
        <Box className="halftone" display="flex" alignItems="center" justifyContent="center" p="16px" minH="320px">
          <Box
            w="100%"
            tabIndex={0}
            role="application"
            aria-label={`${plate.name} on ${plate.mesh.text}: ${dots.says} Arrow keys move the loupe.`}
            onKeyDown={(e: React.KeyboardEvent) => {
              const by = steps[e.key];
              if (!by) return;
              e.preventDefault();
              e.stopPropagation();
              setPlace((was) => ({
                x: Math.min(job.widthMm, Math.max(0, was.x + by[0])),
                y: Math.min(job.heightMm, Math.max(0, was.y + by[1])),
              }));
            }}
            onPointerDown={(e: React.PointerEvent<HTMLDivElement>) => {
              const area = e.currentTarget.getBoundingClientRect();
              const scale = Math.min(area.width / (job.widthMm + 16), area.height / (job.heightMm + 16));
              const x = (e.clientX - area.left - (area.width - scale * (job.widthMm + 16)) / 2) / scale - 8;
              const y = (e.clientY - area.top - (area.height - scale * (job.heightMm + 16)) / 2) / scale - 8;
              setPlace({
                x: Math.round(Math.min(job.widthMm, Math.max(0, x)) * 10) / 10,
                y: Math.round(Math.min(job.heightMm, Math.max(0, y)) * 10) / 10,
              });
            }}
          >
            <svg
              viewBox={`-8 -8 ${job.widthMm + 16} ${job.heightMm + 16}`}
              className="sight"
              style={{ width: "100%", display: "block" }}
              aria-hidden="true"
            >
              <rect x="-8" y="-8" width={job.widthMm + 16} height={job.heightMm + 16} fill="var(--raised)" />
              <image
                href={`/api/plates/${plate.id}/film.png?tint=%231b1a17&k=${job.pullKey}`}
                width={job.widthMm}
                height={job.heightMm}
                preserveAspectRatio="none"
                opacity="0.55"
                className="colours"
              />
              <image
                href={`/api/plates/${plate.id}/not-held.png?k=${job.pullKey}-${dots.holdsFrom}-${dots.holdsTo}`}
                width={job.widthMm}
                height={job.heightMm}
                preserveAspectRatio="none"
              />
              <circle cx={place.x} cy={place.y} r={pin} fill="none" stroke="var(--paper)" strokeWidth={pin / 2.4} />
              <circle cx={place.x} cy={place.y} r={pin} fill="none" stroke="var(--ink)" strokeWidth={pin / 6} />
            </svg>
          </Box>
        </Box>
        <Box display="flex" gap="10px" alignItems="baseline" mt="10px" color={wrong ? "madder" : "ink"}>
          {wrong && <Sign kind="out_of_bounds" size={14} />}
          <Text fontWeight="600" maxW="64ch">
            {dots.says}
          </Text>
        </Box>
        {wrong && (
          <Text fontSize="small" color="quiet">
            Amber: dots lost, {dots.lostPct.toFixed(1)} % of the print. Madder: holes closed,{" "}
            {dots.filledPct.toFixed(1)} %.
          </Text>
        )}
      </Box>
      <Box display="flex" flexDirection="column" gap="12px">
        <Fact label={`${plate.mesh.text} holds at ${ruling(dots.lpi)}`} value={`${dots.holdsFrom}–${dots.holdsTo} %`} />
        <Fact label="This plate was brought into" value={`${dots.madeFrom}–${dots.madeTo} %`} />
        <Fact label={`Dots, ${dots.dot}`} value={`${ruling(dots.lpi)}, ${dots.angleDeg.toFixed(1)}°`} />
        <Box>
          <img
            className="colours"
            src={`/api/jobs/${job.id}/loupe.png?x=${place.x}&y=${place.y}&mm=${SQUARE}&k=${job.pullKey}`}
            alt={`${SQUARE} mm of the print: the dots of the film with their gain`}
            style={{ width: "100%", aspectRatio: "1", background: job.garmentHex, imageRendering: "pixelated" }}
          />
          <Text fontSize="small" color="quiet" mt="4px">
            {SQUARE} mm of the print under the loupe: the dots of the film, spread by their gain. Touch the picture to
            move it.
          </Text>
        </Box>
      </Box>
    </Box>
  );
}

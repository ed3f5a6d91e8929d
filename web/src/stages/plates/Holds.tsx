import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Push } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";

const SQUARE = 12;

/** The thinnest lines and gaps of a plate against what its mesh and film hold; the places on the picture and under the loupe. */
export function Holds({ at, plate }: { at: AtHand<"plates">; plate: PlateOn<"plates"> }) {
  const { job, work } = at;
  const { length } = useHabits();
  const holding = plate.holding;
  const risks = [
    ...holding.thinLines.map((p) => ({ ...p, kind: "line" })),
    ...holding.thinGaps.map((p) => ({ ...p, kind: "gap" })),
  ];
  const places =
    plate.role === "base" && plate.artHex === null
      ? [...job.thinBase.map((p) => ({ ...p, kind: "base" })), ...risks]
      : risks;
  const [shown, setShown] = useState(0);
  const place = places[Math.min(shown, places.length - 1)];
  const pin = Math.max(4, job.widthMm / 60);
  const say = (kind: string) => (kind === "line" ? "line" : kind === "gap" ? "gap" : "thin stroke on the base");
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 280px" }} gap="20px" flex="1" minH="0">
        <Box className="halftone" display="flex" alignItems="center" justifyContent="center" p="16px" minH="320px">
          <svg
            viewBox={`-8 -8 ${job.widthMm + 16} ${job.heightMm + 16}`}
            className="sight"
            role="img"
            aria-label={`${plate.name} with ${places.length} thin places marked`}
          >
            <rect x="-8" y="-8" width={job.widthMm + 16} height={job.heightMm + 16} fill="var(--raised)" />
            <image
              href={`/api/plates/${plate.id}/film.png?tint=%231b1a17&k=${job.pullKey}`}
              width={job.widthMm}
              height={job.heightMm}
              preserveAspectRatio="none"
              opacity="0.8"
              className="colours"
            />
            {places.map((p, i) => (
              // biome-ignore lint/a11y/noStaticElementInteractions: the same
              <g key={i} transform={`translate(${p.xMm} ${p.yMm})`} onClick={() => setShown(i)} className="touched">
                <circle r={pin * 1.6} fill="transparent" />
                <path
                  d={`M0 ${-pin}L${pin} 0L0 ${pin}L${-pin} 0Z`}
                  fill={p === place ? "var(--madder)" : "var(--paper)"}
                  fillOpacity={p === place ? 1 : 0.7}
                  stroke="var(--madder)"
                  strokeWidth={pin / 5}
                />
              </g>
            ))}
          </svg>
        </Box>
        <Box>
          <Readout
            big
            label="Finest line"
            figure={holding.line}
            shown={holding.line.text || length(holding.line.value ?? 0, 2)}
          />
          <Text fontSize="small" color="quiet" mb="10px">
            {plate.mesh.text} holds {length(holding.holdsLineMm, 2)}
          </Text>
          <Readout
            big
            label="Finest gap"
            figure={holding.gap}
            shown={holding.gap.text || length(holding.gap.value ?? 0, 2)}
          />
          <Text fontSize="small" color="quiet" mb="14px">
            {plate.mesh.text} holds {length(holding.holdsGapMm, 2)}
          </Text>
          {place ? (
            <Box>
              <img
                className="colours"
                src={`/api/jobs/${job.id}/loupe.png?x=${place.xMm}&y=${place.yMm}&mm=${SQUARE}&k=${job.pullKey}`}
                alt={`${SQUARE} mm of the print round a ${say(place.kind)} of ${place.widthMm.toFixed(2)} mm`}
                style={{ width: "100%", aspectRatio: "1", background: job.garmentHex, imageRendering: "pixelated" }}
              />
              <Text fontSize="small" color="quiet" mt="4px">
                {SQUARE} mm of the print round the place
              </Text>
            </Box>
          ) : (
            <Text fontWeight="600">Nothing on this plate is too thin.</Text>
          )}
        </Box>
      </Box>
      {places.length > 0 && (
        <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="24px">
          <Box>
            <Heading note="Thinnest first; at most forty are listed.">
              {holding.atRisk > 0
                ? `${holding.atRisk} ${holding.atRisk === 1 ? "place is" : "places are"} at risk`
                : "Thin strokes on the base"}
            </Heading>
            <Box as="ol" maxH="240px" overflow="auto" listStyleType="none" tabIndex={0} aria-label="Thin places">
              {places.map((p, i) => (
                <li key={i}>
                  <Push
                    onClick={() => setShown(i)}
                    aria-pressed={p === place}
                    minH="44px"
                    w="100%"
                    textAlign="left"
                    cursor="pointer"
                    display="flex"
                    gap="14px"
                    alignItems="center"
                    borderTopWidth="1px"
                    borderColor="line"
                    bg={p === place ? "faint" : "transparent"}
                    px="8px"
                  >
                    <Text as="span" className="readout" w="84px">
                      {length(p.widthMm, 2)}
                    </Text>
                    <span>
                      {say(p.kind)}, {Math.round(p.xMm)} from the left, {Math.round(p.yMm)} from the top
                    </span>
                  </Push>
                </li>
              ))}
            </Box>
          </Box>
          <Box>
            {holding.remedies.length > 0 && <Heading>What helps</Heading>}
            {holding.remedies.map((remedy) => (
              <Text key={remedy} mb="8px">
                {remedy}
              </Text>
            ))}
            {holding.thickenToMm !== null && plate.artHex !== null && (
              <Action
                quiet
                onClick={() =>
                  work.change.mutate({ thicken: { hex: plate.artHex ?? "", mm: holding.thickenToMm ?? 0 } })
                }
              >
                Thicken them to {length(holding.thickenToMm, 2)}
              </Action>
            )}
            {plate.thickenedToMm !== null && (
              <Action
                quiet
                ml="8px"
                onClick={() => work.change.mutate({ thicken: { hex: plate.artHex ?? "", mm: 0 } })}
              >
                As drawn again
              </Action>
            )}
          </Box>
        </Box>
      )}
    </>
  );
}

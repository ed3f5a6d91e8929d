import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn } from "../../../api/client";
import { Action } from "../../../ui/Parts";
import { pullPicture } from "../../../ui/pictures";
import { Sheet } from "../../../ui/Sheet";
import type { Cause } from "./counted";

const causes: Cause[] = [
  "out of register",
  "smeared",
  "pin hole",
  "lint or fibre",
  "ink too thin",
  "pick-up",
  "creased or loaded crooked",
  "scorched",
  "fault of the garment",
  "something else",
];

type Place = { xMm: number; yMm: number };

/** A misprint: where on the print, and why. Where may stay open; a cause counts it. */
export function Misprint({
  job,
  close,
  told,
}: {
  job: JobOn<"run">;
  close: () => void;
  told: (cause: Cause, at: Place | null) => void;
}) {
  const [at, setAt] = useState<Place | null>(null);
  const [w, h] = [job.widthMm, job.heightMm];
  return (
    <Sheet label="Misprint" close={close}>
      <Box
        p="24px"
        display="grid"
        gridTemplateColumns={{ base: "1fr", md: "minmax(0, 1fr) minmax(0, 1fr)" }}
        gap="24px"
      >
        <Box>
          <Text fontWeight="700" fontSize="lead" mb="8px">
            Where?
          </Text>
          {/* biome-ignore lint/a11y/useKeyWithClickEvents: as above */}
          <svg
            viewBox={`${-w / 2 - 4} ${-h / 2 - 4} ${w + 8} ${h + 8}`}
            width="100%"
            className="colours"
            style={{ maxHeight: "44vh", cursor: "crosshair" }}
            role="img"
            aria-label="The print: touch where it is spoiled"
            onClick={(e) => {
              const place = new DOMPoint(e.clientX, e.clientY).matrixTransform(
                e.currentTarget.getScreenCTM()?.inverse(),
              );
              setAt({ xMm: Math.round(place.x), yMm: Math.round(place.y) });
            }}
          >
            <rect x={-w / 2 - 4} y={-h / 2 - 4} width={w + 8} height={h + 8} fill={job.garmentHex} />
            <image
              href={pullPicture(job, job.plates.length)}
              x={-w / 2}
              y={-h / 2}
              width={w}
              height={h}
              preserveAspectRatio="none"
            />
            {at && (
              <g transform={`translate(${at.xMm} ${at.yMm})`} fill="none" strokeWidth={w / 90}>
                <circle r={w / 18} stroke="var(--paper)" />
                <circle r={w / 14} stroke="var(--madder)" />
              </g>
            )}
          </svg>
          <Text fontSize="small" color="quiet">
            {at ? "Marked. Touch again to move it." : "Touch the place, or leave it open."}
          </Text>
        </Box>
        <Box>
          <Text fontWeight="700" fontSize="lead" mb="8px">
            Why?
          </Text>
          <Box display="grid" gridTemplateColumns="1fr 1fr" gap="8px">
            {causes.map((cause) => (
              <Action key={cause} quiet minH="56px" onClick={() => told(cause, at)}>
                {cause}
              </Action>
            ))}
          </Box>
        </Box>
      </Box>
    </Sheet>
  );
}

import { Box, Text, VisuallyHidden } from "@chakra-ui/react";
import type { InkCount } from "../../api/client";
import { Push } from "../../ui/Parts";
import { hangs } from "./inkSet";

const ROOM = 190;
const LEAST = 26;

/** The line is the art; the print of each number of screens hangs as far below it as its colour is off. */
export function HungPrints({
  jobId,
  stamp,
  counts,
  at,
  take,
}: {
  jobId: number;
  stamp: string;
  counts: InkCount[];
  /** Screens of the set at hand. */
  at: number;
  take: (count: InkCount) => void;
}) {
  const worst = Math.max(...counts.map((c) => c.deltaE));
  return (
    <Box>
      <Text fontSize="small" color="quiet" mb="6px">
        The line is the art. A print hangs as far below it as its colour is off (mean ΔE00).
      </Text>
      <Box
        role="group"
        aria-label="Prints by their number of screens"
        display="grid"
        gridTemplateColumns={`repeat(${counts.length}, minmax(0, 1fr))`}
        gap="8px"
        borderTopWidth="2px"
        borderColor="ink"
        minH={`${ROOM + 150}px`}
        alignItems="start"
      >
        {counts.map((count) => {
          const here = count.screens === at;
          const string = hangs(count.deltaE, worst, ROOM, LEAST);
          return (
            <Push
              key={count.screens}
              aria-pressed={here}
              onClick={() => take(count)}
              display="flex"
              flexDirection="column"
              alignItems="center"
              cursor="pointer"
            >
              <svg width="60%" height={string} preserveAspectRatio="none" viewBox="0 0 100 100" aria-hidden="true">
                <path
                  d="M2 0V100M98 0V100"
                  stroke="var(--ink)"
                  strokeWidth={here ? 2 : 1}
                  vectorEffect="non-scaling-stroke"
                />
              </svg>
              <Box
                className="colours"
                outline={here ? "3px solid var(--teal)" : "1px solid var(--line)"}
                outlineOffset={here ? "3px" : "0"}
                w={here ? "100%" : "84%"}
              >
                <img
                  src={`/api/jobs/${jobId}/inks/${count.screens}.png?k=${stamp}`}
                  alt=""
                  style={{ width: "100%", display: "block" }}
                />
              </Box>
              <Text
                className="readout"
                fontWeight="700"
                fontSize={here ? "26px" : "readout"}
                mt="10px"
                lineHeight="1.1"
              >
                {count.deltaE.toFixed(1)}
              </Text>
              <Text fontSize="small" color={here ? "ink" : "quiet"} fontWeight={here ? "700" : "400"}>
                {count.screens} {count.screens === 1 ? "screen" : "screens"}
                <VisuallyHidden>, in {count.inks.map((i) => i.name).join(", ")}</VisuallyHidden>
              </Text>
            </Push>
          );
        })}
      </Box>
    </Box>
  );
}

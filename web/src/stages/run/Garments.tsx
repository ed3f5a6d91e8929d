import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";

const time = (minutes: number) =>
  minutes < 90 ? `${Math.max(1, Math.round(minutes))} min` : `${(minutes / 60).toFixed(1)} h`;

/** What is printed on: each garment with its sizes, and what it changes at the press. */
export function Garments({ job }: { job: JobOn<"run"> }) {
  const counted = job.garments.filter((g) => g.pieces > 0);
  if (counted.length === 0) return <Heading>How many pieces is not told yet</Heading>;
  return (
    <Box mt="22px" className="whole-block">
      <Heading>{counted.reduce((sum, g) => sum + g.pieces, 0)} pieces</Heading>
      <Box as="ul" listStyleType="none" aria-label="Garments of the order">
        {counted.map((g) => (
          <Box
            as="li"
            key={`${g.line.hex}${g.line.garment}${g.line.colour}`}
            borderTopWidth="1px"
            borderColor="line"
            py="10px"
            display="grid"
            gridTemplateColumns="26px minmax(0, 1fr)"
            columnGap="14px"
          >
            <svg width="26" height="26" className="colours block" aria-hidden="true">
              <rect width="26" height="26" fill={g.line.hex} stroke="var(--line)" />
            </svg>
            <Box>
              <Box display="flex" flexWrap="wrap" columnGap="22px" alignItems="baseline">
                <Text fontWeight="700" flex="1 1 170px">
                  {g.line.garment}
                  {`, ${g.cloth}`}
                </Text>
                <Text className="readout">{g.pieces} pieces</Text>
                <Text>
                  <span className="readout">{time(g.change.minutes)}</span> of printing
                </Text>
                <Text>
                  <span className="readout">
                    {g.change.inkGrams < 10 ? g.change.inkGrams.toFixed(1) : g.change.inkGrams.toFixed(0)} g
                  </span>{" "}
                  of ink
                </Text>
              </Box>
              <Box as="dl" display="flex" flexWrap="wrap" columnGap="20px" rowGap="2px">
                {g.line.sizes
                  .filter((one) => one.size !== "" && one.pieces > 0)
                  .map((one) => (
                    <Box key={one.size} display="flex" gap="6px" alignItems="baseline">
                      <Text as="dt" color="quiet">
                        {one.size}
                      </Text>
                      <Text as="dd" className="readout" fontSize="lead">
                        {one.pieces}
                      </Text>
                    </Box>
                  ))}
              </Box>
              {g.change.says.length > 0 && (
                <Text maxW="76ch" mt="2px">
                  {g.change.says.join(" ")}
                </Text>
              )}
            </Box>
          </Box>
        ))}
      </Box>
      <Text fontSize="small" color="quiet" mt="4px">
        Time: loading, screens, strokes, flashes and cooling as the press prints them, with the usual pauses (trade
        default, not measured here), without setting up. Ink: what the meshes pass, without what stays in screen and
        pot.
      </Text>
    </Box>
  );
}

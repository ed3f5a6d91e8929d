import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";

const time = (minutes: number) =>
  minutes < 90 ? `${Math.max(1, Math.round(minutes))} min` : `${(minutes / 60).toFixed(1)} h`;

/** What is printed on: each garment with its sizes, and what it changes at the press. */
export function Garments({ job }: { job: JobOn<"run"> }) {
  const counted = job.garments.filter((g) => g.pieces > 0);
  if (counted.length === 0) return null;
  const sizes = [...new Set(counted.flatMap((g) => g.line.sizes.map((s) => s.size)))].filter((s) => s !== "");
  return (
    <Box mt="22px" className="whole-block">
      <Heading>
        {counted.length === 0
          ? "How many pieces is not told yet"
          : `${counted.reduce((sum, g) => sum + g.pieces, 0)} pieces`}
      </Heading>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="Garments of the order">
        <Box as="table" w="100%" borderCollapse="collapse">
          <thead>
            <tr>
              {["", "Garment", ...sizes, "Pieces", "By hand", "Ink", "What changes"].map((head) => (
                <Box
                  as="th"
                  key={head}
                  textAlign="left"
                  fontSize="small"
                  fontWeight="400"
                  color="quiet"
                  pr="14px"
                  pb="4px"
                  borderBottomWidth="1px"
                  borderColor="ink"
                >
                  {head || <span className="heard">Colour</span>}
                </Box>
              ))}
            </tr>
          </thead>
          <tbody>
            {counted.map((g) => (
              <Box
                as="tr"
                key={`${g.line.hex}${g.line.garment}${g.line.colour}`}
                borderBottomWidth="1px"
                borderColor="line"
                h="44px"
              >
                <Box as="td" pr="10px">
                  <svg width="26" height="26" className="colours block" aria-hidden="true">
                    <rect width="26" height="26" fill={g.line.hex} stroke="var(--line)" />
                  </svg>
                </Box>
                <Box as="td" pr="14px">
                  {g.line.garment}
                  {(g.line.colour || g.line.hex) && `, ${g.line.colour || g.line.hex}`}
                </Box>
                {sizes.map((size) => (
                  <Box as="td" key={size} className="readout" pr="14px">
                    {g.line.sizes.find((s) => s.size === size)?.pieces || "–"}
                  </Box>
                ))}
                <Box as="td" className="readout" pr="14px">
                  {g.pieces}
                </Box>
                <Box as="td" className="readout" pr="14px" whiteSpace="nowrap">
                  {time(g.change.minutes)}
                </Box>
                <Box as="td" className="readout" pr="14px" whiteSpace="nowrap">
                  {g.change.inkGrams < 10 ? g.change.inkGrams.toFixed(1) : g.change.inkGrams.toFixed(0)} g
                </Box>
                <Box as="td" py="6px">
                  {g.change.says.length === 0 ? "as the plates are drawn" : g.change.says.join(" ")}
                </Box>
              </Box>
            ))}
          </tbody>
        </Box>
      </Box>
      <Text fontSize="small" color="quiet" mt="4px">
        Time: loading, screens, strokes and flashes of one printer (usual seconds, not measured here), without setting
        up. Ink: what the meshes pass, without what stays in screen and pot.
      </Text>
    </Box>
  );
}

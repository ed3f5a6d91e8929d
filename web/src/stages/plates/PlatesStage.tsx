import { Box, Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Bench, Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Choice, Field } from "../../ui/Parts";
import { Stack } from "../../ui/Stack";

/** One plate at a time: where its ink falls, which ink, and why it prints where it does. */
export function PlatesStage() {
  const at = useAtHand();
  const { job, plate, work } = at;
  const inks = useShop().data?.inks ?? [];
  const { length } = useHabits();
  if (!job.separated || !plate) return <NotYet>The plates come out of the art. Separate it first.</NotYet>;
  return (
    <Bench
      wide={452}
      tool={
        <Box display="flex" flexDirection="column" h="100%" gap="16px">
          <Box
            flex="1"
            minH="340px"
            display="flex"
            alignItems="center"
            justifyContent="center"
            className="halftone"
            p="20px"
          >
            <Box bg={job.garmentHex} className="colours" p="14px" position="relative">
              <img
                src={`/api/plates/${plate.id}/film.png?tint=${encodeURIComponent(plate.inkHex)}&k=${job.pullKey}`}
                alt={`${plate.name} alone on ${job.garmentName || "the garment"}`}
                style={{ maxHeight: "50vh", maxWidth: "100%", display: "block" }}
              />
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
            </Box>
            <Box>
              <Field
                label="Ink from the shelf"
                hint={
                  plate.inkDeltaE === null
                    ? ""
                    : plate.inkDeltaE < 0.05
                      ? "The art’s colour to the letter."
                      : `ΔE00 ${plate.inkDeltaE.toFixed(1)} from the art’s ${plate.hex}.`
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
              <Box as="dl" display="grid" gridTemplateColumns="auto 1fr" columnGap="18px" rowGap="4px" mt="14px">
                <Box as="dt" color="quiet">
                  Covers
                </Box>
                <Box as="dd" className="readout">
                  {plate.coveragePct.toFixed(1)} %, {plate.areaCm2.toFixed(0)} cm²
                </Box>
                <Box as="dt" color="quiet">
                  Finest line
                </Box>
                <Box as="dd" className="readout">
                  {plate.finestLineMm === null ? "all bold" : `about ${length(plate.finestLineMm, 2)}`}
                </Box>
                {plate.role === "base" && (
                  <>
                    <Box as="dt" color="quiet">
                      Choked
                    </Box>
                    <Box as="dd" className="readout">
                      {length(job.chokeMm, 2)}
                    </Box>
                  </>
                )}
              </Box>
            </Box>
          </Box>
        </Box>
      }
      beside={
        <Stack
          at={at}
          reorder
          figures={(p) => (
            <Text mt="4px" fontSize="small" color="quiet">
              {p.areaCm2.toFixed(0)} cm²{p.inkName && p.inkName !== p.name ? `, ${p.inkName}` : ""}
            </Text>
          )}
        />
      }
    />
  );
}

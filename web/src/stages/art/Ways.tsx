import { Box, Text } from "@chakra-ui/react";
import type { JobOn, MethodOffer } from "../../api/client";
import type { JobWork } from "../../api/use";
import { useMethods } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { Push } from "../../ui/Parts";

const NAMES: Record<MethodOffer["method"], string> = {
  spot: "Spot plates",
  "one ink": "One ink",
  "two-tone": "Two tones",
};

/** How this art can become plates: each way with its print on this garment. */
export function Ways({ job, work }: { job: JobOn<"art">; work: JobWork }) {
  const { data } = useMethods(job);
  if (!data) return null;
  return (
    <Box mt="18px">
      <Heading note="Each as it would print on this garment. What one way had is kept when another is taken.">
        Ways to print it
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(170px, 1fr))" gap="14px">
        {data.offers.map((offer) => (
          <Push
            key={offer.method}
            aria-pressed={offer.followed}
            disabled={offer.key === ""}
            onClick={() => !offer.followed && work.change.mutate({ method: offer.method })}
            textAlign="left"
            display="flex"
            flexDirection="column"
            borderTopWidth="3px"
            borderColor={offer.followed ? "ink" : "line"}
            pt="8px"
            _hover={{ borderColor: offer.followed ? "ink" : "teal" }}
            _disabled={{ cursor: "default" }}
          >
            <Box
              bg={job.garmentHex}
              className="colours"
              h="104px"
              w="100%"
              display="flex"
              justifyContent="center"
              p="6px"
            >
              {offer.key !== "" && (
                <img
                  src={`/api/jobs/${job.id}/method/${encodeURIComponent(offer.method)}.png?k=${offer.key}`}
                  alt=""
                  style={{ maxHeight: "100%", maxWidth: "100%", objectFit: "contain" }}
                />
              )}
            </Box>
            <Box display="flex" justifyContent="space-between" mt="6px" gap="8px">
              <Text fontWeight="700">{NAMES[offer.method]}</Text>
              {offer.deltaE !== null && offer.deltaE !== undefined && (
                <Text className="readout" fontSize="small" whiteSpace="nowrap">
                  ΔE00 {offer.deltaE.toFixed(1)}
                </Text>
              )}
            </Box>
            <Text fontSize="small" color="quiet">
              {offer.followed ? "It is printed so. " : ""}
              {offer.why}
            </Text>
          </Push>
        ))}
      </Box>
    </Box>
  );
}

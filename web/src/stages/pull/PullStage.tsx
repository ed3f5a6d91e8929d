import { Box, Text } from "@chakra-ui/react";
import type { Job } from "../../api/client";
import { useFirstPull } from "../../api/use";
import { useAtHand } from "../../ui/JobFrame";
import { Stack } from "../../ui/Stack";
import { Swatch } from "../../ui/Swatch";
import { Pull } from "./Pull";

/** Before the separation: the inks of the first pull, or five bare strips that wait for theirs. */
function NoPlates({ job }: { job: Job }) {
  const first = useFirstPull(job);
  if (first)
    return (
      <Box
        as="ol"
        listStyleType="none"
        aria-label="Plates of the first pull"
        flex="1"
        borderLeftWidth={{ base: 0, lg: "1px" }}
        borderColor="line"
        display="flex"
        flexDirection="column"
      >
        {first.plates.map((plate, i) => (
          <Box
            as="li"
            key={plate.name}
            flex="1"
            minH="60px"
            maxH="136px"
            borderBottomWidth="1px"
            borderColor="line"
            pl="54px"
            pr="28px"
            display="flex"
            alignItems="center"
            justifyContent="space-between"
            gap="20px"
            position="relative"
          >
            <Swatch hex={plate.inkHex} seed={i + 3} />
            <Text fontWeight="700" fontSize="lead" minW="0" truncate title={plate.name}>
              {plate.name}
            </Text>
            <Text fontSize="small" color="quiet" whiteSpace="nowrap">
              plate {i + 1}, covers about {Math.max(1, Math.round(plate.coveragePct))} %
            </Text>
          </Box>
        ))}
      </Box>
    );
  return (
    <Box flex="1" borderLeftWidth={{ base: 0, lg: "1px" }} borderColor="line" display="flex" flexDirection="column">
      {[0, 1, 2, 3, 4].map((i) => (
        <Box
          key={i}
          flex="1"
          minH="60px"
          borderBottomWidth="1px"
          borderColor="line"
          pl="54px"
          display="flex"
          alignItems="center"
          position="relative"
        >
          <Swatch hex="transparent" seed={i + 3} />
          {i === 0 && <Text color="quiet">No plates yet. They come out of the art, one for each ink.</Text>}
        </Box>
      ))}
    </Box>
  );
}

/** The job page: the pull in the middle, the stack beside it. */
export function PullStage() {
  const at = useAtHand();
  return (
    <Box display="flex" flex="1" flexDirection={{ base: "column", lg: "row" }} minH="0">
      <Pull at={at} />
      <Box w={{ base: "100%", lg: "452px" }} flex="none" display="flex" flexDirection="column">
        {at.job.plates.length > 0 ? <Stack at={at} reorder fill /> : <NoPlates job={at.job} />}
      </Box>
    </Box>
  );
}

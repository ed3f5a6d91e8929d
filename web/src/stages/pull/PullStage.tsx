import { Box } from "@chakra-ui/react";
import { useAtHand } from "../../ui/JobFrame";
import { Stack } from "../../ui/Stack";
import { Pull } from "./Pull";

/** The job page: the pull in the middle, the stack beside it. */
export function PullStage() {
  const at = useAtHand();
  return (
    <Box display="flex" flex="1" flexDirection={{ base: "column", lg: "row" }} minH="0">
      <Pull at={at} />
      <Box w={{ base: "100%", lg: "452px" }} flex="none" display="flex" flexDirection="column">
        <Stack at={at} reorder />
      </Box>
    </Box>
  );
}

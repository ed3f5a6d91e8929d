import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../../api/client";
import { useHabits } from "../../../ui/habits";
import { inUnits } from "../../../ui/lengths";
import { SmallButton } from "../../../ui/SmallButton";
import type { RunBoard } from "./counted";

/** When the register is looked at next, and where. */
export function LookLine({ job, board, holds }: { job: JobOn<"run">; board: RunBoard; holds: () => void }) {
  const { inches } = useHabits();
  return (
    <Box
      display="flex"
      flexWrap="wrap"
      gap="8px 16px"
      alignItems="center"
      borderTopWidth="1px"
      borderColor="line"
      pt="14px"
    >
      <Text color={board.count.lookIn === 0 ? "madder" : "ink"} fontWeight={board.count.lookIn === 0 ? "700" : "400"}>
        {board.count.lookIn === 0 ? (
          "Look at the register now: "
        ) : (
          <>
            Look at the register in <b className="readout">{board.count.lookIn}</b>{" "}
            {board.count.lookIn === 1 ? "piece" : "pieces"}:{" "}
          </>
        )}
        {inUnits(board.lookAt, inches)}.
      </Text>
      <SmallButton onClick={holds}>It holds</SmallButton>
      <a className="reach lined" href={`/jobs/${job.id}/press?look=strike-off`}>
        It is off: read it
      </a>
    </Box>
  );
}

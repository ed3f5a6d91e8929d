import { Box } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { useSetUp } from "../../api/press";
import { Heading } from "../../ui/Bench";
import { useFollowing } from "../../ui/keep";
import { Trouble } from "../../ui/Parts";
import { Tick } from "../../ui/SmallButton";

type Line = JobOn<"press">["setUp"][number];

/** What is set before the first strike-off, in the order in which hands do it; ticks are kept. */
export function SetUp({ job }: { job: JobOn<"press"> }) {
  const tick = useSetUp(job.id);
  const open = job.setUp.filter((l) => !l.done).length;
  return (
    <Box>
      <Heading note={open === 0 ? "All done." : `${open} of ${job.setUp.length} still to do.`}>
        Before the strike-off
      </Heading>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} columnGap="24px">
        {job.setUp.map((line) => (
          <One key={line.what} line={line} set={(on) => tick.mutate({ done: line.what, on })} />
        ))}
      </Box>
      <Trouble of={tick.error} />
    </Box>
  );
}

function One({ line, set }: { line: Line; set: (on: boolean) => void }) {
  const [done, say] = useFollowing(String(line.done));
  return (
    <Box borderTopWidth="1px" borderColor="line">
      <Tick
        checked={done === "true"}
        set={(on) => {
          say(String(on));
          set(on);
        }}
      >
        {line.says}
      </Tick>
    </Box>
  );
}

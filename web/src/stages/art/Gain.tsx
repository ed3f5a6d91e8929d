import { Box, Text } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Figure, JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { Readout } from "../../ui/Readout";
import { SmallButton } from "../../ui/SmallButton";
import { ReadChart } from "./ReadChart";

/** What the press makes of half a tone; its chart is printed from here and read here. */
export function Gain({ job, gain }: { job: JobOn<"art">; gain: Figure }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  return (
    <Box>
      <Heading note="Dots spread when they are printed: films are drawn smaller by as much.">Gain of the press</Heading>
      <Readout big label="Half a tone gains" figure={gain} shown={`${(gain.value ?? 0).toFixed(0)} %`} />
      <Text fontSize="small" color="quiet">
        {(gain.low ?? 0).toFixed(0)} to {(gain.high ?? 0).toFixed(0)} % in nine cases of ten; {gain.source}
      </Text>
      {open ? (
        <ReadChart
          jobId={job.id}
          leave={() => setOpen(false)}
          kept={() => {
            setOpen(false);
            for (const key of [["job", job.id], ["methods"], ["hand"]])
              void queries.invalidateQueries({ queryKey: key });
          }}
        />
      ) : (
        <Box display="flex" alignItems="center" gap="18px" flexWrap="wrap">
          <a href={`/api/jobs/${job.id}/gain-chart.pdf`} download className="reach lined">
            Gain chart, PDF
          </a>
          <SmallButton onClick={() => setOpen(true)}>Read a gain chart</SmallButton>
        </Box>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import type { JobSummary } from "../../api/client";
import { useJobWork } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { day } from "../../ui/day";
import { Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

const SHOWN = 8;

/** What is done lies on a pile, latest on top; a print that is ordered once more is taken from here. */
export function FinishedPile({ jobs, opened }: { jobs: JobSummary[]; opened: boolean }) {
  const [all, setAll] = useState(false);
  if (jobs.length === 0) return null;
  const shown = all || opened ? jobs : jobs.slice(0, SHOWN);
  return (
    <Box mt="36px">
      <Heading>Finished</Heading>
      <Box as="ul" listStyleType="none">
        {shown.map((job) => (
          <Finished key={job.id} job={job} />
        ))}
      </Box>
      {shown.length < jobs.length && (
        <SmallButton ml="-10px" onClick={() => setAll(true)}>
          All {jobs.length}
        </SmallButton>
      )}
    </Box>
  );
}

function Finished({ job }: { job: JobSummary }) {
  const work = useJobWork(job.id);
  const go = useNavigate();
  return (
    <Box
      as="li"
      display="flex"
      alignItems="center"
      gap="16px"
      borderTopWidth="1px"
      borderColor="line"
      minH="52px"
      flexWrap="wrap"
    >
      <Box display="flex" aria-hidden="true" className="colours">
        {job.inkHexes.map((hex, i) => (
          <Box key={`${i}${hex}`} w="12px" h="22px" bg={hex} borderWidth="1px" borderColor="line" ml="-1px" />
        ))}
      </Box>
      <Link to={`/jobs/${job.id}`} className="reach">
        <Text fontWeight="700" textDecoration="underline" textUnderlineOffset="3px">
          {job.name}
        </Text>
      </Link>
      <Text color="quiet" flex="1">
        {[
          job.customer,
          job.quantity > 0 && `${job.quantity} ${job.garment}`,
          job.garmentName,
          job.finishedOn && `done ${day(job.finishedOn)}`,
        ]
          .filter(Boolean)
          .join(", ")}
      </Text>
      <Trouble of={work.printAgain.error} />
      {job.separated && (
        <SmallButton
          disabled={work.printAgain.isPending}
          onClick={() => work.printAgain.mutate(undefined, { onSuccess: (again) => go(`/jobs/${again.id}`) })}
        >
          Print again<span className="heard"> {job.name}</span>
        </SmallButton>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useDeferredValue, useState } from "react";
import { Link } from "react-router";
import type { JobSummary } from "../../api/client";
import { useMorning } from "../../api/morning";
import { useJobs } from "../../api/use";
import { day } from "../../ui/day";
import { Garment } from "../../ui/Garment";
import { useHabits } from "../../ui/habits";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { Shelf } from "../Shelf";
import { FinishedPile } from "./FinishedPile";
import { NewJob } from "./NewJob";

/** All jobs as they hang in the shop; a picture dropped here becomes a new one. */
export function JobsShelf() {
  const { data: morning } = useMorning();
  const [wanted, setWanted] = useState("");
  const { data, error, hasNextPage, fetchNextPage, isFetchingNextPage } = useJobs(useDeferredValue(wanted.trim()));
  const found = data?.pages.flatMap((page) => page.jobs) ?? [];
  const first = data?.pages[0];
  const open = found.filter((job) => job.finishedOn === null);
  const [dropped, setDropped] = useState<File | null>(null);
  return (
    <Box
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        const file = e.dataTransfer.files[0];
        if (file) setDropped(file);
      }}
      minH="100vh"
    >
      <Shelf name="Jobs" says="Drop a picture anywhere on this page to begin a job.">
        <Trouble of={error} />
        {morning?.stands === false && <ToFirstMorning />}
        <NewJob file={dropped} setFile={setDropped} />
        {first?.all === 0 && (
          <Box className="halftone" mt="28px" h="380px" position="relative" overflow="hidden">
            <Garment kind="tee" hex="#f7f3ea" widthMm={260} heightMm={280} label="A bare shirt">
              <g fill="none" stroke="#8d8676" strokeWidth="1.200">
                <rect width="260" height="280" strokeDasharray="6 6" />
                <path d="M130 -14v28M116 0h28M130 266v28M116 280h28" />
              </g>
            </Garment>
            <Text position="absolute" left="24px" bottom="18px" bg="cloth" px="6px" maxW="31ch">
              No job hangs here yet. To practise, open the made-up shop: ./ektype demo
            </Text>
          </Box>
        )}
        {(first?.all ?? 0) > 3 && (
          <Box mt="24px" maxW="420px">
            <Field label="Find by customer, name, colour or ink">
              <Entry fontFamily="body" type="search" value={wanted} onChange={(e) => setWanted(e.target.value)} />
            </Field>
          </Box>
        )}
        {open.length > 0 && (
          <Box
            as="ul"
            listStyleType="none"
            display="grid"
            gridTemplateColumns="repeat(auto-fill, minmax(290px, 1fr))"
            gap="28px"
            mt="28px"
          >
            {open.map((job) => (
              <Hanging key={job.id} job={job} />
            ))}
          </Box>
        )}
        {wanted !== "" && first?.found === 0 && <Text mt="28px">No job of that customer, name, colour or ink.</Text>}
        <FinishedPile jobs={found.filter((job) => job.finishedOn !== null)} opened={wanted !== ""} />
        {hasNextPage && (
          <Action quiet mt="20px" disabled={isFetchingNextPage} onClick={() => fetchNextPage()}>
            {`More jobs: ${(first?.found ?? 0) - found.length} not shown`}
          </Action>
        )}
      </Shelf>
    </Box>
  );
}

function Hanging({ job }: { job: JobSummary }) {
  const { length } = useHabits();
  const plates = job.inkHexes.length;
  const late = (job.daysLeft ?? 0) < 0;
  const picture =
    job.separated && plates > 0 ? `/api/jobs/${job.id}/pull/${plates}.png?k=${job.pullKey}` : `/api/jobs/${job.id}/art`;
  return (
    <Box as="li">
      <Link to={`/jobs/${job.id}`}>
        <Box className="halftone" h="230px" overflow="hidden" borderBottomWidth="1px" borderColor="ink">
          <Garment
            kind={job.garment}
            hex={job.garmentHex}
            widthMm={job.widthMm}
            heightMm={job.heightMm}
            label={`${job.name} on ${job.garmentName} ${job.garment}`}
          >
            <image
              className="colours"
              href={picture}
              width={job.widthMm}
              height={job.heightMm}
              preserveAspectRatio="none"
            />
          </Garment>
        </Box>
        <Box display="flex" justifyContent="space-between" gap="10px" mt="10px">
          <Text fontWeight="700" fontSize="lead" truncate>
            {job.name}
          </Text>
          <Box display="flex" aria-hidden="true" className="colours">
            {job.inkHexes.map((hex, i) => (
              <Box key={`${i}${hex}`} w="12px" h="22px" bg={hex} borderWidth="1px" borderColor="line" ml="-1px" />
            ))}
          </Box>
        </Box>
        <Text fontWeight={late ? "700" : "400"} color={late ? "madder" : "ink"}>
          {job.dueOn ? `${dueWords(job.daysLeft)}, ${day(job.dueOn)}` : "no day set"}
          {job.waits && `: waits for ${job.waits}`}
        </Text>
        <Text color="quiet">
          {[job.customer, job.quantity > 0 && `${job.quantity} ${job.garment}`, `${length(job.widthMm)} wide`]
            .filter(Boolean)
            .join(", ")}
        </Text>
      </Link>
    </Box>
  );
}

/** How long there is still time, in words. */
function dueWords(days: number | null): string {
  if (days === null) return "";
  if (days < 0) return days === -1 ? "a day late" : `${-days} days late`;
  return days === 0 ? "due today" : days === 1 ? "due tomorrow" : `due in ${days} days`;
}

/** An empty shop is asked six questions first. */
function ToFirstMorning() {
  return (
    <Box display="flex" gap="22px" alignItems="center" flexWrap="wrap" pb="22px">
      <Link to="/morning">
        <Box bg="teal" color="onTeal" fontWeight="700" minH="48px" px="22px" display="flex" alignItems="center">
          Set up the shop: six questions
        </Box>
      </Link>
      <Text maxW="56ch">
        Its shelves are empty. Ten minutes, and press, lamp, frames and inks stand there, so that meshes, times and
        turns can be reckoned. A picture can be dropped before that too.
      </Text>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useEffect } from "react";
import { Outlet, useNavigate, useOutletContext, useParams, useSearchParams } from "react-router";
import { type Job, type Plate, Problem } from "../api/client";
import { useJob, useJobWork } from "../api/use";
import { day } from "./day";
import { useHabits } from "./habits";
import { Action, Trouble } from "./Parts";
import { TaskLine } from "./TaskLine";
import { isTyping } from "./typing";

export type AtHand = {
  job: Job;
  /** The plate at hand, by the address or the first. */
  plate: Plate | undefined;
  choose: (plateId: number) => void;
  work: ReturnType<typeof useJobWork>;
};

export const useAtHand = () => useOutletContext<AtHand>();

/** Fields that show their own trouble where it was made. */
const atTheirPlace = [
  "widthMm",
  "heightMm",
  "acrossMm",
  "dropMm",
  "framing",
  "chokeMm",
  "trapMm",
  "filmFormats",
  "garment",
  "quantity",
  "dueOn",
  "customer",
  "substrate",
  "burnedSeconds",
  "prints",
  "frameId",
  "gaugedEomUm",
  "lpi",
  "tones",
  "depositUm",
  "beforeLight",
  "sinkCheck",
];

const elsewhere = (error: unknown) =>
  error instanceof Problem && atTheirPlace.some((field) => error.field.startsWith(field)) ? null : error;

/** A job's page: what must be done next at the top, the bench of the stage below. */
export function JobFrame() {
  const id = Number(useParams().id);
  const { data: job, error, isPending } = useJob(id);
  const work = useJobWork(id);
  const [search, setSearch] = useSearchParams();
  const go = useNavigate();
  const { length } = useHabits();
  const wanted = Number(search.get("plate"));
  const plate = job?.plates.find((p) => p.id === wanted) ?? job?.plates[0];
  const choose = (plateId: number) =>
    setSearch((was) => ({ ...Object.fromEntries(was), plate: String(plateId) }), { replace: true });

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (isTyping(e.target)) return;
      if (!job) return;
      const at = job.plates.findIndex((p) => p.id === plate?.id);
      const other = e.key === "[" ? job.plates[at - 1] : e.key === "]" ? job.plates[at + 1] : undefined;
      if (other) choose(other.id);
      if (e.key.toLowerCase() === "z" && !e.altKey && job.undo) {
        e.preventDefault();
        work.undo.mutate();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  if (error)
    return (
      <Box p="32px">
        <Trouble of={error} />
      </Box>
    );
  if (isPending || !job)
    return (
      <Box p="32px" color="quiet" aria-busy="true">
        Opening the job …
      </Box>
    );

  const next = () => {
    if (job.next.does === "separate") work.separate.mutate();
    else if (job.next.does === "films") work.films.mutate();
    else go(`/jobs/${id}/${job.next.stage}${job.next.plateId ? `?plate=${job.next.plateId}` : ""}`);
  };
  const busy = job.task?.state === "waiting" || job.task?.state === "working";
  return (
    <Box display="flex" flexDirection="column" minH={{ base: "auto", lg: "100vh" }}>
      <Box
        as="header"
        className="no-print"
        display="flex"
        alignItems="center"
        justifyContent="space-between"
        gap="24px"
        px="28px"
        minH="92px"
        py="10px"
        borderBottomWidth="1px"
        borderColor="line"
        flexWrap={{ base: "wrap", md: "nowrap" }}
      >
        <Box minW="0" flex="1 1 320px">
          <Text
            as="h1"
            className="wide"
            fontWeight="800"
            fontSize={{ base: "24px", xl: "title" }}
            lineHeight="1.1"
            letterSpacing="-0.01em"
            truncate
            title={job.name}
          >
            {job.name}
          </Text>
          <Text color="quiet" truncate>
            {[
              job.quantity > 0 && `${job.quantity} ${job.substrate} ${job.garment}`,
              job.garmentName || job.garmentHex,
              `${job.place} ${length(job.widthMm)} × ${length(job.heightMm)}`,
              job.dueOn && `due ${day(job.dueOn)}`,
            ]
              .filter(Boolean)
              .join(", ")}
          </Text>
        </Box>
        <Box display="flex" alignItems="center" gap="18px" flex="0 1 auto">
          {job.undo && (
            <Box
              as="button"
              onClick={() => work.undo.mutate()}
              minH="44px"
              fontSize="small"
              color="quiet"
              cursor="pointer"
              textAlign="right"
              _hover={{ color: "ink" }}
              title={`Takes back: ${job.undo}`}
              maxW="120px"
            >
              Undo
              <Text as="span" display="block" truncate hideBelow="xl">
                {job.undo.toLowerCase()}
              </Text>
            </Box>
          )}
          <Box textAlign="left" maxW="260px">
            <Text fontSize="small" color="quiet">
              Next
            </Text>
            <Text fontWeight="700" lineHeight="1.2">
              {job.next.sentence}
            </Text>
          </Box>
          {!busy && (
            <Action onClick={next} whiteSpace="nowrap">
              {job.next.button}
            </Action>
          )}
        </Box>
      </Box>
      {job.task && <TaskLine task={job.task} again={() => job.task && work.again.mutate(job.task.id)} />}
      <Box px="28px">
        <Trouble
          of={
            elsewhere(work.change.error) ??
            elsewhere(work.plate.error) ??
            work.separate.error ??
            work.films.error ??
            work.undo.error ??
            work.again.error
          }
        />
      </Box>
      <Box flex="1" minH="0" display="flex" flexDirection="column">
        <Outlet context={{ job, plate, choose, work } satisfies AtHand} />
      </Box>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { Suspense, useState } from "react";
import { Outlet, useLocation, useNavigate, useOutletContext, useParams, useSearchParams } from "react-router";
import { type Benches, type Job, type JobOn, laid, type PlateOn, Problem, type Stage } from "../api/client";
import { askEarly, useBench, useBenchesAhead, useJob, useJobWork } from "../api/use";
import { arrive } from "./arrive";
import { askedWith } from "./asked";
import { day } from "./day";
import { useHabits } from "./habits";
import { useKey } from "./hotkey";
import { JobMenu } from "./JobMenu";
import { Action, Trouble } from "./Parts";
import { stageIn } from "./places";
import { SmallButton } from "./SmallButton";
import { TaskLine } from "./TaskLine";
import { Undo, UndoRefused } from "./Undo";

export type AtHand<S extends Stage = "run"> = {
  job: JobOn<S>;
  /** The plate at hand, by the address or the first. */
  plate: PlateOn<S> | undefined;
  choose: (plateId: number) => void;
  work: ReturnType<typeof useJobWork>;
};

/** The job as the stage that is open sees it. */
export const useAtHand = <S extends Stage = "run">() => useOutletContext<AtHand<S>>();

function atHand(
  stage: Stage,
  head: Job,
  bench: Benches[Stage],
  plateId: number | undefined,
  choose: AtHand["choose"],
  work: AtHand["work"],
) {
  const job = laid(head, bench as Benches[typeof stage]);
  return { job, plate: job.plates.find((p) => p.id === plateId), choose, work };
}

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
  "notes",
  "lines",
  "garmentHex",
  "garmentName",
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
  const { data: told, error, isPending } = useJob(id);
  // The pull needs no bench of its own; the run’s is the smallest.
  const named = stageIn(useLocation().pathname);
  const stage = named === null || named === "after" ? "run" : named;
  // Before the head is there, once: it and the bench are asked for side by side.
  useState(() => {
    if (told === undefined) askEarly(stage, id);
  });
  const { bench: comes, fresh } = useBench(stage, told);
  useBenchesAhead(told);
  // Head and bench change together: nothing on the page tells an earlier turn than what stands beside it.
  const [pair, setPair] = useState<{ head: Job; stage: Stage; bench: Benches[Stage] } | null>(null);
  const stands = pair !== null && pair.head.id === id && pair.stage === stage;
  if (told && comes && fresh && !(stands && pair.head === told && pair.bench === comes)) {
    setPair({ head: told, stage, bench: comes });
  }
  const job = stands ? pair.head : told;
  const bench = stands ? pair.bench : comes;
  const work = useJobWork(id);
  const [search, setSearch] = useSearchParams();
  const go = useNavigate();
  const { length } = useHabits();
  const wanted = Number(search.get("plate"));
  const plate = job?.plates.find((p) => p.id === wanted) ?? job?.plates[0];
  const choose = (plateId: number) => setSearch(askedWith("plate", String(plateId)), { replace: true });

  const at = job?.plates.findIndex((p) => p.id === plate?.id) ?? -1;
  const beside = (step: number) => {
    const other = job?.plates[at + step];
    if (other) choose(other.id);
  };
  useKey("[", () => beside(-1));
  useKey("]", () => beside(1));

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
    else {
      const asked = new URLSearchParams();
      if (job.next.plateId) asked.set("plate", String(job.next.plateId));
      if (job.next.look) asked.set("look", job.next.look);
      go(`/jobs/${id}/${job.next.stage}?${asked}`);
      arrive(job.next.look ?? "");
    }
  };
  const busy = job.task?.state === "waiting" || job.task?.state === "working";
  return (
    <Box display="flex" flexDirection="column" minH={{ base: "auto", lg: "100vh" }}>
      <Box
        as="header"
        className="no-print"
        display="grid"
        gridTemplateColumns={{ base: "minmax(0, 1fr) auto auto", md: "minmax(0, 1fr) auto auto auto" }}
        gridTemplateAreas={{ base: '"name hand act" "next hand act"', md: '"name hand next act"' }}
        alignItems="center"
        columnGap={{ base: "12px", md: "20px" }}
        px={{ base: "16px", md: "28px" }}
        minH={{ base: "0", md: "92px" }}
        py={{ base: "6px", md: "10px" }}
        borderBottomWidth="1px"
        borderColor="line"
      >
        <Box gridArea="name" minW="0">
          <Text
            as="h1"
            className="wide"
            fontWeight="800"
            fontSize={{ base: "lead", md: "24px", xl: "title" }}
            lineHeight="1.1"
            letterSpacing="-0.01em"
            truncate
            title={job.name}
          >
            {job.name}
          </Text>
          <Text color="quiet" truncate hideBelow="md">
            {[
              job.quantity > 0 && `${job.quantity} ${job.substrate} ${job.garment}`,
              job.cloth,
              `${job.place} ${length(job.widthMm)} × ${length(job.heightMm)}`,
              job.dueOn && `due ${day(job.dueOn)}`,
            ]
              .filter(Boolean)
              .join(", ")}
          </Text>
        </Box>
        <Box gridArea="hand" display="flex" alignItems="center" gap={{ base: "10px", md: "18px" }}>
          <JobMenu job={job} work={work} />
          <Undo />
        </Box>
        <Box gridArea="next" textAlign="left" maxW={{ md: "260px" }}>
          <Text fontSize="small" color="quiet" hideBelow="md">
            Next
          </Text>
          <Text fontWeight={{ base: "400", md: "700" }} fontSize={{ base: "small", md: "text" }} lineHeight="1.2">
            {job.next.sentence}
          </Text>
        </Box>
        <Box gridArea="act">
          {!busy && (
            <Action onClick={next} whiteSpace={{ base: "normal", md: "nowrap" }} maxW={{ base: "128px", md: "none" }}>
              {job.next.button}
            </Action>
          )}
        </Box>
      </Box>
      {job.task && (
        <TaskLine
          task={job.task}
          again={() => job.task && work.again.mutate(job.task.id)}
          stop={() => job.task && work.stop.mutate(job.task.id)}
        />
      )}
      {job.since.length > 0 && job.finishedOn === null && <Since job={job} />}
      {job.minds.map((one) => one.stage === stage && <Mind key={one.says}>{one.says}</Mind>)}
      {job.pressMind !== "" && <Mind>{job.pressMind}</Mind>}
      <Box px="28px">
        <UndoRefused />
        <Trouble
          of={
            elsewhere(work.change.error) ??
            elsewhere(work.plate.error) ??
            work.separate.error ??
            work.films.error ??
            work.again.error ??
            work.stop.error
          }
        />
      </Box>
      <Box flex="1" minH="0" display="flex" flexDirection="column">
        {bench ? (
          // A stage that is still being fetched takes nothing of the head away, nor the focus that is there.
          <Suspense fallback={<Box p="28px" aria-busy="true" />}>
            <Outlet context={atHand(stage, job, bench, plate?.id, choose, work)} />
          </Suspense>
        ) : (
          <Box p="28px" color="quiet" aria-busy="true" />
        )}
      </Box>
    </Box>
  );
}

/** What must be minded above all that stands below it; it is printed with it. */
function Mind({ children }: { children: React.ReactNode }) {
  return (
    <Text
      role="status"
      px="28px"
      py="8px"
      borderBottomWidth="1px"
      borderColor="line"
      borderLeftWidth="6px"
      borderLeftColor="amber"
    >
      {children}
    </Text>
  );
}

/** What has changed since the print that is printed again. */
function Since({ job }: { job: Job }) {
  const [folded, setFolded] = useState(false);
  if (folded) return null;
  return (
    <Box
      role="status"
      px="28px"
      py="8px"
      display="flex"
      gap="16px"
      alignItems="center"
      borderBottomWidth="1px"
      borderColor="line"
      className="no-print"
    >
      <Text flex="1">
        <b>Printed again.</b> {job.since.join(" ")}
      </Text>
      <SmallButton onClick={() => setFolded(true)}>Put aside</SmallButton>
    </Box>
  );
}

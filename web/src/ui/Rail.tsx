import { Box, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link, useLocation } from "react-router";
import { answer, api, type Job } from "../api/client";
import { useJob } from "../api/use";
import { useHabits } from "./habits";
import { Push } from "./Parts";
import { jobIn, plateIn, shelves, stages } from "./places";
import { Sign, type SignKind } from "./Sign";

const signOf: Record<string, SignKind> = { ready: "measured", open: "reckoned", out: "out_of_bounds", waiting: "open" };
const wordOf: Record<string, string> = { ready: "ready", open: "to do", out: "out of bounds", waiting: "later" };

/** The stages of the work down the left, in the order in which they are done; below them the shelves. */
export function Rail() {
  const path = useLocation().pathname;
  const jobId = jobIn(path);
  const asks = useQuery({
    queryKey: ["door"],
    queryFn: () => answer(api.GET("/api/door")),
    staleTime: Number.POSITIVE_INFINITY,
  }).data?.asks;
  const { swapLight, safe, swapUnits, inches } = useHabits();
  return (
    <Box
      as="nav"
      aria-label="Stages and shelves"
      className="no-print"
      w={{ base: "100%", lg: "176px" }}
      flex="none"
      borderRightWidth={{ base: "0", lg: "1px" }}
      borderBottomWidth={{ base: "1px", lg: "0" }}
      borderColor="line"
      display="flex"
      flexDirection={{ base: "row", lg: "column" }}
      flexWrap={{ base: "nowrap", sm: "wrap", lg: "nowrap" }}
      overflowX={{ base: "auto", sm: "visible", lg: "hidden" }}
      overflowY={{ base: "visible", lg: "auto" }}
      alignItems={{ base: "center", lg: "stretch" }}
      position={{ base: "static", lg: "sticky" }}
      top="0"
      h={{ base: "auto", lg: "100vh" }}
      px={{ base: "8px", lg: "0" }}
    >
      <Link to="/jobs" aria-label="Ektype, all jobs">
        <Text
          className="wide"
          fontWeight="800"
          fontSize="25px"
          p={{ base: "8px 14px", lg: "9px 22px 8px" }}
          letterSpacing="-0.01em"
        >
          Ektype
        </Text>
      </Link>
      {jobId !== null && <Stages id={jobId} path={path} />}
      <Box
        display="flex"
        flexDirection={{ base: "row", lg: "column" }}
        flexWrap={{ base: "nowrap", sm: "wrap" }}
        borderTopWidth={{ base: 0, lg: jobId === null ? "0" : "1px" }}
        borderColor="line"
      >
        {shelves.map((shelf) => (
          <Place
            key={shelf.id}
            to={`/${shelf.id}`}
            here={
              path === `/${shelf.id}` ||
              (path.startsWith(`/${shelf.id}/`) && shelf.id !== "jobs") ||
              (shelf.id === "jobs" && path === "/")
            }
            quiet={jobId !== null}
          >
            {shelf.name}
            <Text
              as="span"
              className="readout"
              fontSize="12px"
              fontWeight="500"
              color="quiet"
              hideBelow="lg"
              aria-hidden="true"
            >
              {shelf.key.toUpperCase()}
            </Text>
          </Place>
        ))}
      </Box>
      <Box
        mt={{ base: 0, lg: "auto" }}
        ml={{ base: "auto", lg: 0 }}
        display="flex"
        flexDirection="row"
        flexWrap="wrap"
        justifyContent={{ base: "flex-end", lg: "space-between" }}
        pb={{ base: 0, lg: "4px" }}
        px={{ base: 0, lg: "16px" }}
      >
        {asks && (
          <Place to="/devices" here={path === "/devices"} quiet>
            Devices
          </Place>
        )}
        <Switch onClick={swapLight} pressed={safe} word={safe ? "Daylight" : "Safelight"} hint="L" />
        <Switch onClick={swapUnits} pressed={inches} word={inches ? "inches" : "mm"} hint="U" />
      </Box>
    </Box>
  );
}

function Stages({ id, path }: { id: number; path: string }) {
  const job = useJob(id).data;
  const { search } = useLocation();
  return (
    <Box display="flex" flexDirection={{ base: "row", lg: "column" }} flexWrap={{ base: "nowrap", sm: "wrap" }}>
      {stages.map((stage) => (
        <Place
          key={stage.id}
          to={`/jobs/${id}/${stage.id}${plateIn(search)}`}
          here={path === `/jobs/${id}/${stage.id}`}
          stands={job?.next.stage === stage.id}
        >
          {stage.name}
          <Readiness job={job} stage={stage.id} />
        </Place>
      ))}
    </Box>
  );
}

/** One sign a plate: which of them are ready at this stage. */
function Readiness({ job, stage }: { job: Job | undefined; stage: (typeof stages)[number]["id"] }) {
  if (!job) return null;
  const states = job.plates.map((plate) => plate.stages[stage]);
  const counts = Object.entries(wordOf)
    .map(([state, word]) => [states.filter((s) => s === state).length, word] as const)
    .filter(([n]) => n > 0)
    .map(([n, word]) => `${n} ${word}`);
  const crowded = states.length > 6;
  return (
    <Box
      hideBelow="lg"
      display="flex"
      flexWrap="wrap"
      maxW="76px"
      gap={crowded ? "1px" : "2px"}
      role="img"
      aria-label={counts.length ? counts.join(", ") : "no plates yet"}
    >
      {states.map((state, i) => (
        <Sign key={job.plates[i]?.id} kind={signOf[state] ?? "open"} size={crowded ? 8 : 11} quiet />
      ))}
    </Box>
  );
}

function Place({
  to,
  here,
  stands,
  quiet,
  children,
}: {
  to: string;
  here: boolean;
  /** Whether the job stands here: what must be done next is done at this stage. */
  stands?: boolean;
  quiet?: boolean;
  children: ReactNode;
}) {
  return (
    <Link to={to} aria-current={here ? "page" : undefined}>
      <Box
        position="relative"
        display="flex"
        alignItems="center"
        justifyContent="space-between"
        gap="8px"
        minH="44px"
        px={{ base: "12px", lg: "22px" }}
        pr={{ base: "12px", lg: "14px" }}
        fontWeight={here ? "700" : "400"}
        fontSize={{ base: "15px", lg: quiet ? "15px" : "16px" }}
        color={quiet && !here ? "quiet" : "ink"}
        borderLeftWidth={{ base: "0", lg: "5px" }}
        borderBottomWidth={{ base: "4px", lg: "0" }}
        borderColor={here ? "ink" : "transparent"}
        _hover={{ bg: "faint" }}
        ml={{ base: 0, lg: "-0px" }}
        paddingLeft={{ base: "12px", lg: "17px" }}
      >
        {stands && <Stands />}
        {children}
      </Box>
    </Link>
  );
}

/** A point of teal before the stage where the job stands; where the reader is, a bar of ink. */
function Stands() {
  return (
    <Box as="span" position="absolute" left={{ base: "0", lg: "8px" }} top="50%" mt="-6px" lineHeight="0">
      <svg width="8" height="12" viewBox="0 0 8 12" role="img" aria-label="the job stands here">
        <path d="M1 1L7 6L1 11" fill="none" stroke="var(--teal)" strokeWidth="2.200" />
      </svg>
    </Box>
  );
}

function Switch({
  onClick,
  pressed,
  word,
  hint,
}: {
  onClick: () => void;
  pressed: boolean;
  word: string;
  hint: string;
}) {
  return (
    <Push
      onClick={onClick}
      aria-pressed={pressed}
      minH="44px"
      px={{ base: "10px", lg: "5px" }}
      textAlign="left"
      cursor="pointer"
      color="quiet"
      fontSize="small"
      display="flex"
      alignItems="center"
      justifyContent="space-between"
      gap="8px"
      _hover={{ color: "ink" }}
    >
      {word}
      <Text as="span" className="readout" fontSize="12px" fontWeight="500" hideBelow="lg" aria-hidden="true">
        {hint}
      </Text>
    </Push>
  );
}

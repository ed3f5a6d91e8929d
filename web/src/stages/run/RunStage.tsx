import { Box, Text } from "@chakra-ui/react";
import { useSearchParams } from "react-router";
import type { JobOn } from "../../api/client";
import { Heading, NotYet } from "../../ui/Bench";
import { day } from "../../ui/day";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action } from "../../ui/Parts";
import { Signs } from "../../ui/Signs";
import { Views } from "../../ui/SmallButton";
import { Cure } from "./Cure";
import { CountBench } from "./count/CountBench";
import { Garments } from "./Garments";
import { Heads } from "./Heads";
import { Judge } from "./Judge";
import { MarkedPrint } from "./MarkedPrint";

const views = [
  ["count", "Count"],
  ["judge", "Judge the strike-off"],
  ["cure", "Cure"],
  ["order", "Work order"],
] as const;
type View = (typeof views)[number][0];

/** The run: its strike-off is judged, its pieces are counted, and its work order hangs by the press. */
export function RunStage() {
  const { job } = useAtHand<"run">();
  const [params, setParams] = useSearchParams();
  if (!job.separated) return <NotYet>The run comes after the press. Separate the art first.</NotYet>;
  const asked = params.get("look");
  const view: View = views.find(([v]) => v === asked)?.[0] ?? (job.begun ? "count" : "order");
  const show = (to: View) =>
    setParams(
      (was) => {
        was.set("look", to);
        return was;
      },
      { replace: true },
    );
  return (
    <Box display="flex" flexDirection="column" flex="1">
      <Box className="no-print" px={{ base: "20px", lg: "28px" }} pt="8px">
        <Views of={views} at={view} pick={show} label="Of the run" />
      </Box>
      {view === "order" ? (
        <WorkOrder job={job} />
      ) : (
        <Box px={{ base: "20px", lg: "28px" }} py="20px" data-bench data-look={view}>
          {view === "count" && <CountBench job={job} approve={() => show("judge")} />}
          {view === "judge" && <Judge job={job} done={() => show("count")} />}
          {view === "cure" && <Cure job={job} />}
        </Box>
      )}
    </Box>
  );
}

/** The work order: a page for the wall by the press. */
function WorkOrder({ job }: { job: JobOn<"run"> }) {
  const { length } = useHabits();
  const off = job.runs.filter((run) => !run.inRegister);
  return (
    <Box p={{ base: "20px", lg: "28px" }} bg="paper" className="paper-page" data-bench data-look="order">
      <Box className="no-print" mb="20px" display="flex" gap="12px" flexWrap="wrap">
        <Action onClick={() => window.print()}>Print the work order</Action>
        <a href={`/api/jobs/${job.id}/proof.pdf`} download className="reach lined">
          Proof page for the customer, PDF
        </a>
      </Box>
      <Box maxW="1000px" borderTopWidth="3px" borderColor="ink" pt="14px">
        <Box
          display="grid"
          gridTemplateColumns={{ base: "1fr", md: "minmax(220px, 320px) 1fr" }}
          gap="28px"
          className="order-head"
        >
          <MarkedPrint job={job} />
          <Box minW="0">
            <Text as="h2" className="wide" fontWeight="800" fontSize="title" lineHeight="1.1">
              {job.name}
            </Text>
            <Text fontSize="lead" mb="10px">
              {[job.customer, job.dueOn && `due ${day(job.dueOn)}`].filter(Boolean).join(", ")}
            </Text>
            <Box as="dl" display="grid" gridTemplateColumns="auto 1fr" columnGap="16px" rowGap="4px">
              <Line label="Print">
                {length(job.widthMm)} × {length(job.heightMm)}, {job.place}
                {(job.acrossMm !== 0 || job.dropMm !== 0) &&
                  `, ${length(job.acrossMm)} right and ${length(job.dropMm)} down of its usual place`}
              </Line>
              <Line label="Press">{job.pressName || "none chosen"}</Line>
              <Line label="Light">
                {job.lampName || "no lamp chosen"}, {job.emulsionName || "no emulsion chosen"}
              </Line>
              <Line label="Register">within {length(job.toleranceMm, 2)}</Line>
              {job.witnesses.length > 0 && (
                <Line label="Look at">
                  {job.witnesses
                    .map((w) => `${length(w.xMm, 0)} from the left, ${length(w.yMm, 0)} from the top`)
                    .join("; ")}
                  : there most plates meet
                </Line>
              )}
            </Box>
            {job.notes !== "" && (
              <Text mt="10px" borderLeftWidth="3px" borderColor="ink" pl="12px" whiteSpace="pre-line">
                {job.notes}
              </Text>
            )}
            {off.length > 0 && (
              <Text role="status" mt="10px" borderLeftWidth="6px" borderColor="madder" pl="12px" fontWeight="700">
                Not in register yet:{" "}
                {off
                  .map((run) => `${job.plates.find((p) => p.id === run.id)?.name ?? ""} (${run.register})`)
                  .join(", ")}
                . Do not start the run.
              </Text>
            )}
          </Box>
        </Box>
        <Garments job={job} />
        <Heads job={job} />
        <Box mt="8px">
          <Signs />
        </Box>
        {job.cautions.length > 0 && (
          <Box mt="18px" className="whole-block">
            <Heading>Mind</Heading>
            <Box as="ul" pl="18px" listStyleType="disc" maxW="84ch">
              {job.cautions.map((one) => (
                <li key={one}>{one}</li>
              ))}
              <li>Follow the inks’ safety data sheets, the makers’ manuals and local rules.</li>
            </Box>
          </Box>
        )}
        <Box mt="18px" className="whole-block">
          <Heading>When the last piece is off</Heading>
          <Box as="ol" pl="22px" listStyleType="decimal" maxW="84ch">
            {job.after.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

function Line({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <>
      <Box as="dt" color="quiet">
        {label}
      </Box>
      <Box as="dd">{children}</Box>
    </>
  );
}

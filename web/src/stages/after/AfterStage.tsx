import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { inUnits } from "../../ui/lengths";
import { numberTyped } from "../../ui/number";
import { Action, Area, Entry, Fact, Field, Trouble } from "../../ui/Parts";

/** After the run: what it was, what is put away, and what was learned for the next one. */
export function AfterStage() {
  const { job, work } = useAtHand<"run">();
  const { inches, weight } = useHabits();
  const go = useNavigate();
  const path = { id: job.id };
  const board = useQuery({
    queryKey: ["run-count", job.id],
    queryFn: () => answer(api.GET("/api/jobs/{id}/run/count", { params: { path } })),
    enabled: job.separated,
  });
  const price = useQuery({
    queryKey: ["estimate", job.id, null],
    queryFn: () => answer(api.GET("/api/jobs/{id}/estimate", { params: { path, query: {} } })),
    enabled: job.separated,
  });
  const [notes, setNotes] = useState<string | null>(null);
  if (!job.separated) return <NotYet>After the run its record stands here. Separate the art first.</NotYet>;
  const count = board.data?.count;
  if (!count) return <Box minH="500px" aria-busy="true" />;
  const stood = count.stops.reduce(
    (sum, s) => sum + ((s.toMs ?? board.data?.nowMs ?? s.fromMs) - s.fromMs) / 60_000,
    0,
  );
  return (
    <Box
      p={{ base: "20px", lg: "28px" }}
      data-bench
      data-look="record"
      display="flex"
      flexDirection="column"
      gap="24px"
      maxW="980px"
    >
      {count.good === 0 ? (
        <Text fontSize="lead">
          Nothing was counted of this job yet. What is counted at the run is set beside what was reckoned here.
        </Text>
      ) : (
        <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(150px, 1fr))" gap="18px">
          <Fact label="good" value={`${count.good}${count.ordered > 0 ? ` of ${count.ordered}` : ""}`} />
          <Fact label="misprints" value={String(count.misprints)} />
          <Fact
            label="a piece, reckoned and real"
            value={`${board.data?.reckonedS.toFixed(0) ?? ""} s, ${count.goes.pace.realS > 0 ? `${count.goes.pace.realS.toFixed(0)} s` : "not timed"}`}
          />
          <Fact label="the press stood" value={`${Math.round(stood)} min`} />
          <Fact
            label="ink left on screens"
            value={weight(count.inks.reduce((sum, ink) => sum + (ink.grams ?? 0), 0))}
          />
        </Box>
      )}
      <Box>
        <Heading>What was learned</Heading>
        <Box as="ul" pl="18px" listStyleType="disc" maxW="84ch">
          {[
            ...(board.data?.before ?? []),
            ...count.misprinted.map((m) => `${m.pieces} ${m.pieces === 1 ? "misprint" : "misprints"}: ${m.cause}.`),
            ...count.notes.map((n) => {
              const plate = job.plates.find((p) => p.id === n.plate)?.name;
              return plate ? `${plate}: ${n.words}.` : `${n.words}.`;
            }),
            ...count.says,
            ...(board.data?.approval?.says ?? []),
            ...(price.data?.says ?? []),
          ].map((one) => (
            <li key={one}>{inUnits(one, inches)}</li>
          ))}
        </Box>
      </Box>
      {count.inks.some((ink) => ink.grams !== null || ink.used !== null) && (
        <InkBack jobId={job.id} inks={count.inks} />
      )}
      <Box>
        <Heading>What is put away</Heading>
        <Box as="ol" pl="22px" listStyleType="decimal" maxW="84ch">
          {job.after.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </Box>
      </Box>
      <Field
        label="Notes: what was changed, where films and screens are"
        hint="They stand on the work order, and at the run when it is printed again."
      >
        <Area
          rows={5}
          maxLength={2000}
          value={notes ?? job.notes}
          onChange={(e) => setNotes(e.target.value)}
          onBlur={() => notes !== null && notes !== job.notes && work.change.mutate({ notes })}
        />
      </Field>
      <Trouble of={work.change.error ?? work.finish.error ?? work.printAgain.error} />
      <Box display="flex" flexWrap="wrap" gap="14px">
        {job.finishedOn === null ? (
          <Action disabled={work.finish.isPending} onClick={() => work.finish.mutate(undefined)}>
            The job is done
          </Action>
        ) : (
          <Text alignSelf="center">Done.</Text>
        )}
        <Action
          quiet
          disabled={work.printAgain.isPending}
          onClick={() => work.printAgain.mutate(undefined, { onSuccess: (again) => go(`/jobs/${again.id}`) })}
        >
          Print again
        </Action>
      </Box>
    </Box>
  );
}

/** What is left on each screen is weighed and put back: from then on it is known what the run took. */
function InkBack({ jobId, inks }: { jobId: number; inks: components["schemas"]["RunCount"]["inks"] }) {
  const queries = useQueryClient();
  const { weight, inches } = useHabits();
  const put = useMutation({
    mutationFn: ({ plate, grams }: { plate: number; grams: number }) =>
      answer(
        api.POST("/api/jobs/{id}/run/count", {
          params: { path: { id: jobId } },
          body: {
            sentMs: Date.now(),
            events: [
              {
                id: `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`,
                atMs: Date.now(),
                kind: "returned",
                plate,
                grams,
                line: 0,
                size: "",
                pieces: 1,
                xMm: null,
                yMm: null,
                cause: null,
                reason: null,
                name: "",
              },
            ],
          },
        }),
      ),
    onSuccess: (board) => queries.setQueryData(["run-count", jobId], board),
  });
  return (
    <Box>
      <Heading note="Weigh the pot before and after what was left on the screen goes back.">
        Ink that comes back
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(170px, 1fr))" gap="14px">
        {inks.map((ink) =>
          ink.grams === null && ink.used === null ? null : (
            <Box key={ink.plate}>
              <Text fontWeight="700">{ink.name}</Text>
              {ink.used && (
                <Text fontSize="small">
                  took <span className="readout">{weight(ink.used.realG)}</span>, reckoned {weight(ink.used.reckonedG)}
                </Text>
              )}
              {ink.grams !== null && (
                <Field label={`${ink.name}, weighed back, ${inches ? "oz" : "g"}; about ${weight(ink.grams)}`}>
                  <Entry
                    inputMode="decimal"
                    onBlur={(e) => {
                      const typed = numberTyped(e.target.value);
                      if (typed !== null) put.mutate({ plate: ink.plate, grams: typed * (inches ? 28.35 : 1) });
                    }}
                  />
                </Field>
              )}
            </Box>
          ),
        )}
      </Box>
      <Trouble of={put.error} />
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobOn } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Heading } from "../../ui/Bench";
import { day } from "../../ui/day";
import { useHabits } from "../../ui/habits";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field, Push, Trouble } from "../../ui/Parts";
import { PictureTaken, takenPicture } from "../../ui/PictureTaken";
import { SmallButton } from "../../ui/SmallButton";

type Judgement = components["schemas"]["Judgement"];
type What = Judgement["what"];

/** What a strike-off is judged by, and how to look at it. */
const asked: { what: What; look: string }[] = [
  { what: "colour", look: "Beside the proof, in daylight, when it is dry or cured." },
  { what: "register", look: "At the marks and where most plates meet." },
  { what: "size", look: "Across the print, with a steel rule." },
  { what: "place on the garment", look: "From the collar to the top of the print, garment lying flat." },
  { what: "hand", look: "Rub it: soft enough for what it is worn for." },
  { what: "opacity", look: "Stretch it a little: the cloth must not grin through." },
];

/** The strike-off record: each thing a touch, size and place measured, somebody’s name under it. */
export function Judge({ job, done }: { job: JobOn<"run">; done: () => void }) {
  const queries = useQueryClient();
  const key = ["run-count", job.id];
  const board = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/jobs/{id}/run/count", { params: { path: { id: job.id } } })),
  }).data;
  const { length, lengthUnit, fromField } = useHabits();
  const [said, setSaid] = useState<Partial<Record<What, boolean>>>({});
  const [notes, setNotes] = useState<Partial<Record<What, string>>>({});
  const [width, setWidth] = useState("");
  const [drop, setDrop] = useState("");
  const [picture, setPicture] = useState("");
  const [by, setBy] = useState(() => localStorage.getItem("ektype.hand") ?? "");
  const judged = asked.filter(({ what }) => said[what] !== undefined);
  const put = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/jobs/{id}/approval", {
          params: { path: { id: job.id } },
          body: {
            by,
            picture,
            judgements: judged.map(({ what }) => ({
              what,
              good: said[what] ?? false,
              measuredMm: measured(what),
              reckonedMm: reckoned(what),
              note: notes[what] ?? "",
            })),
          },
        }),
      ),
    onSuccess: (now) => {
      localStorage.setItem("ektype.hand", by);
      queries.setQueryData(key, now);
      void queries.invalidateQueries({ queryKey: ["hand"] });
      if (now.approval?.approved) done();
    },
  });
  const again = useMutation({
    mutationFn: () => answer(api.DELETE("/api/jobs/{id}/approval", { params: { path: { id: job.id } } })),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  function reckoned(what: What) {
    return what === "size" ? job.widthMm : what === "place on the garment" ? (board?.guide.topMm ?? null) : null;
  }
  function measured(what: What) {
    const typed = what === "size" ? width : what === "place on the garment" ? drop : "";
    return typed.trim() === "" || numberTyped(typed) === null ? null : fromField(typed);
  }
  const stands = board?.approval;
  const off = job.runs
    .filter((run) => !run.inRegister)
    .map((run) => `${job.plates.find((p) => p.id === run.id)?.name}: ${run.register}.`)
    .join(" ");
  return (
    <Box maxW="900px" display="flex" flexDirection="column" gap="18px">
      <Heading note="One cured print in the hand. Touch what holds and what does not; whoever judges writes a name.">
        The strike-off
      </Heading>
      {(board?.judgeAt ?? 1) > 1 && (
        <Text>
          Wet on wet the colour settles first: judge print <b className="readout">{board?.judgeAt}</b>
          {(board?.count.good ?? 0) + (board?.count.misprints ?? 0) > 0 &&
            `, ${Math.max(0, (board?.judgeAt ?? 1) - (board?.count.good ?? 0) - (board?.count.misprints ?? 0))} to go`}
          .
        </Text>
      )}
      {stands && (
        <Box borderLeftWidth="6px" borderColor={stands.approved ? "teal" : "madder"} pl="14px">
          <Text fontWeight="700">
            {stands.approved ? "Approved" : "Not approved"}: {stands.by}, {day(stands.day)}.
          </Text>
          {stands.says.map((one) => (
            <Text key={one}>{one}</Text>
          ))}
          {stands.picture !== "" && (
            <img
              src={takenPicture(stands.picture)}
              alt="The strike-off that was judged"
              className="colours"
              style={{ maxHeight: "220px", margin: "8px 0" }}
            />
          )}
          <SmallButton onClick={() => again.mutate()}>Judge it anew</SmallButton>
        </Box>
      )}
      <Box as="ul" listStyleType="none">
        {asked.map(({ what, look }) => (
          <Box
            as="li"
            key={what}
            borderTopWidth="1px"
            borderColor="line"
            py="10px"
            display="grid"
            gridTemplateColumns={{ base: "1fr auto", md: "minmax(0, 1fr) auto minmax(150px, 200px)" }}
            gap="10px 18px"
            alignItems="center"
          >
            <Box>
              <Text fontWeight="700" fontSize="lead">
                {what.charAt(0).toUpperCase() + what.slice(1)}
              </Text>
              <Text fontSize="small" color="quiet">
                {look}
                {what === "register" && off !== "" && ` ${off}`}
                {reckoned(what) !== null && ` Reckoned ${length(reckoned(what) ?? 0, 0)}.`}
              </Text>
              {said[what] === false && board && <Back returns={board.returns} what={what} />}
            </Box>
            <Box role="group" aria-label={what} display="flex" gap="8px">
              {[true, false].map((good) => (
                <Push
                  key={String(good)}
                  aria-pressed={said[what] === good}
                  onClick={() => setSaid({ ...said, [what]: good })}
                  minH="52px"
                  minW="84px"
                  borderWidth={said[what] === good ? "3px" : "1px"}
                  borderColor={said[what] === good ? (good ? "teal" : "madder") : "line"}
                  fontWeight={said[what] === good ? "800" : "400"}
                  textAlign="center"
                >
                  {good ? "holds" : "off"}
                </Push>
              ))}
            </Box>
            {what === "size" || what === "place on the garment" ? (
              <Field label={`${what === "size" ? "width" : "collar to print"} measured, ${lengthUnit}`}>
                <Entry
                  inputMode="decimal"
                  value={what === "size" ? width : drop}
                  onChange={(e) => (what === "size" ? setWidth : setDrop)(e.target.value)}
                />
              </Field>
            ) : (
              <Field label="note">
                <Entry
                  maxLength={200}
                  value={notes[what] ?? ""}
                  onChange={(e) => setNotes({ ...notes, [what]: e.target.value })}
                />
              </Field>
            )}
          </Box>
        ))}
      </Box>
      <PictureTaken name={picture} set={setPicture} what="the strike-off" />
      <Box display="flex" flexWrap="wrap" gap="16px" alignItems="flex-end">
        <Box w="240px">
          <Field label="Judged by">
            <Entry value={by} maxLength={60} onChange={(e) => setBy(e.target.value)} />
          </Field>
        </Box>
        <Action onClick={() => put.mutate()} disabled={put.isPending}>
          {judged.some(({ what }) => said[what] === false) ? "Step back with this" : "Approve the strike-off"}
        </Action>
      </Box>
      <Trouble of={put.error ?? again.error} />
    </Box>
  );
}

const hours = (min: number) => (min < 90 ? `${Math.round(min)} min` : `${(min / 60).toFixed(1)} h`);

/** What it takes to step back, against the working time that is left until the job is due. */
function Back({ returns, what }: { returns: components["schemas"]["Returns"]; what: What }) {
  const minutes = returns.back.find((one) => one.what === what)?.minutes ?? 0;
  const left = returns.leftMin;
  const late = left !== null && minutes > left;
  return (
    <Text fontSize="small" color={late ? "madder" : "ink"} fontWeight={late ? "700" : "400"}>
      About {hours(minutes)} until the next print
      {left === null
        ? "."
        : left <= 0
          ? ", and no working time is left beside its run until it is due: tell the customer."
          : late
            ? `, and ${hours(left)} are left beside its run until it is due: tell the customer.`
            : `; ${hours(left)} are left beside its run until it is due.`}
    </Text>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { JobOn } from "../../../api/client";
import { Garment } from "../../../ui/Garment";
import { useHabits } from "../../../ui/habits";
import { inUnits } from "../../../ui/lengths";
import { Action, Entry, Field, Push, Trouble } from "../../../ui/Parts";
import { pullPicture } from "../../../ui/pictures";
import { Sheet } from "../../../ui/Sheet";
import { SmallButton } from "../../../ui/SmallButton";
import { isTyping } from "../../../ui/typing";
import { InkLevels } from "./InkLevels";
import { Misprint } from "./Misprint";
import { NoteSheet } from "./NoteSheet";
import { Pace } from "./Pace";
import { StandsSince, StopSheet } from "./Standing";
import { Tally } from "./Tally";
import { useCount } from "./useCount";

const DOZENS = "ektype.dozens";
const clock = (ms: number) => new Date(ms).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });

/** The count of a run, for a tablet and hands with ink on them: a touch anywhere is one more good piece. */
export function CountBench({ job, approve }: { job: JobOn<"run">; approve: () => void }) {
  const { board, waiting, cut, refused, tell, forget, trouble } = useCount(job.id);
  const { length, inches } = useHabits();
  const [open, setOpen] = useState<"misprint" | "stop" | "box" | "note" | null>(null);
  const [chosen, setChosen] = useState<{ line: number; size: string } | null>(null);
  const [by, setBy] = useState(() => (localStorage.getItem(DOZENS) === "1" ? 12 : 10));
  const count = board?.count;
  const at = count?.lines[chosen?.line ?? count.line];
  const line = chosen?.line ?? count?.line ?? 0;
  const size = chosen?.size ?? at?.next ?? at?.sizes[at.sizes.length - 1]?.size ?? "";
  const good = () => {
    tell({ kind: "good", line, size });
    // A size that was chosen by hand is left when it is done.
    const left = at?.sizes.find((s) => s.size === size)?.left ?? 0;
    if (left <= 1) setChosen(null);
  };
  const touch = useRef<HTMLButtonElement>(null);
  const counts = useRef(good);
  counts.current = good;
  // A pedal gives a space or turns the page. What has the focus keeps its own space.
  useEffect(() => {
    const pedal = (e: KeyboardEvent) => {
      if (e.repeat || (e.key !== " " && e.key !== "PageDown")) return;
      if (isTyping(e.target) || document.querySelector("[role=dialog][aria-modal=true]") !== null) return;
      const on = e.target instanceof Element ? e.target.closest("button, a, input, select") : null;
      if (e.key === " " && on !== null && on !== touch.current) return;
      e.preventDefault();
      counts.current();
    };
    document.addEventListener("keydown", pedal);
    return () => document.removeEventListener("keydown", pedal);
  }, []);
  // After any other touch the pedal counts again.
  const back = () =>
    setTimeout(() => {
      if (document.querySelector("[role=dialog]") === null) touch.current?.focus({ preventScroll: true });
    }, 160);
  if (!board || !count || !at)
    return trouble ? (
      <Box>
        <Trouble of={trouble} />
        {waiting.length > 0 && <Text>{waiting.length} touches wait on this device.</Text>}
      </Box>
    ) : (
      <Box minH="500px" aria-busy="true" />
    );
  const last = [...waiting].reverse().find((e) => e.kind !== "taken back") ?? board.latest.find((e) => !gone(e.id));
  function gone(id: string) {
    return (
      waiting.some((e) => e.kind === "taken back" && e.name === id) ||
      (board?.latest ?? []).some(
        (e) => (e.kind === "taken back" && e.name === id) || (e.id === id && e.kind === "taken back"),
      )
    );
  }
  const sized = at.sizes.some((s) => s.size !== "");
  const swap = () => {
    localStorage.setItem(DOZENS, by === 10 ? "1" : "0");
    setBy(by === 10 ? 12 : 10);
  };
  const shut = () => {
    setOpen(null);
    back();
  };
  const name = count.lines.length > 1 ? at.words : job.garment;
  return (
    <Box display="flex" flexDirection="column" gap="18px" maxW="1080px">
      {!board.approval?.approved && (
        <Box
          borderLeftWidth="6px"
          borderColor="amber"
          pl="14px"
          display="flex"
          flexWrap="wrap"
          gap="16px"
          alignItems="center"
        >
          <Text fontWeight="600">
            {board.approval ? board.approval.says.join(" ") : "Nobody has approved the strike-off of this job yet."}
          </Text>
          <SmallButton onClick={approve}>Judge the strike-off</SmallButton>
        </Box>
      )}
      {board.before.length > 0 && count.good < 12 && (
        <Box borderLeftWidth="6px" borderColor="line" pl="14px">
          {board.before.map((one) => (
            <Text key={one}>{one}</Text>
          ))}
        </Box>
      )}
      {refused && (
        <Box role="alert" borderLeftWidth="6px" borderColor="madder" pl="14px">
          <Text fontWeight="700">{refused.words}</Text>
          <SmallButton onClick={() => forget(refused.ids)}>Leave these {refused.ids.length} out</SmallButton>
        </Box>
      )}
      {count.standing && <StandsSince stop={count.standing} />}
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr) minmax(200px, 240px)" }} columnGap="28px">
        <Box minW="0">
          <Text
            className="wide counted"
            fontWeight="800"
            aria-live="polite"
            aria-label={`${count.good} good`}
            letterSpacing="-0.03em"
          >
            {count.good}
          </Text>
          <Text fontSize="lead">
            <b>good</b>
            {count.ordered > 0 && (
              <Text as="span" color="quiet">
                {" "}
                of {count.ordered}
              </Text>
            )}
            {count.misprints > 0 && (
              <Text as="span" color="madder" ml="14px">
                <b className="readout">{count.misprints}</b> {count.misprints === 1 ? "misprint" : "misprints"}
              </Text>
            )}
          </Text>
        </Box>
        <Box>
          {count.doneMs !== null && (
            <Box textAlign="right" mb="10px">
              <Text fontSize="small" color="quiet">
                done at this pace
              </Text>
              <Text className="readout" fontSize="32px" fontWeight="600" lineHeight="1.1">
                {clock(count.doneMs)}
              </Text>
            </Box>
          )}
          {count.lines.length > 1 && (
            <Box role="group" aria-label="Garment" mb="6px">
              {count.lines.map((one, i) => (
                <SmallButton
                  key={i}
                  pressed={i === line}
                  onClick={() => setChosen({ line: i, size: one.next ?? one.sizes[0]?.size ?? "" })}
                >
                  {one.words}
                </SmallButton>
              ))}
            </Box>
          )}
          {sized && (
            <Box role="group" aria-label="Still to print, by size">
              <Text fontSize="small" color="quiet">
                still to print
              </Text>
              {at.sizes.map((one) => (
                <Push
                  key={one.size}
                  aria-pressed={one.size === size}
                  onClick={() => setChosen({ line, size: one.size })}
                  display="grid"
                  gridTemplateColumns="14px 1fr auto 46px"
                  gap="8px"
                  alignItems="baseline"
                  w="100%"
                  minH="44px"
                  borderTopWidth="1px"
                  borderColor="line"
                  cursor="pointer"
                  textAlign="left"
                  fontWeight={one.size === size ? "800" : "400"}
                >
                  <span aria-hidden="true">{one.size === size ? "▸" : ""}</span>
                  <span className="readout lead-readout">{one.size || "no size"}</span>
                  <Text as="span" className="readout lead-readout" textAlign="right" whiteSpace="nowrap">
                    {one.left === 0 ? "–" : one.left}
                  </Text>
                  <Text as="span" fontSize="small" color="quiet" fontWeight="400">
                    of {one.ordered}
                  </Text>
                </Push>
              ))}
            </Box>
          )}
        </Box>
      </Box>
      <Tally good={count.good} by={by} swap={swap} />
      <Pace board={board} />
      <Push
        ref={touch}
        onClick={good}
        className="halftone"
        position="relative"
        borderWidth="2px"
        borderColor="teal"
        minH="240px"
        h={{ base: "270px", lg: "300px" }}
        overflow="hidden"
        cursor="pointer"
        w="100%"
        touchAction="manipulation"
      >
        <Box position="absolute" inset="10px 12px 0 12px" pointerEvents="none">
          <Garment
            kind={job.garment}
            hex={job.garments[line]?.line.hex ?? job.garmentHex}
            widthMm={job.widthMm}
            heightMm={job.heightMm}
            place={job.place}
            acrossMm={job.acrossMm}
            dropMm={job.dropMm}
            label={`The ${job.garment} with the print`}
          >
            <image href={pullPicture(job, job.plates.length)} width="100%" height="100%" preserveAspectRatio="none" />
          </Garment>
        </Box>
        <Text position="absolute" left="18px" bottom="14px" textAlign="left" color="teal" bg="paper" px="8px" py="2px">
          <b className="lead-text">Touch anywhere</b>
          <br />
          one more good piece{size === "" ? "" : `, ${size}`}
        </Text>
        <Text position="absolute" right="16px" top="12px" className="readout" color="teal" bg="paper" px="6px">
          space, or the pedal
        </Text>
        <Text position="absolute" right="16px" bottom="14px" fontSize="small" color="quiet" bg="paper" px="6px">
          collar to print {length(board.guide.topMm)}, {length(-board.guide.leftMm)} left of the middle
        </Text>
      </Push>
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(128px, 1fr))" gap="12px">
        <Action quiet minH="64px" px="8px" borderColor="madder" color="madder" onClick={() => setOpen("misprint")}>
          Misprint: where?
        </Action>
        {count.standing ? (
          <Action
            minH="64px"
            onClick={() => {
              tell({ kind: "resumed" });
              back();
            }}
          >
            Go on
          </Action>
        ) : (
          <Action quiet minH="64px" onClick={() => setOpen("stop")}>
            Stop the press
          </Action>
        )}
        <Action
          quiet
          minH="64px"
          disabled={!last}
          onClick={() => {
            if (last) tell({ kind: "taken back", name: last.id });
            back();
          }}
        >
          Take one back
        </Action>
        <Action quiet minH="64px" onClick={() => setOpen("box")}>
          Close a box
        </Action>
        <Action quiet minH="64px" onClick={() => setOpen("note")}>
          Note
        </Action>
      </Box>
      <Box
        display="flex"
        flexWrap="wrap"
        gap="8px 16px"
        alignItems="center"
        borderTopWidth="1px"
        borderColor="line"
        pt="14px"
      >
        <Text color={count.lookIn === 0 ? "madder" : "ink"} fontWeight={count.lookIn === 0 ? "700" : "400"}>
          {count.lookIn === 0 ? (
            "Look at the register now: "
          ) : (
            <>
              Look at the register in <b className="readout">{count.lookIn}</b>{" "}
              {count.lookIn === 1 ? "piece" : "pieces"}:{" "}
            </>
          )}
          {inUnits(board.lookAt, inches)}.
        </Text>
        <SmallButton
          onClick={() => {
            tell({ kind: "looked" });
            back();
          }}
        >
          It holds
        </SmallButton>
        <a className="reach lined" href={`/jobs/${job.id}/press?look=strike-off`}>
          It is off: read it
        </a>
      </Box>
      <InkLevels
        job={job}
        inks={count.inks}
        fill={(plate, grams) => {
          tell({ kind: "filled", plate, grams });
          back();
        }}
      />
      {count.says.length > 0 && (
        <Box as="ul" role="status" listStyleType="none" borderLeftWidth="6px" borderColor="amber" pl="14px">
          {count.says.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </Box>
      )}
      <Box display="flex" flexWrap="wrap" gap="16px" alignItems="center">
        {count.endedMs === null ? (
          <Action quiet={count.ordered === 0 || count.good < count.ordered} onClick={() => tell({ kind: "ended" })}>
            The last piece is off
          </Action>
        ) : (
          <Text fontWeight="700">The run ended at {clock(count.endedMs)}. Another piece goes on with it.</Text>
        )}
        {count.boxes.length > 0 && (
          <Text color="quiet">Boxes: {count.boxes.map((box) => `${box.name} (${box.pieces})`).join(", ")}</Text>
        )}
      </Box>
      <Text role="status" color="quiet" minH="24px">
        {waiting.length === 0
          ? "All that was counted is kept in the shop."
          : cut === null
            ? `${waiting.length} on the way to the shop.`
            : `No network since ${clock(cut)}: ${waiting.length} ${waiting.length === 1 ? "touch waits" : "touches wait"} on this device and ${waiting.length === 1 ? "is" : "are"} sent when it is back.`}
      </Text>
      {open === "misprint" && (
        <Misprint
          job={job}
          close={shut}
          told={(cause, place) => {
            tell({ kind: "misprint", line, size, cause, ...place });
            shut();
          }}
        />
      )}
      {open === "stop" && (
        <StopSheet
          close={shut}
          told={(reason) => {
            tell({ kind: "stopped", reason });
            shut();
          }}
        />
      )}
      {open === "note" && (
        <NoteSheet
          job={job}
          close={shut}
          told={(words, plate) => {
            tell({ kind: "noted", name: words, plate });
            shut();
          }}
        />
      )}
      {open === "box" && (
        <CloseBox
          next={String(count.boxes.length + 1)}
          loose={Math.max(1, count.good - count.boxes.reduce((sum, box) => sum + box.pieces, 0))}
          of={name}
          close={shut}
          told={(box, pieces) => {
            tell({ kind: "boxed", name: box, pieces });
            shut();
          }}
        />
      )}
    </Box>
  );
}

/** A bundle goes into a box: its number, and how many lie in it. */
function CloseBox({
  next,
  loose,
  of,
  close,
  told,
}: {
  next: string;
  loose: number;
  of: string;
  close: () => void;
  told: (name: string, pieces: number) => void;
}) {
  const [name, setName] = useState(next);
  const [pieces, setPieces] = useState(String(loose));
  const many = Number(pieces);
  const wrong = name.trim() === "" || !Number.isInteger(many) || many < 1 || many > 500;
  return (
    <Sheet label="Close a box" close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!wrong) told(name.trim(), many);
        }}
      >
        <Box p="24px" display="grid" gap="14px">
          <Text className="wide" as="h2" fontWeight="800" fontSize="title">
            Close a box
          </Text>
          <Field label="Box">
            <Entry value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
          </Field>
          <Field label={`Pieces of ${of} in it`} hint={wrong ? "A box has a name, and 1 to 500 pieces." : undefined}>
            <Entry inputMode="numeric" value={pieces} onChange={(e) => setPieces(e.target.value)} />
          </Field>
          <Action type="submit">Close it</Action>
        </Box>
      </form>
    </Sheet>
  );
}

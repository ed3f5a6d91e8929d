import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { JobOn } from "../../../api/client";
import { Action, Trouble } from "../../../ui/Parts";
import { SmallButton } from "../../../ui/SmallButton";
import { isTyping } from "../../../ui/typing";
import { CloseBox } from "./CloseBox";
import { clock } from "./clock";
import { EditionOnPaper } from "./EditionOnPaper";
import { InkLevels } from "./InkLevels";
import { LookLine } from "./LookLine";
import { Misprint } from "./Misprint";
import { NoteSheet } from "./NoteSheet";
import { Pace } from "./Pace";
import { PressNow } from "./PressNow";
import { SizesLeft } from "./SizesLeft";
import { StandsSince, StopSheet } from "./Standing";
import { Tally } from "./Tally";
import { TouchField } from "./TouchField";
import { useCount } from "./useCount";

const DOZENS = "ektype.dozens";

/** The count of a run, for a tablet and hands with ink on them: a touch anywhere is one more good piece. */
export function CountBench({ job, approve }: { job: JobOn<"run">; approve: () => void }) {
  const { board, waiting, cut, refused, tell, forget, trouble } = useCount(job.id);
  const [open, setOpen] = useState<"misprint" | "stop" | "box" | "note" | null>(null);
  const [chosen, setChosen] = useState<{ line: number; size: string } | null>(null);
  const [by, setBy] = useState(() => (localStorage.getItem(DOZENS) === "1" ? 12 : 10));
  const count = board?.count;
  const at = count?.lines[chosen?.line ?? count.line];
  const line = chosen?.line ?? count?.line ?? 0;
  const size = chosen?.size ?? at?.next ?? at?.sizes[at.sizes.length - 1]?.size ?? "";
  const [colour, setColour] = useState<number | null>(null);
  const passes = count?.table?.passes ?? [];
  // What was chosen by hand holds as long as pieces wait for it.
  const pass =
    passes.find((p) => p.plate === colour && p.waiting > 0) ?? passes.find((p) => p.plate === count?.table?.plate);
  const laying = pass !== undefined && pass !== passes[passes.length - 1];
  const good = () => {
    if (laying) {
      tell({ kind: "laid", line, size, plate: pass.plate });
      return;
    }
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
  const swap = () => {
    localStorage.setItem(DOZENS, by === 10 ? "1" : "0");
    setBy(by === 10 ? 12 : 10);
  };
  const shut = () => {
    setOpen(null);
    back();
  };
  const name = count.lines.length > 1 ? at.words : job.garment;
  const press = (
    <PressNow
      job={job}
      board={board}
      colour={pass?.plate ?? null}
      take={(plate) => {
        setColour(plate);
        touch.current?.focus({ preventScroll: true });
      }}
      skip={() => {
        tell({ kind: "skipped" });
        touch.current?.focus({ preventScroll: true });
      }}
    />
  );
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
      {count.good + count.misprints === 0 && !passes.some((p) => p.laid > 0) && (
        <Box as="section" aria-label="Before the first piece">
          <Text fontWeight="700">Before the first piece</Text>
          <Box as="ol" pl="20px" listStyleType="decimal">
            {board.first.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Box>
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
            aria-label={laying ? `${pass.laid} have ${pass.name}` : `${count.good} good`}
            letterSpacing="-0.03em"
          >
            {laying ? pass.laid : count.good}
          </Text>
          <Text fontSize="lead">
            <b>{laying ? `have ${pass.name}` : "good"}</b>
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
          {count.goes.doneMs !== null && (
            <Box textAlign="right" mb="10px">
              <Text fontSize="small" color="quiet">
                done at this pace
              </Text>
              <Text className="readout" fontSize="32px" fontWeight="600" lineHeight="1.1">
                {clock(count.goes.doneMs)}
              </Text>
            </Box>
          )}
          <SizesLeft lines={count.lines} line={line} size={size} choose={setChosen} />
        </Box>
      </Box>
      <Tally good={laying ? pass.laid : count.good} by={by} swap={swap} />
      <Pace board={board} />
      <TouchField
        ref={touch}
        job={job}
        line={line}
        guide={board.guide}
        touched={good}
        says={laying ? `one more has ${pass?.name}` : `one more good piece${size === "" ? "" : `, ${size}`}`}
      />
      {count.table && press}
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
      {!count.table && press}
      <LookLine
        job={job}
        board={board}
        holds={() => {
          tell({ kind: "looked" });
          back();
        }}
      />
      {board.edition && <EditionOnPaper job={job} seen={board.edition} />}
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
        {count.goes.endedMs === null ? (
          <Action quiet={count.ordered === 0 || count.good < count.ordered} onClick={() => tell({ kind: "ended" })}>
            The last piece is off
          </Action>
        ) : (
          <Text fontWeight="700">The run ended at {clock(count.goes.endedMs)}. Another piece goes on with it.</Text>
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
            tell({ kind: "misprint", line, size, cause, plate: laying ? pass.plate : null, ...place });
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

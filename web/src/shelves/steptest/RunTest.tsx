import { Box, Text } from "@chakra-ui/react";
import { useCallback, useEffect, useRef, useState } from "react";
import type { StepPlan } from "../../api/light";
import { Action } from "../../ui/Parts";
import { timeWords } from "../../ui/timeWords";
import { tone } from "../../ui/tone";
import { isTyping } from "../../ui/typing";
import { CardDrawing } from "./CardDrawing";
import { begun, ended, isLate, light, momentOf, practised, type Run, stopped } from "./run";
import { Timetable } from "./Timetable";

const FLASH_MS = 700;

/** The timer of a step test: it fills the screen, counts each step, and says which strip to cover. */
export function RunTest({
  plan,
  what,
  run,
  times,
  keep,
  read,
}: {
  plan: StepPlan;
  what: string;
  run: Run;
  times: number[];
  keep: (run: Run | null) => void;
  read: () => void;
}) {
  const [now, setNow] = useState(Date.now());
  const [flash, setFlash] = useState(false);
  const moment = momentOf(run, now);
  const step = moment.state === "done" ? plan.strips.length : moment.step;
  useAwake(run.startedAt !== null);
  useEffect(() => {
    if (run.startedAt === null) return;
    const tick = () => setNow(Date.now());
    tick();
    const timer = setInterval(tick, 50);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [run.startedAt]);
  // The end of a step in time: it sounds, the screen flashes, the strip is to be covered. One that was slept through is asked about.
  const over = moment.state === "over" && !isLate(moment);
  const done = useRef("");
  useEffect(() => {
    if (!over || done.current === `${run.startedAt}`) return;
    done.current = `${run.startedAt}`;
    tone(run.lasted.length === run.steps.length - 1);
    setFlash(true);
    setTimeout(() => setFlash(false), FLASH_MS);
    keep(ended(run, run.steps[run.lasted.length] ?? 0));
  }, [over, run, keep]);
  const start = useCallback(() => {
    setNow(Date.now());
    tone(false);
    keep(light(run, Date.now()));
  }, [run, keep]);
  const stop = useCallback(() => keep(stopped(run, Date.now())), [run, keep]);
  const late = isLate(moment);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== " " || isTyping(e.target) || e.target instanceof HTMLButtonElement) return;
      if (moment.state === "ready") start();
      else if (moment.state === "burning") stop();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [moment.state, start, stop]);
  const big =
    moment.state === "burning"
      ? moment.leftS.toFixed(1)
      : moment.state === "ready"
        ? (run.steps[moment.step] ?? 0).toFixed((run.steps[moment.step] ?? 0) % 1 === 0 ? 0 : 1)
        : moment.state === "over" && !late
          ? "0.0"
          : late
            ? "?"
            : "✓";
  const words =
    moment.state === "done"
      ? "All strips have their light. Wash the screen, dry it, then read the strips with a loupe."
      : late && moment.state === "over"
        ? `Step ${moment.step + 1} ended ${timeWords(Math.round(moment.lateS))} ago and nobody saw it. Did the lamp burn on?`
        : moment.state === "burning"
          ? moment.step + 1 === plan.strips.length
            ? "When it sounds, switch the lamp off: that was the last strip."
            : `When it sounds, switch the lamp off and cover to mark ${moment.step + 1}.`
          : step === 0
            ? "All strips lie open. Lamp on and start together."
            : `Lamp off. Cover to mark ${step}, close the lid, then lamp on and start together.`;
  return (
    // Once it is begun it fills the screen: wet hands touch nothing else.
    <Box
      {...(step > 0 || run.startedAt !== null
        ? { position: "fixed", inset: "0", zIndex: 20, overflowY: "auto", p: { base: "24px", lg: "36px 48px" } }
        : {})}
      bg={flash ? "amber" : "paper"}
      outline={flash ? "14px solid" : "none"}
      outlineColor="amber"
      outlineOffset="-14px"
    >
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 320px" }} gap="32px">
        <Box>
          <Box display="flex" alignItems="center" gap="28px" flexWrap="wrap">
            <Text
              className="readout"
              role="timer"
              fontSize={{ base: "150px", lg: "190px" }}
              lineHeight=".9"
              letterSpacing="-0.05em"
              minW="2.6ch"
              color={flash ? "#000" : undefined}
            >
              {big}
            </Text>
            <Text
              aria-live="assertive"
              fontWeight="700"
              fontSize="28px"
              lineHeight="1.15"
              flex="1 1 260px"
              color={flash ? "#000" : undefined}
            >
              {words}
            </Text>
          </Box>
          <Box maxW="460px" mt="18px">
            <CardDrawing
              strips={plan.strips.length}
              covered={Math.min(step, plan.strips.length)}
              {...(step < plan.strips.length ? { next: step + 1 } : {})}
            />
          </Box>
          <Box display="flex" gap="12px" mt="16px" flexWrap="wrap">
            {late && moment.state === "over" ? (
              <>
                <Action minH="64px" onClick={() => keep(ended(run, run.steps[moment.step] ?? 0))}>
                  No, its timer put it out
                </Action>
                <Action
                  quiet
                  minH="64px"
                  onClick={() => keep(ended(run, (run.steps[moment.step] ?? 0) + moment.lateS))}
                >
                  Yes: count {timeWords(Math.round(moment.lateS))} more
                </Action>
              </>
            ) : moment.state === "ready" ? (
              <>
                <Action minH="64px" flex="1" fontSize="22px" onClick={start}>
                  Start step {moment.step + 1} (space)
                </Action>
                {step === 0 && (
                  <Action quiet minH="64px" onClick={() => keep(practised(run))}>
                    Practise without waiting, on the simulated lamp
                  </Action>
                )}
              </>
            ) : moment.state === "burning" ? (
              <Action quiet minH="64px" flex="1" fontSize="22px" onClick={stop}>
                Stop the lamp (space)
              </Action>
            ) : moment.state === "done" ? (
              <Action minH="64px" flex="1" fontSize="22px" onClick={read}>
                Read the strips
              </Action>
            ) : null}
            {(step > 0 || run.startedAt !== null) && (
              <Action quiet minH="64px" onClick={() => keep(begun(plan.firstS, plan.incrementS, plan.strips.length))}>
                Begin again
              </Action>
            )}
          </Box>
        </Box>
        <Box>
          <Text fontWeight="700">Step test: {what}</Text>
          <Timetable plan={plan} times={times} step={step} />
          <Text fontSize="small" color="quiet" mt="14px">
            Keep the lid shut and never look at the lamp. Let the vacuum go before opening the glass. Follow the maker’s
            manual.
          </Text>
        </Box>
      </Box>
    </Box>
  );
}

/** The screen stays awake while the lamp burns, where the device lets it. */
function useAwake(on: boolean) {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    navigator.wakeLock.request("screen").then(
      (held) => {
        lock = held;
        if (gone) void held.release();
      },
      () => undefined,
    );
    return () => {
      gone = true;
      void lock?.release();
    };
  }, [on]);
}

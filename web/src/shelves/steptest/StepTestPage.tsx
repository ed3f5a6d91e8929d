import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useSearchParams } from "react-router";
import { type Tested, useNextTests, useStepPlan } from "../../api/light";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { numberTyped } from "../../ui/number";
import { Action, Caution, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Tick, Views } from "../../ui/SmallButton";
import { timeWords } from "../../ui/timeWords";
import { Undo, UndoRefused } from "../../ui/Undo";
import { WordLink } from "../../ui/WordLink";
import { CardDrawing } from "./CardDrawing";
import { ReadTest } from "./ReadTest";
import { RunTest } from "./RunTest";
import { begun, keepRun, keptRun, type Run, stripTimes, underWay } from "./run";
import { Timetable } from "./Timetable";

const parts = [
  ["plan", "Plan"],
  ["run", "Run"],
  ["read", "Read"],
] as const;
type Part = (typeof parts)[number][0];

/** The bench of a step test: planned around the expected time, run by a timer, read strip by strip. */
export function StepTestPage() {
  const [asked, setAsked] = useSearchParams();
  const shop = useShop().data;
  const offers = useNextTests().data ?? [];
  const first = offers[0];
  const number = (name: string) => {
    const given = asked.get(name);
    return given === null || given === "" ? null : Number(given);
  };
  const lampId = number("lamp") ?? first?.lampId ?? shop?.lamps[0]?.id ?? null;
  const emulsionId = number("emulsion") ?? first?.emulsionId ?? shop?.emulsions[0]?.id ?? null;
  const thicknessUm = number("um") ?? first?.thicknessUm ?? 110;
  const dyed = asked.get("dyed") === null ? (first?.dyed ?? true) : asked.get("dyed") === "1";
  const of: Tested | null = lampId === null || emulsionId === null ? null : { lampId, emulsionId, thicknessUm, dyed };
  const strips = number("strips");
  const incrementS = number("step");
  const firstS = number("first") ?? 0;
  const plan = useStepPlan(of, strips, incrementS, firstS);
  const bench = plan.data;
  const part = (asked.get("part") ?? "plan") as Part;
  const set = (change: Record<string, string | null>) => {
    const next = new URLSearchParams(window.location.search);
    for (const [name, value] of Object.entries(change))
      if (value === null || value === "") next.delete(name);
      else next.set(name, value);
    setAsked(next, { replace: true });
  };
  const key = JSON.stringify([of, bench?.plan.incrementS, bench?.plan.firstS, bench?.plan.strips.length]);
  const [run, setRun] = useState<Run | null>(null);
  // What was begun on this device goes on, after a reload too.
  useEffect(() => {
    if (bench) setRun(keptRun(key));
  }, [key, bench]);
  const keep = (now: Run | null) => {
    setRun(now);
    keepRun(now, key, window.location.search);
  };
  const other = bench && run === null ? underWay() : "";
  const from = asked.get("from") ?? "";
  // The whole plan stands in the address: opened again it is the same, whatever the shop has learned since.
  const begin = () => {
    if (!bench || !of) return;
    set({
      part: "run",
      lamp: String(of.lampId),
      emulsion: String(of.emulsionId),
      um: of.thicknessUm.toFixed(1),
      dyed: of.dyed ? "1" : "0",
      strips: String(bench.plan.strips.length),
      step: String(bench.plan.incrementS),
      first: String(bench.plan.firstS),
    });
  };
  const planned = bench?.plan.strips.map((_, k) => (k === 0 ? bench.plan.firstS : 0) + bench.plan.incrementS) ?? [];
  const times = run === null ? (bench?.plan.strips.map((s) => s.getsS) ?? []) : stripTimes(run, planned);
  return (
    <Box px={{ base: "20px", lg: "32px" }} py="22px" maxW="1120px">
      <Box display="flex" justifyContent="space-between" gap="20px">
        <Box minW="0">
          <Text as="h1" className="wide" fontWeight="800" fontSize="title" lineHeight="1.1">
            Step test
          </Text>
          <Text color="quiet" mb="14px">
            {bench
              ? `${bench.emulsion} under ${bench.lamp}, ${thicknessUm.toFixed(0)} µm of fabric and stencil, ${dyed ? "yellow" : "white"} mesh`
              : "One screen, one film, equal steps of light: the strips say which time is right."}
          </Text>
        </Box>
        <Box flex="none" className="no-print">
          <Undo />
        </Box>
      </Box>
      <UndoRefused />
      {/^\/jobs\/\d+\/light\?/.test(from) && (
        <WordLink to={from}>Back to {asked.get("for") || "the plate that asked for it"}</WordLink>
      )}
      {other && (
        <Text role="status">
          Another step test is under way on this device. <WordLink to={`/step-test${other}`}>Go on with it</WordLink>
        </Text>
      )}
      {run?.practice && (
        <Text role="status" fontWeight="700" borderLeftWidth="6px" borderColor="amber" pl="12px" mt="10px">
          Practice on the simulated lamp: nothing burned, no second was waited for, and what is read now is not kept.
        </Text>
      )}
      <Views of={parts} at={part} pick={(view) => set({ part: view })} label="Step test" />
      <Box pt="22px">
        {part === "plan" && (
          <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 360px" }} gap="36px">
            <Box display="flex" flexDirection="column" gap="20px">
              {first && (
                <Box borderLeftWidth="3px" borderColor="teal" pl="16px">
                  <Text fontWeight="700" fontSize="lead">
                    This test would teach the most
                  </Text>
                  <Text maxW="62ch">
                    {first.emulsion} under {first.lamp}, mesh {first.mesh}
                    {first.frame ? `, frame ${first.frame}` : ""}: the times of the {first.screens} screens that wait
                    are known to ± {first.nowPct.toFixed(0)} % now, and to ± {first.thenPct.toFixed(0)} % after it.
                  </Text>
                  <Action
                    quiet
                    mt="10px"
                    onClick={() =>
                      set({
                        lamp: String(first.lampId),
                        emulsion: String(first.emulsionId),
                        um: first.thicknessUm.toFixed(1),
                        dyed: first.dyed ? "1" : "0",
                        strips: null,
                        step: null,
                        first: null,
                      })
                    }
                  >
                    Plan this one
                  </Action>
                </Box>
              )}
              {shop && of && (
                <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="16px" alignItems="end">
                  <Field label="Lamp">
                    <Choice fontFamily="body" value={of.lampId} onChange={(e) => set({ lamp: e.target.value })}>
                      {shop.lamps.map((l) => (
                        <option key={l.id} value={l.id}>
                          {l.name}, {l.hours.toFixed(0)} h
                        </option>
                      ))}
                    </Choice>
                  </Field>
                  <Field label="Emulsion">
                    <Choice fontFamily="body" value={of.emulsionId} onChange={(e) => set({ emulsion: e.target.value })}>
                      {shop.emulsions.map((e) => (
                        <option key={e.id} value={e.id}>
                          {e.name}
                        </option>
                      ))}
                    </Choice>
                  </Field>
                  <Left label="Fabric and stencil, µm" value={thicknessUm.toFixed(0)} keep={(um) => set({ um })} />
                  <Tick checked={dyed} set={(on) => set({ dyed: on ? "1" : "0" })}>
                    Yellow mesh
                  </Tick>
                  <Left
                    label="Steps of, s (empty: so that the expected time lies in the middle)"
                    value={incrementS === null ? "" : String(incrementS)}
                    keep={(step) => set({ step })}
                  />
                  <Left
                    label="Strips, 4 to 12 (empty: as many as it takes)"
                    value={strips === null ? "" : String(strips)}
                    keep={(n) => set({ strips: n })}
                  />
                  {incrementS !== null && (
                    <Left
                      label="A first burn for all strips, s"
                      value={firstS === 0 ? "" : String(firstS)}
                      keep={(s) => set({ first: s })}
                    />
                  )}
                </Box>
              )}
              <Trouble of={plan.error} />
              {bench && (
                <>
                  <Text maxW="70ch">{bench.says}</Text>
                  <Box display="flex" gap="12px" flexWrap="wrap">
                    <Action onClick={begin}>
                      Run it: {bench.plan.strips.length} strips of {timeWords(bench.plan.incrementS)}
                    </Action>
                    {([600, 1200] as const).map((dpi) => (
                      <Action
                        key={dpi}
                        quiet
                        as="a"
                        display="inline-flex"
                        alignItems="center"
                        {...{
                          href: `/api/step-tests/film.pdf?dpi=${dpi}&strips=${bench.plan.strips.length}`,
                          download: true,
                        }}
                      >
                        Its film, {dpi} dpi
                      </Action>
                    ))}
                  </Box>
                </>
              )}
              <Caution>
                Switch the lamp off before you open the lid to move the card; never look into it, cover skin. Let the
                vacuum go before opening the glass.
              </Caution>
            </Box>
            {bench && (
              <Box>
                <CardDrawing strips={bench.plan.strips.length} covered={0} />
                <Timetable plan={bench.plan} times={times} step={null} />
              </Box>
            )}
          </Box>
        )}
        {part === "run" && bench && (
          <RunTest
            plan={bench.plan}
            what={`${bench.emulsion} under ${bench.lamp}`}
            run={run ?? begun(bench.plan.firstS, bench.plan.incrementS, bench.plan.strips.length)}
            times={times}
            keep={keep}
            read={() => set({ part: "read" })}
          />
        )}
        {part === "read" && bench && of && (
          <ReadTest
            key={`${key} ${times.join(" ")}`}
            of={of}
            bench={bench}
            times={times}
            practice={run?.practice === true}
            kept={() => {
              keep(null);
              set({ part: "plan", step: null, strips: null, first: null });
            }}
            again={(step, n) => {
              keep(null);
              set({ part: "plan", step: String(step), strips: String(n), first: null });
            }}
          />
        )}
        {part !== "plan" && !bench && <Heading>Plan it first: choose lamp and emulsion.</Heading>}
      </Box>
    </Box>
  );
}

/** A field whose figure is taken when it is left. */
function Left({ label, value, keep }: { label: string; value: string; keep: (value: string) => void }) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const leave = () => {
    const read = numberTyped(text);
    if (text.trim() === "") keep("");
    else if (read !== null && !Number.isNaN(read)) keep(String(read));
  };
  const unread = text.trim() !== "" && Number.isNaN(numberTyped(text) ?? Number.NaN);
  return (
    <Field label={label} hint={unread ? "That is no number." : undefined}>
      <Entry
        value={text}
        inputMode="decimal"
        aria-invalid={unread}
        onChange={(e) => setText(e.target.value)}
        onBlur={leave}
        onKeyDown={(e) => e.key === "Enter" && leave()}
      />
    </Field>
  );
}

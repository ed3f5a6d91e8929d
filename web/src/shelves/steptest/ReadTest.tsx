import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import {
  practiceStrips,
  type ReadStrips,
  readPicture,
  readStrips,
  type StepBench,
  type StripSeen,
  type Tested,
  useTests,
} from "../../api/light";
import { Heading } from "../../ui/Bench";
import { notRead, numberTyped } from "../../ui/number";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { Views } from "../../ui/SmallButton";
import { timeWords } from "../../ui/timeWords";
import { rows, type Size, StripTaps } from "./StripTaps";

/** A strip of which nothing was told yet; what is told of it stands beside it, row by row. */
const fresh = (seconds: number, lines: number[], dots: number[]): StripSeen => ({
  seconds,
  positiveLine: lines[0] ?? null,
  reverseLine: lines[0] ?? null,
  dot: dots[0] ?? null,
  hole: dots[0] ?? null,
  slime: false,
  raggedEdge: false,
});

/** The strips are read with a loupe, or from a picture; the best interval follows, and can be overruled. */
export function ReadTest({
  of,
  bench,
  times,
  practice,
  kept,
  again,
}: {
  of: Tested;
  bench: StepBench;
  times: number[];
  /** Nothing of it is kept. */
  practice: boolean;
  kept: () => void;
  again: (step: number, strips: number) => void;
}) {
  const [strips, setStrips] = useState<StripSeen[]>(() => times.map((s) => fresh(s, bench.linesMm, bench.dotsMm)));
  const [told, setTold] = useState<readonly Size[][]>(() => times.map(() => []));
  const [looked, setLooked] = useState<number[]>([]);
  const [wrong, setWrong] = useState("");
  const [at, setAt] = useState(0);
  const [pictured, setPictured] = useState<ReadStrips | null>(null);
  const [own, setOwn] = useState<{ low: string; best: string; high: string } | null>(null);
  const all = looked.length === times.length || pictured !== null;
  const read = useQuery({
    queryKey: ["strips", strips],
    enabled: all,
    retry: false,
    placeholderData: (was) => was,
    queryFn: () => readStrips(strips),
  });
  const { record } = useTests();
  const take = useMutation({
    mutationFn: (picture: File | null) => (picture === null ? practiceStrips(of, times) : readPicture(picture, times)),
    onSuccess: (seen) => {
      setPictured(seen);
      setStrips(seen.strips);
      setTold(times.map(() => rows.map(([what]) => what)));
      setLooked(times.map((_, k) => k));
    },
  });
  const found = read.data;
  const figure = (value: number | null | undefined) => (value === null || value === undefined ? "" : String(value));
  const said = own ?? { low: figure(found?.lowS), best: figure(found?.bestS), high: figure(found?.highS) };
  const here = strips[at];
  const fields = [
    ["low", "Longest still under, s"],
    ["best", "Best, s"],
    ["high", "Shortest already over, s"],
  ] as const;
  const save = () => {
    const unread = notRead(fields.map(([name, label]) => [label, said[name]] as const));
    setWrong(unread);
    if (unread !== "") return;
    const value = (text: string) => numberTyped(text) ?? undefined;
    const step =
      times[1] !== undefined && times[0] !== undefined ? Math.round(10 * (times[1] - times[0])) / 10 : undefined;
    record.mutate(
      {
        ...of,
        lowS: value(said.low),
        bestS: value(said.best),
        highS: value(said.high),
        ...(bench.plan.firstS === 0 && step !== undefined ? { incrementS: step } : {}),
        strips: all ? strips : [],
        ...(own === null ? {} : { remark: "overruled by hand" }),
      },
      { onSuccess: kept },
    );
  };
  return (
    <Box display="flex" flexDirection="column" gap="22px">
      <Box display="flex" gap="12px" flexWrap="wrap" alignItems="center">
        <Action
          quiet
          as="label"
          display="inline-flex"
          alignItems="center"
          cursor="pointer"
          _focusWithin={{ outline: "3px solid", outlineColor: "amber", outlineOffset: "2px" }}
        >
          Bring a picture against the light
          <input
            type="file"
            accept="image/*"
            className="heard"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file) take.mutate(file);
              e.target.value = "";
            }}
          />
        </Action>
        <Action quiet disabled={take.isPending} onClick={() => take.mutate(null)}>
          {take.isPending ? "Reading the strips …" : `Scan with the ${bench.scanner}`}
        </Action>
        <Text fontSize="small" color="quiet" maxW="44ch">
          Or read them dry, with a loupe: touch the finest that is there in each row of a strip.
        </Text>
      </Box>
      <Trouble of={take.error} />
      {pictured && (
        <Text role="status" fontWeight="600" color={pictured.unsure ? "madder" : "ink"} maxW="72ch">
          {pictured.unsure
            ? "The picture leaves it open: look at the strips about the best one through a loupe, and mend below what it got wrong."
            : "Read from the picture. Mend below what a loupe shows otherwise."}
        </Text>
      )}
      <Views
        of={times.map((s, k) => [String(k), `${looked.includes(k) ? "✓ " : ""}${k + 1}: ${timeWords(s)}`] as const)}
        at={String(at)}
        pick={(k) => setAt(Number(k))}
        label="Strips"
      />
      {here && (
        <StripTaps
          key={at}
          strip={here}
          told={told[at] ?? []}
          number={at + 1}
          lines={bench.linesMm}
          dots={bench.dotsMm}
          set={(seen, rowsTold) => {
            setOwn(null);
            setTold(told.map((one, k) => (k === at ? rowsTold : one)));
            setStrips(strips.map((one, k) => (k === at ? seen : one)));
          }}
          next={() => {
            setLooked([...new Set([...looked, at])]);
            setAt(Math.min(times.length - 1, at + 1));
          }}
          last={at === times.length - 1}
        />
      )}
      <Trouble of={read.error} />
      {all && found && (
        <Box borderTopWidth="3px" borderColor="ink" pt="16px">
          <Heading note={found.says}>
            {found.bestS === null
              ? found.allLost
                ? "Every strip was lost"
                : found.allClosed
                  ? "Every strip is closed"
                  : "No strip is good"
              : `Strip ${found.best} is the best: ${timeWords(found.bestS)}`}
          </Heading>
          {(found.allLost || found.allClosed) && (
            <Action
              mb="14px"
              onClick={() => again(Math.max(0.5, bench.plan.incrementS * (found.allLost ? 2 : 0.5)), times.length)}
            >
              Plan the next range: steps of{" "}
              {timeWords(Math.max(0.5, bench.plan.incrementS * (found.allLost ? 2 : 0.5)))}
            </Action>
          )}
          <Box
            display="grid"
            gridTemplateColumns={{ base: "1fr 1fr", md: "repeat(3, 150px) auto" }}
            gap="14px"
            alignItems="end"
          >
            {fields.map(([name, label]) => (
              <Field key={name} label={label}>
                <Entry
                  value={said[name]}
                  inputMode="decimal"
                  onChange={(e) => setOwn({ ...said, [name]: e.target.value })}
                />
              </Field>
            ))}
            {practice ? (
              <Action quiet onClick={kept}>
                Put the practice aside
              </Action>
            ) : (
              <Action
                onClick={save}
                disabled={record.isPending || (said.low === "" && said.best === "" && said.high === "")}
              >
                Learn from it
              </Action>
            )}
          </Box>
          {own !== null && (
            <Text fontSize="small" color="quiet" mt="6px">
              Overruled by hand; the strips are kept as they were read.
            </Text>
          )}
          <Trouble of={wrong === "" ? record.error : new Error(wrong)} />
        </Box>
      )}
      {!all && (
        <Text color="quiet">
          {times.length - looked.length} of {times.length} strips still to read.
        </Text>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton, Tick, Views } from "../../ui/SmallButton";
import { timeWords } from "../../ui/timeWords";
import { Words } from "../../ui/Words";
import { Shelf } from "../Shelf";

const knobs = ["Left", "Right", "Side"] as const;

/** A press that is not there: knobs with play, plates that lie off, prints that scatter. In register in as few pulls as possible. */
export function Practice() {
  const [seed, setSeed] = useState(() => 1 + Math.floor(Math.random() * 9999));
  const [turns, setTurns] = useState<number[][][]>([]);
  const [asked, setAsked] = useState<string[][]>([]);
  const [at, setAt] = useState(0);
  const [advised, setAdvised] = useState(false);
  const [showed, setShowed] = useState(false);
  const { data, error } = useQuery({
    queryKey: ["practice", seed, turns],
    placeholderData: (was) => was,
    queryFn: () => answer(api.POST("/api/practice", { body: { seed, turns } })),
  });
  const [began, setBegan] = useState(() => Date.now());
  const [record, setRecord] = useState<Game[]>(kept);
  const turned = turns.flat(2).reduce((sum, t) => sum + Math.abs(t), 0);
  if (data?.inRegister && record.every((g) => g.seed !== seed) && data.pulls === turns.length + 1 && turns.length > 0) {
    const game = {
      seed,
      pulls: data.pulls,
      turns: turned,
      seconds: Math.round((Date.now() - began) / 1000),
      solvers: data.solvers,
      advised: showed,
    };
    const games = [game, ...record].slice(0, 8);
    setRecord(games);
    keep(games);
  }
  const begin = () => {
    setBegan(Date.now());
    setShowed(false);
    setAdvised(false);
    setSeed(1 + Math.floor(Math.random() * 9999));
    setTurns([]);
    setAsked([]);
  };
  if (!data)
    return (
      <Shelf name="Practice" says="Setting up the press …">
        <Trouble of={error} />
      </Shelf>
    );
  const plate = data.plates[at];
  const field = (k: number) => asked[at]?.[k] ?? "";
  const set = (k: number, text: string) =>
    setAsked(data.plates.map((_, p) => knobs.map((__, i) => (p === at && i === k ? text : (asked[p]?.[i] ?? "")))));
  const wrong = asked.some((p) => p.some((t) => t.trim() !== "" && Number.isNaN(numberTyped(t) ?? Number.NaN)));
  const pull = () => {
    setTurns([...turns, data.plates.map((_, p) => knobs.map((__, k) => numberTyped(asked[p]?.[k] ?? "") ?? 0))]);
    setAsked([]);
  };
  return (
    <Shelf
      name="Practice"
      says="A virtual press: four colours, the first is the key. Its knobs have play and are not quite what their profile says, and prints scatter. Nothing of it is kept in your shop."
    >
      <Text role="status" fontWeight="700" fontSize="24px" lineHeight="1.2" mb="14px">
        {data.inRegister
          ? `In register after ${data.pulls} pulls. The solver’s turns took ${data.solvers === 0 ? "more than twelve" : data.solvers}.`
          : `Pull ${data.pulls}: ${data.plates.filter((p) => !p.inRegister).length} of ${data.plates.length} plates are out by more than ${data.toleranceMm} mm.`}
      </Text>
      <Views
        of={data.plates.map((p, i) => [String(i), `${p.inRegister ? "✓ " : ""}${p.name}`] as const)}
        at={String(at)}
        pick={(p) => setAt(Number(p))}
        label="Plates"
      />
      {plate && (
        <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "420px 1fr" }} gap="36px" pt="18px">
          <Marks readings={plate.readings} name={plate.name} />
          <Box>
            <Heading note="Means of three pieces, in mm: to the right, and away from you.">
              {plate.name} at the marks
            </Heading>
            <Box as="ul" listStyleType="none" mb="16px">
              {plate.readings.map((r) => (
                <Box
                  as="li"
                  key={r.mark}
                  display="grid"
                  gridTemplateColumns="120px 90px 90px"
                  minH="36px"
                  alignItems="center"
                  borderTopWidth="1px"
                  borderColor="line"
                >
                  <Text>{r.mark}</Text>
                  <Text className="readout">{r.offXMm.toFixed(2)}</Text>
                  <Text className="readout">{r.offYMm.toFixed(2)}</Text>
                </Box>
              ))}
            </Box>
            <Box display="grid" gridTemplateColumns="repeat(3, minmax(0, 110px))" gap="12px">
              {knobs.map((knob, k) => (
                <Field key={knob} label={`${knob}, turns`}>
                  <Entry
                    value={field(k)}
                    inputMode="text"
                    aria-invalid={field(k).trim() !== "" && Number.isNaN(numberTyped(field(k)) ?? Number.NaN)}
                    onChange={(e) => set(k, e.target.value)}
                  />
                </Field>
              ))}
            </Box>
            <Text fontSize="small" color="quiet" mt="6px">
              Clockwise is positive. Left and right push away from you, the side knob to the right: 1.25 mm a turn, says
              the profile.
            </Text>
            <Tick
              checked={advised}
              set={(on) => {
                setAdvised(on);
                setShowed(showed || on);
              }}
            >
              Show what the solver would turn
            </Tick>
            {advised && (
              <Text className="readout" mb="8px">
                {plate.advice.map((t) => `${t.knob} ${t.turns.toFixed(2)}`).join(", ")}
              </Text>
            )}
            <Box display="flex" flexWrap="wrap" gap="12px" mt="10px">
              <Action onClick={pull} disabled={wrong || data.inRegister}>
                Turn and pull again
              </Action>
              <SmallButton onClick={begin}>Another press</SmallButton>
            </Box>
            {wrong && <Trouble of={new Error("A turn is a number, such as 0.5 or −0.25.")} />}
            <Trouble of={error} />
          </Box>
        </Box>
      )}
      <Played games={record} />
    </Shelf>
  );
}

type Game = { seed: number; pulls: number; turns: number; seconds: number; solvers: number; advised: boolean };

const NAME = "ektype.practice";
function kept(): Game[] {
  try {
    return JSON.parse(localStorage.getItem(NAME) ?? "[]") as Game[];
  } catch {
    return [];
  }
}
function keep(games: Game[]) {
  try {
    localStorage.setItem(NAME, JSON.stringify(games));
  } catch {
    // Without storage the record lasts as long as the page.
  }
}

/** Games that were finished on this device, beside what the solver’s turns would have taken. */
function Played({ games }: { games: Game[] }) {
  if (games.length === 0) return null;
  return (
    <Box mt="30px" maxW="640px">
      <Heading note="Kept on this device alone.">Your last presses</Heading>
      <Box as="table" w="100%" textAlign="left">
        <thead>
          <tr>
            {["Pulls", "Solver’s pulls", "Turns in all", "Time", "By yourself"].map((head) => (
              <Box as="th" key={head} fontSize="small" color="quiet" fontWeight="400" pb="4px">
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {games.map((g) => (
            <Box as="tr" key={g.seed} borderTopWidth="1px" borderColor="line" h="36px">
              <td className="readout">{g.pulls}</td>
              <td className="readout">{g.solvers === 0 ? "over 12" : g.solvers}</td>
              <td className="readout">{g.turns.toFixed(2)}</td>
              <td className="readout">{timeWords(g.seconds)}</td>
              <td>{g.advised ? "with the solver" : "yes"}</td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** Targets at their marks, the misfit a hundred times as large. */
function Marks({
  readings,
  name,
}: {
  readings: { mark: string; xMm: number; yMm: number; offXMm: number; offYMm: number }[];
  name: string;
}) {
  return (
    <svg
      viewBox="-240 -240 480 500"
      width="100%"
      role="img"
      aria-label={`The marks of ${name}, the misfit drawn fifty times as large`}
    >
      <rect x="-150" y="-164" width="300" height="328" fill="none" stroke="var(--line)" />
      {readings.map((r) => (
        <g key={r.mark} transform={`translate(${r.xMm} ${-r.yMm})`}>
          <circle r="10" fill="none" stroke="var(--ink)" strokeWidth="2" />
          <path d="M-16 0H16M0 -16V16" stroke="var(--ink)" strokeWidth="2" />
          <path d={`M0 0L${50 * r.offXMm} ${-50 * r.offYMm}`} stroke="var(--madder)" strokeWidth="3" />
          <circle r="10" cx={50 * r.offXMm} cy={-50 * r.offYMm} fill="none" stroke="var(--teal)" strokeWidth="5" />
        </g>
      ))}
      <path d="M-220 232h50" stroke="var(--ink)" strokeWidth="2" />
      <Words x="-160" y="237" size={15} fill="var(--ink)">
        1 mm of misfit
      </Words>
      <Words x="230" y="237" size={15} textAnchor="end" fill="var(--ink)">
        you stand here
      </Words>
    </svg>
  );
}

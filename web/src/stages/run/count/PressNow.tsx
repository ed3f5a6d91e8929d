import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../../api/client";
import { Heading } from "../../../ui/Bench";
import { SmallButton } from "../../../ui/SmallButton";
import type { RunBoard } from "./counted";
import { Table } from "./Table";

type Run = JobOn<"run">["runs"][number];

/** The press as it stands during the run: each kind drawn as what it is, with what each head does. */
export function PressNow({
  job,
  board,
  colour,
  take,
  skip,
}: {
  job: JobOn<"run">;
  board: RunBoard;
  colour: number | null;
  take: (plate: number) => void;
  skip: () => void;
}) {
  const { way, platens } = job.press;
  if (board.count.table) return <Table job={job} table={board.count.table} colour={colour} take={take} />;
  const heads = job.runs
    .map((run) => ({ run, plate: job.plates.find((p) => p.id === run.id) }))
    .filter((one) => one.plate !== undefined);
  if (heads.length === 0) return null;
  return (
    <Box as="section" aria-label="The press">
      <Heading>
        {way === "automatic" ? "All heads at once" : way === "rotary" ? "Head by head" : "On the table"}
      </Heading>
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "200px minmax(0, 1fr)" }} gap="20px">
        <Wheel
          inks={heads.map(({ run, plate }) => ({ head: run.head, hex: plate?.inkHex ?? "#888888" }))}
          heads={Math.max(job.press.heads, heads.length)}
          platens={Math.max(1, platens)}
          long={way === "automatic"}
        />
        <Box as="ol" listStyleType="none">
          {heads.map(({ run, plate }) => (
            <Box
              as="li"
              key={run.id}
              display="grid"
              gridTemplateColumns="34px minmax(0, 1fr) auto"
              gap="12px"
              alignItems="baseline"
              borderTopWidth="1px"
              borderColor="line"
              py="6px"
            >
              <Text className="readout lead-readout">{run.head ?? "–"}</Text>
              <Text>
                <b>{plate?.name}</b>{" "}
                <Text as="span" color="quiet">
                  {run.strokes}, {run.pressure}
                </Text>
              </Text>
              <Text className="readout">{after(run)}</Text>
            </Box>
          ))}
          {way === "automatic" && (
            <Box as="li" borderTopWidth="1px" borderColor="line" pt="8px">
              <SmallButton onClick={skip}>A platen goes round empty</SmallButton>
            </Box>
          )}
        </Box>
      </Box>
    </Box>
  );
}

const after = (run: Run) =>
  run.dwellS === null ? "" : `flash ${run.dwellS.toFixed(1)} s, cool ${Math.round(run.coolS)} s`;

/** Heads about their centre, or along the two sides of an automatic; platens under them. */
function Wheel({
  inks,
  heads,
  platens,
  long,
}: {
  inks: { head: number | null; hex: string }[];
  heads: number;
  platens: number;
  long: boolean;
}) {
  const spot = (i: number, n: number, out: number) => {
    const turn = (2 * Math.PI * i) / n + Math.PI / 2;
    return { x: 100 + (long ? 1.25 : 1) * out * Math.cos(turn), y: 76 + (long ? 0.74 : 1) * out * Math.sin(turn) };
  };
  return (
    <svg
      viewBox="0 0 200 152"
      width="200"
      height="152"
      role="img"
      aria-label={`${heads} heads and ${platens} platens, ${inks.length} screens on the press`}
      className="colours"
    >
      {Array.from({ length: platens }, (_, i) => {
        const at = spot(i, platens, 58);
        return (
          <rect
            key={i}
            x={at.x - 9}
            y={at.y - 11}
            width="18"
            height="22"
            rx="3"
            fill="var(--cloth)"
            stroke="var(--line)"
          />
        );
      })}
      <ellipse cx="100" cy="76" rx={long ? 26 : 10} ry="10" fill="none" stroke="var(--ink)" strokeWidth="1.500" />
      {Array.from({ length: heads }, (_, i) => {
        const at = spot(i, heads, 42);
        const ink = inks.find((one) => one.head === i + 1);
        return (
          <g key={i}>
            <path d={`M100 76L${at.x} ${at.y}`} stroke="var(--line)" strokeWidth="1" />
            <circle
              cx={at.x}
              cy={at.y}
              r="10"
              fill={ink?.hex ?? "var(--paper)"}
              stroke="var(--ink)"
              strokeWidth={ink ? 1.5 : 0.6}
            />
          </g>
        );
      })}
    </svg>
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Fact } from "../../ui/Parts";
import { timeWords } from "../../ui/timeWords";
import { Words } from "../../ui/Words";

type Run = NonNullable<JobOn<"press">["rhythm"]>;

const seconds = (s: number) => timeWords(Math.round(2 * s) / 2);

/** The way of one piece round the press: how warm its ink is, how long the flash dwells, and the pace of the run. */
export function Rhythm({ run }: { run: Run }) {
  const { length } = useHabits();
  return (
    <Box>
      <Heading
        note={`${run.unit.kind.charAt(0).toUpperCase()}${run.unit.kind.slice(1)}, ${length(run.unit.heightMm, 0)} over the print, on platens that have gone round a while (${run.flashReadings === 0 ? "trade default" : `${run.flashReadings} readings of this press`}).`}
      >
        Flash and rhythm
      </Heading>
      <Way run={run} />
      <Box display="flex" flexWrap="wrap" gap="28px" mt="10px">
        {run.flashes.map(({ plateId, after, flash: f }) => (
          <Box key={plateId}>
            <Fact label={`Flash ${f.after ? "after" : "between the layers of"} ${after}`} value={seconds(f.dwellS)} />
            <Text fontSize="small" color="quiet">
              {seconds(f.fromS)}
              {f.toS === null ? " and more" : ` to ${seconds(f.toS)}`}, then cool {seconds(f.coolS)}
              <br />
              nine times in ten {seconds(f.unsure.fromS)} to {seconds(f.unsure.toS)}: touch the first one
              {f.coldS !== null && <br />}
              {f.coldS !== null && `${seconds(f.coldS)} on cold platens`}
            </Text>
          </Box>
        ))}
        <Fact label="Cycle time" value={`${run.pace.secondsAPiece.toFixed(0)} s`} />
        <Fact label="Hands" value={String(run.pace.hands)} />
        <Fact label="An hour" value={run.pace.piecesAnHour.toFixed(0)} />
        <Fact
          label="The run"
          value={run.pace.hours < 1 ? `${(60 * run.pace.hours).toFixed(0)} min` : `${run.pace.hours.toFixed(1)} h`}
        />
      </Box>
      {[...new Set(run.flashes.flatMap(({ flash }) => flash.says)), ...run.pace.says.slice(1)].map((one) => (
        <Text key={one} mt="6px" maxW="70ch">
          {one}
        </Text>
      ))}
    </Box>
  );
}

const WIDTH = 700;
const HIGH = 230;
const LEFT = 58;
const BOTTOM = 30;

/** Temperature over the way: between the lines ink is gelled; under the dashed one it may meet the next screen. */
function Way({ run }: { run: Run }) {
  const { warmth } = useHabits();
  const most = Math.max(run.scorchC + 12, ...run.warmth);
  const x = (s: number) => LEFT + ((WIDTH - LEFT - 8) * s) / Math.max(1, run.warmth.length - 1);
  const y = (c: number) => 10 + ((HIGH - 10 - BOTTOM) * (most - c)) / (most - 15);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HIGH}`}
      width="100%"
      role="img"
      aria-label={`Ink on its way round: ${run.flashes.map((f) => `${warmth(f.flash.surfaceC)} after the flash of ${f.after}, ${f.flash.does}`).join("; ") || "no flash"}`}
    >
      <rect
        x={LEFT}
        y={y(run.gelledToC)}
        width={WIDTH - LEFT - 8}
        height={y(run.gelledFromC) - y(run.gelledToC)}
        fill="color-mix(in srgb, var(--amber) 35%, transparent)"
      />
      <Words x={LEFT + 6} y={y(run.gelledToC) + 14} size={13} fill="var(--ink)">
        gelled
      </Words>
      <Words x={LEFT + 6} y={y((run.gelledToC + run.scorchC) / 2) + 5} size={13} fill="var(--quiet)">
        over-flashed: the next ink does not hold
      </Words>
      <path d={`M${LEFT} ${y(run.scorchC)}H${WIDTH - 8}`} stroke="var(--madder)" strokeWidth="2" />
      <Words x={LEFT + 6} y={y(run.scorchC) - 5} size={13} fill="var(--madder)">
        scorches
      </Words>
      <path d={`M${LEFT} ${y(run.coolC)}H${WIDTH - 8}`} stroke="var(--ink)" strokeDasharray="3 4" />
      <Words x={WIDTH - 12} y={y(run.gelledToC) - 6} size={13} textAnchor="end" fill="var(--quiet)">
        dashed: cool enough for the next screen
      </Words>
      {[run.coolC, run.gelledFromC, run.gelledToC, run.scorchC].map((c) => (
        <Words key={c} x={LEFT - 8} y={y(c) + 5} size={13} textAnchor="end" fill="var(--ink)" readout>
          {warmth(c)}
        </Words>
      ))}
      <path
        d={run.warmth.map((c, s) => `${s === 0 ? "M" : "L"}${x(s).toFixed(1)} ${y(c).toFixed(1)}`).join("")}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.5"
      />
      <path d={`M${LEFT} ${HIGH - BOTTOM}H${WIDTH - 8}`} stroke="var(--ink)" />
      {Array.from({ length: Math.floor(run.warmth.length / 10) + 1 }, (_, i) => 10 * i).map((s) => (
        <g key={s}>
          <path d={`M${x(s)} ${HIGH - BOTTOM}v5`} stroke="var(--ink)" />
          <Words x={x(s)} y={HIGH - 8} size={13} textAnchor="middle" fill="var(--ink)" readout>
            {`${s} s`}
          </Words>
        </g>
      ))}
    </svg>
  );
}

import { Box } from "@chakra-ui/react";
import { Words } from "../../../ui/Words";
import type { RunBoard } from "./counted";

/** The run as a bar that a squeegee goes along: how far it is, and how far the reckoned rhythm would be. */
export function Pace({ board }: { board: RunBoard }) {
  const { count } = board;
  const whole = Math.max(count.ordered, count.good, 1);
  const at = (pieces: number) => 6 + (988 * Math.max(0, Math.min(whole, pieces))) / whole;
  const planned = count.goes.done - count.goes.ahead;
  const step = [1, 2, 5, 6, 10, 12, 20, 24, 50, 100, 200, 500].find((n) => whole / n <= 9) ?? 1000;
  const words =
    count.goes.pace.seconds === 0
      ? ""
      : `${count.goes.ahead === 0 ? "on time" : `${Math.abs(count.goes.ahead)} ${count.goes.ahead > 0 ? "ahead" : "behind"}`}, ${count.goes.pace.seconds.toFixed(0)} s a piece`;
  const right = at(count.goes.done) < 560;
  return (
    <Box>
      <svg viewBox="0 0 1000 96" width="100%" role="img" aria-label={`${count.good} of ${count.ordered}, ${words}`}>
        <path d="M6 50H994" stroke="var(--ink)" strokeWidth="5" />
        {Array.from({ length: Math.floor(whole / step) }, (_, i) => (i + 1) * step).map((n) => (
          <g key={n}>
            <path d={`M${at(n)} 42V58`} stroke="var(--ink)" strokeWidth="1.500" />
            <Words x={at(n)} y={80} size={19} textAnchor={n === whole ? "end" : "middle"} readout fill="var(--quiet)">
              {n}
            </Words>
          </g>
        ))}
        {count.goes.pace.measured > 0 && (
          <path d={`M${at(planned)} 10V86`} stroke="var(--quiet)" strokeWidth="2" strokeDasharray="3 5" />
        )}
        <g transform={`translate(${at(count.goes.done)} 0)`}>
          <path d="M-22 4H22V26L9 38V50H-9V38L-22 26Z" fill="var(--ink)" />
          <path d="M-6 50H6V64H-6Z" fill="var(--amber)" />
        </g>
        <Words
          x={at(count.goes.done) + (right ? 34 : -34)}
          y={28}
          size={26}
          bold
          textAnchor={right ? "start" : "end"}
          fill="var(--ink)"
        >
          {words}
        </Words>
      </svg>
    </Box>
  );
}

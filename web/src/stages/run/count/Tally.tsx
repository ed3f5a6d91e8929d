import { Box, Text } from "@chakra-ui/react";
import { tied } from "./counted";

const LEAN = [-1.5, 0.8, -0.6, 1.4, -1, 0.4, 1.2, -0.8, 0.6, -1.3, 1, -0.4];

/** The count as strokes: each a piece, a strap ties ten of them, or a dozen. */
export function Tally({ good, by, swap }: { good: number; by: number; swap: () => void }) {
  const { bundles, loose } = tied(good, by);
  const shown = Math.max(0, bundles - 9);
  const wide = 8.4 * by + 14;
  const groups = [...Array.from({ length: bundles - shown }, () => by), loose].filter((n) => n > 0);
  return (
    <Box>
      <svg
        viewBox={`0 0 ${Math.max(5, groups.length) * wide} 64`}
        width="100%"
        height="64"
        preserveAspectRatio="xMinYMid meet"
        role="img"
        aria-label={`${bundles} bundles of ${by} and ${loose} loose`}
      >
        {groups.map((n, g) => (
          <g key={g} transform={`translate(${g * wide} 0)`}>
            {Array.from({ length: n }, (_, i) => i).map((i) => (
              <path
                key={i}
                d={`M${8 + i * 8 + (LEAN[i % 12] ?? 0)} ${7 + (i % 3)}L${8 + i * 8 - (LEAN[(i + 4) % 12] ?? 0)} ${56 - (i % 4)}`}
                stroke="var(--ink)"
                strokeWidth="3.600"
                strokeLinecap="round"
              />
            ))}
            {n === by && (
              <path
                d={`M2 42C${wide * 0.3} ${18} ${wide * 0.6} 20 ${wide - 8} 34`}
                fill="none"
                stroke="var(--teal)"
                strokeWidth="4"
                strokeLinecap="round"
              />
            )}
          </g>
        ))}
      </svg>
      <Box display="flex" flexWrap="wrap" columnGap="14px" alignItems="center">
        <Text color="quiet">
          {bundles} × {by} tied, {loose} loose{shown > 0 && ` (${shown} more bundles not drawn)`}
        </Text>
        <button type="button" className="reach lined" onClick={swap}>
          {by === 10 ? "Count in dozens" : "Count in tens"}
        </button>
      </Box>
    </Box>
  );
}

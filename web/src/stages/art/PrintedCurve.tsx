import { Box, Text } from "@chakra-ui/react";
import type { ChartSeen } from "../../api/client";
import { useHabits } from "../../ui/habits";

const SIDE = 240;
const PAD = 24;
const px = (value: number) => PAD + (value / 100) * SIDE;
const py = (value: number) => PAD + SIDE - (value / 100) * SIDE;

/** What a chart says: each patch, the curve through them and how sure it is. */
export function PrintedCurve({ seen }: { seen: ChartSeen }) {
  const { ruling } = useHabits();
  const ends = [
    { filmPct: 0, printedPct: 0, low: 0, high: 0 },
    ...seen.curve,
    { filmPct: 100, printedPct: 100, low: 100, high: 100 },
  ];
  const line = (of: (tone: (typeof ends)[number]) => number, tones = ends) =>
    tones.map((t) => `${px(t.filmPct)} ${py(of(t))}`).join("L");
  const half = seen.curve.find((t) => t.filmPct === 50);
  return (
    <Box>
      {half && (
        <Text>
          Half a tone prints as <b>{half.printedPct.toFixed(1)} %</b>, {half.low.toFixed(1)} to {half.high.toFixed(1)}.
        </Text>
      )}
      <Text fontSize="small" color="quiet">
        {seen.restsOn} patches{seen.lpi !== null && `, dots of ${ruling(seen.lpi)}`}
        {seen.device !== null && `; from the ${seen.device}: practice, not your press`}
      </Text>
      <svg
        viewBox={`0 0 ${SIDE + 2 * PAD} ${SIDE + 2 * PAD}`}
        style={{ display: "block", width: "100%", maxWidth: "340px" }}
        role="img"
        aria-label={`Tone on film across, tone printed upwards. ${seen.curve.map((t) => `${t.filmPct} prints as ${t.printedPct.toFixed(0)}`).join(", ")} per cent`}
      >
        <rect x={PAD} y={PAD} width={SIDE} height={SIDE} fill="var(--raised)" />
        {[25, 50, 75].map((t) => (
          <path key={t} d={`M${px(t)} ${PAD}v${SIDE}M${PAD} ${py(t)}h${SIDE}`} stroke="var(--line)" strokeWidth="0.7" />
        ))}
        <path d={`M${px(0)} ${py(0)}L${px(100)} ${py(100)}`} stroke="var(--quiet)" strokeDasharray="3 4" />
        <path d={`M${line((t) => t.low)}L${line((t) => t.high, [...ends].reverse())}Z`} fill="var(--line)" />
        <path d={`M${line((t) => t.printedPct)}`} fill="none" stroke="var(--ink)" strokeWidth="2.2" />
        {seen.readings.map((r, i) => (
          <path
            key={i}
            d={`M${px(r.filmPct) - 3} ${py(r.printedPct)}h6M${px(r.filmPct)} ${py(r.printedPct) - 3}v6`}
            stroke="var(--teal)"
            strokeWidth="1.1"
          />
        ))}
        <text x={PAD + SIDE} y={SIDE + 2 * PAD - 6} textAnchor="end" className="curve-word">
          tone on film
        </text>
        <text transform={`translate(16 ${PAD}) rotate(-90)`} textAnchor="end" className="curve-word">
          tone printed
        </text>
      </svg>
      {seen.says.map((sentence) => (
        <Text key={sentence} fontSize="small" borderLeftWidth="3px" borderColor="madder" pl="10px" my="6px">
          {sentence}
        </Text>
      ))}
    </Box>
  );
}

import { Box } from "@chakra-ui/react";
import { Words } from "../../ui/Words";
import { clock, type DarkroomPlan } from "./clock";

type Step = DarkroomPlan["screens"][number]["steps"][number]["step"];

export const legend: [Step, string][] = [
  ["coat", "coat"],
  ["dry", "dry"],
  ["expose", "burn"],
  ["wash", "wash out"],
  ["redry", "dry again"],
  ["tape", "tape"],
];

const fill: Record<Step, string> = {
  coat: "var(--teal)",
  dry: "url(#drying)",
  expose: "var(--amber)",
  wash: "var(--quiet)",
  redry: "url(#drying)",
  tape: "var(--ink)",
};

/** Drying is dots: nobody need be there. All else is solid: somebody is. */
function Drying() {
  return (
    <defs>
      <pattern id="drying" width="6" height="6" patternUnits="userSpaceOnUse">
        <circle cx="3" cy="3" r="1.3" fill="var(--quiet)" />
      </pattern>
    </defs>
  );
}

export function StepMark({ step }: { step: Step }) {
  return (
    <svg width="26" height="16" aria-hidden="true">
      <Drying />
      <rect width="26" height="16" fill={fill[step]} stroke="var(--ink)" strokeWidth="1" />
    </svg>
  );
}

/** A bar for each screen over the hours, the night shaded, the due time a cross. */
export function Bars({ plan }: { plan: DarkroomPlan }) {
  const row = 30;
  const left = 150;
  const wide = 1000;
  const long = Math.max(240, plan.endsMin * 1.04);
  const x = (minutes: number) => left + (minutes / long) * wide;
  const high = plan.screens.length * row + 30;
  const nights: [number, number][] = [];
  for (let day = 0; day * 1440 < long + 1440; day++) {
    const from = day * 1440 + plan.closesMin - plan.startsMin;
    nights.push([Math.max(0, from), Math.min(long, from + 1440 - plan.closesMin + plan.opensMin)]);
  }
  if (plan.startsMin < plan.opensMin) nights.push([0, plan.opensMin - plan.startsMin]);
  const step = long > 2400 ? 360 : long > 900 ? 120 : 60;
  const first = Math.ceil(plan.startsMin / step) * step - plan.startsMin;
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="The plan over the day">
      <svg
        viewBox={`0 0 ${left + wide + 10} ${high}`}
        style={{ width: "100%", minWidth: 680 }}
        role="img"
        aria-label={`${plan.screens.length} screens over ${Math.round(plan.endsMin / 60)} hours`}
      >
        <Drying />
        {nights
          .filter(([a, b]) => b > a)
          .map(([a, b]) => (
            <rect key={a} x={x(a)} y="0" width={x(b) - x(a)} height={high - 24} fill="var(--faint)" />
          ))}
        {Array.from({ length: Math.floor((long - first) / step) + 1 }, (_, i) => first + i * step).map((at) => (
          <g key={at}>
            <path d={`M${x(at)} 0V${high - 24}`} stroke="var(--line)" strokeWidth="1" />
            <Words x={x(at)} y={high - 6} size={13} textAnchor="middle" fill="var(--quiet)">
              {clock(plan, at).replace("at ", "")}
            </Words>
          </g>
        ))}
        {plan.screens.map((screen, i) => (
          <g key={screen.plateId} transform={`translate(0 ${i * row})`}>
            <rect className="colours" x="0" y="6" width="10" height={row - 12} fill={screen.hex} stroke="var(--line)" />
            <Words x={18} y={20} size={14} fill={screen.lateMin > 0 ? "var(--madder)" : "var(--ink)"}>
              {`${i + 1}  ${screen.plate.length > 15 ? `${screen.plate.slice(0, 14)}…` : screen.plate}`}
            </Words>
            {screen.steps.map((s) => (
              <rect
                key={s.step}
                x={x(s.fromMin)}
                y={s.step === "dry" || s.step === "redry" ? 10 : 6}
                width={Math.max(2, x(s.toMin) - x(s.fromMin))}
                height={s.step === "dry" || s.step === "redry" ? row - 20 : row - 12}
                fill={fill[s.step]}
                stroke="var(--ink)"
                strokeWidth=".8"
              />
            ))}
            {screen.dueMin < long && (
              <path
                d={`M${x(screen.dueMin) - 6} 9l12 12m0 -12l-12 12`}
                stroke="var(--madder)"
                strokeWidth="2.2"
                fill="none"
              />
            )}
          </g>
        ))}
      </svg>
    </Box>
  );
}

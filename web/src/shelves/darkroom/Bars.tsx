import { Box } from "@chakra-ui/react";
import { useRef, useState } from "react";
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
  expose: "url(#burning)",
  wash: "url(#washing)",
  redry: "url(#drying)",
  tape: "url(#taping)",
};

/** Each step has a texture of its own, so that it is told apart in one colour. Drying is dots: nobody need be there. */
function Textures() {
  return (
    <defs>
      <pattern id="drying" width="6" height="6" patternUnits="userSpaceOnUse">
        <circle cx="3" cy="3" r="1.3" fill="var(--quiet)" />
      </pattern>
      <pattern id="burning" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="5" height="5" fill="var(--amber)" />
        <path d="M0 0V5" stroke="var(--paper)" strokeWidth="2.4" />
      </pattern>
      <pattern id="washing" width="6" height="5" patternUnits="userSpaceOnUse">
        <rect width="6" height="5" fill="var(--paper)" />
        <path d="M0 2.500H6" stroke="var(--quiet)" strokeWidth="2" />
      </pattern>
      <pattern id="taping" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--ink)" />
        <path d="M0 0L6 6M6 0L0 6" stroke="var(--paper)" strokeWidth="1" />
      </pattern>
    </defs>
  );
}

export function StepMark({ step }: { step: Step }) {
  return (
    <svg width="26" height="16" aria-hidden="true">
      <Textures />
      <rect width="26" height="16" fill={fill[step]} stroke="var(--ink)" strokeWidth="1" />
    </svg>
  );
}

/** How wide an hour of the night is drawn, against one of the day. */
const NARROW = 0.08;

/** A bar for each screen over the hours, the night shaded, the due time a cross. */
export function Bars({ plan, move }: { plan: DarkroomPlan; move: (from: number, to: number) => void }) {
  const drawing = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ from: number; to: number } | null>(null);
  const row = 30;
  const left = 150;
  const wide = 800;
  // Nobody is there at night: its hours are drawn narrow, so that the day's steps can be read.
  const begin = Math.max(0, Math.min(...plan.screens.flatMap((s) => s.steps.map((step) => step.fromMin))) - 15);
  const end = Math.max(begin + 120, plan.endsMin + 20);
  const nights: [number, number][] = [];
  for (let day = -1; day * 1440 < end + 1440; day++) {
    const from = day * 1440 + plan.closesMin - plan.startsMin;
    const [a, b] = [Math.max(begin, from), Math.min(end, from + 1440 - plan.closesMin + plan.opensMin)];
    if (b > a) nights.push([a, b]);
  }
  const shown = (minutes: number) =>
    minutes -
    begin -
    (1 - NARROW) * nights.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(minutes, b) - Math.min(minutes, a)), 0);
  const x = (minutes: number) => left + (shown(minutes) / shown(end)) * wide;
  const high = plan.screens.length * row + 30;
  const rowAt = (e: React.PointerEvent) => {
    const box = drawing.current?.getBoundingClientRect();
    if (!box) return 0;
    const at = Math.floor((((e.clientY - box.top) / box.height) * high) / row);
    return Math.min(plan.screens.length - 1, Math.max(0, at));
  };
  const span = shown(end);
  const step = span > 2400 ? 360 : span > 900 ? 120 : span > 360 ? 60 : 30;
  const first = Math.ceil((plan.startsMin + begin) / step) * step - plan.startsMin;
  const hours = Array.from({ length: Math.floor((end - first) / step) + 1 }, (_, i) => first + i * step).filter(
    (at) => !nights.some(([a, b]) => at > a + 1 && at < b - 1),
  );
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="The plan over the day">
      <svg
        ref={drawing}
        viewBox={`0 0 ${left + wide + 10} ${high}`}
        className="bars"
        role="img"
        aria-label={`${plan.screens.length} screens over ${Math.round(plan.endsMin / 60)} hours`}
      >
        <Textures />
        {nights.map(([a, b]) => (
          <rect key={a} x={x(a)} y="0" width={x(b) - x(a)} height={high - 24} fill="var(--faint)" />
        ))}
        {hours.map((at) => (
          <g key={at}>
            <path d={`M${x(at)} 0V${high - 24}`} stroke="var(--line)" strokeWidth="1" />
            <Words x={x(at)} y={high - 6} size={13} textAnchor="middle" fill="var(--quiet)">
              {clock(plan, at).replace("at ", "")}
            </Words>
          </g>
        ))}
        {plan.screens.map((screen, i) => (
          <g
            key={screen.plateId}
            transform={`translate(0 ${i * row})`}
            opacity={dragged?.from === i ? 0.45 : 1}
            style={{ cursor: dragged ? "grabbing" : "grab", touchAction: "none" }}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              setDragged({ from: i, to: i });
            }}
            onPointerMove={(e) => dragged && setDragged({ ...dragged, to: rowAt(e) })}
            onPointerUp={() => {
              if (dragged && dragged.from !== dragged.to) move(dragged.from, dragged.to);
              setDragged(null);
            }}
            onPointerCancel={() => setDragged(null)}
          >
            <rect x="0" y="0" width={left + wide} height={row} fill="transparent" />
            <rect className="colours" x="0" y="6" width="10" height={row - 12} fill={screen.hex} stroke="var(--line)" />
            <Words x={18} y={20} size={14} fill={screen.late.lateMin > 0 ? "var(--madder)" : "var(--ink)"}>
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
            {screen.steps.map(
              (s) =>
                s.place !== null &&
                x(s.toMin) - x(s.fromMin) > 20 && (
                  <g key={`place ${s.step}`}>
                    <rect
                      x={(x(s.fromMin) + x(s.toMin)) / 2 - 9}
                      y="8"
                      width="18"
                      height={row - 16}
                      fill="var(--paper)"
                    />
                    <Words
                      x={(x(s.fromMin) + x(s.toMin)) / 2}
                      y={20}
                      size={13}
                      textAnchor="middle"
                      readout
                      fill="var(--ink)"
                    >
                      {String(s.place)}
                    </Words>
                  </g>
                ),
            )}
            {screen.late.dueMin < end && (
              <path
                d={`M${x(screen.late.dueMin) - 6} 9l12 12m0 -12l-12 12`}
                stroke="var(--madder)"
                strokeWidth="2.2"
                fill="none"
              />
            )}
          </g>
        ))}
        {dragged && dragged.from !== dragged.to && (
          <path
            d={`M0 ${(dragged.to + (dragged.to > dragged.from ? 1 : 0)) * row}H${left + wide}`}
            stroke="var(--teal)"
            strokeWidth="4"
          />
        )}
      </svg>
    </Box>
  );
}

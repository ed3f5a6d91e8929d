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
export function Bars({ plan, move }: { plan: DarkroomPlan; move: (from: number, to: number) => void }) {
  const drawing = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ from: number; to: number } | null>(null);
  const row = 30;
  const left = 150;
  const wide = 1000;
  // Out of hours nothing happens: the drawing begins shortly before the first step.
  const begin = Math.max(0, Math.min(...plan.screens.flatMap((s) => s.steps.map((step) => step.fromMin))) - 20);
  const long = Math.max(begin + 120, plan.endsMin + 0.04 * (plan.endsMin - begin));
  const x = (minutes: number) => left + ((minutes - begin) / (long - begin)) * wide;
  const high = plan.screens.length * row + 30;
  const nights: [number, number][] = [];
  for (let day = 0; day * 1440 < long + 1440; day++) {
    const from = day * 1440 + plan.closesMin - plan.startsMin;
    nights.push([Math.max(begin, from), Math.min(long, from + 1440 - plan.closesMin + plan.opensMin)]);
  }
  if (plan.startsMin < plan.opensMin) nights.push([begin, plan.opensMin - plan.startsMin]);
  const rowAt = (e: React.PointerEvent) => {
    const box = drawing.current?.getBoundingClientRect();
    if (!box) return 0;
    const at = Math.floor((((e.clientY - box.top) / box.height) * high) / row);
    return Math.min(plan.screens.length - 1, Math.max(0, at));
  };
  const span = long - begin;
  const step = span > 2400 ? 360 : span > 900 ? 120 : span > 360 ? 60 : 30;
  const first = Math.ceil((plan.startsMin + begin) / step) * step - plan.startsMin;
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="The plan over the day">
      <svg
        ref={drawing}
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

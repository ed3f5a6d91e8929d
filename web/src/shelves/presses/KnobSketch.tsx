import { Box, Text } from "@chakra-ui/react";
import { useRef } from "react";
import { numberTyped } from "../../ui/number";
import type { KnobFields } from "./Knobs";

const REACH = 340;
const STEP = 5;
const arrows: Record<string, string> = { right: "rotate(90)", left: "rotate(-90)", away: "", towards: "rotate(180)" };
const keys: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, STEP],
  ArrowDown: [0, -STEP],
};

const place = (k: KnobFields) => {
  const [x, y] = [numberTyped(k.x), numberTyped(k.y)];
  return x === null || y === null || Number.isNaN(x) || Number.isNaN(y) ? null : { x, y };
};

/** The frame from above, true in its proportions: a touch puts a knob where it sits; arrow keys move the one at hand. */
export function KnobSketch({
  knobs,
  at,
  pick,
  put,
}: {
  knobs: KnobFields[];
  at: number;
  pick: (i: number) => void;
  put: (i: number, x: number, y: number) => void;
}) {
  const sketch = useRef<SVGSVGElement>(null);
  const touched = (e: React.PointerEvent) => {
    const svg = sketch.current;
    const matrix = svg?.getScreenCTM();
    if (!svg || !matrix) return null;
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    const round = (v: number) => Math.max(-REACH, Math.min(REACH, Math.round(v / STEP) * STEP));
    return { x: round(p.x), y: round(-p.y) };
  };
  const name = knobs[at]?.name || `knob ${at + 1}`;
  return (
    <Box>
      <Text fontSize="small" color="quiet" mb="4px">
        Touch where “{name}” touches the frame, or move it with the arrow keys. You stand below; the cross is the middle
        of the print.
      </Text>
      <svg
        ref={sketch}
        viewBox={`${-REACH - 20} ${-REACH - 20} ${2 * REACH + 40} ${2 * REACH + 40}`}
        width="100%"
        className="sketch"
        role="application"
        aria-label={`Frame from above; places ${name}`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the sketch is worked with the arrow keys
        tabIndex={0}
        onKeyDown={(e) => {
          const by = keys[e.key];
          const knob = knobs[at];
          if (!by || !knob) return;
          e.preventDefault();
          e.stopPropagation();
          const from = place(knob) ?? { x: 0, y: 0 };
          put(at, from.x + by[0], from.y + by[1]);
        }}
        onPointerDown={(e) => {
          const to = touched(e);
          if (to) put(at, to.x, to.y);
        }}
      >
        <rect x="-230" y="-280" width="460" height="560" fill="none" stroke="var(--ink)" strokeWidth="3" />
        <rect x="-250" y="-300" width="500" height="600" fill="none" stroke="var(--ink)" strokeWidth="3" />
        <rect x="-90" y="-330" width="180" height="26" fill="var(--ink)" />
        <path d="M-24 0H24M0 -24V24" stroke="var(--ink)" strokeWidth="2" />
        <circle r="14" fill="none" stroke="var(--ink)" strokeWidth="2" />
        {knobs.map((knob, i) => {
          const p = place(knob);
          return p === null ? null : (
            <g
              key={`k${i + 1}`}
              transform={`translate(${p.x} ${-p.y})`}
              color={i === at ? "var(--teal)" : "var(--ink)"}
              onPointerDown={(e) => {
                e.stopPropagation();
                pick(i);
              }}
            >
              <circle r="24" fill="var(--paper)" stroke="currentColor" strokeWidth={i === at ? 6 : 3} />
              <path
                transform={arrows[knob.pushes]}
                d="M0 14V-40M-12 -26L0 -42 12 -26"
                fill="none"
                stroke="currentColor"
                strokeWidth="5"
              />
              <text x="30" y="34" fontSize="26" fill="currentColor">
                {knob.name}
              </text>
            </g>
          );
        })}
      </svg>
    </Box>
  );
}

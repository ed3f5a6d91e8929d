import { Box, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { SmallButton } from "../../ui/SmallButton";
import { added, moved, type TonePoint, without } from "./curvePoints";

const SIDE = 300;
const PAD = 26;
const px = (value: number) => PAD + (value / 100) * SIDE;
const py = (value: number) => PAD + SIDE - (value / 100) * SIDE;

/** The curve that a printer bends, over how much of the picture has each lightness. Points by pointer, touch and keys. */
export function Curve({
  points,
  curve,
  lights,
  set,
}: {
  points: TonePoint[];
  curve: number[];
  lights: number[];
  set: (points: TonePoint[]) => void;
}) {
  const board = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const most = Math.max(0.001, ...lights);
  const at = (e: React.PointerEvent): TonePoint => {
    const area = board.current?.getBoundingClientRect();
    if (!area) return { x: 0, y: 0 };
    const scale = (SIDE + 2 * PAD) / area.width;
    return {
      x: (((e.clientX - area.left) * scale - PAD) / SIDE) * 100,
      y: 100 - (((e.clientY - area.top) * scale - PAD) / SIDE) * 100,
    };
  };
  const key = (e: React.KeyboardEvent, i: number) => {
    const far = e.shiftKey ? 5 : 1;
    const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, far], ArrowDown: [0, -far] }[e.key];
    const point = points[i];
    if (by && point) {
      e.preventDefault();
      e.stopPropagation();
      set(moved(points, i, { x: point.x + (by[0] ?? 0), y: point.y + (by[1] ?? 0) }));
    } else if (e.key === "Delete" || e.key === "Backspace") {
      e.preventDefault();
      set(without(points, i));
    }
  };
  const further = () => {
    // Into the widest gap, on the curve itself.
    let widest = 0;
    points.slice(1).forEach((p, i) => {
      if (p.x - (points[i]?.x ?? 0) > (points[widest + 1]?.x ?? 0) - (points[widest]?.x ?? 0)) widest = i;
    });
    const x = ((points[widest]?.x ?? 0) + (points[widest + 1]?.x ?? 100)) / 2;
    set(added(points, { x, y: curve[Math.round(x / 2)] ?? x }).points);
  };
  return (
    <Box maxW="440px">
      <svg
        ref={board}
        viewBox={`0 0 ${SIDE + 2 * PAD} ${SIDE + 2 * PAD}`}
        width="100%"
        className="curve"
        style={{ touchAction: "none", display: "block" }}
        role="group"
        aria-label="Tone curve: lightness of the picture across, lightness printed upwards"
        onPointerDown={(e) => {
          const to = at(e);
          const near = points.findIndex((p) => Math.hypot(p.x - to.x, p.y - to.y) < 9);
          const next = near >= 0 ? { points, at: near } : added(points, to);
          if (next.at < 0) return;
          board.current?.setPointerCapture(e.pointerId);
          setHeld(next.at);
          if (near < 0) set(next.points);
        }}
        onPointerMove={(e) => {
          if (held !== null) set(moved(points, held, at(e)));
        }}
        onPointerUp={() => setHeld(null)}
        onPointerCancel={() => setHeld(null)}
      >
        <rect x={PAD} y={PAD} width={SIDE} height={SIDE} fill="var(--raised)" />
        {lights.map((share, i) => {
          const high = Math.sqrt(share / most) * SIDE * 0.55;
          return (
            <rect
              key={i}
              x={px((i * 100) / lights.length)}
              y={PAD + SIDE - high}
              width={SIDE / lights.length - 0.6}
              height={high}
              fill="var(--line)"
            />
          );
        })}
        {[25, 50, 75].map((t) => (
          <path key={t} d={`M${px(t)} ${PAD}v${SIDE}M${PAD} ${py(t)}h${SIDE}`} stroke="var(--line)" strokeWidth="0.7" />
        ))}
        <path d={`M${px(0)} ${py(0)}L${px(100)} ${py(100)}`} stroke="var(--quiet)" strokeDasharray="3 4" />
        <path
          d={curve.map((y, i) => `${i === 0 ? "M" : "L"}${px(2 * i)} ${py(y)}`).join("")}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.4"
        />
        {points.map((p, i) => (
          <g
            key={i}
            role="slider"
            tabIndex={0}
            aria-label={`Point ${i + 1} of ${points.length}: picture ${p.x.toFixed(0)}`}
            aria-valuenow={p.y}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuetext={`lightness ${p.x.toFixed(0)} prints as ${p.y.toFixed(0)}`}
            onKeyDown={(e) => key(e, i)}
            className="curve-point"
          >
            <circle cx={px(p.x)} cy={py(p.y)} r="22" fill="transparent" />
            <path d={`M${px(p.x) - 11} ${py(p.y)}h22M${px(p.x)} ${py(p.y) - 11}v22`} stroke="var(--ink)" />
            <circle
              cx={px(p.x)}
              cy={py(p.y)}
              r="6.5"
              fill={held === i ? "var(--teal)" : "var(--paper)"}
              stroke="var(--ink)"
              strokeWidth="1.6"
            />
          </g>
        ))}
        <text x={PAD + 12} y={SIDE + 2 * PAD - 6} className="curve-word">
          dark
        </text>
        <text x={PAD + SIDE} y={SIDE + 2 * PAD - 6} textAnchor="end" className="curve-word">
          light in the picture
        </text>
        <text transform={`translate(16 ${PAD}) rotate(-90)`} textAnchor="end" className="curve-word">
          light on the print
        </text>
      </svg>
      <Box display="flex" ml="-10px" mt="-4px" alignItems="center">
        <SmallButton onClick={further} disabled={points.length >= 16}>
          A further point
        </SmallButton>
        <SmallButton
          onClick={() =>
            set([
              { x: 0, y: 0 },
              { x: 100, y: 100 },
            ])
          }
          disabled={points.length === 2 && points[0]?.y === 0 && points[1]?.y === 100}
        >
          Straighten
        </SmallButton>
        <Text fontSize="small" color="quiet" pl="6px">
          Delete takes a point off.
        </Text>
      </Box>
    </Box>
  );
}

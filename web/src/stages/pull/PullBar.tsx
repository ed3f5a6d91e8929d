import { Box } from "@chakra-ui/react";
import { useRef, useState } from "react";
import type { Job } from "../../api/client";
import { useKey } from "../../ui/hotkey";
import { Words } from "../../ui/Words";

const WIDTH = 640;
const EDGE = 42;

/** A squeegee on a bar: from bare cloth at the left to the last plate at the right, one layer a stop. */
export function PullBar({ job, stop, set }: { job: Job; stop: number; set: (stop: number) => void }) {
  const bar = useRef<SVGSVGElement>(null);
  const [dragging, setDragging] = useState(false);
  const stops = [{ name: "Cloth", hex: job.garmentHex }, ...job.plates.map((p) => ({ name: p.name, hex: p.inkHex }))];
  const last = stops.length - 1;
  const x = (i: number) => (last === 0 ? EDGE : EDGE + ((WIDTH - 2 * EDGE) * i) / last);
  const at = (clientX: number) => {
    const box = bar.current?.getBoundingClientRect();
    if (!box || last === 0) return 0;
    const inside = ((clientX - box.left) / box.width) * WIDTH;
    return Math.max(0, Math.min(last, Math.round(((inside - EDGE) / (WIDTH - 2 * EDGE)) * last)));
  };
  const keys = (key: string) => {
    if (key === "ArrowRight" || key === "ArrowUp") set(Math.min(last, stop + 1));
    else if (key === "ArrowLeft" || key === "ArrowDown") set(Math.max(0, stop - 1));
    else if (key === "Home") set(0);
    else if (key === "End") set(last);
    else return false;
    return true;
  };
  useKey("ArrowRight, ArrowLeft", (e) => {
    if (!(e.target instanceof Element && e.target.getAttribute("role") === "slider")) keys(e.key);
  });
  const every = Math.max(1, Math.ceil(stops.length / 9));
  const short = (name: string) => (name.length > 11 && stops.length > 5 ? `${name.slice(0, 10)}…` : name);
  return (
    <Box borderTopWidth="1px" borderColor="line" h="118px" flex="none" px="0" className="no-print">
      <svg
        ref={bar}
        viewBox={`0 0 ${WIDTH} 118`}
        width="100%"
        height="118"
        preserveAspectRatio="xMidYMid meet"
        role="slider"
        tabIndex={0}
        aria-label="Pull the print, plate by plate"
        aria-valuemin={0}
        aria-valuemax={last}
        aria-valuenow={stop}
        aria-valuetext={stops[stop]?.name}
        style={{ cursor: dragging ? "grabbing" : "grab", touchAction: "none", display: "block" }}
        onKeyDown={(e) => {
          if (keys(e.key)) e.preventDefault();
        }}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          setDragging(true);
          set(at(e.clientX));
        }}
        onPointerMove={(e) => dragging && set(at(e.clientX))}
        onPointerUp={() => setDragging(false)}
      >
        <path d={`M${x(0)} 46H${x(last)}`} stroke="var(--ink)" strokeWidth="1" />
        <path d={`M${x(0)} 46H${x(stop)}`} stroke="var(--ink)" strokeWidth="5" />
        {stops.map((one, i) => (
          <g key={one.name}>
            <circle
              className="colours"
              cx={x(i)}
              cy="46"
              r="9"
              fill={one.hex}
              stroke="var(--ink)"
              strokeWidth="1.200"
            />
            {(i % every === 0 || i === stop) && (
              <Words
                x={x(i)}
                y="92"
                textAnchor={i === 0 ? "start" : i === last ? "end" : "middle"}
                dx={i === 0 ? -18 : i === last ? 18 : 0}
                size={14.5}
                bold={i === stop}
                fill={i > stop ? "var(--quiet)" : "var(--ink)"}
              >
                {short(one.name)}
              </Words>
            )}
          </g>
        ))}
        <g transform={`translate(${x(stop)} 0)`} style={{ transition: dragging ? "none" : "transform .18s" }}>
          <path d="M-17 12H17V28L10 36H-10L-17 28Z" fill="var(--ink)" />
          <path d="M-6 36H6V46L4 52H-4L-6 46Z" fill="var(--ink)" />
          <rect
            className="colours"
            x="-4"
            y="52"
            width="8"
            height="7"
            fill={stops[stop]?.hex}
            stroke="var(--ink)"
            strokeWidth="1"
          />
        </g>
      </svg>
    </Box>
  );
}

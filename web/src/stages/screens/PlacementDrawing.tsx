import type { PlateOn } from "../../api/client";
import { useHabits } from "../../ui/habits";
import { Words } from "../../ui/Words";

/** The frame from above with the print on it, the usable middle dashed, with its measures. */
export function PlacementDrawing({ placement }: { placement: NonNullable<PlateOn<"screens">["placement"]> }) {
  const { length } = useHabits();
  const { insideWidthMm: w, insideHeightMm: h, printWidthMm: pw, printHeightMm: ph, centreFromEndMm: from } = placement;
  const wood = 34;
  const cy = from;
  return (
    <svg
      viewBox={`${-wood - 74} ${-wood - 6} ${w + 2 * wood + 150} ${h + 2 * wood + 52}`}
      width="100%"
      className="placed"
      role="img"
      aria-label={`The centre of the print lies ${length(from)} from the clamped end of the frame, in the middle across`}
    >
      <rect
        x={-wood}
        y={-wood}
        width={w + 2 * wood}
        height={h + 2 * wood}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <rect x="0" y="0" width={w} height={h} fill="var(--faint)" stroke="var(--ink)" strokeWidth="1.500" />
      <rect
        x={w * 0.15}
        y={h * 0.15}
        width={w * 0.7}
        height={h * 0.7}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.500"
        strokeDasharray="8 7"
      />
      <rect
        x={w / 2 - pw / 2}
        y={cy - ph / 2}
        width={pw}
        height={ph}
        fill="var(--raised)"
        stroke={placement.fits ? "var(--teal)" : "var(--madder)"}
        strokeWidth="4"
      />
      <path d={`M${w / 2 - 16} ${cy}h32M${w / 2} ${cy - 16}v32`} stroke="var(--ink)" strokeWidth="2" />
      <g stroke="var(--ink)" strokeWidth="1.500" fill="none">
        <path d={`M${-wood - 22} 0V${cy}M${-wood - 30} 0h16M${-wood - 30} ${cy}h16`} />
      </g>
      <Words
        x={-wood - 30}
        y={cy / 2}
        size={32}
        textAnchor="middle"
        transform={`rotate(-90 ${-wood - 34} ${cy / 2})`}
        fill="var(--ink)"
        readout
      >
        {length(from)}
      </Words>
      <Words x={w / 2} y={h + wood + 32} size={29} textAnchor="middle" fill="var(--quiet)">
        inside {length(w)} × {length(h)}, clamped end up
      </Words>
    </svg>
  );
}

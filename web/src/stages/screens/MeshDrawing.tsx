import type { PlateOn } from "../../api/client";
import { Words } from "../../ui/Words";

const WIDTH = 3600;
const HEIGHT = 1900;
const FOOT = 330;
/** Drawn where the plate has no fine line or gap of its own, µm. */
const BOLD = 600;
/** The lightest tone of a halftone that is drawn on the mesh. */
const LIGHT_TONE = 0.05;

const places = (pitch: number, end: number) => Array.from({ length: Math.ceil(end / pitch) + 1 }, (_, i) => i * pitch);

/**
 * A few millimetres of the mesh, to scale in µm, with what the plate's film has at its finest lying on it: a line, a gap
 * between two printed parts, a dot. Where threads cover most of a line or nothing carries a gap, one sees why it fails.
 */
export function MeshDrawing({ plate }: { plate: PlateOn<"screens"> }) {
  const mesh = plate.meshGeometry;
  const line = plate.finestLineMm === null ? BOLD : plate.finestLineMm * 1000;
  const gap = plate.finestGapMm === null ? BOLD : plate.finestGapMm * 1000;
  const dot = plate.lpi === null ? line : 2 * (25400 / plate.lpi) * Math.sqrt(LIGHT_TONE / Math.PI);
  // A gap wider than the drawing has room for is drawn as wide as there is room.
  const inner = Math.min(gap / 2, 440);
  const outer = Math.min(560, inner + 240);
  const thread = mesh.dyed ? "#c9a230" : "#a39b8a";
  const floor = HEIGHT - FOOT;
  const mm = (um: number) => `${(um / 1000).toFixed(2)} mm`;
  const samples: [number, string, string, boolean][] = [
    [640, plate.finestLineMm === null ? "bold line" : "finest line", mm(line), line >= mesh.finestLineMm * 1000],
    [1820, plate.finestGapMm === null ? "wide gap" : "finest gap", mm(gap), gap >= mesh.finestGapMm * 1000],
    [2960, plate.lpi === null ? "dot as wide" : "5 % dot", mm(dot), dot >= mesh.pitchUm],
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Mesh ${mesh.name} to scale; on it ${samples.map(([, name, size, holds]) => `a ${name} of ${size}, which ${holds ? "holds" : "fails"}`).join("; ")}`}
      className="drawing"
    >
      <defs>
        <clipPath id="on-mesh">
          <rect width={WIDTH} height={floor} />
        </clipPath>
      </defs>
      <g className="colours" clipPath="url(#on-mesh)">
        <path d={`M140 ${floor * 1.2} L1140 ${floor * -0.2}`} stroke="#1b1a17" strokeWidth={line} />
        <path
          d={`M${1820 - outer} ${floor * 0.12}H${1820 - inner}V${floor * 0.88}H${1820 - outer}ZM${1820 + inner} ${floor * 0.12}H${1820 + outer}V${floor * 0.88}H${1820 + inner}Z`}
          fill="#1b1a17"
        />
        {[0.24, 0.5, 0.76].map((share, i) => (
          <circle
            key={share}
            cx={2960 + (i - 1) * mesh.pitchUm * 2.5 + i * mesh.pitchUm * 0.31}
            cy={floor * share}
            r={dot / 2}
            fill="#1b1a17"
          />
        ))}
        <g stroke={thread} strokeWidth={mesh.threadUm} opacity=".72">
          <path
            d={places(mesh.pitchUm, WIDTH)
              .map((x) => `M${x} 0V${floor}`)
              .join("")}
          />
          <path
            d={places(mesh.pitchUm, floor)
              .map((y) => `M0 ${y}H${WIDTH}`)
              .join("")}
          />
        </g>
      </g>
      <path d={`M0 ${floor}H${WIDTH}`} stroke="var(--ink)" strokeWidth="6" />
      {samples.map(([x, name, size, holds]) => (
        <g key={name} fill={holds ? "var(--ink)" : "var(--madder)"}>
          <Words size={118} x={x} y={floor + 140} textAnchor="middle" bold={!holds}>
            {name}, {holds ? "holds" : "fails"}
          </Words>
          <Words size={112} x={x} y={floor + 268} textAnchor="middle" readout>
            {size}
          </Words>
        </g>
      ))}
      <path
        d={`M${WIDTH - 1080} 60h1000M${WIDTH - 1080} 20v80M${WIDTH - 80} 20v80`}
        stroke="var(--ink)"
        strokeWidth="14"
        fill="none"
      />
    </svg>
  );
}

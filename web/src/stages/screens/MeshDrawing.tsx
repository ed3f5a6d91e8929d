import type { Plate } from "../../api/client";
import { Words } from "../../ui/Words";

const WIDTH = 3200;
const HEIGHT = 2000;
/** Drawn where the plate has no fine line of its own, µm. */
const BOLD = 600;

const places = (pitch: number, end: number) => Array.from({ length: Math.ceil(end / pitch) + 1 }, (_, i) => i * pitch);

/** A few millimetres of the mesh, to scale in µm, with the finest line of the plate's film lying on it: one sees why it fails. */
export function MeshDrawing({ mesh, lineMm }: { mesh: Plate["meshGeometry"]; lineMm: number | null }) {
  const line = lineMm === null ? BOLD : lineMm * 1000;
  const thread = mesh.dyed ? "#c9a230" : "#a39b8a";
  const slant = `M-200 ${HEIGHT * 0.74} L${WIDTH + 200} ${HEIGHT * 0.3}`;
  const caption = lineMm === null ? "a bold line, 0.6 mm" : `finest line, ${lineMm.toFixed(2)} mm`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Mesh ${mesh.name} to scale, with ${caption}, lying on it`}
      style={{ display: "block", border: "1px solid var(--ink)", background: "var(--raised)" }}
    >
      <g className="colours">
        <path d={slant} stroke="#1b1a17" strokeWidth={line} />
        <g stroke={thread} strokeWidth={mesh.threadUm} opacity=".72">
          <path
            d={places(mesh.pitchUm, WIDTH)
              .map((x) => `M${x} 0V${HEIGHT}`)
              .join("")}
          />
          <path
            d={places(mesh.pitchUm, HEIGHT)
              .map((y) => `M0 ${y}H${WIDTH}`)
              .join("")}
          />
        </g>
      </g>
      <rect y={HEIGHT - 290} width={WIDTH} height="290" fill="var(--raised)" />
      <path
        d={`M90 ${HEIGHT - 150}h1000M90 ${HEIGHT - 200}v100M1090 ${HEIGHT - 200}v100`}
        stroke="var(--ink)"
        strokeWidth="16"
        fill="none"
      />
      <g fill="var(--ink)">
        <Words size={140} x="1160" y={HEIGHT - 100}>
          1 mm
        </Words>
        <Words size={140} x={WIDTH - 90} y={HEIGHT - 100} textAnchor="end">
          {caption}
        </Words>
      </g>
    </svg>
  );
}

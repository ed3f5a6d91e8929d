import type { Plate } from "../../api/client";

/** Two millimetres of the mesh, to scale, with the plate's finest line lying on it: one sees why it fails. */
export function MeshDrawing({
  mesh,
  lineMm,
  hex,
}: {
  mesh: Plate["meshGeometry"];
  lineMm: number | null;
  hex: string;
}) {
  const size = 2;
  const pitch = mesh.pitchUm / 1000;
  const thread = mesh.threadUm / 1000;
  const count = Math.ceil(size / pitch) + 1;
  const threads = Array.from({ length: count }, (_, i) => i * pitch);
  const colour = mesh.dyed ? "#d9b64a" : "#b9b2a3";
  const line = lineMm ?? 0.6;
  return (
    <svg
      viewBox={`0 0 ${size * 1.6} ${size}`}
      width="100%"
      role="img"
      aria-label={`Mesh ${mesh.name} to scale with a line of ${line.toFixed(2)} mm on it`}
      style={{ display: "block", border: "1px solid var(--ink)", background: "var(--raised)" }}
    >
      <g className="colours">
        <path d={`M-0.1 ${size * 0.78} L${size * 1.7} ${size * 0.32}`} stroke={hex} strokeWidth={line} />
        {Array.from({ length: Math.ceil((size * 1.6) / pitch) + 1 }, (_, i) => i * pitch).map((x) => (
          <path key={`v${x}`} d={`M${x} 0V${size}`} stroke={colour} strokeWidth={thread} opacity=".82" />
        ))}
        {threads.map((y) => (
          <path key={`h${y}`} d={`M0 ${y}H${size * 1.6}`} stroke={colour} strokeWidth={thread} opacity=".82" />
        ))}
      </g>
      <g stroke="var(--ink)" strokeWidth=".018" fill="none">
        <path d={`M.1 ${size - 0.1}h1M.1 ${size - 0.15}v.1M1.1 ${size - 0.15}v.1`} />
      </g>
      <rect x=".1" y={size - 0.36} width=".56" height=".2" fill="var(--paper)" />
      <text x=".14" y={size - 0.2} fontSize=".17" fill="var(--ink)" fontFamily="Spline Sans Mono">
        1 mm
      </text>
      <rect x={size * 1.6 - 1.24} y=".08" width="1.160" height=".24" fill="var(--paper)" />
      <text
        x={size * 1.6 - 0.12}
        y=".26"
        fontSize=".17"
        textAnchor="end"
        fill="var(--ink)"
        fontFamily="Spline Sans Mono"
      >
        {lineMm === null ? "0.6 mm line" : `${line.toFixed(2)} mm line`}
      </text>
    </svg>
  );
}

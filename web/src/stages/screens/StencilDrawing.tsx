import type { PlateOn } from "../../api/client";
import { Words } from "../../ui/Words";

/** What is cut open, µm of mesh across. */
const ACROSS = 620;

/** The screen cut through, to scale in µm: threads, the emulsion round and under them, and an open line in the middle. */
export function StencilDrawing({ plate }: { plate: PlateOn<"screens"> }) {
  const mesh = plate.meshGeometry;
  const d = mesh.threadUm;
  const fabric = mesh.thicknessUm;
  const eom = plate.stencil.value ?? 0;
  const [low, high] = [plate.stencil.low ?? eom, plate.stencil.high ?? eom];
  const open = Math.min(ACROSS * 0.5, Math.max(mesh.pitchUm, (plate.finestLineMm ?? 0.3) * 1000));
  const [from, to] = [(ACROSS - open) / 2, (ACROSS + open) / 2];
  const top = 20;
  const bottom = top + fabric + eom;
  const high_ = top + fabric + high;
  const warp: number[] = [];
  for (let x = -mesh.pitchUm / 2; x < ACROSS + mesh.pitchUm; x += mesh.pitchUm) warp.push(x);
  // The other thread runs over and under, half a fabric up and down.
  const swing = (fabric - d) / 2;
  const middle = top + fabric / 2;
  const weave = `M${-mesh.pitchUm} ${middle}${Array.from(
    { length: Math.ceil((ACROSS + 2 * mesh.pitchUm) / 4) },
    (_, i) => {
      const x = -mesh.pitchUm + i * 4;
      return `L${x} ${(middle + swing * Math.cos((Math.PI * (x + mesh.pitchUm / 2)) / mesh.pitchUm)).toFixed(1)}`;
    },
  ).join("")}`;
  const thread = mesh.dyed ? "#c9a230" : "#a39b8a";
  return (
    <svg
      viewBox={`-2 0 ${ACROSS + 84} ${high_ + 34}`}
      width="100%"
      role="img"
      aria-label={`The screen cut through: fabric ${fabric.toFixed(0)} µm, emulsion over mesh ${eom.toFixed(0)} µm`}
      className="block"
    >
      <defs>
        <clipPath id="cut">
          <rect width={ACROSS} height={high_ + 30} />
        </clipPath>
      </defs>
      <g className="colours" clipPath="url(#cut)">
        <path
          d={`M0 ${top}H${from}V${bottom}H0ZM${to} ${top}H${ACROSS}V${bottom}H${to}Z`}
          fill="#0e6e6a"
          opacity=".8"
        />
        <path d={weave} fill="none" stroke={thread} strokeWidth={d} opacity=".55" />
        {warp.map((x, i) => (
          <circle
            key={x}
            cx={x + mesh.pitchUm / 2}
            cy={middle + (i % 2 === 0 ? -1 : 1) * swing * 0.98}
            r={d / 2}
            fill={thread}
            stroke="#1b1a17"
            strokeWidth=".8"
          />
        ))}
      </g>
      <path
        d={`M0 ${top + fabric + low}H${from}M0 ${high_}H${from}M${to} ${top + fabric + low}H${ACROSS}M${to} ${high_}H${ACROSS}`}
        stroke="var(--ink)"
        strokeWidth="1"
        strokeDasharray="4 3"
      />
      <g stroke="var(--ink)" strokeWidth="1.2" fill="none">
        <path
          d={`M${ACROSS + 14} ${top}V${top + fabric}M${ACROSS + 8} ${top}h12M${ACROSS + 8} ${top + fabric}h12M${ACROSS + 14} ${top + fabric}V${bottom}M${ACROSS + 8} ${bottom}h12`}
        />
        <path d={`M0 ${high_ + 18}h100M0 ${high_ + 13}v10M100 ${high_ + 13}v10`} />
      </g>
      <g fill="var(--ink)">
        <Words size={14} x={ACROSS + 26} y={top + fabric / 2 + 5} readout>
          {`${fabric.toFixed(0)} µm`}
        </Words>
        <Words size={14} x={ACROSS + 26} y={Math.max(top + fabric + eom / 2 + 5, top + fabric / 2 + 22)} readout bold>
          {`${eom.toFixed(0)} µm`}
        </Words>
        <Words size={11} x={112} y={high_ + 22}>
          0.1 mm
        </Words>
        <Words size={11} x={0} y={12} fill="var(--quiet)">
          squeegee side
        </Words>
        <Words size={11} x={ACROSS} y={high_ + 22} textAnchor="end" fill="var(--quiet)">
          print side, dried face down
        </Words>
      </g>
    </svg>
  );
}

import type { JobOn } from "../../api/client";
import { pullPicture } from "../../ui/pictures";

/** The print in colour on its garment, with its marks where they lie on every film. */
export function MarkedPrint({ job }: { job: JobOn<"run"> }) {
  const [w, h] = [job.widthMm, job.heightMm];
  const far = job.marks.reduce(
    (most, m) => ({ x: Math.max(most.x, Math.abs(m.xMm)), y: Math.max(most.y, Math.abs(m.yMm)) }),
    { x: w / 2, y: h / 2 },
  );
  const [x, y] = [far.x + 12, far.y + 12];
  return (
    <svg
      viewBox={`${-x} ${-y} ${2 * x} ${2 * y}`}
      width="100%"
      className="marked colours"
      role="img"
      aria-label={`${job.name} as it prints, with ${job.marks.length} marks`}
    >
      <rect x={-w / 2 - 6} y={-h / 2 - 6} width={w + 12} height={h + 12} fill={job.garmentHex} />
      <image
        href={pullPicture(job, job.plates.length)}
        x={-w / 2}
        y={-h / 2}
        width={w}
        height={h}
        preserveAspectRatio="none"
      />
      {job.marks.map((m) => (
        <g key={m.name} transform={`translate(${m.xMm} ${-m.yMm})`} fill="none" stroke="var(--ink)" strokeWidth="1">
          <circle r="4" />
          <path d="M-8 0H8M0 -8V8" />
        </g>
      ))}
    </svg>
  );
}

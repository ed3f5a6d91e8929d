import type { JobOn, PlateOn, Press } from "../../api/client";
import { Words } from "../../ui/Words";

/** The platen from above with the art as it lies, the marks, and at each the misfit drawn many times its size. */
export function MisfitDrawing({
  job,
  plate,
  press,
}: {
  job: JobOn<"press">;
  plate: PlateOn<"press">;
  press: Press | undefined;
}) {
  const w = job.widthMm;
  const h = job.heightMm;
  const reach = Math.max(w, h) / 2 + 60;
  // So large that the worst misfit is as long as a thumb on the drawing, and a round number.
  const worst = Math.max(0.01, plate.register?.nowMaxMm ?? 0.5);
  const enlarged = [1000, 500, 200, 100, 50, 20, 10].find((times) => times * worst <= 56) ?? 5;
  const scaleMm = 50 / enlarged;
  const turned = press?.collarAtOperator ?? false;
  const places = [
    ...job.marks,
    ...(plate.register?.marks ?? [])
      .filter((r) => job.marks.every((m) => m.name !== r.mark))
      .map((r) => ({ name: r.mark, xMm: r.xMm, yMm: r.yMm })),
  ];
  return (
    <svg
      viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach + 64}`}
      width="100%"
      className="drawing tall"
      role="img"
      aria-label={`The marks of ${plate.name} on the platen and how far each is off, drawn ${enlarged} times as large`}
    >
      <image
        className="colours"
        href={`/api/jobs/${job.id}/pull/${job.plates.length}.png?k=${job.pullKey}`}
        x={-w / 2}
        y={-h / 2}
        width={w}
        height={h}
        opacity=".28"
        transform={turned ? "rotate(180)" : undefined}
        preserveAspectRatio="none"
      />
      {places.map((m) => {
        const off = plate.register?.marks.find((r) => r.mark === m.name);
        const after = plate.after.find((r) => r.mark === m.name);
        const ax = (off?.offXMm ?? 0) * enlarged;
        const ay = -(off?.offYMm ?? 0) * enlarged;
        return (
          <g key={m.name} transform={`translate(${m.xMm} ${-m.yMm})`}>
            <circle r="8" fill="none" stroke="var(--ink)" strokeWidth="1.800" />
            <path d="M-13 0H13M0 -13V13" stroke="var(--ink)" strokeWidth="1.800" />
            {off && (
              <circle
                r={Math.max(2, job.toleranceMm * enlarged)}
                fill="none"
                stroke="var(--ink)"
                strokeDasharray="5 5"
                strokeWidth="1.500"
              />
            )}
            {after && !plate.register?.inRegister && (
              <circle
                r="5"
                cx={after.afterXMm * enlarged}
                cy={-after.afterYMm * enlarged}
                fill="var(--teal)"
                stroke="var(--paper)"
                strokeWidth="1.500"
              />
            )}
            {off && (
              <g className="colours">
                <circle r="8" cx={ax} cy={ay} fill="none" stroke={plate.inkHex} strokeWidth="7" />
                <circle r="8" cx={ax} cy={ay} fill="none" stroke="var(--ink)" strokeWidth="2" />
                <path d={`M0 0L${ax} ${ay}`} stroke="var(--madder)" strokeWidth="3" />
              </g>
            )}
          </g>
        );
      })}
      <path d={`M${-reach + 14} ${reach + 20}h50`} stroke="var(--ink)" strokeWidth="2" />
      <Words x={-reach + 72} y={reach + 25} size={15} fill="var(--ink)">
        {scaleMm} mm of misfit
      </Words>
      <Words x={-reach + 14} y={reach + 48} size={15} fill="var(--ink)">
        dashed {job.toleranceMm.toFixed(2)} mm, filled after the turns
      </Words>
      <Words x={0} y={reach + 2} size={15} textAnchor="middle" fill="var(--ink)">
        you stand here
      </Words>
    </svg>
  );
}

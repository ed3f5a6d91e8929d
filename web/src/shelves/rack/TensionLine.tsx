import type { components } from "../../api/generated/schema";
import { date } from "../../ui/day";
import { Words } from "../../ui/Words";

type FrameRecord = components["schemas"]["FrameRecord"];

const LIMIT = 15;

/** The tension of a frame over its days, the slackest and the tightest place of each reading, and the limit. */
export function TensionLine({ record }: { record: FrameRecord }) {
  const [width, height, left, foot] = [640, 230, 44, 30];
  const readings = record.readings;
  if (readings.length === 0) return null;
  const day = (on: string) => new Date(on).getTime() / 86_400_000;
  const first = day(readings[0]?.doneOn ?? "");
  const last = Math.max(day(readings[readings.length - 1]?.doneOn ?? ""), first + 30);
  const end = record.belowOn ? Math.min(day(record.belowOn), last + (last - first) * 0.6) : last;
  const values = readings.flatMap((r) => [...r.along, ...r.across]);
  const [low, high] = [Math.min(LIMIT - 1, ...values), Math.max(...values) + 0.6];
  const x = (d: number) => left + ((d - first) / (end - first || 1)) * (width - left - 16);
  const y = (n: number) => 10 + ((high - n) / (high - low)) * (height - foot - 10);
  const path = readings
    .map((r, i) => `${i === 0 ? "M" : "L"}${x(day(r.doneOn)).toFixed(1)} ${y(r.mean).toFixed(1)}`)
    .join("");
  const lastMean = readings[readings.length - 1]?.mean ?? 0;
  const ahead = record.perMonth === null ? 0 : (record.perMonth / 30.44) * (end - last);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="line-of-days"
      role="img"
      aria-label={`${readings.length} tension readings, from ${readings[0]?.mean.toFixed(1)} to ${lastMean.toFixed(1)} N/cm`}
    >
      {[15, 20, 25, 30].map(
        (n) =>
          n > low &&
          n < high && (
            <g key={n}>
              <path
                d={`M${left} ${y(n)}H${width - 16}`}
                stroke={n === LIMIT ? "var(--madder)" : "var(--line)"}
                strokeWidth={n === LIMIT ? 1.6 : 1}
                strokeDasharray={n === LIMIT ? "7 4" : undefined}
              />
              <Words x={left - 8} y={y(n) + 4} size={13} readout textAnchor="end" fill="var(--quiet)">
                {n}
              </Words>
            </g>
          ),
      )}
      {ahead !== 0 && (
        <path
          d={`M${x(last)} ${y(lastMean)}L${x(end)} ${y(lastMean + ahead)}`}
          stroke="var(--ink)"
          strokeWidth="1.2"
          strokeDasharray="3 4"
        />
      )}
      {readings.map((r) => (
        <path
          key={r.doneOn}
          d={`M${x(day(r.doneOn))} ${y(Math.min(...r.along, ...r.across))}V${y(Math.max(...r.along, ...r.across))}`}
          stroke="var(--quiet)"
          strokeWidth="2"
        />
      ))}
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      {readings.map((r) => (
        <circle
          key={r.doneOn}
          cx={x(day(r.doneOn))}
          cy={y(r.mean)}
          r="3.6"
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
      ))}
      <Words x={left} y={height - 8} size={13} fill="var(--quiet)">
        {date(readings[0]?.doneOn ?? "")}
      </Words>
      <Words x={x(last)} y={height - 8} size={13} textAnchor={end > last ? "middle" : "end"} fill="var(--quiet)">
        {date(readings[readings.length - 1]?.doneOn ?? "")}
      </Words>
    </svg>
  );
}

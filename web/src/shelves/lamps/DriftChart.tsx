import type { LampBench } from "../../api/light";
import { Words } from "../../ui/Words";

const WIDTH = 700;
const HIGH = 240;
const LEFT = 66;
const RIGHT = 14;
const TOP = 16;
const BOTTOM = 44;

/** A lamp over its hours: what each test took against the lamp when new, and what is reckoned between. */
export function DriftChart({ bench }: { bench: LampBench }) {
  const { drift, lamp, perThousandHPct, nowFactor, nowLow, nowHigh } = bench;
  const hours = Math.max(200, lamp.hours * 1.05, ...drift.map((d) => d.hours));
  const most = Math.max(1.3, nowHigh, ...drift.map((d) => d.factor)) * 1.05;
  const least = Math.min(0.8, nowLow, ...drift.map((d) => d.factor)) / 1.05;
  const x = (h: number) => LEFT + ((WIDTH - LEFT - RIGHT) * h) / hours;
  const y = (f: number) => TOP + ((HIGH - TOP - BOTTOM) * Math.log(most / f)) / Math.log(most / least);
  const rate = Math.log(1 + perThousandHPct / 100);
  const at = (h: number, of: number) => Math.exp((Math.log(of) * h) / Math.max(1, lamp.hours));
  const steps = Array.from({ length: 21 }, (_, i) => (hours * i) / 20);
  const path = (f: (h: number) => number) =>
    steps.map((h, i) => `${i === 0 ? "M" : "L"}${x(h).toFixed(1)} ${y(f(h)).toFixed(1)}`).join("");
  const band = lamp.hours > 0;
  const marks = [0.5, 0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4].filter((f) => f > least && f < most);
  const every = hours > 1200 ? 500 : hours > 500 ? 200 : 50;
  const named = drift.filter((d) => d.disagrees).length;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HIGH}`}
      width="100%"
      role="img"
      aria-label={`${drift.length} step tests over ${lamp.hours.toFixed(0)} hours; now it takes ${nowFactor.toFixed(2)} times as long as when new, between ${nowLow.toFixed(2)} and ${nowHigh.toFixed(2)}${named > 0 ? `; ${named} disagree with the rest` : ""}`}
    >
      {marks.map((f) => (
        <g key={f}>
          <path d={`M${LEFT} ${y(f)}H${WIDTH - RIGHT}`} stroke="var(--line)" strokeWidth={f === 1 ? 1.5 : 0.75} />
          <Words x={LEFT - 8} y={y(f) + 5} size={13} textAnchor="end" fill="var(--quiet)" readout>
            {`× ${f}`}
          </Words>
        </g>
      ))}
      {band && (
        <>
          <path
            d={`${path((h) => at(h, nowHigh))}${[...steps]
              .reverse()
              .map((h) => `L${x(h).toFixed(1)} ${y(at(h, nowLow)).toFixed(1)}`)
              .join("")}Z`}
            fill="color-mix(in srgb, var(--amber) 35%, transparent)"
          />
          <path d={path((h) => Math.exp((rate * h) / 1000))} fill="none" stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
      {drift.map((d) =>
        d.disagrees ? (
          <g key={d.testId} stroke="var(--madder)" strokeWidth="2" fill="none">
            <circle cx={x(d.hours)} cy={y(d.factor)} r="8" />
            <path d={`M${x(d.hours) - 8} ${y(d.factor) + 8}l16 -16`} />
          </g>
        ) : (
          <g key={d.testId} stroke="var(--ink)" strokeWidth="1.6" fill="var(--paper)">
            <circle cx={x(d.hours)} cy={y(d.factor)} r="6" />
            <path d={`M${x(d.hours) - 10} ${y(d.factor)}h20M${x(d.hours)} ${y(d.factor) - 10}v20`} />
          </g>
        ),
      )}
      <path d={`M${x(lamp.hours)} ${TOP}V${HIGH - BOTTOM}`} stroke="var(--ink)" strokeDasharray="2 4" />
      <path d={`M${LEFT} ${HIGH - BOTTOM}H${WIDTH - RIGHT}`} stroke="var(--ink)" />
      {Array.from({ length: Math.floor(hours / every) + 1 }, (_, i) => i * every).map((h) => (
        <g key={h}>
          <path d={`M${x(h)} ${HIGH - BOTTOM}v6`} stroke="var(--ink)" />
          <Words x={x(h)} y={HIGH - BOTTOM + 22} size={13} textAnchor="middle" fill="var(--ink)" readout>
            {String(h)}
          </Words>
        </g>
      ))}
      <Words x={WIDTH - RIGHT} y={HIGH - 4} size={13} textAnchor="end" fill="var(--quiet)">
        hours of the lamp; dashed: now
      </Words>
    </svg>
  );
}

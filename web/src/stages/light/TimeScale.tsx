import type { Figure, Shop } from "../../api/client";
import { Words } from "../../ui/Words";

type Test = Shop["tests"][number];

/** The time on a scale of doublings: the interval as a bar, the shop's tests as strips above it. */
export function TimeScale({ light, tests, burned }: { light: Figure; tests: Test[]; burned: number | null }) {
  const { low, high, value } = light;
  if (low === null || high === null || value === null) return null;
  const all = [low, high, ...tests.flatMap((t) => [t.lowS, t.highS, t.bestS]), burned].filter(
    (s): s is number => s !== null && s > 0,
  );
  const from = Math.min(...all) / 1.25;
  const to = Math.max(...all) * 1.25;
  const width = 680;
  const x = (s: number) => 10 + ((width - 20) * Math.log(s / from)) / Math.log(to / from);
  const rows = tests.slice(0, 8);
  const base = 20 + rows.length * 11;
  const ticks = [0.5, 1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 180, 300, 450, 600, 900, 1800, 3600].filter(
    (s) => s > from && s < to,
  );
  return (
    <svg
      viewBox={`0 0 ${width} ${base + 58}`}
      width="100%"
      role="img"
      aria-label={`${value % 1 === 0 ? value : value.toFixed(1)} seconds, between ${low.toFixed(1)} and ${high.toFixed(1)} nine times in ten, with ${tests.length} step tests of this lamp and emulsion`}
    >
      <Words x="10" y="12" size={13} fill="var(--quiet)">
        {tests.length === 0
          ? "no step test of this lamp and emulsion yet"
          : "step tests of this lamp and emulsion, newest first (other meshes included)"}
      </Words>
      {rows.map((t, i) => {
        const y = 24 + i * 11;
        const a = x(t.lowS ?? from);
        const b = x(t.highS ?? to);
        return (
          <g key={t.id} stroke="var(--ink)" fill="none">
            <path d={`M${a} ${y}H${b}`} strokeWidth="1" opacity=".6" />
            {t.bestS !== null && <path d={`M${x(t.bestS)} ${y - 4}v8`} strokeWidth="2" />}
          </g>
        );
      })}
      <rect
        x={x(low)}
        y={base + 4}
        width={x(high) - x(low)}
        height="16"
        fill="color-mix(in srgb, var(--amber) 55%, transparent)"
        stroke="var(--ink)"
        strokeWidth="1"
      />
      <path d={`M${x(burned ?? value)} ${base - 2}v28`} stroke="var(--ink)" strokeWidth="3" />
      <path d={`M10 ${base + 30}H${width - 10}`} stroke="var(--ink)" />
      {ticks.map((s, i) =>
        i > 0 && x(s) - x(ticks[i - 1] ?? 0) < 34 ? null : (
          <g key={s}>
            <path d={`M${x(s)} ${base + 30}v6`} stroke="var(--ink)" />
            <Words x={x(s)} y={base + 52} size={14} textAnchor="middle" fill="var(--ink)" readout>
              {s < 90 ? `${s} s` : `${s / 60} min`}
            </Words>
          </g>
        ),
      )}
    </svg>
  );
}

import { useRef } from "react";
import type { components } from "../../api/generated/schema";
import { Words } from "../../ui/Words";

type Moire = components["schemas"]["Pattern"];
const WIDE = 360;
const HIGH = 236;
const LEFT = 34;

/** From paper (nobody sees it) to ink (shows in every tone), by equal steps of the eye. */
const dark = (score: number) => Math.min(1, Math.max(0, Math.log2(score / 0.5) / 5));

const shade = (score: number) => {
  const mix = (paper: number, ink: number) => Math.round(paper + (ink - paper) * dark(score) * 0.94);
  return `rgb(${mix(250, 27)} ${mix(247, 26)} ${mix(241, 23)})`;
};

/** Every ruling and angle at once; the darker, the stronger the pattern. */
export function PatternMap({
  of,
  map,
  at,
  pick,
}: {
  of: Moire;
  map: components["schemas"]["PatternMap"];
  at: { lpi: number; angle: number };
  pick: (set: { lpi: number; angle: number }) => void;
}) {
  const box = useRef<SVGRectElement>(null);
  const [first, last] = [map.rulings[0] ?? 20, map.rulings[map.rulings.length - 1] ?? 60];
  const x = (angle: number) => LEFT + (angle / 90) * WIDE;
  const y = (lpi: number) => HIGH - ((lpi - first) / (last - first)) * HIGH;
  const cellW = WIDE / (map.angles.length - 1);
  const cellH = HIGH / (map.rulings.length - 1);
  const round = (value: number) => Math.round(value * 2) / 2;
  const touch = (e: React.PointerEvent) => {
    const r = box.current?.getBoundingClientRect();
    if (!r) return;
    const angle = round(Math.min(90, Math.max(0, ((e.clientX - r.left) / r.width) * 90)));
    const lpi = round(last - Math.min(1, Math.max(0, (e.clientY - r.top) / r.height)) * (last - first));
    pick({ lpi, angle });
  };
  const ticks = Array.from({ length: 4 }, (_, i) => Math.round(first + ((last - first) * (i + 0.5)) / 4));
  return (
    <svg
      viewBox={`0 -8 ${LEFT + WIDE + 14} ${HIGH + 34}`}
      width="100%"
      role="img"
      aria-label={`Map of rulings from ${first} to ${last} lpi and angles from 0 to 90 degrees; ${at.lpi} lpi at ${at.angle}° scores ${of.score.text}`}
      className="dragged"
    >
      <defs>
        <clipPath id="map">
          <rect x={LEFT} y="0" width={WIDE} height={HIGH} />
        </clipPath>
      </defs>
      <g clipPath="url(#map)" className="colours">
        <rect x={LEFT} y="0" width={WIDE} height={HIGH} fill="#faf7f1" />
        {map.scores.map((row, r) =>
          row.map((score, a) =>
            dark(score) < 0.02 ? null : (
              <rect
                key={`${map.rulings[r]} ${map.angles[a]}`}
                x={x(map.angles[a] ?? 0) - cellW / 2}
                y={y(map.rulings[r] ?? 0) - cellH / 2}
                width={cellW + 0.5}
                height={cellH + 0.5}
                fill={shade(score)}
              />
            ),
          ),
        )}
        {of.ceilingLpi < last && (
          <path d={`M${LEFT} ${y(of.ceilingLpi)}h${WIDE}`} stroke="#b3362b" strokeWidth="2" strokeDasharray="10 6" />
        )}
        {of.calmest.map((c) => (
          <circle
            key={`${c.lpi} ${c.angle}`}
            cx={x(c.angle)}
            cy={y(c.lpi)}
            r="4"
            fill="#0e6e6a"
            stroke="#faf7f1"
            strokeWidth="1.500"
          />
        ))}
        <path
          d={`M${x(at.angle) - 14} ${y(at.lpi)}h28M${x(at.angle)} ${y(at.lpi) - 14}v28`}
          stroke="#faf7f1"
          strokeWidth="6"
        />
        <path
          d={`M${x(at.angle) - 14} ${y(at.lpi)}h28M${x(at.angle)} ${y(at.lpi) - 14}v28`}
          stroke="#0e6e6a"
          strokeWidth="3"
        />
      </g>
      <rect
        ref={box}
        x={LEFT}
        y="0"
        width={WIDE}
        height={HIGH}
        fill="transparent"
        stroke="var(--ink)"
        strokeWidth="1.500"
        className="aimed"
        onPointerDown={touch}
        onPointerMove={(e) => e.buttons === 1 && touch(e)}
      />
      <g fill="var(--quiet)">
        {[0, 15, 30, 45, 60, 75, 90].map((angle) => (
          <Words key={angle} size={12} x={x(angle)} y={HIGH + 22} textAnchor="middle" readout>
            {`${angle}°`}
          </Words>
        ))}
        {ticks.map((lpi) => (
          <Words key={lpi} size={12} x={LEFT - 8} y={y(lpi) + 5} textAnchor="end" readout>
            {String(lpi)}
          </Words>
        ))}
        <Words size={11} x={LEFT - 8} y={4} textAnchor="end">
          lpi
        </Words>
      </g>
    </svg>
  );
}

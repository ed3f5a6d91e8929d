import { Words } from "../../ui/Words";

const WIDTH = 360;
const TOP = 30;

/** The screen from above with its film and strips, and the card over those that have had enough. */
export function CardDrawing({ strips, covered, next }: { strips: number; covered: number; next?: number }) {
  const high = Math.min(34, 260 / strips);
  const bottom = TOP + strips * high;
  const card = TOP + covered * high;
  const line = [1, 1.5, 2, 2.5, 3, 4, 5];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${bottom + 34}`}
      width="100%"
      role="img"
      aria-label={
        covered === 0 ? `${strips} strips, none covered` : `Strips 1 to ${covered} of ${strips} are covered by the card`
      }
      className="still"
    >
      <rect x="46" y="12" width="268" height={bottom - 2} fill="none" stroke="var(--ink)" strokeWidth="7" />
      {Array.from({ length: strips }, (_, k) => {
        const y = TOP + k * high;
        return (
          <g key={k}>
            <path d={`M36 ${y}h8`} stroke="var(--ink)" strokeWidth="1.5" />
            <Words x="30" y={y + high / 2 + 5} size={14} textAnchor="end" fill="var(--ink)" readout>
              {String(k + 1)}
            </Words>
            {line.map((w, i) => (
              <path key={w} d={`M${72 + i * 14} ${y + 4}v${high - 8}`} stroke="var(--ink)" strokeWidth={w} />
            ))}
            {line.map((w, i) => (
              <circle key={w} cx={196 + i * 15} cy={y + high / 2} r={0.6 + w} fill="var(--ink)" />
            ))}
          </g>
        );
      })}
      <path d={`M36 ${bottom}h8`} stroke="var(--ink)" strokeWidth="1.5" />
      {covered > 0 && (
        <g>
          <rect
            x="26"
            y="2"
            width="308"
            height={card - 2}
            fill="var(--paper)"
            stroke="var(--amber)"
            strokeWidth="2.5"
          />
          <path d={`M24 ${card}h312`} stroke="var(--amber)" strokeWidth="6" />
          <Words x="180" y={Math.max(18, card / 2 + 6)} size={15} textAnchor="middle" fill="var(--ink)">
            card
          </Words>
        </g>
      )}
      {next !== undefined && next <= strips && (
        <g stroke="var(--amber)" strokeWidth="2" fill="none">
          <path d={`M344 ${Math.max(TOP, card)}V${TOP + next * high - 4}m-5 -7l5 8l5 -8`} />
        </g>
      )}
    </svg>
  );
}

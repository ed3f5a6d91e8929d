import { useMemo } from "react";

/** A pulled ink: straight where the squeegee began, ragged where the ink ran out. The same plate always looks the same. */
export function Swatch({
  hex,
  seed,
  width = 34,
  height = 136,
}: {
  hex: string;
  seed: number;
  width?: number;
  height?: number;
}) {
  const path = useMemo(() => {
    let state = (seed + 1) * 2654435761;
    const next = () => {
      state = (state ^ (state << 13)) >>> 0;
      state = (state ^ (state >>> 17)) >>> 0;
      state = (state ^ (state << 5)) >>> 0;
      return state / 4294967296;
    };
    let d = "M0 0";
    let drift = 0;
    for (let y = 0; y <= height; y += 3) {
      drift = drift * 0.7 + (next() - 0.5) * 4;
      d += ` L${(width - 5 + drift + (next() > 0.85 ? -3 : 0)).toFixed(1)} ${y}`;
    }
    return `${d} L0 ${height} Z`;
  }, [seed, width, height]);
  return (
    <svg
      className="colours under"
      width={width}
      height="100%"
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <path d={path} fill={hex} stroke="var(--line)" strokeWidth=".6" />
    </svg>
  );
}

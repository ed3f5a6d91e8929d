import { Words } from "./Words";

/** Light through a gap, to scale across: the film’s line, the gap, and what is left of the line on the stencil. 400 px are 1 mm. */
export function PenumbraDrawing({ penumbraMm, lineMm = 0.3 }: { penumbraMm: number; lineMm?: number }) {
  const perMm = 300;
  const line = lineMm * perMm;
  const eat = Math.min(line / 2 + 6, (penumbraMm / 2) * perMm);
  const middle = 180;
  const left = line - 2 * eat;
  return (
    <svg
      viewBox="0 0 360 170"
      width="100%"
      role="img"
      aria-label={`A line of ${lineMm} mm on the film leaves ${Math.max(0, lineMm - penumbraMm).toFixed(2)} mm open on the stencil`}
    >
      <Words x="8" y="22" size={13} fill="var(--quiet)">
        film
      </Words>
      <rect x="60" y="12" width="240" height="12" fill="none" stroke="var(--ink)" />
      <rect x={middle - line / 2} y="12" width={line} height="12" fill="var(--ink)" />
      <g stroke="var(--amber)" strokeWidth="1.5" fill="none">
        <path d={`M${middle - line / 2 - eat} 24L${middle - line / 2 + eat} 96M${middle - line / 2 + eat} 24`} />
        <path d={`M${middle + line / 2 + eat} 24L${middle + line / 2 - eat} 96`} />
      </g>
      <Words x="8" y="64" size={13} fill="var(--quiet)">
        gap
      </Words>
      <Words x="8" y="112" size={13} fill="var(--quiet)">
        stencil
      </Words>
      <rect
        x="60"
        y="96"
        width="240"
        height="22"
        fill="color-mix(in srgb, var(--teal) 70%, transparent)"
        stroke="var(--ink)"
      />
      {left > 0 && (
        <rect x={middle - left / 2} y="96" width={left} height="22" fill="var(--paper)" stroke="var(--ink)" />
      )}
      <Words x="180" y="144" size={14} textAnchor="middle" fill="var(--ink)" readout>
        {left > 0 ? `${lineMm} mm becomes ${Math.max(0, lineMm - penumbraMm).toFixed(2)} mm` : `${lineMm} mm closes`}
      </Words>
      <Words x="180" y="163" size={13} textAnchor="middle" fill="var(--quiet)">
        drawn to scale across, the gap not
      </Words>
    </svg>
  );
}

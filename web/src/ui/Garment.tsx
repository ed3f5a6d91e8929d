import { type ReactNode, useId } from "react";

type Props = {
  kind: string;
  hex: string;
  widthMm: number;
  heightMm: number;
  children?: ReactNode;
  label: string;
  place?: string;
  acrossMm?: number;
  dropMm?: number;
};

/** Where the middle of the print's upper edge hangs on a tee, mm from the middle and from the shoulder. */
const onTee: Record<string, [number, number]> = { "left chest": [96, 70], sleeve: [255, 150] };

/**
 * The garment to scale, in millimetres: an adult tee of 540 mm across, a tote of 380 × 420 mm, else a sheet.
 * The print hangs 75 mm under the collar of a tee, in the middle of the rest.
 */
export function Garment({
  kind,
  hex,
  widthMm,
  heightMm,
  children,
  label,
  place = "front",
  acrossMm = 0,
  dropMm = 0,
}: Props) {
  const cut = useId();
  const word = kind.toLowerCase();
  const shape = /tee|shirt/.test(word) ? "tee" : /tote|bag/.test(word) ? "tote" : "sheet";
  const light =
    Number.parseInt(hex.slice(1, 3), 16) +
      Number.parseInt(hex.slice(3, 5), 16) * 2 +
      Number.parseInt(hex.slice(5, 7), 16) >
    460;
  const seam = light ? "#00000030" : "#00000066";
  const edge = light ? "#00000038" : "none";
  if (shape === "tee") {
    const [side, usual] = onTee[place] ?? [0, 88];
    const top = usual + dropMm;
    return (
      <svg
        viewBox={`-322 0 644 ${Math.max(540, top + heightMm + 70)}`}
        width="100%"
        height="100%"
        preserveAspectRatio="xMidYMin meet"
        className="spilling"
        role="img"
        aria-label={label}
      >
        <path
          className="colours"
          d="M-128 22 C-60 58 60 58 128 22 L226 58 L312 202 L226 254 L184 202 C182 300 176 420 180 1400 L-180 1400 C-176 420 -182 300 -184 202 L-226 254 L-312 202 L-226 58 Z"
          transform="scale(1.02 1)"
          fill={hex}
          stroke={edge}
          strokeWidth="1.500"
        />
        <clipPath id={cut}>
          <path d="M-130.6 22 C-61 58 61 58 130.6 22 L230 58 V300 H-230 V58 Z" />
        </clipPath>
        <path d="M-136 21 C-62 60 62 60 136 21" fill="none" stroke={seam} strokeWidth="17" clipPath={`url(#${cut})`} />
        <path
          d="M-190 202 C-188 180 -196 166 -208 152 M190 202 C188 180 196 166 208 152"
          fill="none"
          stroke={seam}
          strokeWidth="2.500"
        />
        <svg
          aria-hidden="true"
          x={-widthMm / 2 + side + acrossMm}
          y={top}
          width={widthMm}
          height={heightMm}
          viewBox={`0 0 ${widthMm} ${heightMm}`}
          overflow="visible"
        >
          {children}
        </svg>
      </svg>
    );
  }
  const [w, h] =
    shape === "tote" ? [Math.max(380, widthMm + 60), Math.max(420, heightMm + 90)] : [widthMm + 70, heightMm + 70];
  const handles = shape === "tote" ? 130 : 0;
  const y = handles + (h - heightMm) / 2;
  return (
    <svg
      viewBox={`${-w / 2 - 24} ${-20} ${w + 48} ${h + handles + 44}`}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
      role="img"
      aria-label={label}
    >
      {shape === "tote" && (
        <path
          className="colours shaded"
          d={`M-90 ${handles + 6} C-96 -30 96 -30 90 ${handles + 6}`}
          fill="none"
          stroke={hex}
          strokeWidth="22"
        />
      )}
      <rect
        className="colours"
        x={-w / 2}
        y={handles}
        width={w}
        height={h}
        fill={hex}
        stroke={edge}
        strokeWidth="1.200"
      />
      {shape === "tote" && (
        <path d={`M${-w / 2} ${handles + 26} H${w / 2}`} stroke={seam} strokeWidth="1.500" strokeDasharray="5 4" />
      )}
      <svg
        aria-hidden="true"
        x={-widthMm / 2 + acrossMm}
        y={y + dropMm}
        width={widthMm}
        height={heightMm}
        viewBox={`0 0 ${widthMm} ${heightMm}`}
        overflow="visible"
      >
        {children}
      </svg>
    </svg>
  );
}

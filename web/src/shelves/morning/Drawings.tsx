import type { ReactNode } from "react";

/** Small drawings of the things a shop chooses from; each is told in words beside it. */
const line = { fill: "none", stroke: "currentColor", strokeWidth: 1.6 } as const;

const drawings: Record<string, ReactNode> = {
  shirts: (
    <path
      d="M22 10C28 15 36 15 42 10L56 18 61 31 51 35 48 30V56H16V30L13 35 3 31 8 18Z"
      {...line}
      fill="var(--faint)"
    />
  ),
  totes: (
    <>
      <path d="M23 26C23 4 41 4 41 26" {...line} />
      <path d="M12 24H52L54 57H10Z" {...line} fill="var(--faint)" />
    </>
  ),
  paper: (
    <>
      <path d="M18 9H54V53H18Z" {...line} fill="var(--faint)" />
      <path d="M14 13H10V57H46V53M24 17H48V39H24Z" {...line} />
    </>
  ),
  "flat goods": (
    <>
      <path d="M8 40L34 26 58 36 32 52Z" {...line} fill="var(--faint)" />
      <path d="M8 40V45L32 57 58 41V36M26 38l9-5 8 3-9 6Z" {...line} />
    </>
  ),
  rotary: (
    <>
      {[0, 60, 120, 180, 240, 300].map((a) => (
        <g key={a} transform={`rotate(${a} 32 32)`}>
          <path d="M32 28V20" {...line} />
          <rect x="26" y="5" width="12" height="15" {...line} fill="var(--faint)" />
        </g>
      ))}
      <circle cx="32" cy="32" r="4.500" fill="currentColor" />
    </>
  ),
  automatic: (
    <>
      {[0, 45, 90, 135, 180, 225, 270, 315].map((a) => (
        <g key={a} transform={`rotate(${a} 32 32)`}>
          <rect x="27" y="4" width="10" height="12" {...line} fill="var(--faint)" />
        </g>
      ))}
      <circle cx="32" cy="32" r="13" {...line} />
      <path d="M32 24a8 8 0 1 1 -7 4m0 -5v5h5" {...line} />
    </>
  ),
  hinge: (
    <>
      <path d="M8 50H56V55H8Z" {...line} fill="var(--faint)" />
      <path d="M12 48L50 22M9 44h9v6H9Z" {...line} strokeWidth={3} />
    </>
  ),
  "long table": (
    <>
      <path d="M3 30H61V42H3ZM8 42V56M56 42V56" {...line} fill="var(--faint)" />
      <path d="M3 25H61M24 20H40V30H24Z" {...line} />
    </>
  ),
  led: (
    <>
      <path d="M6 44H58V54H6Z" {...line} fill="var(--faint)" />
      {[14, 23, 32, 41, 50].map((x) => (
        <path key={x} d={`M${x} 40V26M${x - 4} 40L${x - 8} 30M${x + 4} 40L${x + 8} 30`} {...line} strokeWidth={1.1} />
      ))}
      <path d="M6 18H58" {...line} strokeWidth={3} />
    </>
  ),
  metal_halide: (
    <>
      <path d="M6 14H58" {...line} strokeWidth={3} />
      <path d="M32 42L12 20M32 42L22 20M32 42V20M32 42L42 20M32 42L52 20" {...line} strokeWidth={1.1} />
      <path d="M20 46C24 60 40 60 44 46Z" {...line} fill="var(--faint)" />
    </>
  ),
  halogen: (
    <>
      <path d="M18 8H46L50 22H14Z" {...line} fill="var(--faint)" />
      <path d="M20 26L12 46M32 26V46M44 26L52 46" {...line} strokeWidth={1.1} />
      <path d="M6 52H58" {...line} strokeWidth={3} />
    </>
  ),
  tubes: (
    <>
      {[28, 37, 46].map((y) => (
        <path key={y} d={`M12 ${y}H52M8 ${y}h4M52 ${y}h4`} {...line} strokeWidth={4} />
      ))}
      <path d="M6 54H58M6 18H58" {...line} strokeWidth={2.4} />
    </>
  ),
  sun: (
    <>
      <circle cx="32" cy="24" r="9" {...line} fill="var(--faint)" />
      <path d="M32 8V4M32 44V40M16 24H12M52 24H48M21 13L18 10M46 38L43 35M43 13L46 10M18 38L21 35" {...line} />
      <path d="M6 54H58" {...line} strokeWidth={3} />
    </>
  ),
  photopolymer: <Pot drops={1} />,
  dual_cure: <Pot drops={2} />,
  diazo: <Pot drops={3} />,
  capillary_film: (
    <>
      <circle cx="20" cy="30" r="12" {...line} fill="var(--faint)" />
      <circle cx="20" cy="30" r="4" {...line} />
      <path d="M20 42H60V52H20" {...line} />
    </>
  ),
  "inkjet, sheets": (
    <>
      <path d="M8 26H56V44H8Z" {...line} fill="var(--faint)" />
      <path d="M18 26V8H46V26M18 40V58H46V40" {...line} />
    </>
  ),
  "inkjet, roll": (
    <>
      <path d="M8 28H56V44H8Z" {...line} fill="var(--faint)" />
      <path d="M14 20H50M14 44V60H50V44" {...line} />
      <ellipse cx="32" cy="18" rx="20" ry="7" {...line} />
    </>
  ),
  "laser on vellum": (
    <>
      <path d="M8 28H56V52H8Z" {...line} fill="var(--faint)" />
      <path d="M16 28L22 10H50L44 28M16 40H48" {...line} />
    </>
  ),
  "a service": (
    <>
      <path d="M8 18H56V48H8Z" {...line} fill="var(--faint)" />
      <path d="M8 18L32 36 56 18" {...line} />
    </>
  ),
  none: <Knobs along={[]} across={[]} />,
  "two along, one across": <Knobs along={[20, 44]} across={[18]} />,
  "one along, two across": <Knobs along={[32]} across={[18, 40]} />,
  "two along, two across": <Knobs along={[20, 44]} across={[18, 40]} />,
};

/** So many parts are stirred together. */
function Pot({ drops }: { drops: number }) {
  return (
    <>
      <path d="M14 26H50L47 57H17Z" {...line} fill="var(--faint)" />
      {Array.from({ length: drops }, (_, i) => 32 + (i - (drops - 1) / 2) * 12).map((x) => (
        <path key={x} d={`M${x} 6c3 5 5 7 5 10a5 5 0 0 1-10 0c0-3 2-5 5-10Z`} {...line} />
      ))}
    </>
  );
}

/** A frame from above, with an arrow where a knob pushes it. */
function Knobs({ along, across }: { along: number[]; across: number[] }) {
  return (
    <>
      <path d="M14 14H50V58H14Z" {...line} strokeWidth={3} />
      {along.map((x) => (
        <path key={`a${x}`} d={`M${x} 12V2M${x - 4} 6l4-5 4 5`} {...line} strokeWidth={2} />
      ))}
      {across.map((y) => (
        <path key={`c${y}`} d={`M52 ${y}H63M58 ${y - 4}l5 4-5 4`} {...line} strokeWidth={2} />
      ))}
    </>
  );
}

export function Drawing({ of }: { of: string }) {
  return (
    <svg viewBox="0 0 64 64" width="64" height="64" aria-hidden="true">
      {drawings[of]}
    </svg>
  );
}

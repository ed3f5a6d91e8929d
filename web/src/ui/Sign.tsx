/** How a figure came about: a ring (reckoned), a cross in the ring (measured), a slashed ring (out of bounds). */
export type SignKind = "reckoned" | "measured" | "out_of_bounds" | "open";

const words: Record<SignKind, string> = {
  reckoned: "reckoned",
  measured: "measured",
  out_of_bounds: "out of bounds",
  open: "not yet",
};

export function Sign({ kind, size = 13, quiet = false }: { kind: SignKind; size?: number; quiet?: boolean }) {
  const stroke = kind === "out_of_bounds" ? "var(--madder)" : kind === "open" ? "var(--line)" : "currentColor";
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      fill="none"
      stroke={stroke}
      strokeWidth="1.7"
      role={quiet ? undefined : "img"}
      aria-hidden={quiet}
      aria-label={quiet ? undefined : words[kind]}
      className="still"
    >
      <circle cx="8" cy="8" r="5" />
      {kind === "measured" && <path d="M8 .5v15M.5 8h15" />}
      {kind === "out_of_bounds" && <path d="M2 14L14 2" />}
    </svg>
  );
}

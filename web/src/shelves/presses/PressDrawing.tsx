import type { Press } from "../../api/client";

/** A press from above: heads as frames, platens as boards. */
export function PressDrawing({ press }: { press: Press }) {
  const round = press.heads > 1;
  return (
    <svg viewBox="-120 -120 240 240" width="100%" role="img" aria-label={`${press.name} from above`}>
      {round ? (
        <>
          {Array.from({ length: press.platens }, (_, i) => (360 / press.platens) * i).map((a) => (
            <g key={`p${a}`} transform={`rotate(${a + 180})`}>
              <path d="M-3 0V-50H3V0Z" fill="var(--ink)" />
              <rect
                x="-20"
                y="-112"
                width="40"
                height="62"
                fill="var(--faint)"
                stroke="var(--ink)"
                strokeWidth="1.200"
              />
            </g>
          ))}
          {Array.from({ length: press.heads }, (_, i) => (360 / press.heads) * i).map((a) => (
            <g key={`h${a}`} transform={`rotate(${a + 180})`}>
              <rect x="-17" y="-84" width="34" height="44" fill="none" stroke="var(--teal)" strokeWidth="3" />
              <path d="M0 -40V-14" stroke="var(--teal)" strokeWidth="2" />
            </g>
          ))}
          <circle r="14" fill="var(--ink)" />
        </>
      ) : (
        <>
          <rect x="-80" y="-60" width="160" height="130" fill="var(--faint)" stroke="var(--ink)" strokeWidth="1.500" />
          <rect x="-62" y="-72" width="124" height="120" fill="none" stroke="var(--teal)" strokeWidth="4" />
          <path d="M-46 -84h24v14h-24zM22 -84h24v14h-24z" fill="var(--ink)" />
        </>
      )}
    </svg>
  );
}

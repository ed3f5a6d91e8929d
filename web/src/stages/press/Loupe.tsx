import { Box, Text } from "@chakra-ui/react";
import { useHabits } from "../../ui/habits";
import { meetsWords } from "./vernier";

/** The key’s ring and the plate’s cross are as large as on the film, mm. */
const RING = 2;
const ARM = 1.1;
const LINE = 0.3;
/** What the loupe shows across, mm; and how far an arrow moves the cross, mm. */
const FIELD = 10;
const STEP = 0.02;
const LONG_STEP = 0.1;

/** A drawn cross over a drawn ring, to be laid as they lie under the loupe. Arrow keys move it; the lines below follow. */
export function Loupe({
  name,
  mark,
  cloth,
  keyHex,
  hex,
  xMm,
  yMm,
  move,
  next,
}: {
  name: string;
  mark: string;
  cloth: string;
  keyHex: string;
  hex: string;
  xMm: number;
  yMm: number;
  move: (x: number, y: number) => void;
  next: () => void;
}) {
  const { length } = useHabits();
  const half = FIELD / 2;
  const keys = (e: React.KeyboardEvent) => {
    const by = e.shiftKey ? LONG_STEP : STEP;
    const way = { ArrowRight: [by, 0], ArrowLeft: [-by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[e.key];
    if (way) {
      e.preventDefault();
      move(round(xMm + (way[0] ?? 0)), round(yMm + (way[1] ?? 0)));
    } else if (e.key === " ") {
      e.preventDefault();
      next();
    }
  };
  // A finger or a mouse lays the cross where it points.
  const point = (e: React.PointerEvent<SVGSVGElement>) => {
    if (e.buttons === 0) return;
    const box = e.currentTarget.getBoundingClientRect();
    move(
      round(((e.clientX - box.left) / box.width - 0.5) * FIELD),
      round((0.5 - (e.clientY - box.top) / box.height) * FIELD - LIFT),
    );
  };
  return (
    <Box>
      <svg
        viewBox={`${-half} ${-half} ${FIELD} ${FIELD}`}
        width="100%"
        style={{ maxWidth: 340, touchAction: "none", cursor: "crosshair" }}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the cross is moved by arrow keys
        tabIndex={0}
        role="application"
        aria-label={`${name} under the loupe at ${mark}: ${xMm.toFixed(2)} mm to the right, ${yMm.toFixed(2)} mm away. Arrows move the cross by ${STEP} mm, with Shift by ${LONG_STEP} mm; space goes to the next mark.`}
        onKeyDown={keys}
        onPointerDown={point}
        onPointerMove={point}
        className="target still"
      >
        <defs>
          <clipPath id="loupe-field">
            <circle r={half - 0.05} />
          </clipPath>
        </defs>
        <g clipPath="url(#loupe-field)" className="colours">
          <rect x={-half} y={-half} width={FIELD} height={FIELD} fill={cloth} />
          {Array.from({ length: 20 }, (_, i) => -half + i * 0.5).map((y) => (
            <path key={y} d={`M${-half} ${y}H${half}`} stroke="#808080" strokeOpacity=".16" strokeWidth=".16" />
          ))}
          <circle cy={-LIFT} r={RING} fill="none" stroke={keyHex} strokeWidth={LINE} />
          <path
            d={`M${xMm - ARM} ${-yMm - LIFT}H${xMm + ARM}M${xMm} ${-yMm - ARM - LIFT}V${-yMm + ARM - LIFT}`}
            stroke={hex}
            strokeWidth={LINE}
          />
          <Vernier off={xMm} keyHex={keyHex} hex={hex} />
        </g>
        <circle r={half - 0.05} fill="none" stroke="var(--ink)" strokeWidth=".09" />
      </svg>
      <Text fontSize="small" color="quiet" maxW="340px" mt="4px">
        {length(FIELD)} under the loupe. Arrows move the cross by {length(STEP, 2)}, with Shift by{" "}
        {length(LONG_STEP, 1)}. {meetsWords(xMm)}
      </Text>
    </Box>
  );
}

const round = (mm: number) => Math.round(mm * 100) / 100;
/** The target stands a little above the middle, the lines below it. */
const LIFT = 1.1;

/** The key’s lines a millimetre apart, the plate’s nine tenths: where two meet, so many tenths it is off. */
function Vernier({ off, keyHex, hex }: { off: number; keyHex: string; hex: string }) {
  const lines = Array.from({ length: 9 }, (_, i) => i - 4);
  const scale = 0.75;
  return (
    <g transform={`translate(0 2.500) scale(${scale})`} strokeWidth=".25">
      {lines.map((i) => (
        <g key={i}>
          <path d={`M${i} 0V${i === 0 ? -1.5 : -1.1}`} stroke={keyHex} />
          <path d={`M${0.9 * i + off} 0V${i === 0 ? 1.5 : 1.1}`} stroke={hex} />
        </g>
      ))}
    </g>
  );
}

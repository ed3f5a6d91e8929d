import { Box, Text } from "@chakra-ui/react";
import type { JobOn, PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";

const SIDE = 132;

/** For each plate: every print a dot, what repeats an arrow, what scatters a cloud, the register budget dashed. */
export function Clouds({ job, chosen }: { job: JobOn<"press">; chosen: number }) {
  const read = job.plates.filter((p) => p.id !== job.keyPlateId);
  if (read.every((p) => p.register === null)) return null;
  return (
    <Box>
      <Heading note={`Each dot a print, as a whole. Dashed: in register within ${job.toleranceMm.toFixed(2)} mm.`}>
        What repeats is mended, what scatters is held
      </Heading>
      <Box display="flex" flexWrap="wrap" gap="18px">
        {read.map((p) => (
          <One key={p.id} plate={p} toleranceMm={job.toleranceMm} chosen={p.id === chosen} />
        ))}
      </Box>
    </Box>
  );
}

function One({ plate, toleranceMm, chosen }: { plate: PlateOn<"press">; toleranceMm: number; chosen: boolean }) {
  const { length } = useHabits();
  const register = plate.register;
  const prints = (register?.byPrint ?? [])
    .filter((p) => p.length > 0)
    .map((p) => [
      p.reduce((sum, r) => sum + r.offXMm, 0) / p.length,
      p.reduce((sum, r) => sum + r.offYMm, 0) / p.length,
    ]) as [number, number][];
  const n = Math.max(1, prints.length);
  const mean = [prints.reduce((s, p) => s + p[0], 0) / n, prints.reduce((s, p) => s + p[1], 0) / n] as const;
  const far = Math.max(toleranceMm * 1.4, ...prints.map(([x, y]) => 1.15 * Math.hypot(x, y)));
  const scale = (SIDE / 2 - 8) / far;
  const cloud = (register?.errors.scatterMm ?? 0) * 1.645 * scale;
  const repeat = Math.hypot(mean[0], mean[1]);
  return (
    <Box w={`${SIDE + 20}px`} borderTopWidth="3px" borderColor={chosen ? "ink" : "transparent"} pt="6px">
      <Text fontWeight="700" truncate title={plate.name}>
        {plate.name}
      </Text>
      <svg
        viewBox={`${-SIDE / 2} ${-SIDE / 2} ${SIDE} ${SIDE}`}
        width={SIDE}
        height={SIDE}
        role="img"
        aria-label={
          register
            ? `${plate.name}: ${prints.length} prints lie ${repeat.toFixed(2)} mm off the key on the whole, scattering by ${(register.errors.scatterMm ?? 0).toFixed(2)} mm`
            : `${plate.name}: not read yet`
        }
      >
        <path d={`M${-SIDE / 2} 0H${SIDE / 2}M0 ${-SIDE / 2}V${SIDE / 2}`} stroke="var(--line)" />
        <circle r={toleranceMm * scale} fill="none" stroke="var(--ink)" strokeDasharray="4 4" />
        {register && (
          <>
            {cloud > 2 && (
              <circle
                cx={mean[0] * scale}
                cy={-mean[1] * scale}
                r={cloud}
                fill={plate.inkHex}
                fillOpacity=".45"
                stroke="var(--ink)"
                className="colours"
              />
            )}
            <path d={`M0 0L${mean[0] * scale} ${-mean[1] * scale}`} stroke="var(--ink)" strokeWidth="2.5" />
            {prints.map(([x, y], i) => (
              <circle key={i} cx={x * scale} cy={-y * scale} r="3" fill="var(--ink)" />
            ))}
          </>
        )}
      </svg>
      {register ? (
        <>
          <Text className="readout" fontWeight="600">
            {length(repeat, 2)} ± {length(1.645 * register.errors.shiftSdMm, 2)}
          </Text>
          <Text fontSize="small" color="quiet">
            {register.inRegister ? "leave it" : register.repeats !== "" ? "mended in part" : "repeats: turn"}
          </Text>
        </>
      ) : (
        <Text fontSize="small" color="quiet">
          not read yet
        </Text>
      )}
    </Box>
  );
}

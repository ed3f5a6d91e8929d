import { Box, Text } from "@chakra-ui/react";
import type { StripSeen } from "../../api/light";
import { Action, Push } from "../../ui/Parts";

export type Size = "positiveLine" | "reverseLine" | "dot" | "hole";

export const rows: readonly (readonly [Size, string, string])[] = [
  ["positiveLine", "Finest line of stencil", "none is left: washed away"],
  ["reverseLine", "Finest open line", "none is open: all closed"],
  ["dot", "Smallest dot of stencil", "none is left"],
  ["hole", "Smallest open hole", "none is open"],
];

/** What one strip shows, touched on the drawn test film: the finest that is there; all coarser ones are then too. */
export function StripTaps({
  strip,
  told,
  number,
  lines,
  dots,
  set,
  next,
  last,
}: {
  strip: StripSeen;
  /** Rows that were touched: of the others nothing is known. */
  told: readonly Size[];
  number: number;
  lines: number[];
  dots: number[];
  set: (strip: StripSeen, told: Size[]) => void;
  next: () => void;
  last: boolean;
}) {
  const open = rows.map(([what]) => what).filter((what) => !told.includes(what));
  const touch = (what: Size, mm: number | null) => set({ ...strip, [what]: mm }, [...new Set([...told, what])]);
  return (
    <Box display="flex" flexDirection="column" gap="14px">
      {rows.map(([what, name, none]) => {
        const sizes = what === "positiveLine" || what === "reverseLine" ? lines : dots;
        const finest = told.includes(what) ? strip[what] : undefined;
        return (
          <Box key={what} role="group" aria-label={`${name}, strip ${number}`}>
            <Box display="flex" justifyContent="space-between" gap="12px">
              <Text fontSize="small" color="quiet">
                {name}
              </Text>
              <Text className="readout" fontSize="small">
                {finest === undefined ? "not read yet" : finest === null ? none : `${finest} mm`}
              </Text>
            </Box>
            <Box
              display="grid"
              gridTemplateColumns={`repeat(${sizes.length}, minmax(44px, 1fr)) minmax(60px, 1fr)`}
              gap="2px"
              overflowX="auto"
            >
              {sizes.map((mm) => {
                const there = finest === undefined || (finest !== null && mm >= finest);
                return (
                  <Push
                    key={mm}
                    aria-pressed={finest === mm}
                    aria-label={`${mm} mm`}
                    onClick={() => touch(what, mm)}
                    opacity={finest === undefined ? 0.45 : 1}
                    h="58px"
                    cursor="pointer"
                    borderWidth={finest === mm ? "5px" : "1px"}
                    borderColor={finest === mm ? "teal" : "line"}
                    p="0"
                  >
                    <Drawn what={what} mm={mm} there={there} />
                  </Push>
                );
              })}
              <Push
                aria-pressed={finest === null}
                onClick={() => touch(what, null)}
                h="58px"
                cursor="pointer"
                borderWidth={finest === null ? "3px" : "1px"}
                borderColor={finest === null ? "madder" : "line"}
                fontSize="small"
                aria-label={none}
              >
                none
              </Push>
            </Box>
          </Box>
        );
      })}
      <Box display="flex" gap="12px" flexWrap="wrap">
        {(
          [
            ["slime", "Slimy back"],
            ["raggedEdge", "Ragged edges"],
          ] as const
        ).map(([what, name]) => (
          <Push
            key={what}
            aria-pressed={strip[what]}
            onClick={() => set({ ...strip, [what]: !strip[what] }, [...told])}
            minH="52px"
            px="18px"
            cursor="pointer"
            borderWidth={strip[what] ? "3px" : "1px"}
            borderColor={strip[what] ? "madder" : "ink"}
          >
            {strip[what] ? "× " : ""}
            {name}
          </Push>
        ))}
        {open.length > 0 && (
          <Action
            quiet
            minH="52px"
            onClick={() =>
              set(
                {
                  ...strip,
                  ...Object.fromEntries(open.map((what) => [what, (what.endsWith("Line") ? lines : dots)[0] ?? null])),
                },
                rows.map(([what]) => what),
              )
            }
          >
            {open.length === rows.length ? "All of it is there" : "The rest is all there"}
          </Action>
        )}
        <Action minH="52px" flex="1" disabled={open.length > 0} onClick={next}>
          {last ? `Strip ${number} is read` : `Strip ${number} is read, the next`}
        </Action>
      </Box>
    </Box>
  );
}

/** One detail of the film, twelve times as large: dark is stencil, light is open mesh. */
function Drawn({ what, mm, there }: { what: Size; mm: number; there: boolean }) {
  const size = Math.max(1, mm * 12);
  const stencil = what === "positiveLine" || what === "dot";
  const ground = stencil ? "var(--raised)" : "var(--ink)";
  const mark = stencil ? "var(--ink)" : "var(--raised)";
  return (
    <svg viewBox="0 0 44 52" width="100%" height="100%" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
      <rect x="-40" y="0" width="130" height="52" fill={ground} />
      {there &&
        (what === "positiveLine" || what === "reverseLine" ? (
          <rect x={22 - size / 2} y="6" width={size} height="40" fill={mark} />
        ) : (
          <circle cx="22" cy="26" r={size / 2} fill={mark} />
        ))}
    </svg>
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { StripSeen } from "../../api/light";
import { Action, Push } from "../../ui/Parts";

type Size = "positiveLine" | "reverseLine" | "dot" | "hole";

const rows: readonly (readonly [Size, string, string])[] = [
  ["positiveLine", "Finest line of stencil", "none is left: washed away"],
  ["reverseLine", "Finest open line", "none is open: all closed"],
  ["dot", "Smallest dot of stencil", "none is left"],
  ["hole", "Smallest open hole", "none is open"],
];

/** What one strip shows, touched on the drawn test film: the finest that is there; all coarser ones are then too. */
export function StripTaps({
  strip,
  number,
  lines,
  dots,
  set,
  next,
  last,
}: {
  strip: StripSeen;
  number: number;
  lines: number[];
  dots: number[];
  set: (strip: StripSeen) => void;
  next: () => void;
  last: boolean;
}) {
  return (
    <Box display="flex" flexDirection="column" gap="14px">
      {rows.map(([what, name, none]) => {
        const sizes = what === "positiveLine" || what === "reverseLine" ? lines : dots;
        const finest = strip[what];
        return (
          <Box key={what} role="group" aria-label={`${name}, strip ${number}`}>
            <Box display="flex" justifyContent="space-between" gap="12px">
              <Text fontSize="small" color="quiet">
                {name}
              </Text>
              <Text className="readout" fontSize="small">
                {finest === null ? none : `${finest} mm`}
              </Text>
            </Box>
            <Box
              display="grid"
              gridTemplateColumns={`repeat(${sizes.length}, minmax(44px, 1fr)) minmax(60px, 1fr)`}
              gap="2px"
              overflowX="auto"
            >
              {sizes.map((mm) => {
                const there = finest !== null && mm >= finest;
                return (
                  <Push
                    key={mm}
                    aria-pressed={finest === mm}
                    aria-label={`${mm} mm`}
                    onClick={() => set({ ...strip, [what]: mm })}
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
                onClick={() => set({ ...strip, [what]: null })}
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
            onClick={() => set({ ...strip, [what]: !strip[what] })}
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
        <Action minH="52px" flex="1" onClick={next}>
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

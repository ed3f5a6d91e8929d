import { Box, Text } from "@chakra-ui/react";
import { Push } from "../../../ui/Parts";
import { SmallButton } from "../../../ui/SmallButton";
import type { RunBoard } from "./counted";

/** The garments of the order and what is left of each size; a touch says which is printed now. */
export function SizesLeft({
  lines,
  line,
  size,
  choose,
}: {
  lines: RunBoard["count"]["lines"];
  line: number;
  size: string;
  choose: (to: { line: number; size: string }) => void;
}) {
  const at = lines[line];
  const sized = at?.sizes.some((s) => s.size !== "") ?? false;
  return (
    <>
      {lines.length > 1 && (
        <Box role="group" aria-label="Garment" mb="6px">
          {lines.map((one, i) => (
            <SmallButton
              key={i}
              pressed={i === line}
              onClick={() => choose({ line: i, size: one.next ?? one.sizes[0]?.size ?? "" })}
            >
              {one.words}
            </SmallButton>
          ))}
        </Box>
      )}
      {at && sized && (
        <Box role="group" aria-label="Still to print, by size">
          <Text fontSize="small" color="quiet">
            still to print
          </Text>
          {at.sizes.map((one) => (
            <Push
              key={one.size}
              aria-pressed={one.size === size}
              onClick={() => choose({ line, size: one.size })}
              display="grid"
              gridTemplateColumns="14px 1fr auto 46px"
              gap="8px"
              alignItems="baseline"
              w="100%"
              minH="44px"
              borderTopWidth="1px"
              borderColor="line"
              cursor="pointer"
              textAlign="left"
              fontWeight={one.size === size ? "800" : "400"}
            >
              <span aria-hidden="true">{one.size === size ? "▸" : ""}</span>
              <span className="readout lead-readout">{one.size || "no size"}</span>
              <Text as="span" className="readout lead-readout" textAlign="right" whiteSpace="nowrap">
                {one.left === 0 ? "–" : one.left}
              </Text>
              <Text as="span" fontSize="small" color="quiet" fontWeight="400">
                of {one.ordered}
              </Text>
            </Push>
          ))}
        </Box>
      )}
    </>
  );
}

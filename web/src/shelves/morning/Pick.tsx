import { Box, Text } from "@chakra-ui/react";
import { Drawing } from "./Drawings";

/** One choice of a few, each with its drawing; the one that is taken stands on a bar of ink. */
export function Pick<T extends string>({
  name,
  of,
  at,
  pick,
}: {
  name: string;
  of: readonly { kind: T; says: string }[];
  at: T;
  pick: (kind: T) => void;
}) {
  return (
    <Box
      role="radiogroup"
      aria-label={name}
      display="grid"
      gridTemplateColumns="repeat(auto-fill, minmax(132px, 1fr))"
      gap="4px"
    >
      {of.map((one) => (
        <Box
          as="label"
          key={one.kind}
          position="relative"
          cursor="pointer"
          p="8px 10px 10px"
          borderBottomWidth="5px"
          borderColor={one.kind === at ? "ink" : "line"}
          color={one.kind === at ? "ink" : "quiet"}
          _hover={{ bg: "faint" }}
          _focusWithin={{ outline: "3px solid", outlineColor: "teal", outlineOffset: "2px" }}
        >
          <input
            type="radio"
            className="unseen over"
            name={name}
            checked={one.kind === at}
            onChange={() => pick(one.kind)}
          />
          <Drawing of={one.kind} />
          <Text fontSize="text" lineHeight="1.2" fontWeight={one.kind === at ? "700" : "400"} mt="4px" color="ink">
            {one.says}
          </Text>
        </Box>
      ))}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";

/** What may have left the misfit that no knob mends, the likeliest first. */
export function Causes({ of }: { of: PlateOn<"press"> }) {
  const { length } = useHabits();
  const most = Math.max(...of.causes.map((c) => c.mm), 0.01);
  return (
    <Box>
      <Heading note="By how much of it each may explain at the marks.">What no knob mends, and why</Heading>
      <Box as="ol" listStyleType="none">
        {of.causes.map((c) => (
          <Box as="li" key={c.kind + c.evidence} borderTopWidth="1px" borderColor="line" py="10px">
            <Box display="flex" alignItems="center" gap="12px">
              <Text fontWeight="700" w="96px" flex="none">
                {c.kind}
              </Text>
              <Box flex="1" h="8px" aria-hidden="true">
                <Box h="8px" bg="ink" w={`${(100 * c.mm) / most}%`} />
              </Box>
              <Text className="readout">{length(c.mm, 2)}</Text>
            </Box>
            <Text fontSize="small" mt="2px">
              {c.evidence.charAt(0).toUpperCase() + c.evidence.slice(1)}.
            </Text>
            <Text fontSize="small" color="quiet">
              {c.todo}
            </Text>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A bench: the tool in the middle, all plates round it. On a tablet upright the plates come under the tool. */
export function Bench({ tool, beside, wide = 400 }: { tool: ReactNode; beside: ReactNode; wide?: number }) {
  return (
    <Box display="flex" flex="1" flexDirection={{ base: "column", lg: "row" }} minH="0">
      <Box flex="1" minW="0" px={{ base: "20px", lg: "28px" }} py="20px" data-bench>
        {tool}
      </Box>
      <Box
        w={{ base: "100%", lg: `${wide}px` }}
        flex="none"
        display="flex"
        flexDirection="column"
        borderTopWidth={{ base: "1px", lg: 0 }}
        borderColor="line"
      >
        {beside}
      </Box>
    </Box>
  );
}

export function Heading({ children, note }: { children: ReactNode; note?: ReactNode }) {
  return (
    <Box mb="10px">
      <Text as="h2" fontWeight="700" fontSize="lead">
        {children}
      </Text>
      {note && (
        <Text color="quiet" fontSize="small" maxW="70ch">
          {note}
        </Text>
      )}
    </Box>
  );
}

/** What a bench shows before the art is separated. */
export function NotYet({ children }: { children: ReactNode }) {
  return (
    <Box
      className="halftone"
      flex="1"
      display="flex"
      flexDirection="column"
      alignItems="center"
      justifyContent="center"
      gap="22px"
      p="40px"
      minH="420px"
    >
      <svg width="220" height="150" viewBox="0 0 220 150" aria-hidden="true">
        <rect x="30" y="20" width="160" height="110" fill="none" stroke="var(--ink)" strokeWidth="10" />
        <path
          d="M46 44H174M46 58H174M46 72H174M46 86H174M46 100H174M62 28V122M82 28V122M102 28V122M122 28V122M142 28V122M162 28V122"
          stroke="var(--line)"
          strokeWidth="1.500"
        />
        <path d="M110 -2v16M102 6h16M110 136v16M102 144h16" stroke="var(--ink)" strokeWidth="1.500" />
      </svg>
      <Text bg="cloth" px="8px" textAlign="center" maxW="46ch">
        {children}
      </Text>
    </Box>
  );
}

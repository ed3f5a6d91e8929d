import { Box, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Undo, UndoRefused } from "../ui/Undo";

/** A shelf of the shop: a heading and what stands on it. */
export function Shelf({ name, says, children }: { name: string; says: string; children: ReactNode }) {
  return (
    <Box px={{ base: "20px", lg: "32px" }} py="22px" maxW="1120px">
      <Box display="flex" justifyContent="space-between" gap="20px">
        <Box minW="0">
          <Text as="h1" className="wide" fontWeight="800" fontSize="title" lineHeight="1.1">
            {name}
          </Text>
          <Text color="quiet" mb="20px" maxW="76ch">
            {says}
          </Text>
        </Box>
        <Box flex="none" className="no-print">
          <Undo />
        </Box>
      </Box>
      <UndoRefused />
      {children}
    </Box>
  );
}

export function Rows({
  heads,
  columns,
  rows,
}: {
  heads: string[];
  columns: string;
  rows: { key: string | number; cells: ReactNode[] }[];
}) {
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label={heads.join(", ")}>
      <Box role="table" minW="620px">
        <Box
          role="row"
          display="grid"
          gridTemplateColumns={columns}
          columnGap="16px"
          borderBottomWidth="1px"
          borderColor="ink"
          pb="6px"
        >
          {heads.map((head) => (
            <Box role="columnheader" key={head} fontSize="small" color="quiet">
              {head}
            </Box>
          ))}
        </Box>
        {rows.map((row) => (
          <Box
            role="row"
            key={row.key}
            display="grid"
            gridTemplateColumns={columns}
            columnGap="16px"
            alignItems="center"
            minH="52px"
            borderBottomWidth="1px"
            borderColor="line"
          >
            {row.cells.map((cell, i) => (
              <Box role="cell" key={heads[i]} minW="0" position="relative">
                {cell}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

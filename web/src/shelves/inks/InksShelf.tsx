import { Box, Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Swatch } from "../../ui/Swatch";
import { Shelf } from "../Shelf";

export function InksShelf() {
  const inks = useShop().data?.inks ?? [];
  return (
    <Shelf
      name="Inks"
      says={
        inks.length === 0
          ? "No inks yet."
          : `${inks.length} inks. Hiding power is how much of the cloth a flashed layer covers.`
      }
    >
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(210px, 1fr))" gap="0 28px">
        {inks.map((ink) => (
          <Box
            key={ink.id}
            position="relative"
            minH="92px"
            pl="92px"
            borderTopWidth="1px"
            borderColor="line"
            display="flex"
            flexDirection="column"
            justifyContent="center"
          >
            <Swatch hex={ink.hex} seed={ink.id + 7} width={76} height={92} />
            <Text fontWeight="700">{ink.name}</Text>
            <Text className="readout" fontSize="small" fontWeight="500">
              {ink.hex}
            </Text>
            <Text fontSize="small" color="quiet">
              {ink.kind}, hides {Math.round(ink.hiding * 100)} %
            </Text>
          </Box>
        ))}
      </Box>
    </Shelf>
  );
}

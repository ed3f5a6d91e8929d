import { Box, Text } from "@chakra-ui/react";
import { useShop, useTrade } from "../../api/use";
import { Swatch } from "../../ui/Swatch";
import { Adding, type Asked, Editing } from "../Adding";
import { Shelf } from "../Shelf";
import { Drawdown } from "./Drawdown";

const asked = (kinds: string[]): Asked[] => [
  { name: "name", label: "Name", start: "", kind: "text" },
  { name: "hex", label: "Colour", start: "#d0402c", kind: "colour" },
  { name: "kind", label: "Kind", start: "plastisol", choices: kinds.map((k) => [k, k] as const) },
  { name: "hidingPct", label: "Hides, % of the cloth", start: "", kind: "number" },
];

export function InksShelf() {
  const kinds = useTrade().data?.inkKinds ?? [];
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
      <Drawdown />
      <Adding kind="inks" what="an ink" asked={asked(kinds)} />
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
              {ink.kind}, hides {Math.round(ink.hidingPct)} %
            </Text>
            <Editing kind="inks" id={ink.id} name={ink.name} asked={asked(kinds)} values={ink} />
          </Box>
        ))}
      </Box>
    </Shelf>
  );
}

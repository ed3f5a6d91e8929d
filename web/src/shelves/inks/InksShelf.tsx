import { Box, Text } from "@chakra-ui/react";
import { useShop, useTrade } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { Swatch } from "../../ui/Swatch";
import { Adding, type Asked, Editing } from "../Adding";
import { Assumed } from "../Assumed";
import { Shelf } from "../Shelf";
import { Tables } from "../Tables";
import { Drawdown } from "./Drawdown";
import { InkTrials } from "./InkTrials";

/** As printers say it; the figures are those of the drawdown that would show it. */
const hidings = [
  ["95", "in one stroke"],
  ["80", "in two, flashed between"],
  ["50", "only on a base"],
  ["20", "never: it shines through"],
] as const;

const asked = (kinds: string[], was?: number): Asked[] => [
  { name: "name", label: "Name", start: "", kind: "text" },
  { name: "hex", label: "Colour", start: "#d0402c", kind: "colour" },
  { name: "kind", label: "Kind", start: "plastisol", choices: kinds.map((k) => [k, k] as const) },
  {
    name: "hidingPct",
    label: "Covers black",
    start: "95",
    kind: "number",
    choices:
      was === undefined || hidings.some(([h]) => h === String(was))
        ? [...hidings]
        : [[String(was), `${Math.round(was)} %, as read`], ...hidings],
  },
  { name: "recipe", label: "On its pot, by weight", start: "", kind: "text" },
  { name: "gramsLeft", label: "Left in the pot, g", start: "", kind: "number" },
];

export function InksShelf() {
  const kinds = useTrade().data?.inkKinds ?? [];
  const { weight } = useHabits();
  const inks = useShop().data?.inks ?? [];
  return (
    <Shelf
      name="Inks"
      says={
        inks.length === 0
          ? "No inks yet."
          : `${inks.length} inks. A drawdown over black and white tells how far one hides.`
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
              {ink.kind}, hides <span className="readout">{Math.round(ink.hidingPct)} %</span>: {ink.hides}
            </Text>
            {ink.gramsLeft !== null && (
              <Text fontSize="small">
                <span className="readout">{weight(ink.gramsLeft)}</span> left in the pot
              </Text>
            )}
            {ink.recipe !== "" && (
              <Text fontSize="small" whiteSpace="pre-line">
                {ink.recipe}
              </Text>
            )}
            <Assumed of={ink} says="until a drawdown is read" />
            <Editing kind="inks" id={ink.id} name={ink.name} asked={asked(kinds, ink.hidingPct)} values={ink} />
          </Box>
        ))}
      </Box>
      <InkTrials />
      <Tables of={[["inks", "Inks"]]} />
    </Shelf>
  );
}

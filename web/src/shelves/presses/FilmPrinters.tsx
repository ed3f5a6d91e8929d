import { Box, Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Adding, type Asked, Editing } from "../Adding";
import { Assumed } from "../Assumed";

const asked: Asked[] = [
  { name: "name", label: "Name", start: "", kind: "text" },
  { name: "dpi", label: "Dots an inch", start: "600", kind: "number" },
  { name: "mediaWidthMm", label: "Film width", start: "610", kind: "length" },
  { name: "sheetLengthMm", label: "Sheet length (none for a roll)", start: "", kind: "length" },
  {
    name: "medium",
    label: "Prints on",
    start: "clear film",
    choices: [
      ["clear film", "clear film"],
      ["vellum", "vellum"],
    ],
  },
  { name: "feedMarginMm", label: "Keep off feed edges", start: "12", kind: "length" },
  { name: "density", label: "Density of its black", start: "", kind: "number" },
  { name: "scaleErrorXPct", label: "Too wide by, %", start: "0", kind: "number" },
  { name: "scaleErrorYPct", label: "Too long by, %", start: "0", kind: "number" },
];

/** What makes the films: its resolution, its media, and what was measured of its black and its scale. */
export function FilmPrinters() {
  const printers = useShop().data?.filmPrinters ?? [];
  const { length } = useHabits();
  return (
    <Box borderTopWidth="1px" borderColor="ink" pt="22px" mt="10px">
      <Heading note="Print a film, measure 300 mm between its marks both ways, and read the density of its black: what it gets wrong is taken back on the next film.">
        Film printers
      </Heading>
      <Adding kind="printers" what="a film printer" asked={asked} />
      {printers.map((printer) => (
        <Box key={printer.id} borderTopWidth="1px" borderColor="line" py="14px">
          <Text fontWeight="700" fontSize="lead">
            {printer.profile.name}
          </Text>
          <Text>
            <span className="readout">{printer.profile.dpi} dpi</span> on {printer.profile.medium}{" "}
            {length(printer.profile.mediaWidthMm, 0)} wide,{" "}
            {printer.profile.sheetLengthMm === null
              ? "from a roll"
              : `sheets ${length(printer.profile.sheetLengthMm, 0)} long`}
            ; prints {printer.profile.scaleErrorXPct} % too wide and {printer.profile.scaleErrorYPct} % too long, taken
            back on the film. Density {printer.profile.density ?? "not measured"}.
          </Text>
          {printer.caution && (
            <Text borderLeftWidth="3px" borderColor="amber" pl="12px" mt="6px" maxW="76ch">
              {printer.caution}
            </Text>
          )}
          <Assumed of={printer} says="as most such machines, until a film of yours is measured" />
          <Editing kind="printers" id={printer.id} name={printer.profile.name} asked={asked} values={printer.profile} />
        </Box>
      ))}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { Link } from "react-router";
import { Problem } from "../../api/client";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { Choice, Field, Trouble } from "../../ui/Parts";
import { Tick } from "../../ui/SmallButton";

const formats = [
  ["pdf", "PDF, marks and label as vectors"],
  ["png", "PNG, one bit"],
  ["tiff", "TIFF, Group 4"],
  ["svg", "SVG, marks and label as vectors"],
  ["inks", "One page, each plate a named ink (PDF)"],
  ["channels", "One picture, each plate a channel (TIFF)"],
] as const;

/** Which printer makes the films, and what is written for it. */
export function Printer({ at }: { at: AtHand<"films"> }) {
  const { job, work } = at;
  const printers = useShop().data?.filmPrinters ?? [];
  const swap = (format: (typeof formats)[number][0]) =>
    work.change.mutate({
      filmFormats: (job.filmFormats.includes(format)
        ? job.filmFormats.filter((f) => f !== format)
        : [...job.filmFormats, format]) as (typeof formats)[number][0][],
    });
  return (
    <Box>
      <Heading>Film printer</Heading>
      <Field label="Printed on">
        <Choice
          fontFamily="body"
          value={job.filmPrinterId ?? 0}
          onChange={(e) => work.change.mutate({ filmPrinterId: Number(e.target.value) })}
        >
          <option value={0}>any printer of 600 dpi</option>
          {printers.map((p) => (
            <option key={p.id} value={p.id}>
              {p.profile.name}
            </option>
          ))}
        </Choice>
      </Field>
      {job.filmCaution && (
        <Text borderLeftWidth="3px" borderColor="amber" pl="12px" mt="8px">
          {job.filmCaution}
        </Text>
      )}
      <Box mt="10px">
        {formats.map(([format, words]) => (
          <Tick key={format} checked={job.filmFormats.includes(format)} set={() => swap(format)}>
            {words}
          </Tick>
        ))}
        <Tick checked={job.stepWedge} set={(stepWedge) => work.change.mutate({ stepWedge })}>
          A step wedge below the print
        </Tick>
        <Tick checked={job.filmMirrored} set={(filmMirrored) => work.change.mutate({ filmMirrored })}>
          Mirrored, ink side down
        </Tick>
        <Tick checked={job.filmNegative} set={(filmNegative) => work.change.mutate({ filmNegative })}>
          Negative, clear where it prints
        </Tick>
        <Field label="Laid on the media">
          <Choice
            fontFamily="body"
            value={job.filmCopies}
            onChange={(e) => work.change.mutate({ filmCopies: Number(e.target.value) })}
          >
            {Array.from({ length: 12 }, (_, i) => (
              <option key={i} value={i + 1}>
                {i === 0 ? "one of each film" : i === 1 ? "two of each, to double" : `${i + 1} of each`}
              </option>
            ))}
          </Choice>
        </Field>
      </Box>
      {job.drawnSheets !== null && (
        <Tick checked={job.drawnSheets} set={(drawnSheets) => work.change.mutate({ drawnSheets })}>
          The sheets that were drawn go on the screens themselves
        </Tick>
      )}
      {job.sheetsSay.map((one) => (
        <Text key={one} borderLeftWidth="3px" borderColor="ink" pl="12px" mt="8px" maxW="76ch">
          {one}
        </Text>
      ))}
      {work.change.error instanceof Problem && work.change.error.field.startsWith("filmFormats") && (
        <Trouble of={work.change.error} />
      )}
      <Link to="/presses" className="reach">
        <Text textDecoration="underline" textUnderlineOffset="3px" fontSize="small">
          The shop’s film printers
        </Text>
      </Link>
    </Box>
  );
}

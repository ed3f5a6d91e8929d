import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Bench, Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action } from "../../ui/Parts";
import { Sign } from "../../ui/Sign";
import { SmallButton } from "../../ui/SmallButton";
import { Stack } from "../../ui/Stack";
import { LightTable } from "./LightTable";
import { Nested } from "./Nested";
import { Printer } from "./Printer";

/** The light table: all films over each other as they were read back from their files, and the set to take away. */
export function FilmsStage() {
  const at = useAtHand<"films">();
  const { job, plate, work } = at;
  const [alone, setAlone] = useState(false);
  const { length } = useHabits();
  if (!job.separated) return <NotYet>Films are made from the plates. Separate the art first.</NotYet>;
  const busy = job.task?.state === "waiting" || job.task?.state === "working";
  const file = (name: string) => `/api/jobs/${job.id}/films/${name}`;
  const set = job.filmSet;
  return (
    <Bench
      wide={400}
      tool={
        <Box display="flex" flexDirection="column" gap="18px">
          <LightTable at={at} alone={alone && plate ? plate.position : null} />
          <Box display="flex" justifyContent="space-between" gap="20px" flexWrap="wrap" alignItems="flex-start">
            <Box flex="1 1 320px">
              <Heading>
                {job.filmsCurrent
                  ? "The film set is written"
                  : job.filmsWritten
                    ? "These films are old"
                    : "The films are not written yet"}
              </Heading>
              {set && job.filmsCurrent && (
                <Box display="flex" gap="10px" alignItems="flex-start" color={set.inRegister ? "ink" : "madder"}>
                  <Box mt="3px">
                    <Sign kind={set.inRegister ? "measured" : "out_of_bounds"} size={16} />
                  </Box>
                  <Box>
                    <Text fontWeight="600">
                      {set.inRegister
                        ? `Read back from ${set.films.length} ${set.films.length === 1 ? "film" : "films"}: every mark is in its place, the worst off by `
                        : "Read back, and not in register: "}
                      {set.inRegister && <span className="readout unbroken">{length(set.worstMm, 3)}</span>}
                      {set.inRegister && "."}
                    </Text>
                    {set.says.map((one) => (
                      <Text key={one}>{one}</Text>
                    ))}
                  </Box>
                </Box>
              )}
            </Box>
            <SmallButton pressed={alone} onClick={() => setAlone(!alone)} mt="-8px">
              {alone ? "All films over each other" : "This film alone"}
            </SmallButton>
          </Box>
          <Box display="flex" gap="12px" flexWrap="wrap">
            {!job.separationCurrent && !busy && <Action onClick={() => work.separate.mutate()}>Separate again</Action>}
            {job.separationCurrent && !job.filmsCurrent && !busy && (
              <Action onClick={() => work.films.mutate()}>
                {job.filmsWritten ? "Write them again" : "Write the films"}
              </Action>
            )}
            {job.filmsCurrent && (
              <>
                <Download href={file("films.zip")} first>
                  The set as ZIP
                </Download>
                {job.filmFormats.includes("pdf") && <Download href={file("films.pdf")}>PDF, a page a film</Download>}
                {job.filmFormats.includes("inks") && <Download href={file("inks.pdf")}>PDF, named inks</Download>}
                {job.filmFormats.includes("channels") && (
                  <Download href={file("channels.tif")}>TIFF, channels</Download>
                )}
                <Download href={file("nested.pdf")}>PDF, laid on the media</Download>
                <Download href={file("manifest.json")}>Manifest</Download>
              </>
            )}
          </Box>
          <Text fontSize="small" color="quiet" maxW="76ch">
            Print at 100 %, never “fit to page”. Measure between the outer marks before burning: a film that is off by a
            tenth moves every plate by it. Look for creases, flaked toner and damp ink before it goes on the glass.
          </Text>
          <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="28px">
            <Printer at={at} />
            <Nested job={job} />
          </Box>
        </Box>
      }
      beside={
        <Stack
          at={at}
          figures={(p) => (
            <Box display="flex" justifyContent="space-between" alignItems="center" gap="12px">
              <Text fontSize="small" color="quiet">
                {p.areaCm2.toFixed(0)} cm² of black
              </Text>
              {p.filmName && (
                <a href={file(p.filmName)} download className="reach lined">
                  PNG<span className="heard"> of {p.name}</span>
                </a>
              )}
            </Box>
          )}
        />
      }
    />
  );
}

function Download({ href, first, children }: { href: string; first?: boolean; children: string }) {
  return (
    <a href={href} download>
      <Box
        minH="48px"
        px="22px"
        display="flex"
        alignItems="center"
        fontWeight="700"
        borderWidth="1px"
        borderColor={first ? "teal" : "ink"}
        bg={first ? "teal" : "transparent"}
        color={first ? "onTeal" : "ink"}
        _hover={{ bg: "ink", color: "paper" }}
      >
        {children}
      </Box>
    </a>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Bench, Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action } from "../../ui/Parts";
import { Stack } from "../../ui/Stack";

const MARGIN = 20;

/** The light table: all films over each other with their marks, and the set to take away. */
export function FilmsStage() {
  const at = useAtHand();
  const { job, plate, work } = at;
  const [alone, setAlone] = useState(false);
  const { length } = useHabits();
  if (!job.separated) return <NotYet>Films are made from the plates. Separate the art first.</NotYet>;
  const busy = job.task?.state === "waiting" || job.task?.state === "working";
  const shown = alone && plate ? [plate] : job.plates;
  const width = job.widthMm + 2 * MARGIN;
  const height = job.heightMm + 2 * MARGIN;
  // The press turns the art; the light table shows it upright.
  const top = job.marks.find((m) => m.name === "top");
  const turn = top && top.yMm < 0 ? -1 : 1;
  const file = (name: string) => `/api/jobs/${job.id}/films/${name}`;
  return (
    <Bench
      wide={452}
      tool={
        <Box display="flex" flexDirection="column" h="100%" gap="16px">
          <Box
            flex="1"
            minH="380px"
            borderWidth="1px"
            borderColor="ink"
            bg="raised"
            p="16px"
            display="flex"
            justifyContent="center"
            position="relative"
          >
            <svg
              viewBox={`0 0 ${width} ${height}`}
              style={{ maxHeight: "62vh", width: "100%", height: "auto" }}
              role="img"
              aria-label={
                alone && plate
                  ? `The film of ${plate.name} on the light table`
                  : "All films over each other on the light table, tinted in their inks"
              }
            >
              <rect width={width} height={height} fill="none" stroke="var(--line)" strokeWidth=".6" />
              <g>
                {shown.map((p) => (
                  <image
                    key={p.id}
                    className="colours"
                    href={`/api/plates/${p.id}/film.png?tint=${encodeURIComponent(alone ? "#1b1a17" : tint(p.inkHex))}&k=${job.pullKey}`}
                    x={MARGIN}
                    y={MARGIN}
                    width={job.widthMm}
                    height={job.heightMm}
                    preserveAspectRatio="none"
                    opacity={alone ? 1 : 0.72}
                    style={{ mixBlendMode: "multiply" }}
                  />
                ))}
              </g>
              {job.marks.map((m) => (
                <g
                  key={m.name}
                  transform={`translate(${width / 2 + turn * m.xMm} ${height / 2 - turn * m.yMm})`}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth=".5"
                >
                  <circle r="2.400" />
                  <path d="M-4 0H4M0 -4V4" />
                </g>
              ))}
            </svg>
          </Box>
          <Box>
            <Heading
              note={`600 dpi, ${job.plates.length} films of ${length(width)} × ${length(height)}. The marks lie at the same place on each.`}
            >
              {job.filmsCurrent
                ? "The film set is written"
                : job.filmsWritten
                  ? "The plates have changed since these films were written"
                  : "The films are not written yet"}
            </Heading>
            <Box display="flex" gap="12px" flexWrap="wrap">
              {!job.filmsCurrent && !busy && (
                <Action onClick={() => work.films.mutate()}>
                  {job.filmsWritten ? "Write them again" : "Write the films"}
                </Action>
              )}
              {job.filmsCurrent && (
                <>
                  <Download href={file("films.zip")} first>
                    The set as ZIP
                  </Download>
                  <Download href={file("films.pdf")}>PDF, a page a film</Download>
                  <Download href={file("manifest.json")}>Manifest</Download>
                </>
              )}
              <Box
                as="button"
                onClick={() => setAlone(!alone)}
                aria-pressed={alone}
                minH="44px"
                ml="auto"
                cursor="pointer"
                textDecoration="underline"
                textUnderlineOffset="3px"
              >
                {alone ? "All films over each other" : "This film alone"}
              </Box>
            </Box>
            <Text mt="10px" fontSize="small" color="quiet" maxW="70ch">
              Print at 100 %, never “fit to page”. Measure between the outer marks before burning: a film that is off by
              a tenth moves every plate by it.
            </Text>
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
                <a
                  href={file(p.filmName)}
                  download
                  style={{
                    minHeight: 44,
                    display: "flex",
                    alignItems: "center",
                    textDecoration: "underline",
                    textUnderlineOffset: 3,
                  }}
                >
                  PNG<span style={{ position: "absolute", left: -9999 }}> of {p.name}</span>
                </a>
              )}
            </Box>
          )}
        />
      }
    />
  );
}

/** A very light ink would not show on the table: it gets a shade of its own. */
function tint(hex: string): string {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
  return r + g + b > 660 ? "#b9b4a8" : hex;
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

import { Box, Text } from "@chakra-ui/react";
import type { JobOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Words } from "../../ui/Words";

/** How the films lie on the media, to scale, and how much of it they use. */
export function Nested({ job }: { job: JobOn<"films"> }) {
  const { length } = useHabits();
  const set = job.filmSet;
  if (!set)
    return (
      <Box>
        <Heading>On the media</Heading>
        <Text color="quiet">Where the films lie on the roll or sheet shows once they are written.</Text>
      </Box>
    );
  const gap = 24;
  const width = set.media.pages * set.media.mediaWidthMm + (set.media.pages - 1) * gap;
  return (
    <Box>
      <Heading note={`Each film ${length(set.media.filmWidthMm)} × ${length(set.media.filmHeightMm)}.`}>
        <span className="readout">{length(set.media.usedMm, 0)}</span> of film {length(set.media.mediaWidthMm, 0)} wide
      </Heading>
      <svg
        viewBox={`-2 -2 ${width + 4} ${set.media.pageLengthMm + 4}`}
        className="nest"
        role="img"
        aria-label={`${set.nested.length} films on ${set.media.pages === 1 ? "the media" : `${set.media.pages} sheets`}`}
      >
        {Array.from({ length: set.media.pages }, (_, page) => (
          <rect
            key={page}
            x={page * (set.media.mediaWidthMm + gap)}
            width={set.media.mediaWidthMm}
            height={set.media.pageLengthMm}
            fill="var(--raised)"
            stroke="var(--ink)"
            strokeWidth="2.5"
          />
        ))}
        {set.nested.map((place, i) => {
          const [w, h] = place.turned
            ? [set.media.filmHeightMm, set.media.filmWidthMm]
            : [set.media.filmWidthMm, set.media.filmHeightMm];
          const x = place.page * (set.media.mediaWidthMm + gap) + place.xMm;
          return (
            <g key={i}>
              <rect
                x={x}
                y={place.yMm}
                width={w}
                height={h}
                fill="none"
                stroke="var(--quiet)"
                strokeWidth="1.5"
                strokeDasharray="9 6"
              />
              <Words x={x + w / 2} y={place.yMm + h / 2 + 14} size={44} textAnchor="middle">
                {place.film + 1}
              </Words>
            </g>
          );
        })}
      </svg>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useFirstPull } from "../../api/use";
import { Garment } from "../../ui/Garment";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Push } from "../../ui/Parts";
import { pullPicture } from "../../ui/pictures";
import { PullBar } from "./PullBar";

/** The simulated print on its garment, and the bar that pulls it layer by layer. */
export function Pull({ at }: { at: AtHand }) {
  const { job, choose } = at;
  const last = job.plates.length;
  const [stop, setStop] = useState(last);
  const [trueSize, setTrueSize] = useState(false);
  const { length } = useHabits();
  useEffect(() => setStop(last), [last]);
  const pulled = Math.min(stop, last);
  const plate = job.plates[pulled - 1];
  const first = useFirstPull(job);
  const busy = job.task?.state === "waiting" || job.task?.state === "working";
  const ahead = first !== null && pulled === last;
  const label = ahead
    ? `${job.separated ? "As it would print now" : "The first pull"}, at the size of the screen. ${busy ? "The plates for film are being drawn." : job.separated ? "Separate again for its films." : "Separate the art for its films."}`
    : !job.separated
      ? "The art as it was brought, not yet separated"
      : pulled === 0
        ? "The pull, bare cloth"
        : `The pull, after plate ${pulled} of ${last}${plate ? `, ${plate.name}` : ""}`;
  const source = ahead
    ? `/api/jobs/${job.id}/first-pull/${first.key}.png`
    : job.separated
      ? pulled > 0
        ? pullPicture(job, pulled)
        : null
      : `/api/jobs/${job.id}/art`;
  const pick = (next: number) => {
    setStop(next);
    const chosen = job.plates[next - 1];
    if (chosen) choose(chosen.id);
  };
  return (
    <Box
      flex="1"
      minW="0"
      display="flex"
      flexDirection="column"
      position={{ base: "static", lg: "sticky" }}
      top="0"
      alignSelf="flex-start"
      w="100%"
      h={{ base: "auto", lg: "calc(100vh - 93px)" }}
      minH={{ base: "auto", lg: "560px" }}
    >
      <Box
        className="halftone"
        flex="1"
        minH={{ base: "420px", lg: "0" }}
        position="relative"
        overflow={trueSize ? "auto" : "hidden"}
        {...(trueSize ? { tabIndex: 0 } : {})}
      >
        <Box
          position="absolute"
          zIndex="2"
          left="24px"
          top="14px"
          right="24px"
          display="flex"
          justifyContent="space-between"
          alignItems="center"
          pointerEvents="none"
        >
          <Text fontSize="small" px="4px" ml="-4px">
            {label}
          </Text>
          {job.separated && (
            <Push
              onClick={() => setTrueSize(!trueSize)}
              aria-pressed={trueSize}
              pointerEvents="auto"
              minH="44px"
              px="10px"
              cursor="pointer"
              fontSize="small"
              bg="cloth"
              textDecoration="underline"
              textUnderlineOffset="3px"
            >
              {trueSize ? "Whole garment" : `True size, ${length(job.widthMm)}`}
            </Push>
          )}
        </Box>
        {trueSize ? (
          <Box p="64px 24px 24px" minW="max-content">
            <Ruler />
            <Box bg={job.garmentHex} className="colours" display="inline-block" p="10mm">
              {source && (
                <img
                  src={source}
                  alt={label}
                  style={{ width: `${job.widthMm}mm`, height: `${job.heightMm}mm`, maxWidth: "none" }}
                />
              )}
              {!source && <Box w={`${job.widthMm}mm`} h={`${job.heightMm}mm`} />}
            </Box>
          </Box>
        ) : (
          <Box position="absolute" inset="34px 0 0">
            <Garment
              kind={job.garment}
              hex={job.garmentHex}
              widthMm={job.widthMm}
              heightMm={job.heightMm}
              place={job.place}
              acrossMm={job.acrossMm}
              dropMm={job.dropMm}
              label={`${label}, on ${job.cloth} ${job.garment}`}
            >
              {source && (
                <image
                  className="colours"
                  href={source}
                  width={job.widthMm}
                  height={job.heightMm}
                  preserveAspectRatio="none"
                />
              )}
            </Garment>
          </Box>
        )}
      </Box>
      <PullBar job={job} stop={pulled} set={pick} />
    </Box>
  );
}

/** Five centimetres to hold a ruler against: screens differ. */
function Ruler() {
  return (
    <Box mb="14px" display="flex" alignItems="center" gap="10px">
      <svg className="ruler" viewBox="0 0 50 4" role="img" aria-label="A scale of 50 millimetres">
        <path
          d="M0 4V0M10 4V2M20 4V2M30 4V2M40 4V2M50 4V0M0 4H50"
          fill="none"
          stroke="currentColor"
          strokeWidth=".35"
        />
      </svg>
      <Text fontSize="small">50 mm if this screen tells its size rightly: hold a ruler to it</Text>
    </Box>
  );
}

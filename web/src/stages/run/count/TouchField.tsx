import { Box, Text } from "@chakra-ui/react";
import type { Ref } from "react";
import type { JobOn } from "../../../api/client";
import { Garment } from "../../../ui/Garment";
import { useHabits } from "../../../ui/habits";
import { Push } from "../../../ui/Parts";
import { pullPicture } from "../../../ui/pictures";
import type { RunBoard } from "./counted";

/** The garment with its print, as large as a hand needs: a touch anywhere on it counts. */
export function TouchField({
  ref,
  job,
  line,
  guide,
  touched,
  says,
}: {
  ref: Ref<HTMLButtonElement>;
  job: JobOn<"run">;
  line: number;
  guide: RunBoard["guide"];
  touched: () => void;
  says: string;
}) {
  const { length } = useHabits();
  return (
    <Push
      ref={ref}
      onClick={touched}
      className="halftone"
      position="relative"
      borderWidth="2px"
      borderColor="teal"
      minH="240px"
      h={{ base: "270px", lg: "300px" }}
      overflow="hidden"
      cursor="pointer"
      w="100%"
      touchAction="manipulation"
    >
      <Box position="absolute" inset="10px 12px 0 12px" pointerEvents="none">
        <Garment
          kind={job.garment}
          hex={job.garments[line]?.line.hex ?? job.garmentHex}
          widthMm={job.widthMm}
          heightMm={job.heightMm}
          place={job.place}
          acrossMm={job.acrossMm}
          dropMm={job.dropMm}
          label={`The ${job.garment} with the print`}
        >
          <image href={pullPicture(job, job.plates.length)} width="100%" height="100%" preserveAspectRatio="none" />
        </Garment>
      </Box>
      <Text position="absolute" left="18px" bottom="14px" textAlign="left" color="teal" bg="paper" px="8px" py="2px">
        <b className="lead-text">Touch anywhere</b>
        <br />
        {says}
      </Text>
      <Text position="absolute" right="16px" top="12px" className="readout" color="teal" bg="paper" px="6px">
        space, or the pedal
      </Text>
      <Text position="absolute" right="16px" bottom="14px" fontSize="small" color="quiet" bg="paper" px="6px">
        {guide.collar ? "collar" : "upper edge"} to print {length(guide.topMm)}, {length(-guide.leftMm)} left of the
        middle
      </Text>
    </Push>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn } from "../../api/client";
import { lightUp } from "../../api/light";
import { Heading } from "../../ui/Bench";
import { useFollowing } from "../../ui/keep";
import { Push, Trouble } from "../../ui/Parts";
import { SmallButton, Tick } from "../../ui/SmallButton";

type At = {
  job: JobOn<"light">;
  at: (id: number) => void;
  change: (to: { oneTime?: boolean; withoutFilm?: boolean }) => void;
};

/** Every screen that is still to be burned, those of like time together, each batch with its one time. */
export function Batches({ job, at, change }: At) {
  const [lit, setLit] = useState<{ key: string; words: string } | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [oneTime, sayOneTime] = useFollowing(String(job.oneTime));
  const [without, sayWithout] = useFollowing(String(job.withoutFilm));
  const plate = (id: number) => job.plates.find((p) => p.id === id);
  return (
    <Box>
      <Heading
        note={
          job.batches.length === 0
            ? "Every screen of this job is burned."
            : job.oneTime
              ? "Screens on like mesh get one time."
              : "Each screen its own time; those whose timer stands the same go together."
        }
      >
        Under the lamp
      </Heading>
      <Box as="ul" listStyleType="none">
        {job.batches.map((batch) => {
          const key = batch.plates.join(" ");
          return (
            <Box
              as="li"
              key={key}
              display="flex"
              flexWrap="wrap"
              alignItems="center"
              columnGap="16px"
              borderTopWidth="1px"
              borderColor="line"
              minH="52px"
            >
              <Text className="readout" fontSize="24px" minW="120px">
                {batch.words}
              </Text>
              <Box display="flex" flexWrap="wrap" gap="4px" flex="1">
                {batch.plates.map((id) => {
                  const p = plate(id);
                  return p ? (
                    <Push
                      key={id}
                      onClick={() => at(id)}
                      minH="44px"
                      px="10px"
                      cursor="pointer"
                      textDecoration="underline"
                      textUnderlineOffset="3px"
                    >
                      {p.frameLabel || "–"} {p.name}
                    </Push>
                  ) : null;
                })}
              </Box>
              {job.lampId !== null && (
                <SmallButton
                  onClick={() => {
                    setError(null);
                    lightUp(job.lampId ?? 0, batch.seconds).then(
                      (run) =>
                        setLit({
                          key,
                          words: `The ${run.device} burns for ${run.burnsS} s${run.units === null ? "" : `, ${run.units} units`}.`,
                        }),
                      setError,
                    );
                  }}
                >
                  Start the {job.device}
                  <span className="heard"> for {batch.words}</span>
                </SmallButton>
              )}
              {lit?.key === key && (
                <Text role="status" fontSize="small" w="100%" pb="8px">
                  {lit.words}
                </Text>
              )}
            </Box>
          );
        })}
      </Box>
      <Trouble of={error} />
      <Box display="flex" flexWrap="wrap" columnGap="28px">
        <Tick
          checked={oneTime === "true"}
          set={(on) => {
            sayOneTime(String(on));
            change({ oneTime: on });
          }}
        >
          One time for screens on like mesh
        </Tick>
        <Tick
          checked={without === "true"}
          set={(on) => {
            sayWithout(String(on));
            change({ withoutFilm: on });
          }}
        >
          Imaged straight, without films
        </Tick>
      </Box>
    </Box>
  );
}

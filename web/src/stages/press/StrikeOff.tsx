import { Box, Text } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import type { PlateOn, Press } from "../../api/client";
import { useLearned, useTurned } from "../../api/press";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Choice, Field, Trouble } from "../../ui/Parts";
import { SmallButton, Views } from "../../ui/SmallButton";
import { Causes } from "./Causes";
import { Clouds } from "./Clouds";
import { ColourOff } from "./ColourOff";
import { MisfitDrawing } from "./MisfitDrawing";
import { Readings } from "./Readings";
import { ReadScan } from "./ReadScan";
import { Turns } from "./Turns";

const parts = [
  ["turns", "Turns"],
  ["marks", "Marks"],
  ["scan", "Scan"],
  ["colour", "Colour"],
  ["why", "Why"],
] as const;
type PartName = (typeof parts)[number][0];

/** On a phone one part of the strike-off at a time; elsewhere all of it. */
function Part({ of, at, children }: { of: PartName; at: PartName; children: ReactNode }) {
  return <Box display={{ base: of === at ? "block" : "none", md: "block" }}>{children}</Box>;
}

/** The strike-off at the marks, and what the hands do about it. */
export function StrikeOff({
  at,
  plate,
  press,
}: {
  at: AtHand<"press">;
  plate: PlateOn<"press">;
  press: Press | undefined;
}) {
  const { job, work } = at;
  const { length } = useHabits();
  const turned = useTurned(job.id);
  const learned = useLearned(job.id);
  const isKey = plate.id === job.keyPlateId;
  const [part, setPart] = useState<PartName>("turns");
  return (
    <Box display="flex" flexDirection="column" gap="22px">
      <Box hideFrom="md">
        <Views of={parts} at={part} pick={setPart} label="Parts of the strike-off" />
      </Box>
      <Part of="turns" at={part}>
        {isKey ? (
          <Heading note={plate.orderReason}>
            {plate.name} is the key: set it in the middle of its knobs and lock it. The others are brought to it.
          </Heading>
        ) : plate.register ? (
          <Turns
            key={plate.id}
            name={plate.name}
            register={plate.register}
            press={press}
            toleranceMm={job.toleranceMm}
            turned={plate.turned}
            again={() => turned.mutate(plate.id)}
            busy={turned.isPending || work.plate.isPending}
            leaveOut={(print) =>
              work.plate.mutate({
                plateId: plate.id,
                prints: (plate.register?.byPrint ?? []).flatMap((readings, k) =>
                  k === print
                    ? []
                    : [
                        {
                          readings: readings.map((r) => ({
                            mark: r.mark,
                            at: { xMm: r.xMm, yMm: r.yMm },
                            off: { xMm: r.offXMm, yMm: r.offYMm },
                          })),
                          ...(plate.platens[k] ? { platen: plate.platens[k] } : {}),
                        },
                      ],
                ),
                printsKnown: plate.register?.byPrint.length ?? 0,
              })
            }
          />
        ) : (
          <Heading
            note={
              plate.turned
                ? `Turned since: it was ${length(plate.turned.worstBeforeMm, 2)} out. Print a second strike-off and read it: that shows whether the press moved as told.`
                : "Print a strike-off with all plates on one test cloth. Where did this one land, against the key?"
            }
          >
            Read {plate.name} at the marks{plate.turned ? " again" : ""}
          </Heading>
        )}
      </Part>
      {!isKey && (
        <Part of="marks" at={part}>
          <Readings
            key={plate.id}
            job={job}
            plate={plate}
            save={(prints, printsKnown) => work.plate.mutate({ plateId: plate.id, prints, printsKnown })}
            error={work.plate.error}
            platens={press?.platens ?? 1}
          />
        </Part>
      )}
      <Part of="scan" at={part}>
        <ReadScan job={job} platens={press?.platens ?? 1} />
        <Clouds job={job} chosen={plate.id} />
      </Part>
      <Part of="colour" at={part}>
        <ColourOff key={plate.id} plate={plate} jobId={job.id} />
      </Part>
      <Part of="why" at={part}>
        <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "minmax(260px, 1fr) 1.1fr" }} gap="26px">
          <Box>
            <MisfitDrawing job={job} plate={plate} press={press} />
            <Text fontSize="small" color="quiet" mt="8px">
              {press?.collarAtOperator
                ? "Seen from where you stand: the collar is at your end, so the art lies on its head. x is to your right, y away from you."
                : "Seen from where you stand: the art lies upright. x is to your right, y away from you."}
            </Text>
          </Box>
          <Box>
            {plate.causes.length > 0 && <Causes of={plate} />}
            <Box mt="16px" maxW="300px">
              <Field
                label="In register within"
                hint={job.toleranceSet ? "As you set it." : "The register budget of the plates, at least 0.15 mm."}
              >
                <Choice
                  value={job.toleranceSet ? String(job.toleranceMm) : "plates"}
                  onChange={(e) =>
                    work.change.mutate(
                      e.target.value === "plates"
                        ? { toleranceFollowsPlates: true }
                        : { toleranceMm: Number(e.target.value) },
                    )
                  }
                >
                  <option value="plates">
                    {job.toleranceSet ? "what the plates allow" : `${length(job.toleranceMm, 2)}, by the plates`}
                  </option>
                  {[...new Set([0.1, 0.15, 0.25, 0.4, ...(job.toleranceSet ? [job.toleranceMm] : [])])]
                    .sort()
                    .map((mm) => (
                      <option key={mm} value={String(mm)}>
                        {length(mm, 2)}
                      </option>
                    ))}
                </Choice>
              </Field>
            </Box>
          </Box>
        </Box>
        {job.learned.length > 0 && press && (
          <Box mt="22px">
            <Heading note="From the turns that were made on this press and what was read after them.">
              What {press.name} has shown
            </Heading>
            {job.learned.map((k) => (
              <Text key={k.name}>{k.says}</Text>
            ))}
            {job.learned.some((k) => k.differs) && (
              <SmallButton ml="-10px" onClick={() => learned.mutate(press.id)}>
                Take this into its profile
              </SmallButton>
            )}
            <Trouble of={learned.error} />
          </Box>
        )}
      </Part>
    </Box>
  );
}

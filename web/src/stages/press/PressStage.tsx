import { Box, Text } from "@chakra-ui/react";
import { useTurned } from "../../api/press";
import { useShop } from "../../api/use";
import { Bench, Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Caution, Choice, Field } from "../../ui/Parts";
import { Sign } from "../../ui/Sign";
import { Stack } from "../../ui/Stack";
import { MisfitDrawing } from "./MisfitDrawing";
import { Readings } from "./Readings";
import { Rhythm } from "./Rhythm";
import { SetUp } from "./SetUp";
import { Turns } from "./Turns";

/** The strike-off at the marks, and what the hands do about it. */
export function PressStage() {
  const at = useAtHand<"press">();
  const { job, plate, work } = at;
  const shop = useShop().data;
  const { length } = useHabits();
  const turned = useTurned();
  if (!job.separated || !plate) return <NotYet>The press comes last. Separate the art first.</NotYet>;
  const press = shop?.presses.find((p) => p.id === job.pressId);
  const isKey = plate.position === 0;
  return (
    <Bench
      wide={400}
      tool={
        <Box display="flex" flexDirection="column" gap="22px">
          {plate.mind !== "" && (
            <Text role="status" borderWidth="3px" borderColor="madder" color="madder" fontWeight="700" p="12px 16px">
              {plate.mind}
            </Text>
          )}
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
              learned={job.learned}
              again={() => turned.mutate(plate.id)}
            />
          ) : (
            <Heading
              note={
                plate.turned
                  ? `Turned since: it was ${length(plate.turned.worstBeforeMm, 2)} out. Print a second strike-off and read it: that shows whether the press moved as told.`
                  : "Print a strike-off with the key and this plate on one test cloth. Where did it land at the marks, against the key?"
              }
            >
              Read {plate.name} at the marks{plate.turned ? " again" : ""}
            </Heading>
          )}
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
              {!isKey && (
                <Readings
                  key={`${plate.id} ${plate.register === null}`}
                  job={job}
                  plate={plate}
                  save={(prints) => work.plate.mutate({ plateId: plate.id, prints })}
                  error={work.plate.error}
                />
              )}
              <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="16px">
                <Field label="Press">
                  <Choice
                    fontFamily="body"
                    value={job.pressId ?? ""}
                    onChange={(e) => work.change.mutate({ pressId: Number(e.target.value) })}
                  >
                    {job.pressId === null && <option value="">choose a press</option>}
                    {shop?.presses.map((p) => (
                      <option key={p.id} value={p.id}>
                        {p.name}
                      </option>
                    ))}
                  </Choice>
                </Field>
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
          <SetUp job={job} />
          {job.rhythm && <Rhythm run={job.rhythm} />}
          <Caution>
            Keep hands and sleeves clear of the arms and pinch points when the press turns; platens, flash and prints
            are hot; never leave cloth under a flash.
          </Caution>
        </Box>
      }
      beside={
        <Stack
          at={at}
          figures={(p) => (
            <Box display="flex" alignItems="center" gap="8px" mt="2px">
              {p.position === 0 ? (
                <Text fontSize="small" color="quiet">
                  key, off-contact {length(p.offContact.value ?? 0, 1)}
                </Text>
              ) : p.register ? (
                <>
                  <Sign kind={p.register.inRegister ? "measured" : "out_of_bounds"} />
                  <Text className="readout" fontSize="lead" color={p.register.inRegister ? "ink" : "madder"}>
                    {length(p.register.nowMaxMm, 2)}
                  </Text>
                  <Text fontSize="small" color="quiet">
                    {p.register.inRegister
                      ? "in register"
                      : `out, ${length(p.register.mending.afterMaxMm, 2)} after the turns`}
                  </Text>
                </>
              ) : (
                <>
                  <Sign kind="open" />
                  <Text fontSize="small" color="quiet">
                    not read yet
                  </Text>
                </>
              )}
            </Box>
          )}
        />
      }
    />
  );
}

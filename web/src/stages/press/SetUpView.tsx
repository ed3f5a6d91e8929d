import { Box, Text } from "@chakra-ui/react";
import type { JobOn, Press } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { PressTop } from "./PressTop";
import { Printed } from "./Printed";
import { SetUp } from "./SetUp";

type Above = NonNullable<JobOn<"press">["above"]>;
const ways = [
  ["films", "films on the platen"],
  ["printed marks", "a printed key"],
  ["clear sheet", "a clear sheet"],
] as const;

/** What stands where, how each screen is set, and in which order hands do it. */
export function SetUpView({ at, press, presses }: { at: AtHand<"press">; press: Press | undefined; presses: Press[] }) {
  const { job, plate, work } = at;
  const above = job.above;
  const { toField, fromField } = useHabits();
  const [seam, setSeam] = useFollowing(above && above.seamMm > 0 ? toField(above.seamMm) : "");
  const keepSeam = () => {
    const mm = seam.trim() === "" ? 0 : fromField(seam.trim());
    if (mm !== above?.seamMm) work.change.mutate({ seamMm: mm });
  };
  return (
    <Box display="flex" flexDirection="column" gap="22px">
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fit, minmax(196px, 1fr))"
        gap="14px 22px"
        alignItems="start"
        maxW="860px"
      >
        <Field label="Press">
          <Choice
            fontFamily="body"
            value={job.pressId ?? ""}
            onChange={(e) => work.change.mutate({ pressId: Number(e.target.value) })}
          >
            {job.pressId === null && <option value="">choose a press</option>}
            {presses.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Choice>
        </Field>
        {above && (
          <>
            <Field label="Strokes" hint="One way only in a job.">
              <Choice
                fontFamily="body"
                value={above.pull ? "pull" : "push"}
                onChange={(e) => work.change.mutate({ pull: e.target.value === "pull" })}
              >
                <option value="pull">pulled</option>
                <option value="push">pushed</option>
              </Choice>
            </Field>
            <Field label="Screens are fitted to">
              <Choice
                fontFamily="body"
                value={above.registerWay}
                onChange={(e) => work.change.mutate({ registerWay: e.target.value as Above["registerWay"] })}
              >
                {ways.map(([way, says]) => (
                  <option key={way} value={way}>
                    {says}
                  </option>
                ))}
              </Choice>
            </Field>
            {job.plates.length > 1 && (
              <Field label="Key" hint="The others are brought to it.">
                <Choice
                  fontFamily="body"
                  value={job.keyPlateId ?? 0}
                  onChange={(e) => work.change.mutate({ keyPlateId: Number(e.target.value) })}
                >
                  {job.plates.map((p) => (
                    <option key={p.id} value={p.id}>
                      {p.name}
                    </option>
                  ))}
                </Choice>
              </Field>
            )}
            <Field label="Seam or zip under a screen" hint="Lifts off-contact.">
              <Entry
                value={seam}
                placeholder="none"
                inputMode="decimal"
                onChange={(e) => setSeam(e.target.value)}
                onBlur={keepSeam}
                onKeyDown={(e) => e.key === "Enter" && keepSeam()}
              />
            </Field>
          </>
        )}
      </Box>
      <Trouble of={work.change.error} />
      {above?.missing.map((one) => (
        <Text key={one} role="status" borderWidth="3px" borderColor="madder" p="10px 14px" fontWeight="600">
          {one}
        </Text>
      ))}
      {above && (
        <Box
          display="grid"
          gridTemplateColumns={{ base: "minmax(0, 1fr)", xl: "minmax(0, 1.1fr) minmax(0, 1fr)" }}
          gap="26px"
        >
          <PressTop job={job} above={above} chosen={plate?.id ?? 0} />
          {plate && <Printed key={plate.id} job={job} plate={plate} above={above} />}
        </Box>
      )}
      {above && above.suits.length > 0 && (
        <Box>
          <Heading>What these inks and this cloth ask for</Heading>
          {above.suits.map((one) => (
            <Text key={one} borderTopWidth="1px" borderColor="line" py="7px" maxW="80ch">
              {one}
            </Text>
          ))}
        </Box>
      )}
      <SetUp job={job} />
      {above && (
        <Box>
          <Heading note={above.keySays}>
            Registering to {ways.find(([w]) => w === above.registerWay)?.[1]}, step by step
          </Heading>
          <Box as="ol" pl="26px" maxW="80ch" listStyleType="decimal">
            {above.steps.map((one) => (
              <Text as="li" key={one} py="5px">
                {one}
              </Text>
            ))}
          </Box>
        </Box>
      )}
      {!above && (
        <Text color="quiet">Choose the press{press ? "" : ", and it is drawn here with every screen on it"}.</Text>
      )}
      <Text fontSize="small" color="quiet" maxW="80ch">
        What no hand has set is the trade’s usual for these plates, this cloth and the tension of their frames; set-back
        is what drag asks for. Another school measures off-contact from the platen.
      </Text>
    </Box>
  );
}

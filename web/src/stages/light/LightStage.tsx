import { Box, Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Bench, NotYet } from "../../ui/Bench";
import { useAtHand } from "../../ui/JobFrame";
import { Caution, Choice, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Stack } from "../../ui/Stack";
import { Burn } from "./Burn";
import { StepTests } from "./StepTests";
import { TimeScale } from "./TimeScale";

/** The seconds of light for the plate at hand, big enough for a dark room, and what they rest on. */
export function LightStage() {
  const at = useAtHand();
  const { job, plate, work } = at;
  const shop = useShop().data;
  if (!job.separated || !plate)
    return <NotYet>Each screen gets its time once the plates are drawn. Separate the art first.</NotYet>;
  const light = plate.light;
  const lamp = shop?.lamps.find((l) => l.id === job.lampId);
  const emulsion = shop?.emulsions.find((e) => e.id === job.emulsionId);
  const tests = (shop?.tests ?? []).filter((t) => t.lamp === lamp?.name && t.emulsion === emulsion?.name);
  return (
    <Bench
      wide={400}
      tool={
        <Box display="flex" flexDirection="column" gap="22px">
          <Burn
            key={`burn of ${plate.id}`}
            plate={plate}
            lamp={lamp?.name ?? "the lamp"}
            burned={(seconds) => work.plate.mutate({ plateId: plate.id, burnedSeconds: seconds })}
          />
          <Trouble of={work.plate.error} field="burnedSeconds" />
          <TimeScale light={light} tests={tests} burned={plate.burnedSeconds} />
          <Caution>
            Keep the lid shut and never look at the lamp; its light burns eyes and skin. Let the vacuum go before
            opening the glass.
          </Caution>
          <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="18px">
            <Field label="Lamp">
              <Choice
                fontFamily="body"
                value={job.lampId ?? ""}
                onChange={(e) => work.change.mutate({ lampId: Number(e.target.value) })}
              >
                {job.lampId === null && <option value="">choose a lamp</option>}
                {shop?.lamps.map((l) => (
                  <option key={l.id} value={l.id}>
                    {l.name}, {l.hours.toFixed(0)} h
                  </option>
                ))}
              </Choice>
            </Field>
            <Field label="Emulsion">
              <Choice
                fontFamily="body"
                value={job.emulsionId ?? ""}
                onChange={(e) => work.change.mutate({ emulsionId: Number(e.target.value) })}
              >
                {job.emulsionId === null && <option value="">choose an emulsion</option>}
                {shop?.emulsions.map((e) => (
                  <option key={e.id} value={e.id}>
                    {e.name}
                  </option>
                ))}
              </Choice>
            </Field>
          </Box>
          <StepTests key={`tests of ${plate.id}`} job={job} plate={plate} tests={tests} />
        </Box>
      }
      beside={
        <Stack
          at={at}
          figures={(p) => (
            <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="8px" mt="4px">
              <Readout label="Light" figure={p.light} />
              <Box>
                <Text fontSize="small" color="quiet">
                  Between
                </Text>
                <Text className="readout" fontSize="text" lineHeight="28px">
                  {p.light.low === null || p.light.high === null
                    ? "–"
                    : `${p.light.low.toFixed(0)}–${p.light.high.toFixed(0)} s`}
                </Text>
              </Box>
              <Box>
                <Text fontSize="small" color="quiet">
                  Frame
                </Text>
                <Text className="readout" fontSize="readout">
                  {p.frameLabel || "–"}
                </Text>
              </Box>
            </Box>
          )}
        />
      }
    />
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { JobOn, PlateOn } from "../../api/client";
import { useShop } from "../../api/use";
import { Bench, NotYet } from "../../ui/Bench";
import { useAtHand } from "../../ui/JobFrame";
import { Caution, Choice, Field, Trouble } from "../../ui/Parts";
import { PenumbraDrawing } from "../../ui/PenumbraDrawing";
import { Readout } from "../../ui/Readout";
import { Stack } from "../../ui/Stack";
import { timeWords } from "../../ui/timeWords";
import { WordLink } from "../../ui/WordLink";
import { AtTheSink } from "./AtTheSink";
import { Batches } from "./Batches";
import { BeforeLight } from "./BeforeLight";
import { Burn } from "./Burn";
import { StepTests } from "./StepTests";
import { TimeScale } from "./TimeScale";

/** The seconds of light for the plate at hand, big enough for a dark room, and what they rest on. */
export function LightStage() {
  const at = useAtHand<"light">();
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
          <Box data-look="burn">
            <Burn
              key={`burn of ${plate.id}`}
              plate={plate}
              lamp={lamp?.name ?? "the lamp"}
              burned={(seconds) => work.plate.mutate({ plateId: plate.id, burnedSeconds: seconds })}
            />
          </Box>
          <Trouble of={work.plate.error} field="burnedSeconds" />
          {(plate.burnedSeconds === null || plate.stencilNow?.oldPicture) && plate.frameId !== null && (
            <Mind plate={plate} />
          )}
          {plate.burnedSeconds === null && plate.inkMind !== "" && (
            <Text role="status" fontWeight="700" maxW="70ch" borderLeftWidth="6px" borderColor="amber" pl="12px">
              {plate.inkMind}
            </Text>
          )}
          {plate.burnedSeconds === null && plate.frameId !== null && !job.withoutFilm && (
            <BeforeLight
              key={`card of ${plate.id} ${plate.frameId}`}
              plate={plate}
              tick={(done, on) => work.plate.mutate({ plateId: plate.id, beforeLight: { done, on } })}
              error={work.plate.error}
            />
          )}
          {plate.burnedSeconds !== null && (
            <Box data-look="sink">
              <AtTheSink
                key={`sink of ${plate.id} ${plate.sinkCheck === null}`}
                plate={plate}
                tell={(sinkCheck) => work.plate.mutate({ plateId: plate.id, sinkCheck })}
                error={work.plate.error}
              />
            </Box>
          )}
          <TimeScale light={light} tests={tests.filter((t) => !t.setAside)} burned={plate.burnedSeconds} />
          <Batches job={job} at={at.choose} change={(to) => work.change.mutate(to)} />
          <Knows job={job} plate={plate} />
          <Caution>
            Keep the lid shut and never look at the lamp; its light burns eyes and skin, and it grows hot. Let the
            vacuum go before opening the glass.
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
            <Box display="grid" gridTemplateColumns="1.2fr 1.1fr .7fr" gap="8px" mt="4px">
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

/** How sure the time is and why not surer, what each school would set, what light through the gap eats, and the test to make. */
function Knows({ job, plate }: { job: JobOn<"light">; plate: PlateOn<"light"> }) {
  const test = `/step-test?${new URLSearchParams({
    lamp: String(job.lampId ?? ""),
    emulsion: String(job.emulsionId ?? ""),
    um: plate.thicknessUm.toFixed(1),
    dyed: plate.meshGeometry.dyed ? "1" : "0",
    from: `/jobs/${job.id}/light?plate=${plate.id}`,
    for: `${plate.name} of ${job.name}`,
  })}`;
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 300px" }} gap="28px">
      <Box>
        <Text maxW="66ch">{plate.says}</Text>
        {job.due !== "" && (
          <Text role="status" fontWeight="700" mt="8px" maxW="66ch">
            {job.due}
          </Text>
        )}
        <WordLink to={test}>Plan a step test of this screen</WordLink>
        {plate.shares.length > 0 && (
          <Box mt="8px">
            <Text fontSize="small" color="quiet">
              What makes it unsure
            </Text>
            <Box display="flex" h="18px" borderWidth="1px" borderColor="ink" aria-hidden="true">
              {plate.shares.map((s, i) => (
                <Box
                  key={s.cause}
                  w={`${s.pct}%`}
                  bg={i % 2 === 0 ? "amber" : "line"}
                  borderRightWidth="1px"
                  borderColor="ink"
                />
              ))}
            </Box>
            <Text fontSize="small">
              {plate.shares
                .filter((s) => s.pct >= 4)
                .map((s) => `${s.cause} ${s.pct.toFixed(0)} %`)
                .join(", ")}
            </Text>
          </Box>
        )}
        <Box as="ul" listStyleType="none" mt="12px">
          {plate.schools.map((s) => (
            <Box
              as="li"
              key={s.school}
              display="grid"
              gridTemplateColumns="80px 1fr"
              gap="12px"
              borderTopWidth="1px"
              borderColor="line"
              py="6px"
            >
              <Text className="readout">{timeWords(s.seconds)}</Text>
              <Text fontSize="small" maxW="56ch">
                <b>{s.school}</b>: {s.why}
              </Text>
            </Box>
          ))}
        </Box>
      </Box>
      {!job.withoutFilm && <PenumbraDrawing penumbraMm={plate.penumbraMm} />}
    </Box>
  );
}

/** What is wrong with the coating before the lamp is switched on: damp, too old, or unknown. */
function Mind({ plate }: { plate: PlateOn<"light"> }) {
  const on = plate.stencilNow;
  const sentence =
    on === null
      ? `Frame ${plate.frameLabel} is not marked as coated. Mark it at Screens: then its drying time runs.`
      : on.mind;
  if (sentence === "") return null;
  const damp = on !== null && on.dampForMin > 0;
  return (
    <Box
      role="status"
      display="flex"
      gap="16px"
      alignItems="center"
      borderWidth={damp ? "3px" : "1px"}
      borderColor={damp ? "madder" : "ink"}
      p="14px 18px"
    >
      <svg width="34" height="42" viewBox="0 0 34 42" aria-hidden="true" className="still">
        <path
          d="M17 2C23 13 31 20 31 28a14 12 0 0 1-28 0C3 20 11 13 17 2Z"
          fill="none"
          stroke="currentColor"
          strokeWidth="3"
        />
      </svg>
      <Text fontWeight="700" fontSize="lead" lineHeight="1.25" color={damp ? "madder" : "ink"}>
        {sentence}
      </Text>
    </Box>
  );
}

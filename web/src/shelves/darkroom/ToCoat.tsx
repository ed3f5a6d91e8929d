import { Box, Text } from "@chakra-ui/react";
import { Link } from "react-router";
import { useFrameWork } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { clock, type DarkroomPlan } from "./clock";

type Screen = DarkroomPlan["screens"][number];

/** Which frames are coated on the first day of the plan, in which order, how, and from how much emulsion. */
export function ToCoat({ plan }: { plan: DarkroomPlan }) {
  const untilClosing =
    plan.startsMin < plan.closesMin ? plan.closesMin - plan.startsMin : plan.closesMin + 1440 - plan.startsMin;
  const coats = plan.screens
    .map((screen) => ({ screen, at: screen.steps.find((s) => s.step === "coat")?.fromMin }))
    .filter((row): row is { screen: Screen; at: number } => row.at !== undefined && row.at < untilClosing)
    .sort((a, b) => a.at - b.at);
  if (coats.length === 0) return null;
  const pots = new Map<string, number>();
  for (const { screen } of coats) pots.set(screen.emulsion, (pots.get(screen.emulsion) ?? 0) + screen.emulsionMl);
  return (
    <Box mt="30px">
      <Heading
        note={`${[...pots].map(([name, ml]) => `${Math.ceil(ml / 10) * 10} ml of ${name || "emulsion"}`).join(", ")}, a quarter more than stays on the screens: running out half way ruins evenness.`}
      >
        To coat on the first day
      </Heading>
      <Box as="ol" listStyleType="none" aria-label="Frames to coat, in order">
        {coats.map(({ screen, at }) => (
          <Row key={screen.plateId} screen={screen} when={clock(plan, at)} />
        ))}
      </Box>
    </Box>
  );
}

function Row({ screen, when }: { screen: Screen; when: string }) {
  const { coat } = useFrameWork(screen.frameId ?? 0);
  return (
    <Box
      as="li"
      display="grid"
      gridTemplateColumns={{ base: "64px 56px 1fr", md: "84px 56px 1.2fr 1.4fr 70px 130px" }}
      columnGap="14px"
      alignItems="center"
      minH="54px"
      borderTopWidth="1px"
      borderColor="line"
    >
      <Text fontSize="small" color="quiet">
        {when.replace("at ", "")}
      </Text>
      <Text className="readout" fontSize="lead">
        {screen.frame || "–"}
      </Text>
      <Text truncate>
        <b>{screen.plate}</b> of {screen.job}
        {screen.rackPlace && <span className="quiet">, at {screen.rackPlace}</span>}
      </Text>
      <Text>{screen.first.length > 0 ? `first ${screen.first.join(", ")}; then ${screen.coat}` : screen.coat}</Text>
      <Text className="readout">{screen.emulsionMl.toFixed(0)} ml</Text>
      {screen.frameId === null ? (
        <Link to={`/jobs/${screen.jobId}/screens?plate=${screen.plateId}`} className="reach lined">
          Choose a frame
        </Link>
      ) : screen.first.length > 0 ? (
        <Link to={`/rack/${screen.frameId}`} className="reach lined">
          See frame {screen.frame}
        </Link>
      ) : (
        <Box>
          <SmallButton fontWeight="700" onClick={() => coat.mutate({})}>
            Coated just now<span className="heard"> frame {screen.frame}</span>
          </SmallButton>
          <Trouble of={coat.error} />
        </Box>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api } from "../../api/client";
import { Caution, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Shelf } from "../Shelf";
import { Air } from "./Air";
import { Bars, legend, StepMark } from "./Bars";
import { clock, type DarkroomPlan } from "./clock";
import { ToCoat } from "./ToCoat";

const hours = (minutes: number) => `${(minutes / 60).toFixed(1)} h`;

/** What the printer's own order does to due times, against the order that the plan would choose. */
function consequences(plan: DarkroomPlan): string {
  const worse = plan.screens.filter((s) => s.late.lateMin > s.late.whenPlannedMin + 0.5);
  const more = plan.latenessMin - plan.bestLatenessMin;
  if (worse.length === 0) return "In your order, and nothing comes later for it.";
  const names = worse
    .slice(0, 3)
    .map((s) => `${s.plate} of ${s.job} by ${hours(s.late.lateMin - s.late.whenPlannedMin)}`)
    .join(", ");
  return `In your order. It makes ${names}${worse.length > 3 ? ` and ${worse.length - 3} more` : ""} later; ${hours(more)} in all.`;
}

/** The dark-room plan: every screen that is to be made, when each step comes, and what comes late. */
export function DarkroomShelf() {
  const [order, setOrder] = useState<number[]>([]);
  const { data, error } = useQuery({
    queryKey: ["darkroom", order],
    queryFn: () =>
      order.length === 0 ? answer(api.GET("/api/darkroom")) : answer(api.POST("/api/darkroom", { body: { order } })),
    placeholderData: (was) => was,
  });
  if (error)
    return (
      <Shelf name="Dark room" says="">
        <Trouble of={error} />
        <SmallButton onClick={() => setOrder([])}>Plan anew</SmallButton>
      </Shelf>
    );
  if (!data)
    return (
      <Shelf name="Dark room" says="Planning …">
        <span />
      </Shelf>
    );
  const late = data.screens.filter((s) => s.late.lateMin > 0);
  const move = (from: number, by: number) => {
    const ids = data.screens.map((s) => s.plateId);
    const [one] = ids.splice(from, 1);
    if (one !== undefined) ids.splice(from + by, 0, one);
    setOrder(ids);
  };
  return (
    <Shelf
      name="Dark room"
      says={
        data.screens.length === 0
          ? "Every screen of the open jobs is burned: nothing to coat today."
          : `${data.screens.length} screens to coat, dry, burn, wash out, dry again and tape, from now on. One coater, one sink, one of each lamp.`
      }
    >
      <Air room={data.room} />
      {data.cannot.map((why) => (
        <Text key={why} role="alert" color="madder" fontWeight="700" mb="8px">
          {why}
        </Text>
      ))}
      {data.screens.length > 0 && (
        <>
          <Text fontWeight="700" fontSize="lead" color={late.length > 0 ? "madder" : "ink"}>
            {late.length === 0
              ? `All in time. The last screen is taped ${clock(data, data.endsMin)}.`
              : `${late.length} ${late.length === 1 ? "screen comes" : "screens come"} late: ${late.map((s) => `${s.plate} of ${s.job} by ${hours(s.late.lateMin)}`).join(", ")}.`}
          </Text>
          <Text color="quiet" mb="14px">
            {data.byHand
              ? consequences(data)
              : data.firstComeLatenessMin > data.latenessMin
                ? `First come, first served would be ${hours(data.firstComeLatenessMin - data.latenessMin)} later.`
                : "First come, first served would do as well."}
            {data.byHand && <SmallButton onClick={() => setOrder([])}>Let the plan choose</SmallButton>}
          </Text>
          <Bars plan={data} move={(from, to) => move(from, to - from)} />
          <Box display="flex" flexWrap="wrap" gap="18px" my="12px" fontSize="small">
            {legend.map(([step, words]) => (
              <Box key={step} display="flex" gap="8px" alignItems="center">
                <StepMark step={step} />
                {words}
              </Box>
            ))}
          </Box>
          <Box as="ol" listStyleType="none" aria-label="Screens in their turn">
            {data.screens.map((screen, i) => (
              <Box
                as="li"
                key={screen.plateId}
                display="grid"
                gridTemplateColumns={{ base: "28px 1fr auto", md: "28px 1fr 190px auto" }}
                columnGap="16px"
                minH="52px"
                alignItems="center"
                borderTopWidth="1px"
                borderColor="line"
              >
                <Text className="readout">{i + 1}</Text>
                <Text>
                  <Link to={`/jobs/${screen.jobId}/screens?plate=${screen.plateId}`} className="reach">
                    <b>{screen.plate}</b>&nbsp;of {screen.job}
                    {screen.frame ? `, frame ${screen.frame}` : ", no frame chosen"}
                  </Link>
                </Text>
                <Text hideBelow="md" fontSize="small" color={screen.late.lateMin > 0 ? "madder" : "quiet"}>
                  {screen.steps[0]?.step === "coat"
                    ? `coat ${clock(data, screen.steps[0].fromMin)}`
                    : `burn ${clock(data, screen.steps.find((s) => s.step === "expose")?.fromMin ?? 0)}`}
                </Text>
                <Box>
                  <SmallButton disabled={i === 0} onClick={() => move(i, -1)}>
                    Earlier
                    <span className="heard">
                      {" "}
                      {screen.plate} of {screen.job}
                    </span>
                  </SmallButton>
                  <SmallButton disabled={i === data.screens.length - 1} onClick={() => move(i, 1)}>
                    Later
                    <span className="heard">
                      {" "}
                      {screen.plate} of {screen.job}
                    </span>
                  </SmallButton>
                </Box>
              </Box>
            ))}
          </Box>
          <ToCoat plan={data} />
          <Box mt="18px">
            <Caution>
              Gloves and goggles for sensitisers, removers and the washer; never look at the lamp; coat and dry under
              yellow light.
            </Caution>
          </Box>
        </>
      )}
    </Shelf>
  );
}

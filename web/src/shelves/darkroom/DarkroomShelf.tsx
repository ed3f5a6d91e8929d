import { Box, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api } from "../../api/client";
import { Caution, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Shelf } from "../Shelf";
import { Bars, legend, StepMark } from "./Bars";
import { clock } from "./clock";

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
  const late = data.screens.filter((s) => s.lateMin > 0);
  const move = (from: number, by: number) => {
    const ids = data.screens.map((s) => s.plateId);
    const [one] = ids.splice(from, 1);
    if (one !== undefined) ids.splice(from + by, 0, one);
    setOrder(ids);
  };
  const hours = (minutes: number) => `${(minutes / 60).toFixed(1)} h`;
  return (
    <Shelf
      name="Dark room"
      says={
        data.screens.length === 0
          ? "Every screen of the open jobs is burned: nothing to coat today."
          : `${data.screens.length} screens to coat, dry, burn, wash out, dry again and tape, from now on. One coater, one sink, ${data.dryingPlaces} places to dry; air taken at ${data.temperatureC} °C and ${data.humidityPct} % humidity.`
      }
    >
      {data.screens.length > 0 && (
        <>
          <Text fontWeight="700" fontSize="lead" color={late.length > 0 ? "madder" : "ink"}>
            {late.length === 0
              ? `All in time. The last screen is taped ${clock(data, data.endsMin)}.`
              : `${late.length} ${late.length === 1 ? "screen comes" : "screens come"} late: ${late.map((s) => `${s.plate} of ${s.job} by ${hours(s.lateMin)}`).join(", ")}.`}
          </Text>
          <Text color="quiet" mb="14px">
            {data.byHand
              ? `In your order. ${data.latenessMin > data.firstComeLatenessMin ? `First come, first served would be ${hours(data.latenessMin - data.firstComeLatenessMin)} less late.` : ""}`
              : data.firstComeLatenessMin > data.latenessMin
                ? `First come, first served would be ${hours(data.firstComeLatenessMin - data.latenessMin)} later.`
                : "First come, first served would do as well."}
            {data.byHand && <SmallButton onClick={() => setOrder([])}>Let the plan choose</SmallButton>}
          </Text>
          <Bars plan={data} />
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
                  <Link
                    to={`/jobs/${screen.jobId}/screens?plate=${screen.plateId}`}
                    style={{ minHeight: 44, display: "inline-flex", alignItems: "center" }}
                  >
                    <b>{screen.plate}</b>&nbsp;of {screen.job}
                    {screen.frame ? `, frame ${screen.frame}` : ", no frame chosen"}
                  </Link>
                </Text>
                <Text hideBelow="md" fontSize="small" color={screen.lateMin > 0 ? "madder" : "quiet"}>
                  coat {clock(data, screen.steps[0]?.fromMin ?? 0)}
                </Text>
                <Box>
                  <SmallButton disabled={i === 0} onClick={() => move(i, -1)}>
                    Earlier
                    <span style={{ position: "absolute", left: -9999 }}>
                      {" "}
                      {screen.plate} of {screen.job}
                    </span>
                  </SmallButton>
                  <SmallButton disabled={i === data.screens.length - 1} onClick={() => move(i, 1)}>
                    Later
                    <span style={{ position: "absolute", left: -9999 }}>
                      {" "}
                      {screen.plate} of {screen.job}
                    </span>
                  </SmallButton>
                </Box>
              </Box>
            ))}
          </Box>
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

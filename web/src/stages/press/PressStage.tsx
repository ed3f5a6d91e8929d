import { Box, Text } from "@chakra-ui/react";
import { useSearchParams } from "react-router";
import { useShop } from "../../api/use";
import { Bench, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Caution } from "../../ui/Parts";
import { Sign } from "../../ui/Sign";
import { Views } from "../../ui/SmallButton";
import { Stack } from "../../ui/Stack";
import { FlashView } from "./FlashView";
import { OrderView } from "./OrderView";
import { SetUpView } from "./SetUpView";
import { StrikeOff } from "./StrikeOff";

const views = [
  ["set-up", "Set up"],
  ["order", "Order"],
  ["strike-off", "Strike-off"],
  ["flash", "Flash and rhythm"],
] as const;
type View = (typeof views)[number][0];

/** The press: set up, in which order, struck off and brought into register, and how the run goes round. */
export function PressStage() {
  const at = useAtHand<"press">();
  const { job, plate } = at;
  const shop = useShop().data;
  const { length } = useHabits();
  const [params, setParams] = useSearchParams();
  if (!job.separated || !plate) return <NotYet>The press comes last. Separate the art first.</NotYet>;
  const press = shop?.presses.find((p) => p.id === job.pressId);
  const asked = params.get("look");
  const view: View = views.find(([v]) => v === asked)?.[0] ?? "strike-off";
  const show = (to: View) =>
    setParams(
      (was) => {
        was.set("look", to);
        return was;
      },
      { replace: true },
    );
  return (
    <Bench
      wide={360}
      tool={
        <Box display="flex" flexDirection="column" gap="20px">
          <Views of={views} at={view} pick={show} label="Of the press" />
          {plate.mind !== "" && (
            <Text role="status" borderWidth="3px" borderColor="madder" color="madder" fontWeight="700" p="12px 16px">
              {plate.mind}
            </Text>
          )}
          <Box data-look={view} display="flex" flexDirection="column" gap="20px">
            {view === "set-up" && <SetUpView at={at} press={press} presses={shop?.presses ?? []} />}
            {view === "order" && <OrderView at={at} />}
            {view === "strike-off" && <StrikeOff at={at} plate={plate} press={press} />}
            {view === "flash" && <FlashView at={at} />}
          </Box>
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
              {p.id === at.job.keyPlateId ? (
                <Text fontSize="small" color="quiet">
                  key, off-contact {length(p.print.standing.offContactMm, 1)}
                </Text>
              ) : p.register ? (
                <>
                  <Sign kind={p.register.inRegister ? "measured" : "out_of_bounds"} />
                  <Text
                    className="readout"
                    fontSize="lead"
                    whiteSpace="nowrap"
                    color={p.register.inRegister ? "ink" : "madder"}
                  >
                    {length(p.register.nowMaxMm, 2)}
                  </Text>
                  <Text fontSize="small" color="quiet">
                    {p.register.inRegister
                      ? "in register"
                      : `out on the last print; ${length(p.register.mending.afterMaxMm, 2)} once it is turned`}
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

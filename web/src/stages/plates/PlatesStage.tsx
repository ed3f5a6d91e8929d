import { Box, Text } from "@chakra-ui/react";
import { useSearchParams } from "react-router";
import { askedWith } from "../../ui/asked";
import { Bench, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Sign } from "../../ui/Sign";
import { Views } from "../../ui/SmallButton";
import { Stack } from "../../ui/Stack";
import { Buys } from "./Buys";
import { Falls } from "./Falls";
import { Holds } from "./Holds";
import { HoldsDots } from "./HoldsDots";
import { Shifts } from "./Shifts";

const views = [
  ["falls", "Where it falls"],
  ["holds", "Will it hold?"],
  ["shifts", "What if it shifts?"],
  ["buys", "What it buys"],
] as const;

type View = (typeof views)[number][0];

/** One plate at a time: where its ink falls, whether it holds, what shows when it shifts, what it is worth. */
export function PlatesStage() {
  const { ruling } = useHabits();
  const at = useAtHand<"plates">();
  const { job, plate } = at;
  const [search, setSearch] = useSearchParams();
  const asked = search.get("look");
  // What fewer inks would do is reckoned from flat colours: a picture in tones has none.
  const open = views.filter(([id]) => id !== "buys" || at.job.method === "spot");
  const view = open.find(([id]) => id === asked)?.[0] ?? "falls";
  const look = (to: View) => setSearch(askedWith("look", to), { replace: true });
  if (!job.separated || !plate) return <NotYet>The plates come out of the art. Separate it first.</NotYet>;
  return (
    <Bench
      wide={view === "falls" ? 452 : 372}
      tool={
        <Box display="flex" flexDirection="column" h="100%" gap="16px">
          <Views of={open} at={view} pick={look} label="Look at the plate" />
          {view === "falls" && <Falls at={at} plate={plate} />}
          {view === "holds" &&
            (plate.dots ? (
              <HoldsDots key={plate.id} at={at} plate={plate} dots={plate.dots} />
            ) : (
              <Holds key={plate.id} at={at} plate={plate} />
            ))}
          {view === "shifts" && <Shifts key={plate.id} at={at} plate={plate} />}
          {view === "buys" && <Buys at={at} />}
        </Box>
      }
      beside={
        <Stack
          at={at}
          reorder
          figures={(p) => (
            <Box display="flex" gap="8px" alignItems="center" mt="4px">
              <Text fontSize="small" color="quiet">
                {p.areaCm2.toFixed(0)} cm²{p.inkName && p.inkName !== p.name ? `, ${p.inkName}` : ""}
              </Text>
              {p.dots && (
                <Text fontSize="small" color="quiet">
                  {ruling(p.dots.lpi)}, {p.dots.angleDeg.toFixed(1)}°
                </Text>
              )}
              {p.holding.atRisk > 0 && (
                <Box display="flex" gap="5px" alignItems="center" color="madder" fontSize="small">
                  <Sign kind="out_of_bounds" size={12} />
                  {p.holding.atRisk} thin
                </Box>
              )}
            </Box>
          )}
        />
      }
    />
  );
}

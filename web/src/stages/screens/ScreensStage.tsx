import { Box, Text } from "@chakra-ui/react";
import { useSearchParams } from "react-router";
import { askedWith } from "../../ui/asked";
import { Bench, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Readout } from "../../ui/Readout";
import { Views } from "../../ui/SmallButton";
import { Stack } from "../../ui/Stack";
import { Frames } from "./Frames";
import { Meshes } from "./Meshes";
import { Pattern } from "./Pattern";
import { Stencil } from "./Stencil";

const views = [
  ["frame", "Its frame"],
  ["mesh", "Its mesh"],
  ["stencil", "Its stencil"],
  ["pattern", "Halftone on mesh"],
] as const;

type View = (typeof views)[number][0];

/** A screen for each plate: which frame, what the mesh does to the print, how it is coated, what a halftone would show. */
export function ScreensStage() {
  const at = useAtHand<"screens">();
  const { job, plate } = at;
  const { mesh } = useHabits();
  const [search, setSearch] = useSearchParams();
  const asked = search.get("look");
  const view = views.find(([id]) => id === asked)?.[0] ?? "frame";
  const look = (to: View) => setSearch(askedWith("look", to), { replace: true });
  if (!job.separated || !plate) return <NotYet>A screen is chosen for each plate. Separate the art first.</NotYet>;
  return (
    <Bench
      wide={view === "frame" ? 400 : 336}
      tool={
        <Box data-look={view} display="flex" flexDirection="column" gap="18px">
          <Views of={views} at={view} pick={look} label="Look at the screen" />
          {view === "frame" && <Frames at={at} plate={plate} look={look} />}
          {view === "mesh" && <Meshes key={plate.id} at={at} plate={plate} />}
          {view === "stencil" && <Stencil key={plate.id} at={at} plate={plate} />}
          {view === "pattern" && <Pattern key={plate.id} at={at} plate={plate} />}
        </Box>
      }
      beside={
        <Stack
          at={at}
          figures={(p) => (
            <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="8px" mt="4px">
              <Readout label="Mesh" figure={p.mesh} shown={mesh(p.mesh.text, p.mesh.value ?? 0)} />
              <Readout label="Stencil" figure={p.stencil} />
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

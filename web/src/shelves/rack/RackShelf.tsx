import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Link } from "react-router";
import type { Shop } from "../../api/client";
import { useShop } from "../../api/use";
import { date } from "../../ui/day";
import { useHabits } from "../../ui/habits";
import { Sign } from "../../ui/Sign";
import { Views } from "../../ui/SmallButton";
import { Adding } from "../Adding";
import { Rows, Shelf } from "../Shelf";
import { Tables } from "../Tables";
import { frameAsked } from "./asked";
import { FramesAlike } from "./FramesAlike";

type View = "all" | "free" | "reclaim" | "stretch";
type Frame = Shop["frames"][number];

const views = [
  ["all", "All"],
  ["free", "Bare or coated"],
  ["reclaim", "To reclaim"],
  ["stretch", "Slack or torn"],
] as const;

const wanted: Record<View, (f: Frame) => boolean> = {
  all: () => true,
  free: (f) => f.state === "bare" || f.state === "coated",
  reclaim: (f) => f.state === "to reclaim",
  stretch: (f) => f.state === "to stretch" || f.tensionNPerCm < 15,
};

export function RackShelf() {
  const frames = useShop().data?.frames ?? [];
  const [view, setView] = useState<View>("all");
  const shown = frames.filter(wanted[view]);
  const { mesh, length } = useHabits();
  return (
    <Shelf
      name="Rack"
      says={
        frames.length === 0
          ? "No frames yet."
          : `${frames.length} frames, coarse to fine; each opens to its page. Under 15 N/cm a frame needs new mesh.${frames.some((f) => f.assumed) ? " A tension of “about” is assumed until it is gauged." : ""}`
      }
    >
      <Box display="flex" gap="12px" flexWrap="wrap">
        <FramesAlike />
        <Adding kind="frames" what="a frame" asked={frameAsked} />
      </Box>
      <Box display="flex" gap="18px" alignItems="center" flexWrap="wrap" mb="14px">
        <Views of={views} at={view} pick={setView} label="Which frames" />
        <Link to="/meshes" className="reach">
          <Text textDecoration="underline" textUnderlineOffset="3px">
            The catalogue of meshes
          </Text>
        </Link>
      </Box>
      <Rows
        heads={["Frame", "Place", "Mesh", "Colour", "Inside", "Tension", "Mesh since", "Stencils", "State"]}
        columns="62px 54px 104px 62px 158px 150px 104px 70px 1fr"
        rows={shown.map((f) => ({
          key: f.id,
          cells: [
            <Link key="l" to={`/rack/${f.id}`} className="reach">
              <Text as="span" className="readout" fontSize="lead" textDecoration="underline" textUnderlineOffset="4px">
                {f.label}
              </Text>
            </Link>,
            f.rackPlace || "–",
            <span key="m" className="readout">
              {mesh(f.mesh.name, f.mesh.threadsPerCm)}
            </span>,
            f.mesh.dyed ? "yellow" : "white",
            `${length(f.insideWidthMm)} × ${length(f.insideHeightMm)}`,
            <span key="t" className="readout beside">
              <Sign kind={f.tensionNPerCm < 15 ? "out_of_bounds" : f.assumed ? "reckoned" : "measured"} />
              {f.assumed ? "about " : ""}
              {f.tensionNPerCm.toFixed(f.assumed ? 0 : 1)} N/cm
            </span>,
            f.stretchedOn ? date(f.stretchedOn) : "–",
            <span key="u" className="readout">
              {f.uses}
            </span>,
            `${f.state}${f.locked ? ", locked in" : f.stained ? ", stained" : ""}`,
          ],
        }))}
      />
      <Tables
        of={[
          ["rack", "Frames"],
          ["tensions", "Tension readings"],
        ]}
      />
    </Shelf>
  );
}

import { Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { Sign } from "../../ui/Sign";
import { Rows, Shelf } from "../Shelf";

export function RackShelf() {
  const frames = useShop().data?.frames ?? [];
  const { mesh, length } = useHabits();
  return (
    <Shelf
      name="Rack"
      says={
        frames.length === 0
          ? "No frames yet."
          : `${frames.length} frames, coarse to fine. Under 15 N/cm a frame needs new mesh.`
      }
    >
      <Rows
        heads={["Frame", "Mesh", "Colour", "Inside", "Tension", "State"]}
        columns="80px 110px 90px 170px 130px 1fr"
        rows={frames.map((f) => ({
          key: f.id,
          cells: [
            <Text key="l" className="readout" fontSize="lead">
              {f.label}
            </Text>,
            <span key="m" className="readout">
              {mesh(f.mesh, f.threadsPerCm)}
            </span>,
            f.dyed ? "yellow" : "white",
            `${length(f.insideWidthMm)} × ${length(f.insideHeightMm)}`,
            <span key="t" className="readout" style={{ display: "flex", alignItems: "center", gap: 6 }}>
              <Sign kind={f.tensionNPerCm < 15 ? "out_of_bounds" : "measured"} />
              {f.tensionNPerCm.toFixed(1)} N/cm
            </span>,
            f.state,
          ],
        }))}
      />
    </Shelf>
  );
}

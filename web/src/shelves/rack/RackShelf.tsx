import { Text } from "@chakra-ui/react";
import { Link } from "react-router";
import { useShop } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { Sign } from "../../ui/Sign";
import { Adding, TakeOff } from "../Adding";
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
      <Adding
        kind="frames"
        what="a frame"
        asked={[
          { name: "label", label: "Label", start: "", kind: "text" },
          { name: "threadsPerCm", label: "Threads per cm", start: "77", kind: "number" },
          { name: "threadUm", label: "Thread, µm", start: "55", kind: "number" },
          { name: "dyed", label: "Yellow mesh", start: "yes", kind: "yes" },
          { name: "insideWidthMm", label: "Inside across, mm", start: "460", kind: "number" },
          { name: "insideHeightMm", label: "Inside along, mm", start: "560", kind: "number" },
          { name: "tensionNPerCm", label: "Tension, N/cm", start: "22", kind: "number" },
        ]}
      />
      <Rows
        heads={["Frame", "Mesh", "Colour", "Inside", "Tension", "State", ""]}
        columns="80px 110px 90px 170px 130px 1fr 90px"
        rows={frames.map((f) => ({
          key: f.id,
          cells: [
            <Link key="l" to={`/rack/${f.id}`} style={{ minHeight: 44, display: "flex", alignItems: "center" }}>
              <Text as="span" className="readout" fontSize="lead" textDecoration="underline" textUnderlineOffset="4px">
                {f.label}
              </Text>
            </Link>,
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
            <TakeOff key="x" kind="frames" id={f.id} name={`frame ${f.label}`} />,
          ],
        }))}
      />
    </Shelf>
  );
}

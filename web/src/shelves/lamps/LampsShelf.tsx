import { Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Caution } from "../../ui/Parts";
import { Rows, Shelf } from "../Shelf";

const kinds: Record<string, string> = {
  led: "LED",
  metal_halide: "metal halide",
  halogen: "halogen",
  tubes: "tubes",
  sun: "sun",
};

export function LampsShelf() {
  const shop = useShop().data;
  const lamps = shop?.lamps ?? [];
  return (
    <Shelf
      name="Lamps"
      says={
        lamps.length === 0
          ? "No lamps yet."
          : "Lamps age: count their hours, and test anew after a change of lamp or emulsion."
      }
    >
      <Rows
        heads={["Lamp", "Kind", "Hours", "Step tests", "Last test"]}
        columns="1.4fr 1fr 120px 120px 1fr"
        rows={lamps.map((lamp) => {
          const tests = shop?.tests.filter((t) => t.lamp === lamp.name) ?? [];
          return {
            key: lamp.id,
            cells: [
              <Text key="n" fontWeight="700" fontSize="lead">
                {lamp.name}
              </Text>,
              kinds[lamp.kind] ?? lamp.kind,
              <span key="h" className="readout">
                {lamp.hours.toFixed(0)} h
              </span>,
              <span key="t" className="readout">
                {tests.length}
              </span>,
              tests[0]?.doneOn ?? "none yet",
            ],
          };
        })}
      />
      <div style={{ marginTop: 24 }}>
        <Caution>
          Lamps for stencils give ultraviolet light: never look into one, keep the lid shut, cover skin. Electrical work
          belongs to licensed people.
        </Caution>
      </div>
    </Shelf>
  );
}

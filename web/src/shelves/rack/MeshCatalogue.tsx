import { Text } from "@chakra-ui/react";
import { useShop } from "../../api/use";
import { Adding, type Asked, Editing } from "../Adding";
import { Rows, Shelf } from "../Shelf";

const asked: Asked[] = [
  { name: "threadsPerCm", label: "Threads per cm", start: "", kind: "number" },
  { name: "threadUm", label: "Thread, µm", start: "", kind: "number" },
  { name: "dyed", label: "Yellow mesh", start: "yes", kind: "yes" },
  { name: "openingUm", label: "Opening by the sheet, µm", start: "", kind: "number" },
  { name: "thicknessUm", label: "Fabric by the sheet, µm", start: "", kind: "number" },
];

/** Every mesh that the shop can think of: the commonly woven ones, and its own with their data sheets. */
export function MeshCatalogue() {
  const meshes = useShop().data?.meshes ?? [];
  return (
    <Shelf
      name="Meshes"
      says="Opening and fabric by the formula, pitch less thread and 1.6 threads, unless the weaver’s data sheet says otherwise: woven cloth opens a little less on fine counts."
    >
      <Adding kind="meshes" what="a mesh with its data sheet" asked={asked} />
      <Rows
        heads={["Mesh", "Per inch", "Colour", "Opening", "Open area", "Fabric", "Passes", "Line", "Wall", "Rack", ""]}
        columns="96px 70px 62px 84px 76px 76px 96px 78px 78px 44px 170px"
        rows={meshes.map((row) => ({
          key: `${row.mesh.name} ${row.mesh.dyed}`,
          cells: [
            <Text key="n" className="readout" fontSize="lead">
              {row.mesh.name}
            </Text>,
            <span key="i" className="readout">
              {Math.round(row.mesh.threadsPerCm * 2.54)}
            </span>,
            row.mesh.dyed ? "yellow" : "white",
            <span key="o" className="readout">
              {row.mesh.openingUm.toFixed(0)} µm
            </span>,
            <span key="a" className="readout">
              {row.mesh.openAreaPct.toFixed(0)} %
            </span>,
            <span key="f" className="readout">
              {row.mesh.thicknessUm.toFixed(0)} µm
            </span>,
            <span key="v" className="readout">
              {row.mesh.volumeCm3M2.toFixed(0)} cm³/m²
            </span>,
            <span key="l" className="readout">
              {row.mesh.finestLineMm.toFixed(2)} mm
            </span>,
            <span key="w" className="readout">
              {row.mesh.finestGapMm.toFixed(2)} mm
            </span>,
            row.inRack || "–",
            row.id === null ? (
              <Text key="t" fontSize="small" color="quiet">
                typical
              </Text>
            ) : (
              <Editing
                key="x"
                kind="meshes"
                id={row.id}
                name={`the data sheet of ${row.mesh.name}`}
                asked={asked}
                values={row.mesh}
              />
            ),
          ],
        }))}
      />
    </Shelf>
  );
}

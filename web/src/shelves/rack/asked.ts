import type { Shop } from "../../api/client";
import { meshKey } from "../../ui/meshes";
import type { Asked, Values } from "../Adding";

/** What is told of a frame. */
export const frameAsked: Asked[] = [
  { name: "label", label: "Label", start: "", kind: "text" },
  { name: "mesh", label: "Mesh", start: "77|55|white", kind: "mesh" },
  { name: "insideWidthMm", label: "Inside across", start: "460", kind: "length" },
  { name: "insideHeightMm", label: "Inside along", start: "560", kind: "length" },
  { name: "outsideWidthMm", label: "Outside across", start: "", kind: "length" },
  { name: "outsideHeightMm", label: "Outside along", start: "", kind: "length" },
  { name: "tensionNPerCm", label: "Tension, N/cm", start: "22", kind: "number" },
  { name: "stretchedOn", label: "Stretched on", start: "", kind: "date" },
  { name: "rackPlace", label: "Place in the rack", start: "", kind: "text" },
];

export const frameValues = ({ mesh, ...frame }: Shop["frames"][number]): Values => ({
  label: frame.label,
  mesh: meshKey(mesh),
  insideWidthMm: frame.insideWidthMm,
  insideHeightMm: frame.insideHeightMm,
  outsideWidthMm: frame.outsideWidthMm,
  outsideHeightMm: frame.outsideHeightMm,
  tensionNPerCm: frame.tensionNPerCm,
  stretchedOn: frame.stretchedOn,
  rackPlace: frame.rackPlace,
});

import { useShop } from "../api/use";
import { useHabits } from "../ui/habits";
import { meshKey, meshName, meshOf } from "../ui/meshes";

/** The meshes of the catalogue by their usual names, and one that is none of them but stands on the thing at hand. */
export function MeshOptions({ also }: { also?: string }) {
  const meshes = useShop().data?.meshes ?? [];
  const { inches } = useHabits();
  const keys = meshes.map((m) => meshKey(m.mesh));
  return (
    <>
      {also && !keys.includes(also) && <option value={also}>{meshName(meshOf(also), inches)}</option>}
      {meshes.map((m) => (
        <option key={meshKey(m.mesh)} value={meshKey(m.mesh)}>
          {meshName(m.mesh, inches)}
        </option>
      ))}
    </>
  );
}

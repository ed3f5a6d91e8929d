import { Box, Text } from "@chakra-ui/react";
import { Choice, Entry } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { MeshOptions } from "../MeshOptions";

export type RowOfFrames = { mesh: string; count: string };

/** So many frames of each mesh, picked by its usual name. */
export function FrameRows({ rows, set }: { rows: RowOfFrames[]; set: (rows: RowOfFrames[]) => void }) {
  const change = (i: number, row: Partial<RowOfFrames>) => set(rows.map((r, j) => (i === j ? { ...r, ...row } : r)));
  return (
    <Box maxW="560px">
      {rows.map((row, i) => (
        <Box key={i} display="grid" gridTemplateColumns="84px 24px 1fr auto" gap="8px" alignItems="center" mb="6px">
          <Entry
            aria-label={`Row ${i + 1}, how many frames`}
            inputMode="numeric"
            value={row.count}
            onChange={(e) => change(i, { count: e.target.value })}
          />
          <Text color="quiet">of</Text>
          <Choice
            aria-label={`Row ${i + 1}, mesh`}
            fontFamily="body"
            value={row.mesh}
            onChange={(e) => change(i, { mesh: e.target.value })}
          >
            <MeshOptions also={row.mesh} />
          </Choice>
          <SmallButton onClick={() => set(rows.filter((_, j) => j !== i))}>
            Leave out<span className="heard"> row {i + 1}</span>
          </SmallButton>
        </Box>
      ))}
      <SmallButton ml="-10px" onClick={() => set([...rows, { mesh: rows.at(-1)?.mesh ?? "77|55|yellow", count: "2" }])}>
        Another mesh
      </SmallButton>
    </Box>
  );
}

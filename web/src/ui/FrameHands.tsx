import { Box } from "@chakra-ui/react";
import type { CameOff } from "../api/client";
import { useFrameWork } from "../api/use";
import { Action, Caution, Trouble } from "./Parts";

const answers: [CameOff, string][] = [
  ["clean", "It came off clean"],
  ["stained", "It left a stain"],
  ["locked", "It is locked in"],
  ["torn", "The mesh tore"],
];

/** How a stencil came off. */
export function Reclaiming({ frameId, again = false }: { frameId: number; again?: boolean }) {
  const { reclaim } = useFrameWork(frameId);
  return (
    <Box mt="8px">
      <Box display="flex" flexWrap="wrap" gap="10px">
        {answers.map(([came, words]) => (
          <Action key={came} quiet={came !== "clean"} onClick={() => reclaim.mutate({ came, again })}>
            {words}
          </Action>
        ))}
      </Box>
      <Trouble of={reclaim.error} />
      <Box mt="10px">
        <Caution>
          Removers eat skin and eyes, haze removers most of all: gloves, goggles, moving air. A pressure washer cuts and
          deafens, and water and electricity do not mix. What runs off is not for every drain.
        </Caution>
      </Box>
    </Box>
  );
}

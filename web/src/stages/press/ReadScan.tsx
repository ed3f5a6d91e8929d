import { Box, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import type { JobOn } from "../../api/client";
import { useHowFar } from "../../api/now";
import { useStrikeOff } from "../../api/press";
import { useHabits } from "../../ui/habits";
import { Action, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Bar } from "../../ui/TaskLine";
import { PlatenChoice } from "./PlatenChoice";

/** Every plate from one scan: the strip beside the print is found by place and ink. */
export function ReadScan({ job, platens }: { job: JobOn<"press">; platens: number }) {
  const { length } = useHabits();
  const file = useRef<HTMLInputElement>(null);
  const [platen, setPlaten] = useState<number | null>(null);
  const read = useStrikeOff(job.id);
  const far = useHowFar(read.isPending).data;
  const send = (scan: File | null) => read.mutate({ scan, platen });
  return (
    <Box borderTopWidth="1px" borderBottomWidth="1px" borderColor="line" py="14px">
      <Box display="flex" flexWrap="wrap" gap="16px" alignItems="flex-end">
        <Box flex="1" minW="260px">
          <Text fontWeight="700">Or scan one print: all plates are read at once</Text>
          <Text fontSize="small" color="quiet" maxW="60ch">
            Flat, whole, corners and all, 300 to 600 pixels an inch. It is added to what was read before.
          </Text>
        </Box>
        <Box w="150px">
          <PlatenChoice label="Scanned print’s platen" platens={platens} value={platen} set={setPlaten} />
        </Box>
        <input
          ref={file}
          type="file"
          accept="image/*"
          aria-label="Scan of the strike-off"
          hidden
          onChange={(e) => {
            const scan = e.target.files?.[0];
            if (scan) send(scan);
            e.target.value = "";
          }}
        />
        <Action quiet disabled={read.isPending} onClick={() => file.current?.click()}>
          {read.isPending ? "Reading …" : "Read a scan"}
        </Action>
        <SmallButton disabled={read.isPending} onClick={() => send(null)}>
          Try with the {job.scanner}
        </SmallButton>
      </Box>
      {read.isPending && (
        <Box display="flex" gap="14px" alignItems="center" mt="10px">
          <Bar step={far?.step || "The scan is brought in"} share={far?.share ?? 0} />
        </Box>
      )}
      <Trouble of={read.error} />
      {read.data && !read.isPending && (
        <Box role="status" mt="8px">
          <Text>
            Read: {read.data.plates.map((p) => `${p.name} at ${p.readings.length} corners`).join(", ")}
            {read.data.plates.some((p) => p.errorMm !== null)
              ? `, each to ${length(Math.max(...read.data.plates.map((p) => p.errorMm ?? 0)), 3)}`
              : ""}
            . The print lay {Math.abs(read.data.turnedDeg).toFixed(1)}° turned.
          </Text>
          {read.data.says.map((one) => (
            <Text key={one} borderLeftWidth="6px" borderColor="amber" pl="12px" mt="6px">
              {one}
            </Text>
          ))}
        </Box>
      )}
    </Box>
  );
}

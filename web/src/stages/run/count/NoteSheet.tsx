import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn } from "../../../api/client";
import { Action, Entry, Field } from "../../../ui/Parts";
import { Sheet } from "../../../ui/Sheet";
import { SmallButton } from "../../../ui/SmallButton";

const usual = [
  "taped: it fouls the next plate",
  "thicker garments: screens lifted",
  "new tack on the platens",
  "wiped from below",
  "flash raised",
  "waste rounds to warm up",
];

/** What was done at the press beside printing; it stands in the record of the run. */
export function NoteSheet({
  job,
  close,
  told,
}: {
  job: JobOn<"run">;
  close: () => void;
  told: (words: string, plate: number | null) => void;
}) {
  const [plate, setPlate] = useState<number | null>(null);
  const [words, setWords] = useState("");
  return (
    <Sheet label="What was done?" close={close}>
      <Box p="24px" display="grid" gap="14px">
        <Text className="wide" as="h2" fontWeight="800" fontSize="title">
          What was done?
        </Text>
        <Box role="group" aria-label="Which screen" display="flex" flexWrap="wrap">
          {job.plates.map((p) => (
            <SmallButton key={p.id} pressed={plate === p.id} onClick={() => setPlate(plate === p.id ? null : p.id)}>
              {p.name}
            </SmallButton>
          ))}
        </Box>
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="10px">
          {usual.map((one) => (
            <Action key={one} quiet minH="56px" onClick={() => told(one, plate)}>
              {one}
            </Action>
          ))}
        </Box>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (words.trim() !== "") told(words.trim(), plate);
          }}
        >
          <Field label="Something else">
            <Entry value={words} maxLength={60} onChange={(e) => setWords(e.target.value)} />
          </Field>
          <Action mt="10px" type="submit">
            Note it
          </Action>
        </form>
      </Box>
    </Sheet>
  );
}

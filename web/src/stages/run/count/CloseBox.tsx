import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Action, Entry, Field } from "../../../ui/Parts";
import { Sheet } from "../../../ui/Sheet";

/** A bundle goes into a box: its number, and how many lie in it. */
export function CloseBox({
  next,
  loose,
  of,
  close,
  told,
}: {
  next: string;
  loose: number;
  of: string;
  close: () => void;
  told: (name: string, pieces: number) => void;
}) {
  const [name, setName] = useState(next);
  const [pieces, setPieces] = useState(String(loose));
  const many = Number(pieces);
  const wrong = name.trim() === "" || !Number.isInteger(many) || many < 1 || many > 500;
  return (
    <Sheet label="Close a box" close={close}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!wrong) told(name.trim(), many);
        }}
      >
        <Box p="24px" display="grid" gap="14px">
          <Text className="wide" as="h2" fontWeight="800" fontSize="title">
            Close a box
          </Text>
          <Field label="Box">
            <Entry value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
          </Field>
          <Field label={`Pieces of ${of} in it`} hint={wrong ? "A box has a name, and 1 to 500 pieces." : undefined}>
            <Entry inputMode="numeric" value={pieces} onChange={(e) => setPieces(e.target.value)} />
          </Field>
          <Action type="submit">Close it</Action>
        </Box>
      </form>
    </Sheet>
  );
}

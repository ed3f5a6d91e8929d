import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { type SheetKind, useSheet } from "../api/sheets";
import { Action, Trouble } from "../ui/Parts";
import { SmallButton } from "../ui/SmallButton";

/** Shelves as tables for any spreadsheet: taken out, and brought in after a look at every row. */
export function Tables({ of }: { of: readonly (readonly [SheetKind, string])[] }) {
  return (
    <Box mt="36px" borderTopWidth="1px" borderColor="line" pt="14px">
      <Text as="h2" fontWeight="700" fontSize="lead">
        As a table
      </Text>
      <Text fontSize="small" color="quiet" mb="6px">
        CSV, for any spreadsheet. What is brought in is shown row by row before it is taken; rows that stand here
        already are left as they are.
      </Text>
      {of.map(([kind, says]) => (
        <Table key={kind} kind={kind} says={says} />
      ))}
    </Box>
  );
}

function Table({ kind, says }: { kind: SheetKind; says: string }) {
  const { look, take } = useSheet(kind);
  const [file, setFile] = useState<File | null>(null);
  const seen = look.data;
  const good = seen ? seen.new + seen.changed : 0;
  const away = () => {
    setFile(null);
    look.reset();
    take.reset();
  };
  return (
    <Box borderTopWidth="1px" borderColor="line" py="4px">
      <Box display="flex" gap="20px" alignItems="center" flexWrap="wrap">
        <Text minW="180px" fontWeight="700">
          {says}
        </Text>
        <a href={`/api/sheets/${kind}.csv`} download className="reach lined">
          Take it out<span className="heard"> as a table, {says}</span>
        </a>
        <Box
          as="label"
          className="reach lined"
          position="relative"
          cursor="pointer"
          _focusWithin={{ outline: "3px solid", outlineColor: "teal", outlineOffset: "2px" }}
        >
          Bring one in
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="over unseen"
            aria-label={`Bring in a table, ${says}`}
            onChange={(e) => {
              const brought = e.target.files?.[0] ?? null;
              e.target.value = "";
              if (!brought) return;
              take.reset();
              setFile(brought);
              look.mutate(brought);
            }}
          />
        </Box>
      </Box>
      <Trouble of={look.error ?? take.error} />
      {take.data && (
        <Text role="status" py="8px">
          Taken: {take.data.new} new, {take.data.changed} changed. Undo takes them off again.
        </Text>
      )}
      {seen && file && !take.data && (
        <Box role="region" aria-label={`What ${file.name} would do`} py="10px">
          <Text fontWeight="700" mb="6px">
            {file.name}: {seen.new} new, {seen.changed} changed, {seen.same} as they are
            {seen.bad > 0 && `, ${seen.bad} cannot be taken`}.
          </Text>
          <Box as="ul" listStyleType="none" maxH="320px" overflowY="auto" tabIndex={0}>
            {seen.rows
              .filter((row) => row.becomes !== "as it is")
              .map((row) => (
                <Box
                  as="li"
                  key={row.row}
                  display="grid"
                  gridTemplateColumns="64px 90px 1fr"
                  gap="12px"
                  borderTopWidth="1px"
                  borderColor="line"
                  py="4px"
                >
                  <span className="readout">Row {row.row}</span>
                  <Text
                    color={row.faults.length > 0 ? "madder" : "ink"}
                    fontWeight={row.faults.length > 0 ? "700" : "400"}
                  >
                    {row.becomes}
                  </Text>
                  <Box minW="0">
                    <Text truncate>{row.what}</Text>
                    {row.faults.map((fault) => (
                      <Text key={fault} color="madder">
                        {fault}
                      </Text>
                    ))}
                  </Box>
                </Box>
              ))}
          </Box>
          <Box display="flex" gap="12px" mt="10px">
            <Action disabled={good === 0 || take.isPending} onClick={() => take.mutate(file)}>
              {good === 0 ? "Nothing to take" : good === 1 ? "Take the one row" : `Take ${good} rows`}
            </Action>
            <SmallButton onClick={away}>Leave as it was</SmallButton>
          </Box>
        </Box>
      )}
    </Box>
  );
}

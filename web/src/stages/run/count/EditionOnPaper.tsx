import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type JobOn } from "../../../api/client";
import { Heading } from "../../../ui/Bench";
import { useHabits } from "../../../ui/habits";
import { numberTyped } from "../../../ui/number";
import { Entry, Field, Trouble } from "../../../ui/Parts";
import { Tick } from "../../../ui/SmallButton";
import type { RunBoard } from "./counted";

type Seen = NonNullable<RunBoard["edition"]>;

/** An edition on paper: sheets to tear, proofs, what is written under them, and its inks by weight. */
export function EditionOnPaper({ job, seen }: { job: JobOn<"run">; seen: Seen }) {
  const { weight } = useHabits();
  const queries = useQueryClient();
  const set = useMutation({
    mutationFn: (body: Partial<Seen["chosen"]>) =>
      answer(api.PATCH("/api/jobs/{id}/edition", { params: { path: { id: job.id } }, body })),
    onSuccess: (board) => {
      queries.setQueryData(["run-count", job.id], board);
      void queries.invalidateQueries({ queryKey: ["hand"] });
    },
  });
  const { chosen, plan } = seen;
  return (
    <Box as="section" aria-label="The edition">
      <Heading note="Sheets to begin with hold against what the colours spoil, in nineteen editions of twenty.">
        The edition
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(170px, 1fr))" gap="12px" alignItems="end">
        <Field label="Artist’s proofs">
          <Entry
            key={chosen.artistProofs}
            inputMode="numeric"
            defaultValue={chosen.artistProofs}
            onBlur={(e) => {
              const n = numberTyped(e.target.value);
              if (n !== chosen.artistProofs) set.mutate({ artistProofs: n ?? Number.NaN });
            }}
          />
        </Field>
        <Field label="Retarder in the ink, %">
          <Entry
            key={chosen.retarder}
            inputMode="decimal"
            defaultValue={String(Math.round(1000 * chosen.retarder) / 10)}
            onBlur={(e) => {
              const n = (numberTyped(e.target.value) ?? Number.NaN) / 100;
              if (n !== chosen.retarder) set.mutate({ retarder: n });
            }}
          />
        </Field>
      </Box>
      <Box display="flex" flexWrap="wrap" columnGap="24px" mt="6px">
        <Tick checked={chosen.stageProofs} set={(stageProofs) => set.mutate({ stageProofs })}>
          Keep a proof of each stage
        </Tick>
        <Tick checked={chosen.masked} set={(masked) => set.mutate({ masked })}>
          Margins masked
        </Tick>
        <Tick checked={chosen.clearSheet} set={(clearSheet) => set.mutate({ clearSheet })}>
          Register under a clear sheet
        </Tick>
      </Box>
      <Trouble of={set.error} />
      {plan && (
        <>
          <Box as="ul" listStyleType="none" mt="8px">
            {plan.says.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Box>
          {plan.numbers !== "" && (
            <Text mt="6px">
              Under the sheets: <b className="readout">{plan.numbers}</b>
            </Text>
          )}
          {chosen.retarder > 0 && (
            <Text mt="6px" color="quiet">
              {plan.inks
                .map((ink) => `${ink.name} ${weight(ink.inkG)} with ${weight(ink.retarderG)} retarder`)
                .join("; ")}
            </Text>
          )}
        </>
      )}
    </Box>
  );
}

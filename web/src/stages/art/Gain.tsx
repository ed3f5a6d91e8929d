import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobOn, type Tone } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { SmallButton } from "../../ui/SmallButton";

const STEPS = [10, 20, 30, 40, 50, 60, 70, 80, 90];

/** What the press makes of half a tone; a printed chart is read here, patch by patch. */
export function Gain({ job, tone }: { job: JobOn<"art">; tone: Tone }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Record<number, string>>({});
  const typed = STEPS.map((filmPct) => ({
    filmPct,
    printedPct: numberTyped(read[filmPct] ?? "") ?? Number.NaN,
  })).filter((r) => !Number.isNaN(r.printedPct));
  const keep = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/jobs/{id}/gain", { params: { path: { id: job.id } }, body: { readings: typed } })),
    onSuccess: () => {
      setOpen(false);
      setRead({});
      for (const key of [["job", job.id], ["methods"], ["hand"]]) void queries.invalidateQueries({ queryKey: key });
    },
  });
  return (
    <Box>
      <Heading note="Dots spread when they are printed: films are drawn smaller by as much.">Gain of the press</Heading>
      <Readout
        big
        label="Half a tone gains"
        figure={tone.gain}
        shown={`${(tone.gain.value ?? 0).toFixed(0)} %, ${(tone.gain.low ?? 0).toFixed(0)} to ${(tone.gain.high ?? 0).toFixed(0)}`}
      />
      <Text fontSize="small" color="quiet">
        {tone.gain.source}
      </Text>
      {open ? (
        <Box
          as="form"
          mt="10px"
          onSubmit={(e: React.FormEvent) => {
            e.preventDefault();
            keep.mutate();
          }}
        >
          <Text fontSize="small" mb="8px">
            What each patch of the chart prints as, in per cent; what you did not read may stay empty.
          </Text>
          <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="10px">
            {STEPS.map((step) => (
              <Field key={step} label={`${step} % prints as`}>
                <Entry
                  inputMode="decimal"
                  value={read[step] ?? ""}
                  onChange={(e) => setRead({ ...read, [step]: e.target.value })}
                />
              </Field>
            ))}
          </Box>
          <Trouble of={keep.error} />
          <Box display="flex" gap="12px" mt="10px">
            <Action quiet type="submit" disabled={typed.length < 3 || keep.isPending}>
              Keep the chart
            </Action>
            <SmallButton onClick={() => setOpen(false)}>Leave it</SmallButton>
          </Box>
        </Box>
      ) : (
        <SmallButton ml="-10px" onClick={() => setOpen(true)}>
          Read a gain chart
        </SmallButton>
      )}
    </Box>
  );
}

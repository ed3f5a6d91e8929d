import { Box, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

const STEPS = [10, 20, 30, 40, 50, 60, 70, 80, 90];

/** What each patch of a gain chart prints as, typed in: per cent, or the densities of a densitometer. */
export function TypedPatches({ jobId, leave, kept }: { jobId: number; leave: () => void; kept: () => void }) {
  const [by, setBy] = useState<"tone" | "density">("tone");
  const [read, setRead] = useState<Record<string, string>>({});
  const figure = (key: string) => numberTyped(read[key] ?? "") ?? Number.NaN;
  const typed = STEPS.filter((step) => !Number.isNaN(figure(String(step))));
  const entry = (key: string) => (
    <Entry inputMode="decimal" value={read[key] ?? ""} onChange={(e) => setRead({ ...read, [key]: e.target.value })} />
  );
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/jobs/{id}/gain", {
          params: { path: { id: jobId } },
          body: {
            readings: typed.map((step) => ({
              filmPct: step,
              ...(by === "tone" ? { printedPct: figure(String(step)) } : { density: figure(String(step)) }),
            })),
            ...(by === "density" && !Number.isNaN(figure("bare")) ? { bareDensity: figure("bare") } : {}),
            ...(by === "density" && !Number.isNaN(figure("solid")) ? { solidDensity: figure("solid") } : {}),
          },
        }),
      ),
    onSuccess: kept,
  });
  return (
    <Box
      as="form"
      mt="10px"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <Field label="What was read">
        <Choice
          fontFamily="body"
          value={by}
          onChange={(e) => {
            setBy(e.target.value as typeof by);
            setRead({});
          }}
        >
          <option value="tone">How much of each patch is printed, %</option>
          <option value="density">Densities, from a densitometer</option>
        </Choice>
      </Field>
      <Text fontSize="small" my="8px">
        What you did not read may stay empty.
      </Text>
      <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="10px">
        {by === "density" && (
          <>
            <Field label="Bare cloth">{entry("bare")}</Field>
            <Field label="Solid">{entry("solid")}</Field>
            <span />
          </>
        )}
        {STEPS.map((step) => (
          <Field key={step} label={by === "tone" ? `${step} % prints as` : `Patch of ${step} %`}>
            {entry(String(step))}
          </Field>
        ))}
      </Box>
      <Trouble of={keep.error} />
      <Box display="flex" gap="12px" mt="10px">
        <Action quiet type="submit" disabled={typed.length < 3 || keep.isPending}>
          Keep the chart
        </Action>
        <SmallButton onClick={leave}>Leave as it was</SmallButton>
      </Box>
    </Box>
  );
}

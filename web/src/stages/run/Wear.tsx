import { Box, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobOn } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Heading } from "../../ui/Bench";
import { day } from "../../ui/day";
import { useHabits } from "../../ui/habits";
import { inUnits } from "../../ui/lengths";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field, Push, Trouble } from "../../ui/Parts";
import { PictureTaken, takenPicture } from "../../ui/PictureTaken";

type CureBench = components["schemas"]["CureBench"];
type Verdict = CureBench["wear"]["tests"][number]["test"]["verdict"];

const verdicts: Verdict[] = ["held", "cracked", "washed off", "scorched", "dye came through", "ghosted in the stack"];

/** Prints that were stretched and washed: what became of them moves the shop’s own limits. */
export function Wear({ job, now, seen }: { job: JobOn<"run">; now: CureBench; seen: (bench: CureBench) => void }) {
  const { warmth, toCelsius, warmthUnit, inches } = useHabits();
  const plan = now.plan;
  const warm = (c: number) => String(Math.round(inches ? c * 1.8 + 32 : c));
  const [peak, setPeak] = useState<string | null>(null);
  const [washes, setWashes] = useState("0");
  const [picture, setPicture] = useState("");
  const path = { id: job.id };
  const keep = useMutation({
    mutationFn: (verdict: Verdict) =>
      answer(
        api.POST("/api/jobs/{id}/wear", {
          params: { path },
          body: {
            vehicle: now.wear.vehicle,
            peakC: peak === null ? (plan?.curve.peakC ?? 0) : toCelsius(numberTyped(peak) ?? Number.NaN),
            overS: plan?.curve.overS ?? 0,
            surfaceC: plan?.curve.surfaceC ?? 0,
            verdict,
            washes: numberTyped(washes) ?? Number.NaN,
            picture,
          },
        }),
      ),
    onSuccess: (bench) => {
      setPicture("");
      seen(bench);
    },
  });
  const forget = useMutation({
    mutationFn: (test: number) =>
      answer(api.DELETE("/api/jobs/{id}/wear/{test}", { params: { path: { ...path, test } } })),
    onSuccess: seen,
  });
  if (!plan) return null;
  return (
    <Box as="section" aria-label="Stretched and washed">
      <Heading note="Cure one print, stretch it by a third, wash it hot with the rest of the laundry. Then say what became of it: a print that fails moves the limit at once, three that hold may lower the heat.">
        Stretched and washed
      </Heading>
      {now.wear.says.map((one) => (
        <Text key={one} fontWeight="600">
          {inUnits(one, inches)}
        </Text>
      ))}
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap="12px" mt="10px" maxW="640px">
        <Field label={`Through the film it was, ${warmthUnit}`}>
          <Entry inputMode="decimal" value={peak ?? warm(plan.curve.peakC)} onChange={(e) => setPeak(e.target.value)} />
        </Field>
        <Field label="Washed so often" hint="0: stretched only">
          <Entry inputMode="numeric" value={washes} onChange={(e) => setWashes(e.target.value)} />
        </Field>
        <Box alignSelf="end">
          <PictureTaken name={picture} set={setPicture} what="the print after it" />
        </Box>
      </Box>
      <Box role="group" aria-label="What became of it" display="flex" flexWrap="wrap" gap="10px" mt="12px">
        {verdicts.map((verdict) => (
          <Action key={verdict} quiet minH="52px" disabled={keep.isPending} onClick={() => keep.mutate(verdict)}>
            {verdict}
          </Action>
        ))}
      </Box>
      <Trouble of={keep.error ?? forget.error} />
      {now.wear.tests.length > 0 && (
        <Box as="ul" listStyleType="none" mt="14px">
          {now.wear.tests.map(({ id, test }) => (
            <Box
              as="li"
              key={id}
              display="flex"
              flexWrap="wrap"
              gap="6px 16px"
              alignItems="center"
              borderTopWidth="1px"
              borderColor="line"
              py="6px"
            >
              {test.picture !== "" && (
                <img src={takenPicture(test.picture)} alt="" className="colours" style={{ maxHeight: "64px" }} />
              )}
              <Text flex="1" minW="220px">
                <b>{test.verdict}</b>, {test.washes === 0 ? "stretched" : `washed ${test.washes} times`}:{" "}
                <span className="readout">{warmth(test.peakC)}</span> through the film,{" "}
                <span className="readout">{test.overS.toFixed(0)} s</span> hot enough, on {test.cloth}
                {test.day !== "" && `, ${day(test.day)}`}
              </Text>
              <Push className="reach lined" onClick={() => forget.mutate(id)}>
                Leave it out
              </Push>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlanChange, Tonal } from "../../api/client";
import { useOrders } from "../../api/use";
import { PlanForm } from "../../plan/PlanForm";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { Entry, Field } from "../../ui/Parts";
import { Slide } from "../../ui/Slide";
import { SmallButton } from "../../ui/SmallButton";
import { Profile } from "./Profile";

/** How a picture in tones is printed: what its method leaves to decide. */
export function MixSettings({ at, mix }: { at: AtHand<"art">; mix: Tonal }) {
  const { job, work } = at;
  const set = (part: PlanChange) => work.plan.mutate(part);
  return (
    <Box>
      <Heading note={job.says.note}>How it is printed</Heading>
      <PlanForm fields={job.fields} plan={mix} set={set} error={work.plan.error} />
      {mix.method === "process" && <Profile job={job} name={mix.profile} leave={() => set({ profile: null })} />}
      {(mix.method === "simulated" || mix.method === "process") && (
        <PlateCurves at={at} halves={mix.curves.halves} set={set} />
      )}
      {mix.method === "simulated" && <Orders at={at} set={set} />}
      {mix.method === "index" && (
        <a href={`/api/jobs/${job.id}/index-test.pdf`} download className="reach lined">
          Film to try squares of several sizes with, PDF
        </a>
      )}
      {mix.method === "layers" && mix.tints && <Tints tints={mix.tints} set={set} />}
    </Box>
  );
}

/** The tints of a chain, each as it looks on white; changed by hand, or proposed anew. */
function Tints({ tints, set }: { tints: string[]; set: (part: PlanChange) => void }) {
  return (
    <Box mt="14px">
      <Box display="flex" flexWrap="wrap" gap="12px">
        {tints.map((hex, i) => (
          <Field key={`${i} ${hex}`} label={`Layer ${i + 1}`}>
            <Entry
              className="colours"
              type="color"
              p="4px"
              w="64px"
              defaultValue={hex}
              onBlur={(e) =>
                e.target.value !== hex && set({ tints: tints.map((one, k) => (k === i ? e.target.value : one)) })
              }
            />
          </Field>
        ))}
      </Box>
      <SmallButton ml="-10px" onClick={() => set({ tints: [] })}>
        Propose tints anew
      </SmallButton>
    </Box>
  );
}

/** Orders of printing by what the print looks like: the schools, and the best that was found. */
function Orders({ at, set }: { at: AtHand<"art">; set: (part: PlanChange) => void }) {
  const [asked, setAsked] = useState(false);
  const { data } = useOrders(at.job, asked);
  if (!asked)
    return (
      <SmallButton ml="-10px" onClick={() => setAsked(true)}>
        Compare orders by their print
      </SmallButton>
    );
  if (!data) return <Text fontSize="small">Printing them in every order …</Text>;
  const best = data[0]?.deltaE ?? 0;
  return (
    <Box as="ul" listStyleType="none" p="0" m="0" aria-label="Orders of printing">
      {data.map((one) => (
        <Box as="li" key={one.order} borderTopWidth="1px" borderColor="line" py="6px">
          <Box display="flex" justifyContent="space-between" alignItems="baseline" gap="10px">
            <Text fontWeight="600">{one.order === "as listed" ? "found by looking" : one.order}</Text>
            <Text className="readout" fontSize="small" whiteSpace="nowrap">
              {one.deltaE === best ? `ΔE ${one.deltaE.toFixed(2)}` : `+${(one.deltaE - best).toFixed(2)}`}
            </Text>
          </Box>
          <Text fontSize="small" color="quiet">
            {one.names.join(", ")}
          </Text>
          <SmallButton
            ml="-10px"
            aria-label={`Print ${one.order === "as listed" ? "in the order found by looking" : one.order}`}
            onClick={() =>
              set(one.order === "as listed" ? { order: one.order, inks: { inks: one.inks } } : { order: one.order })
            }
          >
            Print so
          </SmallButton>
        </Box>
      ))}
    </Box>
  );
}

/** A curve for each plate: how much its half tone prints, smoothly to both ends; the print beside follows. */
function PlateCurves({
  at,
  halves,
  set,
}: {
  at: AtHand<"art">;
  halves: Record<string, number>;
  set: (part: PlanChange) => void;
}) {
  const [open, setOpen] = useState(Object.keys(halves).length > 0);
  const [draft, setDraft] = useState<Record<string, number>>({});
  if (!open)
    return (
      <SmallButton ml="-10px" onClick={() => setOpen(true)}>
        Curves of single plates
      </SmallButton>
    );
  return (
    <Box mt="8px">
      <Text fontSize="small" color="quiet">
        What a half tone of each plate prints as; 50 % is as it was solved.
      </Text>
      {at.job.plates.map((plate) => {
        const kept = halves[plate.name] ?? 50;
        const keep = () => {
          const prints = draft[plate.name];
          if (prints !== undefined && prints !== kept) set({ curves: { halves: { [plate.name]: prints } } });
        };
        return (
          <Box key={plate.id} onPointerUp={keep} onKeyUp={keep} onBlur={keep}>
            <Slide
              label={plate.name}
              unit="%"
              least={15}
              most={85}
              step={1}
              digits={0}
              value={draft[plate.name] ?? kept}
              set={(value) => setDraft((was) => ({ ...was, [plate.name]: value }))}
            />
          </Box>
        );
      })}
    </Box>
  );
}

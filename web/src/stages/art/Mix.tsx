import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Mixed, PlanChange } from "../../api/client";
import { useOrders } from "../../api/use";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { numberTyped } from "../../ui/number";
import { Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Slide } from "../../ui/Slide";
import { SmallButton, Tick } from "../../ui/SmallButton";
import { Profile } from "./Profile";

/** How a picture in many inks is printed: what its method leaves to decide. */
export function MixSettings({ at, mix }: { at: AtHand<"art">; mix: Mixed }) {
  const { job, work } = at;
  const set = (part: PlanChange) => work.plan.mutate(part);
  return (
    <Box>
      <Heading note={NOTES[mix.method]}>How it is printed</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        {mix.method !== "layers" && (
          <Field label="Base">
            <Choice
              fontFamily="body"
              value={(mix.method === "process" ? mix.base : mix.inks.base) ?? ""}
              onChange={(e) => {
                const base = (e.target.value || null) as "white" | "grey" | "none" | null;
                set(mix.method === "process" ? { base } : { inks: { base } });
              }}
            >
              <option value="">what the garment asks</option>
              <option value="white">white</option>
              <option value="grey">grey</option>
              <option value="none">none</option>
            </Choice>
          </Field>
        )}
        {mix.method === "simulated" && mix.inks.base !== "none" && (
          <Field label="Base is laid down in">
            <Choice
              fontFamily="body"
              value={mix.laying ?? ""}
              onChange={(e) => set({ laying: (e.target.value || null) as typeof mix.laying })}
            >
              <option value="">what the garment asks</option>
              {(["one stroke", "two strokes", "print, flash, print"] as const).map((way) => (
                <option key={way}>{way}</option>
              ))}
            </Choice>
          </Field>
        )}
        {mix.method === "simulated" && (
          <Field label="Order of the colours">
            <Choice
              fontFamily="body"
              value={mix.order}
              onChange={(e) => set({ order: e.target.value as typeof mix.order })}
            >
              {(
                [
                  "light to dark",
                  "dark to light",
                  "dark first, then light to dark",
                  "highlight, then the darkest last",
                  "as listed",
                ] as const
              ).map((o) => (
                <option key={o}>{o}</option>
              ))}
            </Choice>
          </Field>
        )}
        {mix.method === "index" && (
          <Typed label="Squares an inch" value={mix.squaresDpi} keep={(squaresDpi) => set({ squaresDpi })} />
        )}
        {mix.method === "index" && (
          <Field label="Squares are spread by">
            <Choice
              fontFamily="body"
              value={mix.diffusion}
              onChange={(e) => set({ diffusion: e.target.value as typeof mix.diffusion })}
            >
              {(["error diffusion", "blue noise"] as const).map((o) => (
                <option key={o}>{o}</option>
              ))}
            </Choice>
          </Field>
        )}
        {mix.method === "process" && (
          <Field label="Angles">
            <Choice
              fontFamily="body"
              value={mix.angles}
              onChange={(e) => set({ angles: e.target.value as typeof mix.angles })}
            >
              <option value="fan">a fan, off the mesh</option>
              <option value="one angle">one safe angle</option>
            </Choice>
          </Field>
        )}
        {mix.method === "process" && mix.profile === null && (
          <Typed label="Black takes of the grey, %" value={mix.black} keep={(black) => set({ black })} />
        )}
        {mix.method === "process" && mix.profile === null && (
          <Typed label="Ink together at most, %" value={mix.total} keep={(total) => set({ total })} />
        )}
        {mix.method === "layers" && (
          <Typed label="Layers" value={mix.layers} keep={(layers) => set({ layers: Math.round(layers) })} />
        )}
        {mix.method === "layers" && (
          <Field label="Their edges">
            <Choice
              fontFamily="body"
              value={mix.edge}
              onChange={(e) => set({ edge: e.target.value as typeof mix.edge })}
            >
              {(["clean", "soft", "grained"] as const).map((o) => (
                <option key={o}>{o}</option>
              ))}
            </Choice>
          </Field>
        )}
      </Box>
      {mix.method === "simulated" && (
        <Box mt="6px">
          <Tick checked={mix.inks.highlight} set={(highlight) => set({ inks: { highlight } })}>
            A highlight white, last, over flashed ink
          </Tick>
        </Box>
      )}
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
      <Trouble of={work.plan.error} />
    </Box>
  );
}

const NOTES = {
  simulated: "Base first and flashed, then the colours, wet on wet on fine mesh.",
  process: "In your own four inks, as their colours were measured on white.",
  index: "160 to 220 squares an inch are usual; the mesh must hold two threads and an opening in one of them.",
  layers: "Greys first, then colours; each multiplies what lies below.",
};

function Typed({ label, value, keep }: { label: string; value: number; keep: (value: number) => void }) {
  const [text, setText] = useFollowing(String(value));
  const done = () => {
    const typed = numberTyped(text);
    if (typed !== null && Math.abs(typed - value) < 1e-6) return;
    keep(typed ?? Number.NaN);
  };
  return (
    <Field label={label}>
      <Entry
        inputMode="decimal"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={done}
        onKeyDown={(e) => e.key === "Enter" && done()}
      />
    </Field>
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

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { MixChange, Mix as Mixed } from "../../api/client";
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
  const set = (part: MixChange) => work.change.mutate({ mix: part });
  return (
    <Box>
      <Heading note={NOTES[job.method as keyof typeof NOTES]}>How it is printed</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        {job.method !== "layers" && (
          <Field label="Base">
            <Choice
              fontFamily="body"
              value={mix.base ?? ""}
              onChange={(e) =>
                set(
                  e.target.value === ""
                    ? { baseByGarment: true }
                    : { base: e.target.value as NonNullable<Mixed["base"]> },
                )
              }
            >
              <option value="">what the garment asks</option>
              <option value="white">white</option>
              <option value="grey">grey</option>
              <option value="none">none</option>
            </Choice>
          </Field>
        )}
        {job.method === "simulated" && mix.base !== "none" && (
          <Field label="Base is laid down in">
            <Choice
              fontFamily="body"
              value={mix.laying ?? ""}
              onChange={(e) =>
                set(
                  e.target.value === ""
                    ? { layingByGarment: true }
                    : { laying: e.target.value as NonNullable<Mixed["laying"]> },
                )
              }
            >
              <option value="">what the garment asks</option>
              {(["one stroke", "two strokes", "print, flash, print"] as const).map((way) => (
                <option key={way}>{way}</option>
              ))}
            </Choice>
          </Field>
        )}
        {mix.order !== null && mix.order !== undefined && (
          <Field label="Order of the colours">
            <Choice
              fontFamily="body"
              value={mix.order}
              onChange={(e) => set({ order: e.target.value as NonNullable<Mixed["order"]> })}
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
        {mix.squaresDpi !== null && mix.squaresDpi !== undefined && (
          <Typed label="Squares an inch" value={mix.squaresDpi} keep={(squaresDpi) => set({ squaresDpi })} />
        )}
        {mix.diffusion !== null && mix.diffusion !== undefined && (
          <Field label="Squares are spread by">
            <Choice
              fontFamily="body"
              value={mix.diffusion}
              onChange={(e) => set({ diffusion: e.target.value as NonNullable<Mixed["diffusion"]> })}
            >
              {(["error diffusion", "blue noise"] as const).map((o) => (
                <option key={o}>{o}</option>
              ))}
            </Choice>
          </Field>
        )}
        {mix.angles !== null && mix.angles !== undefined && (
          <Field label="Angles">
            <Choice
              fontFamily="body"
              value={mix.angles}
              onChange={(e) => set({ angles: e.target.value as NonNullable<Mixed["angles"]> })}
            >
              <option value="fan">a fan, off the mesh</option>
              <option value="one angle">one safe angle</option>
            </Choice>
          </Field>
        )}
        {mix.black !== null && mix.black !== undefined && !mix.profile && (
          <Typed label="Black takes of the grey, %" value={mix.black} keep={(black) => set({ black })} />
        )}
        {mix.total !== null && mix.total !== undefined && !mix.profile && (
          <Typed label="Ink together at most, %" value={mix.total} keep={(total) => set({ total })} />
        )}
        {mix.layers !== null && mix.layers !== undefined && (
          <Typed label="Layers" value={mix.layers} keep={(layers) => set({ layers: Math.round(layers) })} />
        )}
        {mix.edge !== null && mix.edge !== undefined && (
          <Field label="Their edges">
            <Choice
              fontFamily="body"
              value={mix.edge}
              onChange={(e) => set({ edge: e.target.value as NonNullable<Mixed["edge"]> })}
            >
              {(["clean", "soft", "grained"] as const).map((o) => (
                <option key={o}>{o}</option>
              ))}
            </Choice>
          </Field>
        )}
      </Box>
      {job.method === "simulated" && (
        <Box mt="6px">
          <Tick checked={mix.highlight} set={(highlight) => set({ highlight })}>
            A highlight white, last, over flashed ink
          </Tick>
        </Box>
      )}
      {job.method === "process" && (
        <Profile job={job} name={mix.profile ?? null} leave={() => set({ profileOff: true })} />
      )}
      {(job.method === "simulated" || job.method === "process") && <PlateCurves at={at} mix={mix} set={set} />}
      {job.method === "simulated" && <Orders at={at} set={set} />}
      {job.method === "index" && (
        <a href={`/api/jobs/${job.id}/index-test.pdf`} download className="reach lined">
          Film to try squares of several sizes with, PDF
        </a>
      )}
      {job.method === "layers" && <Tints mix={mix} set={set} />}
      <Trouble of={work.change.error} field="mix" />
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
function Tints({ mix, set }: { mix: Mixed; set: (part: MixChange) => void }) {
  const tints = mix.tints;
  if (!tints) return null;
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
function Orders({ at, set }: { at: AtHand<"art">; set: (part: MixChange) => void }) {
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
            onClick={() => set(one.order === "as listed" ? { order: one.order, inks: one.inks } : { order: one.order })}
          >
            Print so
          </SmallButton>
        </Box>
      ))}
    </Box>
  );
}

/** A curve for each plate: how much its half tone prints, smoothly to both ends; the print beside follows. */
function PlateCurves({ at, mix, set }: { at: AtHand<"art">; mix: Mixed; set: (part: MixChange) => void }) {
  const [open, setOpen] = useState(mix.halves.length > 0);
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
        const kept = mix.halves.find((one) => one.ink === plate.name)?.prints ?? 50;
        const keep = () => {
          const prints = draft[plate.name];
          if (prints !== undefined && prints !== kept) set({ half: { ink: plate.name, prints } });
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

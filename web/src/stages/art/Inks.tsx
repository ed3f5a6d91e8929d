import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import { api, type ByShelf, type InkCount, type JobOn, type TriedInks } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { useInks, useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Choice, Field, Label, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { HungPrints } from "./HungPrints";
import { replaced, same, withInk, without } from "./inkSet";

/** The inks at hand: those that are kept, or the ones that are tried. */
export function useInkSet(job: JobOn<"art">, mix: ByShelf | null) {
  const { data, error } = useInks(job, mix);
  const advised = data?.counts.find((c) => c.screens === data.advised)?.inks.map((i) => i.id);
  const kept = mix?.inks.inks ?? advised ?? [];
  const [tried, setTried] = useState<number[] | null>(null);
  const stamp = JSON.stringify(mix);
  useEffect(() => setTried(null), [stamp]);
  return { data, error, kept, inks: tried ?? kept, setTried, changed: tried !== null && !same(tried, kept) };
}

export type InkSet = ReturnType<typeof useInkSet>;

/** Which inks of the shelf print the picture: a print for each number of screens, and the one at hand large. */
export function Inks({ job, set }: { job: JobOn<"art">; set: InkSet }) {
  const { data, error, inks } = set;
  const [marked, setMarked] = useState(false);
  const seen = useTriedInks(job, inks, marked);
  if (error) return <Trouble of={error} />;
  if (!data)
    return (
      <Box className="halftone" minH="340px" display="flex" alignItems="center" justifyContent="center">
        <Text bg="cloth" p="12px">
          Weighing the inks of your shelf against the picture …
        </Text>
      </Box>
    );
  const extra = (data.base ? 1 : 0) + (data.highlight ? 1 : 0);
  const count = data.counts.find((c) =>
    same(
      c.inks.map((i) => i.id),
      inks,
    ),
  );
  return (
    <Box pt="14px">
      <HungPrints
        jobId={job.id}
        stamp={data.key}
        counts={data.counts}
        at={inks.length + extra}
        take={(c: InkCount) => set.setTried(c.inks.map((i) => i.id))}
      />
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "minmax(0, 420px) 1fr" }} gap="24px" mt="20px">
        <Box bg={job.garmentHex} className="colours" p="14px" minH="220px">
          {seen && (
            <img
              src={seen.picture}
              alt={`The print in ${inks.length + extra} screens, as the eye sees it from a few steps away`}
              style={{ width: "100%", display: "block" }}
            />
          )}
        </Box>
        <Box display="flex" flexDirection="column" gap="16px">
          {seen && (
            <Box>
              <Label>Off the art</Label>
              <Text className="readout" fontSize="26px" fontWeight="700" aria-live="polite" whiteSpace="nowrap">
                ΔE {seen.deltaE.toFixed(1)}
              </Text>
              <Text fontSize="small">in the mean; 95 % of it less than {seen.p95.toFixed(1)}</Text>
            </Box>
          )}
          {seen && (
            <Box>
              <Label>Muddy</Label>
              <Text className="readout" fontSize="readout" fontWeight="700">
                {seen.muddyPct.toFixed(1)} %
              </Text>
              <Text fontSize="small">
                of the area is off by more than 8
                {count && count.muddy.length > 0
                  ? `: most in ${[...new Set(count.muddy.map((m) => m.name.toLowerCase()))].slice(0, 3).join(", ")}.`
                  : "."}
              </Text>
            </Box>
          )}
          {seen && seen.muddyPct > 0 && (
            <SmallButton alignSelf="flex-start" ml="-10px" pressed={marked} onClick={() => setMarked(!marked)}>
              {marked ? "Muddy places are hatched" : "Hatch the muddy places"}
            </SmallButton>
          )}
          {data.next !== "" && !set.changed && (
            <Box>
              <Label>One more</Label>
              <Text fontSize="small">{data.next}</Text>
            </Box>
          )}
          <Text fontSize="small" color="quiet">
            Reckoned from the inks on this garment, before any plate is made; the plates come within about half a ΔE of
            it.
          </Text>
        </Box>
      </Box>
    </Box>
  );
}

/** What the inks at hand would print: asked with every change, the last answer wins. */
function useTriedInks(job: JobOn<"art">, inks: number[], muddyMarked: boolean) {
  const [seen, setSeen] = useState<TriedInks | null>(null);
  const asked = useRef(0);
  const body = JSON.stringify({ inks, muddyMarked });
  const stamp = `${job.garmentHex} ${JSON.stringify(job.plan)}`;
  useEffect(() => {
    const turn = ++asked.current;
    if (inks.length === 0) return;
    void (async () => {
      const { data } = await api.POST("/api/jobs/{id}/ink-proof", {
        params: { path: { id: job.id } },
        body: JSON.parse(body),
      });
      if (turn === asked.current && data) setSeen(data);
    })().catch(() => undefined);
  }, [job.id, body, stamp, inks.length]);
  return seen;
}

/** Each ink at hand with what it is worth: dropped, exchanged, locked; and those that could join. */
export function InkList({ at, plan, set }: { at: AtHand<"art">; plan: ByShelf; set: InkSet }) {
  const mix = plan.inks;
  const { work } = at;
  const shelf = (useShop().data?.inks ?? []).filter((ink) => ink.kind !== "transparent");
  const { data, inks } = set;
  const change = work.plan;
  const decide = (inks: components["schemas"]["InkWishPatch"]) => change.mutate({ inks });
  const worth = new Map(
    data?.counts
      .find((c) =>
        same(
          c.inks.map((i) => i.id),
          inks,
        ),
      )
      ?.inks.map((i) => [i.id, i.worth]),
  );
  const where = new Map(
    data?.counts
      .find((c) =>
        same(
          c.inks.map((i) => i.id),
          inks,
        ),
      )
      ?.inks.filter((i) => i.where.length > 0)
      .map((i) => [i.id, `for ${i.where.map((one) => one.toLowerCase()).join(", ")}`]),
  );
  const most = Math.max(0.1, ...worth.values());
  const left = shelf.filter(
    (ink) =>
      !inks.includes(ink.id) &&
      !mix.forbidden.includes(ink.id) &&
      ink.name !== data?.base &&
      ink.name !== data?.highlight,
  );
  const lock = (id: number) =>
    decide({
      locked: mix.locked.includes(id) ? without(mix.locked, id) : [...mix.locked, id],
      inks: withInk(inks, id),
    });
  return (
    <Box>
      <Heading note="Worth: how much further off the print would be without it, in the mean.">Inks</Heading>
      <Box as="ul" listStyleType="none" p="0" m="0">
        {data?.base && <Fixed name={data.base} says="base, printed first and flashed" />}
        {inks.map((id) => {
          const ink = shelf.find((one) => one.id === id);
          if (!ink) return null;
          const is = worth.get(id);
          return (
            <Box as="li" key={id} borderTopWidth="1px" borderColor="line" py="8px" display="flex" gap="12px">
              <Box className="colours" bg={ink.hex} w="18px" alignSelf="stretch" flex="none" />
              <Box flex="1" minW="0">
                <Box display="flex" justifyContent="space-between" alignItems="baseline">
                  <Text fontWeight="700">{ink.name}</Text>
                  <Text className="readout" fontSize="small">
                    {is === undefined ? "" : `ΔE ${is.toFixed(1)}`}
                  </Text>
                </Box>
                {where.has(id) && (
                  <Text fontSize="small" color="quiet">
                    {where.get(id)}
                  </Text>
                )}
                {is !== undefined && (
                  <Box bg="ink" h="3px" w={`${Math.max(2, (100 * is) / most)}%`} aria-hidden="true" />
                )}
                <Box display="flex" flexWrap="wrap" alignItems="center" ml="-10px">
                  {inks.length > 1 && (
                    <SmallButton
                      aria-label={`Drop ${ink.name}`}
                      onClick={() => set.setTried(without(inks, id))}
                      disabled={mix.locked.includes(id)}
                    >
                      Drop
                    </SmallButton>
                  )}
                  <SmallButton
                    aria-label={`Lock ${ink.name}`}
                    pressed={mix.locked.includes(id)}
                    onClick={() => lock(id)}
                  >
                    {mix.locked.includes(id) ? "Locked" : "Lock"}
                  </SmallButton>
                  <Choice
                    aria-label={`Print another ink in place of ${ink.name}`}
                    fontFamily="body"
                    w="150px"
                    value=""
                    onChange={(e) => set.setTried(replaced(inks, id, Number(e.target.value)))}
                  >
                    <option value="">print in …</option>
                    {[...left, ...shelf.filter((one) => inks.includes(one.id) && one.id !== id)].map((one) => (
                      <option key={one.id} value={one.id}>
                        {inks.includes(one.id) ? `merge into ${one.name}` : one.name}
                      </option>
                    ))}
                  </Choice>
                </Box>
              </Box>
            </Box>
          );
        })}
        {data?.highlight && <Fixed name={data.highlight} says="highlight, printed last over flashed ink" />}
      </Box>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="10px">
        <Field label="Add an ink">
          <Choice
            fontFamily="body"
            value=""
            onChange={(e) => e.target.value !== "" && set.setTried(withInk(inks, Number(e.target.value)))}
          >
            <option value="">from the shelf …</option>
            {left.map((ink) => (
              <option key={ink.id} value={ink.id}>
                {ink.name}
              </option>
            ))}
          </Choice>
        </Field>
        <Field label="Never print in">
          <Choice
            fontFamily="body"
            value=""
            onChange={(e) => {
              const id = Number(e.target.value);
              if (!id) return;
              decide(
                mix.forbidden.includes(id)
                  ? { forbidden: without(mix.forbidden, id) }
                  : { forbidden: [...mix.forbidden, id], inks: without(inks, id) },
              );
            }}
          >
            <option value="">
              {mix.forbidden.length === 0 ? "no ink is ruled out" : `${mix.forbidden.length} ruled out …`}
            </option>
            {shelf.map((ink) => (
              <option key={ink.id} value={ink.id}>
                {mix.forbidden.includes(ink.id) ? `allow ${ink.name} again` : ink.name}
              </option>
            ))}
          </Choice>
        </Field>
      </Box>
      {set.changed && (
        <Box display="flex" gap="12px" mt="12px">
          <Action onClick={() => decide({ inks })}>
            Take {inks.length === 1 ? "this ink" : `these ${inks.length} inks`}
          </Action>
          <Action quiet onClick={() => set.setTried(null)}>
            Leave as it was
          </Action>
        </Box>
      )}
      <Trouble of={change.error} field="inks" />
    </Box>
  );
}

function Fixed({ name, says }: { name: string; says: string }) {
  return (
    <Box as="li" borderTopWidth="1px" borderColor="line" py="8px" pl="30px">
      <Text fontWeight="700">{name}</Text>
      <Text fontSize="small" color="quiet">
        {says}
      </Text>
    </Box>
  );
}

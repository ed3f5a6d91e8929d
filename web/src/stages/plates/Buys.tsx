import { Box, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { Heading } from "../../ui/Bench";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Push, Trouble } from "../../ui/Parts";

/** What each plate buys: the best print for each number of inks, and what losing one plate costs. */
export function Buys({ at }: { at: AtHand<"plates"> }) {
  const { job, work } = at;
  const { data, error } = useQuery({
    queryKey: ["costs", job.id, job.pullKey],
    queryFn: () => answer(api.GET("/api/jobs/{id}/costs", { params: { path: { id: job.id } } })),
  });
  const [picked, setPicked] = useState<number | null>(null);
  if (error) return <Trouble of={error} />;
  if (!data)
    return (
      <Text color="quiet" aria-busy="true">
        Weighing the plates …
      </Text>
    );
  const row = data.ranked.find((r) => r.inks === picked) ?? data.ranked[0];
  if (!row) return null;
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="24px">
        <Box className="halftone" p="16px" display="flex" alignItems="center" justifyContent="center" minH="340px">
          <Box bg={job.garmentHex} p="12px" className="colours">
            <img
              src={`/api/jobs/${job.id}/costs/${row.inks}.png?k=${job.pullKey}`}
              alt={`The print in ${row.inks} ${row.inks === 1 ? "ink" : "inks"}`}
              className="whole"
            />
          </Box>
        </Box>
        <Box>
          <Heading note="Share of the printed area that is seen to change (ΔE00 over 5), mean and 95th percentile. The base is not counted.">
            The best print for each number of inks
          </Heading>
          {data.ranked.map((r) => (
            <Push
              key={r.inks}
              onClick={() => setPicked(r.inks)}
              aria-pressed={r === row}
              display="flex"
              gap="14px"
              w="100%"
              minH="56px"
              textAlign="left"
              alignItems="center"
              cursor="pointer"
              borderTopWidth="1px"
              borderColor="line"
              bg={r === row ? "faint" : "transparent"}
              px="8px"
            >
              <Text className="readout" fontSize="big" w="52px">
                {r.inks}
              </Text>
              <Box flex="1" minW="0">
                <Text>
                  {r.becomes.length === 0
                    ? "All inks"
                    : r.becomes
                        .map(
                          (b) =>
                            `${b.plate} ${b.into ? `as ${b.tone === null ? "" : `dots of ${Math.round(100 * b.tone)} % `}${b.into}` : "left open"}`,
                        )
                        .join(", ")}
                </Text>
                <Text fontSize="small" color="quiet">
                  {r.inks === job.plates.length || r.becomes.length === 0
                    ? "nothing changes"
                    : `mean ΔE00 ${r.change.meanDeltaE.toFixed(1)}, 95th ${r.change.p95DeltaE.toFixed(1)}`}
                </Text>
              </Box>
              <Text className="readout" fontSize="readout">
                {r.change.changedPct.toFixed(r.change.changedPct < 10 ? 1 : 0)} %
              </Text>
            </Push>
          ))}
          {row.becomes.length > 0 && (
            <Action
              mt="14px"
              quiet
              onClick={async () => {
                for (const b of row.becomes) {
                  if (b.hex)
                    await work.change.mutateAsync(
                      b.intoHex === null
                        ? { leaveOpen: b.hex }
                        : b.tone === null
                          ? { merge: { from: b.hex, into: b.intoHex } }
                          : { tint: { hex: b.hex, of: b.intoHex } },
                    );
                }
              }}
            >
              Print it in {row.inks} {row.inks === 1 ? "ink" : "inks"}
            </Action>
          )}
        </Box>
      </Box>
      {data.bases.length > 0 && job.method === "spot" && (
        <Box>
          <Heading note="An ink of the art in place of the white base: it prints under all others and stays open where its own colour is wanted. One screen is saved.">
            One ink, two duties
          </Heading>
          {data.bases.map((one) => (
            <Box
              key={one.hex}
              display="flex"
              flexWrap="wrap"
              gap="10px 24px"
              alignItems="center"
              borderTopWidth="1px"
              borderColor="line"
              py="8px"
            >
              <Text flex="1 1 260px">
                <b>{one.name}</b> under all: <span className="readout">{one.change.changedPct.toFixed(1)} %</span>{" "}
                changes, mean ΔE00 {one.change.meanDeltaE.toFixed(1)}
              </Text>
              <Action quiet onClick={() => work.change.mutate({ baseFrom: one.hex })}>
                Let {one.name} serve as the base
              </Action>
            </Box>
          ))}
        </Box>
      )}
      <Box>
        <Heading note="Each plate alone, the others staying.">What losing one plate costs</Heading>
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(250px, 1fr))" columnGap="24px">
          {data.each.map((one) => (
            <Box key={one.plateId} borderTopWidth="1px" borderColor="line" py="10px">
              <Text fontWeight="700">{one.loss.name}</Text>
              <Text>
                dropped: <span className="readout">{one.loss.dropped.changedPct.toFixed(1)} %</span> changes, mean ΔE00{" "}
                {one.loss.dropped.meanDeltaE.toFixed(1)}
              </Text>
              {one.loss.into !== null && (
                <Text>
                  as {one.loss.into}: <span className="readout">{(one.loss.merged?.changedPct ?? 0).toFixed(1)} %</span>{" "}
                  changes, mean ΔE00 {(one.loss.merged?.meanDeltaE ?? 0).toFixed(1)}
                </Text>
              )}
              {one.loss.tinted !== null && (
                <Text>
                  as dots of {Math.round(100 * (one.loss.tone ?? 1))} % {one.loss.dotsOf}:{" "}
                  <span className="readout">{(one.loss.tinted?.changedPct ?? 0).toFixed(1)} %</span> changes, mean ΔE00{" "}
                  {(one.loss.tinted?.meanDeltaE ?? 0).toFixed(1)}
                </Text>
              )}
            </Box>
          ))}
        </Box>
      </Box>
    </>
  );
}

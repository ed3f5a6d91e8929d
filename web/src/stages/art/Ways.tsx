import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { Care, JobOn, MethodOffer } from "../../api/client";
import type { JobWork } from "../../api/use";
import { useAdvice, useMethod, useMethods } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Choice, Field, Push } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

/** How this art can become plates: each way with its print on this garment and what it takes, one of them recommended. */
export function Ways({ job, work }: { job: JobOn<"art">; work: JobWork }) {
  const { data } = useMethods(job);
  const { care } = job;
  const [asked, setAsked] = useState(false);
  // One after the other: the shop has other hands to answer meanwhile.
  const [told, setTold] = useState(0);
  const advice = useAdvice(job, care, asked);
  if (!data) return null;
  return (
    <Box mt="18px">
      <Heading note="Each as it would print on this garment. What one way had is kept when another is taken. Minutes and seconds are usual ones of a manual press.">
        Ways to print it
      </Heading>
      <Box display="flex" flexWrap="wrap" alignItems="end" gap="14px" mb="14px">
        <Box w="180px">
          <Field label="Care that it is worth">
            <Choice
              fontFamily="body"
              value={care}
              onChange={(e) => work.change.mutate({ care: e.target.value as Care })}
            >
              {(["side by side", "usual", "giveaway"] as const).map((one) => (
                <option key={one}>{one}</option>
              ))}
            </Choice>
          </Field>
        </Box>
        {!asked && (
          <SmallButton ml="-10px" onClick={() => setAsked(true)}>
            Which one to take?
          </SmallButton>
        )}
        {asked && (
          <Text aria-live="polite" maxW="60ch" fontWeight="600" pb="8px">
            {advice.data?.sentence ?? "Weighing them against each other …"}
          </Text>
        )}
      </Box>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(190px, 1fr))" gap="18px 14px">
        {data.methods.map((one, i) => (
          <Way
            key={one.method}
            job={job}
            method={one.method}
            title={one.title}
            work={work}
            advised={advice.data?.method === one.method}
            ask={i <= told}
            answered={() => setTold((was) => Math.max(was, i + 1))}
          />
        ))}
      </Box>
    </Box>
  );
}

function Way({
  job,
  method,
  title,
  work,
  advised,
  ask,
  answered,
}: {
  job: JobOn<"art">;
  method: MethodOffer["method"];
  title: string;
  work: JobWork;
  advised: boolean;
  ask: boolean;
  answered: () => void;
}) {
  const { data: offer, isError } = useMethod(job, method, ask);
  const done = offer !== undefined || isError;
  const tell = useRef(answered);
  tell.current = answered;
  useEffect(() => {
    if (done) tell.current();
  }, [done]);
  const { weight } = useHabits();
  const followed = job.method === method;
  return (
    <Push
      aria-pressed={followed}
      disabled={!offer || offer.key === ""}
      onClick={() => !followed && work.change.mutate({ method })}
      textAlign="left"
      display="flex"
      flexDirection="column"
      borderTopWidth="3px"
      borderColor={followed ? "ink" : advised ? "teal" : "line"}
      pt="8px"
      cursor="pointer"
      _hover={{ borderColor: followed ? "ink" : "teal" }}
      _disabled={{ cursor: "default" }}
    >
      <Box bg={job.garmentHex} className="colours" h="104px" w="100%" display="flex" justifyContent="center" p="6px">
        {offer && offer.key !== "" && (
          <img
            src={`/api/jobs/${job.id}/method/${encodeURIComponent(method)}.png?k=${offer.key}`}
            alt=""
            style={{ maxHeight: "100%", maxWidth: "100%", objectFit: "contain" }}
          />
        )}
      </Box>
      <Box display="flex" justifyContent="space-between" mt="6px" gap="8px">
        <Text fontWeight="700">{title}</Text>
        {offer?.deltaE !== null && offer?.deltaE !== undefined && (
          <Text className="readout" fontSize="small" whiteSpace="nowrap">
            ΔE00 {offer.deltaE.toFixed(1)}
            {offer.drift !== null && offer.drift !== undefined && offer.drift >= 0.05 && ` ± ${offer.drift.toFixed(1)}`}
            <span className="heard"> colour error, and its drift over a run</span>
          </Text>
        )}
      </Box>
      {offer && offer.setUpMin !== null && offer.setUpMin !== undefined && (
        <Text className="readout" fontSize="small">
          {offer.plates} {offer.plates === 1 ? "screen" : "screens"} · {offer.setUpMin} min · {offer.secondsAShirt} s ·{" "}
          {weight(offer.inkGrams ?? 0)}
        </Text>
      )}
      <Text fontSize="small" color="quiet">
        {!offer ? "Reckoning its print …" : `${followed ? "It is printed so. " : ""}${offer.why}`}
      </Text>
      {advised && (
        <Text fontSize="small" fontWeight="600">
          Recommended.
        </Text>
      )}
      {offer && offer.p95 !== null && offer.p95 !== undefined && (
        <Text fontSize="small" color="quiet">
          95 % within ΔE00 {offer.p95.toFixed(1)}. {offer.risks.join(" ")}
        </Text>
      )}
    </Push>
  );
}

import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Plan, Tonal } from "../../api/client";
import { askedWith } from "../../ui/asked";
import { Bench } from "../../ui/Bench";
import { type AtHand, useAtHand } from "../../ui/JobFrame";
import { SmallButton, Views } from "../../ui/SmallButton";
import { Drawn } from "./Drawn";
import { Edges } from "./Edges";
import { Flats } from "./Flats";
import { ArtWords, Framing } from "./Framing";
import { InkList, Inks, useInkSet } from "./Inks";
import { MixSettings } from "./Mix";
import { OrderAtHand, SizeAtHand } from "./Order";
import { Palette } from "./Palette";
import { Proof } from "./Proof";
import { Tones } from "./Tones";
import { useProof, withDraft } from "./useProof";
import { useToneDraft } from "./useToneDraft";
import { Ways } from "./Ways";

/** The picture as it was brought, its size and its garment, and how it becomes plates. */
export function ArtStage() {
  const at = useAtHand<"art">();
  const { plan } = at.job;
  return plan.method === "spot" ? <InFlatColours at={at} plan={plan} /> : <InTones at={at} plan={plan} />;
}

/** A picture whose dots carry its tones: the print and the curve side by side. */
function InTones({ at, plan }: { at: AtHand<"art">; plan: Tonal }) {
  const { job, work } = at;
  const [ways, setWays] = useState(false);
  const byShelf = plan.method === "simulated" || plan.method === "index" ? plan : null;
  const choosesInks = byShelf !== null;
  // Of one or two inks the curve is what hands go to first.
  const few = plan.method === "one ink" || plan.method === "two-tone";
  const inks = useInkSet(job, byShelf);
  const [search, setSearch] = useSearchParams();
  const looks = ["print", "inks", "art"] as const;
  const view = looks.find((one) => one === search.get("look")) ?? "print";
  const setView = (to: (typeof looks)[number]) => setSearch(askedWith("look", to), { replace: true });
  const [garment, setGarment] = useState<string | null>(null);
  const [uncorrected, setUncorrected] = useState(false);
  const { draft, set } = useToneDraft(job, work);
  const { proof, trouble } = useProof(
    job.id,
    draft,
    garment,
    uncorrected,
    `${job.garmentHex} ${job.substrate} ${JSON.stringify(job.framing)} ${job.gain?.source} ${JSON.stringify(plan)}`,
  );
  const tones = withDraft(plan.work, draft);
  return (
    <Bench
      tool={
        <Box display="flex" flexDirection="column" h="100%">
          <Views
            label="What is seen"
            of={[["print", "As it prints"], ...(choosesInks ? [["inks", "Inks"] as const] : []), ["art", "The art"]]}
            at={view === "inks" && !choosesInks ? "print" : view}
            pick={setView}
          />
          {view === "inks" && choosesInks ? (
            <Inks job={job} set={inks} />
          ) : view !== "art" ? (
            <Proof
              job={job}
              url={proof?.url}
              tone={tones}
              set={set}
              trouble={trouble}
              garment={garment}
              tryOn={setGarment}
              uncorrected={uncorrected}
              leaveUncorrected={setUncorrected}
            />
          ) : (
            <Framing key={JSON.stringify(job.framing)} at={at} />
          )}
          {view !== "inks" &&
            (ways ? (
              <Ways job={job} work={work} />
            ) : (
              <SmallButton alignSelf="flex-start" ml="-10px" mt="6px" onClick={() => setWays(true)}>
                Other ways to print it
              </SmallButton>
            ))}
          <Box mt="14px">
            <ArtWords job={job} />
          </Box>
        </Box>
      }
      beside={
        <Box p="20px 24px" display="flex" flexDirection="column" gap="26px">
          {view === "inks" && byShelf && <InkList at={at} plan={byShelf} set={inks} />}
          {plan.method === "simulated" && <Flats job={job} plan={plan} set={(part) => work.plan.mutate(part)} />}
          {!few && <MixSettings at={at} mix={plan} />}
          {job.method === "layers" && <Drawn job={job} />}
          <Tones at={at} plan={plan} tones={tones} curve={proof?.curve ?? job.curve} set={set} />
          {few && <MixSettings at={at} mix={plan} />}
          <SizeAtHand at={at} />
          <OrderAtHand at={at} />
        </Box>
      }
    />
  );
}

/** A picture of flat colours: the picture, and the colours that were found in it. */
function InFlatColours({ at, plan }: { at: AtHand<"art">; plan: Extract<Plan, { method: "spot" }> }) {
  const { job, work } = at;
  const [ways, setWays] = useState(job.kindFound === "tonal");
  return (
    <Bench
      tool={
        <Box display="flex" flexDirection="column" h="100%">
          <Framing key={JSON.stringify(job.framing)} at={at} />
          <Box mt="10px">
            <ArtWords job={job} />
          </Box>
          {job.artKind !== "svg" &&
            (ways ? (
              <Ways job={job} work={work} />
            ) : (
              <SmallButton alignSelf="flex-start" ml="-10px" onClick={() => setWays(true)}>
                Other ways to print it
              </SmallButton>
            ))}
        </Box>
      }
      beside={
        <Box p="20px 24px" display="flex" flexDirection="column" gap="26px">
          <SizeAtHand at={at} />
          {job.palette.length > 0 && job.positives.length === 0 && (
            <Palette
              job={job}
              plan={plan}
              change={(body) => work.change.mutate(body)}
              print={(printGround) => work.plan.mutate({ printGround })}
            />
          )}
          <Edges at={at} plan={plan} />
          <OrderAtHand at={at} />
          <Drawn job={job} />
        </Box>
      }
    />
  );
}

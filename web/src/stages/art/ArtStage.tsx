import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Tone } from "../../api/client";
import { askedWith } from "../../ui/asked";
import { Bench } from "../../ui/Bench";
import { type AtHand, useAtHand } from "../../ui/JobFrame";
import { SmallButton, Views } from "../../ui/SmallButton";
import { Drawn } from "./Drawn";
import { Edges } from "./Edges";
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
  return at.job.tone ? <InTones at={at} tone={at.job.tone} /> : <InFlatColours at={at} />;
}

/** A picture whose dots carry its tones: the print and the curve side by side. */
function InTones({ at, tone: kept }: { at: AtHand<"art">; tone: Tone }) {
  const { job, work } = at;
  const mix = job.mix ?? null;
  const [ways, setWays] = useState(false);
  const choosesInks = job.method === "simulated" || job.method === "index";
  const inks = useInkSet(job, choosesInks ? mix : null);
  const [search, setSearch] = useSearchParams();
  const looks = ["print", "inks", "art"] as const;
  const view = looks.find((one) => one === search.get("look")) ?? "print";
  const setView = (to: (typeof looks)[number]) => setSearch(askedWith("look", to), { replace: true });
  const [garment, setGarment] = useState<string | null>(null);
  const [uncorrected, setUncorrected] = useState(false);
  const { draft, set, stamp } = useToneDraft(job, work);
  const { proof, trouble } = useProof(
    job.id,
    draft,
    garment,
    uncorrected,
    `${stamp} ${job.garmentHex} ${job.substrate} ${JSON.stringify(job.framing)} ${kept.gain.source} ${JSON.stringify(mix)}`,
  );
  const tone = withDraft(kept, draft);
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
              tone={tone}
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
          {view === "inks" && mix && choosesInks && <InkList at={at} mix={mix} set={inks} />}
          {mix && <MixSettings at={at} mix={mix} />}
          {job.method === "layers" && <Drawn job={job} />}
          <Tones at={at} tone={tone} curve={proof?.curve ?? kept.curve} set={set} />
          <SizeAtHand at={at} />
          <OrderAtHand at={at} />
        </Box>
      }
    />
  );
}

/** A picture of flat colours: the picture, and the colours that were found in it. */
function InFlatColours({ at }: { at: AtHand<"art"> }) {
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
            <Palette job={job} change={(body) => work.change.mutate(body)} />
          )}
          <Edges at={at} />
          <OrderAtHand at={at} />
          <Drawn job={job} />
        </Box>
      }
    />
  );
}

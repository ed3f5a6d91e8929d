import { Box } from "@chakra-ui/react";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { type JobChange, Problem, type Tone } from "../../api/client";
import { useTrade } from "../../api/use";
import { askedWith } from "../../ui/asked";
import { Bench, Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { type AtHand, useAtHand } from "../../ui/JobFrame";
import { useLengthText } from "../../ui/lengthText";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton, Views } from "../../ui/SmallButton";
import { Drawn } from "./Drawn";
import { ArtWords, Framing } from "./Framing";
import { InkList, Inks, useInkSet } from "./Inks";
import { MixSettings } from "./Mix";
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
          {mix && <MixSettings key={JSON.stringify(mix)} at={at} mix={mix} />}
          {job.method === "layers" && <Drawn job={job} />}
          <Tones at={at} tone={tone} curve={proof?.curve ?? kept.curve} set={set} />
          <SizeAtHand at={at} />
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
          <Edges key={`${job.chokeMm} ${job.trap.value}`} at={at} />
          <Drawn job={job} />
        </Box>
      }
    />
  );
}

function SizeAtHand({ at }: { at: AtHand<"art"> }) {
  const { job } = at;
  return (
    <Size
      key={JSON.stringify([
        job.id,
        job.widthMm,
        job.heightMm,
        job.acrossMm,
        job.dropMm,
        job.garmentHex,
        job.garmentName,
        job.quantity,
        job.dueOn,
        job.customer,
      ])}
      at={at}
    />
  );
}

/** How plates meet: the choke of the base and the trap. */
function Edges({ at }: { at: AtHand<"art"> }) {
  const { job, work } = at;
  const { fromField, lengthUnit } = useHabits();
  const [choke, setChoke] = useLengthText(job.chokeMm);
  const [trap, setTrap] = useLengthText(job.trap.value ?? 0);
  const chokeMm = fromField(choke);
  const trapMm = fromField(trap);
  const change: JobChange = {
    ...(Math.abs(chokeMm - job.chokeMm) > 0.0005 || Number.isNaN(chokeMm) ? { chokeMm } : {}),
    ...(Math.abs(trapMm - (job.trap.value ?? 0)) > 0.0005 || Number.isNaN(trapMm) ? { trapMm } : {}),
  };
  return (
    <Box
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        work.change.mutate(change);
      }}
    >
      <Heading
        note={
          job.trapFollowsPress
            ? `Trap: ${job.trap.formula.toLowerCase()} (${job.trap.source}).`
            : "The trap is set by hand."
        }
      >
        Where plates meet
      </Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        <Field label={`Choke of the base, ${lengthUnit}`}>
          <Entry inputMode="decimal" value={choke} onChange={(e) => setChoke(e.target.value)} />
        </Field>
        <Field label={`Trap, ${lengthUnit}`}>
          <Entry inputMode="decimal" value={trap} onChange={(e) => setTrap(e.target.value)} />
        </Field>
      </Box>
      <TroubleAt of={work.change.error} field="chokeMm" />
      <TroubleAt of={work.change.error} field="trapMm" />
      <Box display="flex" gap="12px" mt="10px">
        <Action quiet type="submit" disabled={Object.keys(change).length === 0}>
          Keep these
        </Action>
        {!job.trapFollowsPress && (
          <SmallButton onClick={() => work.change.mutate({ trapFollowsPress: true })}>Let the press set it</SmallButton>
        )}
      </Box>
    </Box>
  );
}

function Size({ at }: { at: AtHand<"art"> }) {
  const trade = useTrade().data;
  const { job, work } = at;
  const { toField, fromField, lengthUnit } = useHabits();
  const [width, setWidth] = useLengthText(job.widthMm);
  const [height, setHeight] = useLengthText(job.heightMm);
  const [across, setAcross] = useLengthText(job.acrossMm);
  const [drop, setDrop] = useLengthText(job.dropMm);
  const [hex, setHex] = useState(job.garmentHex);
  const [name, setName] = useState(job.garmentName);
  const [quantity, setQuantity] = useState(String(job.quantity));
  const [due, setDue] = useState(job.dueOn ?? "");
  const [customer, setCustomer] = useState(job.customer);
  const mm = fromField(width);
  const highMm = fromField(height);
  const shape = job.heightMm / job.widthMm;
  const other = (text: string, factor: number) => {
    const given = fromField(text);
    return Number.isFinite(given) && given > 0 ? toField(given * factor) : "";
  };
  const moved = (text: string, was: number) => {
    const given = text.trim() === "" ? 0 : fromField(text);
    return Number.isNaN(given) || Math.abs(given - was) > 0.005 ? given : null;
  };
  const acrossMm = moved(across, job.acrossMm);
  const dropMm = moved(drop, job.dropMm);
  const change: JobChange = {
    ...(Math.abs(mm - job.widthMm) > 0.005 || Number.isNaN(mm)
      ? Number.isNaN(mm) && !Number.isNaN(highMm)
        ? { heightMm: highMm }
        : { widthMm: mm }
      : {}),
    ...(acrossMm !== null ? { acrossMm } : {}),
    ...(dropMm !== null ? { dropMm } : {}),
    ...(hex !== job.garmentHex ? { garmentHex: hex } : {}),
    ...(name !== job.garmentName ? { garmentName: name } : {}),
    ...(Number(quantity) !== job.quantity ? { quantity: Number(quantity) } : {}),
    ...(due !== (job.dueOn ?? "") && due !== "" ? { dueOn: due } : {}),
    ...(customer !== job.customer ? { customer } : {}),
  };
  return (
    <Box
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        work.change.mutate(change);
      }}
    >
      <Heading>Size and garment</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        <Field label={`Print width, ${lengthUnit}`}>
          <Entry
            inputMode="decimal"
            value={width}
            onChange={(e) => {
              setWidth(e.target.value);
              setHeight(other(e.target.value, shape));
            }}
          />
        </Field>
        <Field label={`Print height, ${lengthUnit}`}>
          <Entry
            inputMode="decimal"
            value={height}
            onChange={(e) => {
              setHeight(e.target.value);
              setWidth(other(e.target.value, 1 / shape));
            }}
          />
        </Field>
        <Field label="Place on the garment">
          <Choice fontFamily="body" value={job.place} onChange={(e) => work.change.mutate({ place: e.target.value })}>
            {[...new Set([job.place, ...(trade?.places ?? [])])].map((p) => (
              <option key={p}>{p}</option>
            ))}
          </Choice>
        </Field>
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="8px">
          <Field label={`right, ${lengthUnit}`}>
            <Entry inputMode="decimal" value={across} onChange={(e) => setAcross(e.target.value)} />
          </Field>
          <Field label={`down, ${lengthUnit}`}>
            <Entry inputMode="decimal" value={drop} onChange={(e) => setDrop(e.target.value)} />
          </Field>
        </Box>
        <Field label="On">
          <Choice
            value={job.substrate}
            onChange={(e) => work.change.mutate({ substrate: e.target.value as typeof job.substrate })}
          >
            {(trade?.substrates ?? [job.substrate]).map((s) => (
              <option key={s}>{s}</option>
            ))}
          </Choice>
        </Field>
        <Field label="Garment">
          <Choice
            fontFamily="body"
            value={job.garment}
            onChange={(e) => work.change.mutate({ garment: e.target.value })}
          >
            {[...new Set([job.garment, ...(trade?.garments ?? [])])].map((g) => (
              <option key={g}>{g}</option>
            ))}
          </Choice>
        </Field>
        <Field label="Garment colour">
          <Entry className="colours" p="4px" type="color" value={hex} onChange={(e) => setHex(e.target.value)} />
        </Field>
        <Field label="called">
          <Entry fontFamily="body" value={name} onChange={(e) => setName(e.target.value)} />
        </Field>
      </Box>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="14px">
        <Field label="How many">
          <Entry inputMode="numeric" value={quantity} onChange={(e) => setQuantity(e.target.value)} />
        </Field>
        <Field label="Due">
          <Entry type="date" value={due} onChange={(e) => setDue(e.target.value)} />
        </Field>
        <Box gridColumn="1 / -1">
          <Field label="For">
            <Entry fontFamily="body" value={customer} onChange={(e) => setCustomer(e.target.value)} />
          </Field>
        </Box>
      </Box>
      {["widthMm", "heightMm", "quantity", "dueOn", "customer", "garment", "substrate", "acrossMm", "dropMm"].map(
        (f) => (
          <TroubleAt key={f} of={work.change.error} field={f} />
        ),
      )}
      <Action quiet type="submit" mt="14px" disabled={Object.keys(change).length === 0}>
        Keep
      </Action>
    </Box>
  );
}

/** Only where the field is named: a trouble without a field stands at the top of the page. */
function TroubleAt({ of, field }: { of: unknown; field: string }) {
  return of instanceof Problem && of.field.startsWith(field) ? <Trouble of={of} /> : null;
}

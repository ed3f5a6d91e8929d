import { Box, Text } from "@chakra-ui/react";
import { useTrade } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { leaving, useFollowing, useKeep } from "../../ui/keep";
import { useLengthText } from "../../ui/lengthText";
import { numberTyped } from "../../ui/number";
import { Area, Choice, Entry, Field } from "../../ui/Parts";
import { Lines } from "./Lines";

const differs = (a: number, b: number) => Number.isNaN(a) || Math.abs(a - b) > 0.005;

/** Size, place and garment of the print. Each field is kept when it is left. */
export function SizeAtHand({ at }: { at: AtHand<"art"> }) {
  const keeping = useKeep(at.work);
  return (
    <Box as="form" {...leaving}>
      <Heading>Size and garment</Heading>
      <SizeFields at={at} keeping={keeping} />
      <GarmentFields at={at} keeping={keeping} />
    </Box>
  );
}

/** What the order says: for whom, until when, how many of which. */
export function OrderAtHand({ at }: { at: AtHand<"art"> }) {
  const { job, work } = at;
  const { keep, trouble } = useKeep(work);
  const [due, setDue] = useFollowing(job.dueOn ?? "");
  const [customer, setCustomer] = useFollowing(job.customer);
  const [quantity, setQuantity] = useFollowing(String(job.quantity));
  const [notes, setNotes] = useFollowing(job.notes);
  return (
    <Box as="form" {...leaving}>
      <Heading>The order</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        <Field label="Customer">
          <Entry
            fontFamily="body"
            value={customer}
            onChange={(e) => setCustomer(e.target.value)}
            onBlur={() => keep("customer", customer === job.customer ? null : { customer })}
          />
        </Field>
        <Field label="Due">
          <Entry
            type="date"
            value={due}
            onChange={(e) => setDue(e.target.value)}
            onBlur={() => keep("dueOn", due === (job.dueOn ?? "") || due === "" ? null : { dueOn: due })}
          />
        </Field>
        {job.lines.length === 0 && (
          <Field label="How many">
            <Entry
              inputMode="numeric"
              value={quantity}
              onChange={(e) => setQuantity(e.target.value)}
              onBlur={() => {
                const typed = numberTyped(quantity);
                const told = typed === null || Number.isNaN(typed) ? (quantity as unknown as number) : typed;
                keep("quantity", told === job.quantity ? null : { quantity: told });
              }}
            />
          </Field>
        )}
      </Box>
      {trouble("customer", "dueOn", "quantity")}
      <Lines job={job} busy={work.change.isPending} keep={keep} />
      {trouble("lines")}
      <Field label="Notes">
        <Area
          rows={3}
          value={notes}
          onChange={(e) => setNotes(e.target.value)}
          onBlur={() => keep("notes", notes === job.notes ? null : { notes })}
        />
      </Field>
      {trouble("notes")}
    </Box>
  );
}

type Keeping = { keeping: ReturnType<typeof useKeep> };

function SizeFields({ at, keeping: { keep, trouble } }: { at: AtHand<"art"> } & Keeping) {
  const { job } = at;
  const { toField, fromField, lengthUnit, length } = useHabits();
  const [width, setWidth] = useLengthText(job.widthMm);
  const [height, setHeight] = useLengthText(job.heightMm);
  const [across, setAcross] = useLengthText(job.acrossMm);
  const [drop, setDrop] = useLengthText(job.dropMm);
  const inked = job.inked ?? null;
  const [inkedWidth, setInkedWidth] = useLengthText(inked?.widthMm ?? null);
  const shape = job.heightMm / job.widthMm;
  const other = (text: string, factor: number) => {
    const given = fromField(text);
    return Number.isFinite(given) && given > 0 ? toField(given * factor) : "";
  };
  const moved = (text: string) => (text.trim() === "" ? 0 : fromField(text));
  return (
    <>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        <Field label={`Print width, ${lengthUnit}`}>
          <Entry
            inputMode="decimal"
            value={width}
            onChange={(e) => {
              setWidth(e.target.value);
              setHeight(other(e.target.value, shape));
            }}
            onBlur={() =>
              keep("widthMm", differs(fromField(width), job.widthMm) ? { widthMm: fromField(width) } : null)
            }
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
            onBlur={() =>
              keep("heightMm", differs(fromField(height), job.heightMm) ? { heightMm: fromField(height) } : null)
            }
          />
        </Field>
        {inked && (
          <>
            <Field label={`Inked width, ${lengthUnit}`}>
              <Entry
                inputMode="decimal"
                value={inkedWidth}
                onChange={(e) => setInkedWidth(e.target.value)}
                onBlur={() => {
                  const mm = fromField(inkedWidth);
                  keep("inked", differs(mm, inked.widthMm) ? { widthMm: (mm * job.widthMm) / inked.widthMm } : null);
                }}
              />
            </Field>
            <Text fontSize="small" color="quiet" alignSelf="end">
              The ink itself is {length(inked.widthMm)} × {length(inked.heightMm)}, sure to {length(inked.sureToMm, 1)}:
              the file has clear edges beyond it.
            </Text>
          </>
        )}
        <PlaceField at={at} />
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="8px">
          <Field label={`right, ${lengthUnit}`}>
            <Entry
              inputMode="decimal"
              value={across}
              onChange={(e) => setAcross(e.target.value)}
              onBlur={() => keep("acrossMm", differs(moved(across), job.acrossMm) ? { acrossMm: moved(across) } : null)}
            />
          </Field>
          <Field label={`down, ${lengthUnit}`}>
            <Entry
              inputMode="decimal"
              value={drop}
              onChange={(e) => setDrop(e.target.value)}
              onBlur={() => keep("dropMm", differs(moved(drop), job.dropMm) ? { dropMm: moved(drop) } : null)}
            />
          </Field>
        </Box>
      </Box>
      {trouble("widthMm", "heightMm", "inked", "acrossMm", "dropMm")}
      {job.filmMind && (
        <Text color="madder" fontSize="small" mt="8px">
          {job.filmMind}
        </Text>
      )}
    </>
  );
}

function PlaceField({ at: { job, work } }: { at: AtHand<"art"> }) {
  const places = useTrade().data?.places ?? [];
  return (
    <Field label="Place on the garment">
      <Choice fontFamily="body" value={job.place} onChange={(e) => work.change.mutate({ place: e.target.value })}>
        {[...new Set([job.place, ...places])].map((p) => (
          <option key={p}>{p}</option>
        ))}
      </Choice>
    </Field>
  );
}

function GarmentFields({ at, keeping: { keep, trouble } }: { at: AtHand<"art"> } & Keeping) {
  const { job, work } = at;
  const trade = useTrade().data;
  const [hex, setHex] = useFollowing(job.garmentHex);
  const [name, setName] = useFollowing(job.garmentName);
  return (
    <>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px" mt="14px">
        <Field label="Printed on">
          <Choice
            fontFamily="body"
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
          <Entry
            className="colours"
            p="4px"
            type="color"
            value={hex}
            onChange={(e) => setHex(e.target.value)}
            onBlur={() => keep("garmentHex", hex === job.garmentHex ? null : { garmentHex: hex })}
          />
        </Field>
        <Field label="Name of that colour">
          <Entry
            fontFamily="body"
            value={name}
            onChange={(e) => setName(e.target.value)}
            onBlur={() => keep("garmentName", name === job.garmentName ? null : { garmentName: name })}
          />
        </Field>
      </Box>
      {trouble("garmentHex", "garmentName")}
    </>
  );
}

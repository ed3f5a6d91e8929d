import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { JobChange } from "../../api/client";
import { Bench, Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Palette } from "./Palette";

/** The picture as it was brought, its size and its garment, and the colours that were found in it. */
export function ArtStage() {
  const at = useAtHand();
  const { job, work } = at;
  const { length } = useHabits();
  return (
    <Bench
      tool={
        <Box display="flex" flexDirection="column" h="100%">
          <Box
            className="halftone"
            flex="1"
            minH="360px"
            display="flex"
            alignItems="center"
            justifyContent="center"
            p="24px"
          >
            <Box bg={job.garmentHex} className="colours" p="18px" maxW="100%">
              <img
                src={`/api/jobs/${job.id}/art`}
                alt={`The art, ${job.artName}`}
                style={{ height: "min(56vh, 560px)", maxWidth: "100%", objectFit: "contain", display: "block" }}
              />
            </Box>
          </Box>
          <Text mt="12px" color="quiet">
            {job.artName},{" "}
            {job.artKind === "svg"
              ? "a drawing, sharp at any size"
              : `${job.artWidthPx} × ${job.artHeightPx} pixels, ${Math.round(job.artPpi)} an inch at this width`}
            . It prints {length(job.widthMm)} × {length(job.heightMm)}.
          </Text>
          {job.warnings.map((warning) => (
            <Text key={warning} borderLeftWidth="3px" borderColor="amber" pl="12px" mt="8px" maxW="76ch">
              {warning}
            </Text>
          ))}
        </Box>
      }
      beside={
        <Box p="20px 24px" display="flex" flexDirection="column" gap="26px">
          <Size
            key={JSON.stringify([
              job.id,
              job.widthMm,
              job.garmentHex,
              job.garmentName,
              job.quantity,
              job.dueOn,
              job.customer,
            ])}
            at={at}
          />
          {job.palette.length > 0 && <Palette job={job} change={(body) => work.change.mutate(body)} />}
        </Box>
      }
    />
  );
}

const garments = ["tees", "totes", "sheets"];
const substrates = ["cotton", "polyester", "tri-blend", "nylon", "fleece", "canvas", "paper", "rigid"];

function Size({ at }: { at: ReturnType<typeof useAtHand> }) {
  const { job, work } = at;
  const { toField, fromField, lengthUnit } = useHabits();
  const [width, setWidth] = useState(toField(job.widthMm));
  const [hex, setHex] = useState(job.garmentHex);
  const [name, setName] = useState(job.garmentName);
  const [quantity, setQuantity] = useState(String(job.quantity));
  const [due, setDue] = useState(job.dueOn ?? "");
  const [customer, setCustomer] = useState(job.customer);
  const mm = fromField(width);
  const change: JobChange = {
    ...(Math.abs(mm - job.widthMm) > 0.005 || Number.isNaN(mm) ? { widthMm: mm } : {}),
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
          <Entry inputMode="decimal" value={width} onChange={(e) => setWidth(e.target.value)} />
        </Field>
        <Field label="On">
          <Choice value={job.substrate} onChange={(e) => work.change.mutate({ substrate: e.target.value as "cotton" })}>
            {substrates.map((s) => (
              <option key={s}>{s}</option>
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
        <Field label="Garment">
          <Choice
            fontFamily="body"
            value={garments.includes(job.garment) ? job.garment : "sheets"}
            onChange={(e) => work.change.mutate({ garment: e.target.value })}
          >
            {garments.map((g) => (
              <option key={g}>{g}</option>
            ))}
          </Choice>
        </Field>
        <Field label="How many">
          <Entry inputMode="numeric" value={quantity} onChange={(e) => setQuantity(e.target.value)} />
        </Field>
        <Field label="Due">
          <Entry type="date" value={due} onChange={(e) => setDue(e.target.value)} />
        </Field>
        <Field label="For">
          <Entry fontFamily="body" value={customer} onChange={(e) => setCustomer(e.target.value)} />
        </Field>
      </Box>
      <Trouble of={work.change.error} />
      <Action quiet type="submit" mt="14px" disabled={Object.keys(change).length === 0}>
        Keep
      </Action>
    </Box>
  );
}

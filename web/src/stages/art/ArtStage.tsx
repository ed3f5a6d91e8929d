import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
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
                style={{ maxHeight: "56vh", width: "auto", maxWidth: "100%", display: "block", minWidth: "240px" }}
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
          <Size key={`${job.id} ${job.widthMm} ${job.garmentHex} ${job.garmentName}`} at={at} />
          {job.palette.length > 0 && <Palette job={job} change={(body) => work.change.mutate(body)} />}
        </Box>
      }
    />
  );
}

const substrates = ["cotton", "polyester", "tri-blend", "nylon", "fleece", "canvas", "paper", "rigid"];

function Size({ at }: { at: ReturnType<typeof useAtHand> }) {
  const { job, work } = at;
  const { toField, fromField, lengthUnit } = useHabits();
  const [width, setWidth] = useState(toField(job.widthMm));
  const [hex, setHex] = useState(job.garmentHex);
  const [name, setName] = useState(job.garmentName);
  return (
    <Box
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        const mm = fromField(width);
        work.change.mutate({
          ...(Math.abs(mm - job.widthMm) > 0.005 || Number.isNaN(mm) ? { widthMm: mm } : {}),
          ...(hex !== job.garmentHex ? { garmentHex: hex } : {}),
          ...(name !== job.garmentName ? { garmentName: name } : {}),
        });
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
      <Trouble of={work.change.error} field="widthMm" />
      <Action
        quiet
        type="submit"
        mt="14px"
        disabled={
          Math.abs(fromField(width) - job.widthMm) < 0.005 && hex === job.garmentHex && name === job.garmentName
        }
      >
        Keep
      </Action>
    </Box>
  );
}

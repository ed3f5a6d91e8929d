import { Box, Text } from "@chakra-ui/react";
import { useRef } from "react";
import type { Job, JobChange } from "../../api/client";
import { useHeadNow, useTrade } from "../../api/use";
import { useFollowing } from "../../ui/keep";
import { numberTyped } from "../../ui/number";
import { Entry, Label } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

type Line = Job["lines"][number];

/** Several garments and colours in one order, by sizes; the sum is the quantity of the job. */
export function Lines({
  job,
  busy,
  keep,
}: {
  job: Job;
  /** Whether a change is under way. */
  busy: boolean;
  keep: (field: string, change: JobChange | null) => void;
}) {
  const usual = useTrade().data?.sizes ?? [];
  const sizes = [...new Set([...usual, ...job.lines.flatMap((l) => l.sizes.map((s) => s.size))])];
  // A quick hand is in the next field before the last one is answered or shown: what it told goes along.
  const headNow = useHeadNow(job.id);
  const told = useRef<Line[] | null>(null);
  if (!busy) told.current = null;
  const latest = () => told.current ?? headNow()?.lines ?? job.lines;
  const set = (lines: Line[]) => {
    told.current = lines;
    keep("lines", { lines });
  };
  const put = (i: number, change: (line: Line) => Line) => set(latest().map((l, j) => (i === j ? change(l) : l)));
  const begin: Line = {
    garment: job.garment,
    colour: job.garmentName,
    hex: job.garmentHex,
    sizes: usual.map((size) => ({ size, pieces: 0 })),
  };
  return (
    <Box my="12px">
      {job.lines.map((line, i) => (
        <Box
          key={i}
          role="group"
          aria-label={`Garment ${i + 1} of the order`}
          borderTopWidth="1px"
          borderColor="line"
          py="10px"
        >
          <Box display="grid" gridTemplateColumns="44px 1fr 1fr" gap="8px" alignItems="end">
            <Colour line={line} put={(hex) => put(i, (l) => ({ ...l, hex }))} n={i + 1} />
            <Word label="Name of the colour" value={line.colour} put={(colour) => put(i, (l) => ({ ...l, colour }))} />
            <Word label="Garment" value={line.garment} put={(garment) => put(i, (l) => ({ ...l, garment }))} />
          </Box>
          <Box display="flex" gap="6px" mt="6px" alignItems="end" flexWrap="wrap">
            {sizes.map((size) => (
              <Pieces
                key={size}
                size={size}
                pieces={line.sizes.find((s) => s.size === size)?.pieces ?? 0}
                put={(pieces) =>
                  put(i, (l) => ({
                    ...l,
                    sizes: sizes.map((one) => ({
                      size: one,
                      pieces: one === size ? pieces : (l.sizes.find((s) => s.size === one)?.pieces ?? 0),
                    })),
                  }))
                }
              />
            ))}
            <Text className="readout" pb="12px" ml="4px">
              {line.sizes.reduce((sum, s) => sum + s.pieces, 0)}
            </Text>
            <SmallButton ml="auto" onClick={() => set(latest().filter((_, j) => j !== i))}>
              Leave out<span className="heard"> garment {i + 1}</span>
            </SmallButton>
          </Box>
        </Box>
      ))}
      <SmallButton ml="-10px" onClick={() => set([...latest(), begin])}>
        {job.lines.length === 0 ? "Count by sizes, or several garments" : "Another garment or colour"}
      </SmallButton>
    </Box>
  );
}

function Pieces({ size, pieces, put }: { size: string; pieces: number; put: (pieces: number) => void }) {
  const [text, setText] = useFollowing(pieces === 0 ? "" : String(pieces));
  return (
    <Box as="label" w="58px">
      <Label as="span" display="block">
        {size}
      </Label>
      <Entry
        inputMode="numeric"
        px="6px"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => {
          const typed = numberTyped(text);
          const told = typed === null ? 0 : Number.isNaN(typed) ? (text as unknown as number) : typed;
          if (told !== pieces) put(told);
        }}
      />
    </Box>
  );
}

function Word({ label, value, put }: { label: string; value: string; put: (text: string) => void }) {
  const [text, setText] = useFollowing(value);
  return (
    <Box as="label" minW="0">
      <Label as="span" display="block">
        {label}
      </Label>
      <Entry
        fontFamily="body"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => text !== value && put(text)}
      />
    </Box>
  );
}

function Colour({ line, put, n }: { line: Line; put: (hex: string) => void; n: number }) {
  const [hex, setHex] = useFollowing(line.hex);
  return (
    <Entry
      aria-label={`Colour of garment ${n}`}
      className="colours"
      type="color"
      p="4px"
      value={hex}
      onChange={(e) => setHex(e.target.value)}
      onBlur={() => hex !== line.hex && put(hex)}
    />
  );
}

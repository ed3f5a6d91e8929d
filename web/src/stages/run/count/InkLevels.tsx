import { Box, Text } from "@chakra-ui/react";
import { useId, useState } from "react";
import type { JobOn } from "../../../api/client";
import { useHabits } from "../../../ui/habits";
import { numberTyped } from "../../../ui/number";
import { Action, Entry, Field, Push } from "../../../ui/Parts";
import { Sheet } from "../../../ui/Sheet";
import type { RunBoard } from "./counted";

type Ink = RunBoard["count"]["inks"][number];

/** What lies on each screen, by weight, and for how many pieces it lasts. A touch says what was put there. */
export function InkLevels({
  job,
  inks,
  fill,
}: {
  job: JobOn<"run">;
  inks: Ink[];
  fill: (plate: number, grams: number) => void;
}) {
  const [at, setAt] = useState<Ink | null>(null);
  return (
    <Box as="section" aria-label="Ink on the screens">
      <Text as="h3" fontWeight="700" mb="8px">
        Ink on the screens
      </Text>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(132px, 1fr))" gap="14px">
        {inks.map((ink) => (
          <Level key={ink.plate} ink={ink} hex={hexOf(job, ink.plate)} touch={() => setAt(ink)} />
        ))}
      </Box>
      {at && <Fill ink={at} close={() => setAt(null)} fill={fill} />}
    </Box>
  );
}

const hexOf = (job: JobOn<"run">, plate: number) => job.plates.find((p) => p.id === plate)?.inkHex ?? "#888888";

function Level({ ink, hex, touch }: { ink: Ink; hex: string; touch: () => void }) {
  const { weight } = useHabits();
  const clip = useId();
  // A full screen is what was last seen as most; drawn against what a usual filling is.
  const share = ink.grams === null ? 0 : Math.max(0, Math.min(1, ink.grams / 250));
  return (
    <Push onClick={touch} textAlign="left" cursor="pointer" minH="84px">
      <svg
        viewBox="0 0 132 26"
        width="100%"
        height="26"
        preserveAspectRatio="none"
        className="colours"
        aria-hidden="true"
      >
        <clipPath id={clip}>
          <path d={`M0 0H${132 * share}l-4 4 5 4-6 5 5 4-4 5 3 4H0Z`} />
        </clipPath>
        <rect x="0.500" y="0.500" width="131" height="25" fill="none" stroke="var(--line)" />
        <rect width="132" height="26" fill={hex} clipPath={`url(#${clip})`} stroke="var(--line)" />
      </svg>
      <Text fontSize="small" lineClamp="1">
        {ink.name}
      </Text>
      {ink.pieces === null ? (
        <Text fontSize="small" color="quiet">
          {ink.grams === null ? "not weighed" : weight(ink.grams)}
        </Text>
      ) : (
        <Text color={ink.soon ? "madder" : "ink"}>
          <span className="readout lead-readout">{ink.pieces}</span>{" "}
          <Text as="span" fontSize="small" fontWeight={ink.soon ? "700" : "400"}>
            {ink.soon
              ? ink.pieces === 0
                ? "refill now"
                : `refill${ink.minutes === null ? " soon" : ` in ${Math.max(1, Math.round(ink.minutes))} min`}`
              : "pieces"}
          </Text>
        </Text>
      )}
      <span className="heard">Put ink on the screen</span>
    </Push>
  );
}

function Fill({ ink, close, fill }: { ink: Ink; close: () => void; fill: (plate: number, grams: number) => void }) {
  const { weight, inches } = useHabits();
  const [typed, setTyped] = useState("");
  const [wrong, setWrong] = useState("");
  const put = (grams: number) => {
    fill(ink.plate, grams);
    close();
  };
  const amount = (grams: number) => (inches ? Math.round((grams / 28.35) * 10) / 10 : grams);
  return (
    <Sheet label={`Ink on ${ink.name}`} close={close}>
      <Box p="24px" display="flex" flexDirection="column" gap="16px">
        <Text as="h2" className="wide" fontWeight="800" fontSize="title">
          {ink.name}
        </Text>
        <Text>How much ink was put on this screen? Weigh the pot before and after.</Text>
        <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="12px">
          {[50, 100, 150, 200, 250, 300].map((grams) => (
            <Action key={grams} quiet minH="64px" onClick={() => put(grams)}>
              {weight(grams)}
            </Action>
          ))}
        </Box>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            const grams = (numberTyped(typed) ?? 0) * (inches ? 28.35 : 1);
            if (grams <= 0 || grams > 5000) {
              setWrong(`Weigh what was put there: more than nothing, up to ${weight(5000)}.`);
              return;
            }
            put(grams);
          }}
        >
          <Field label={`Another weight, ${inches ? "oz" : "g"}`} hint={wrong || `such as ${amount(180)}`}>
            <Entry inputMode="decimal" value={typed} onChange={(e) => setTyped(e.target.value)} />
          </Field>
          <Action mt="12px" type="submit">
            It lies there
          </Action>
        </form>
      </Box>
    </Sheet>
  );
}

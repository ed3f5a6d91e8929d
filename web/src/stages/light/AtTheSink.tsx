import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateChange, PlateOn } from "../../api/client";
import { useTrade } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { Reclaiming } from "../../ui/FrameHands";
import { Action, Push, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

type Seen = NonNullable<PlateChange["sinkCheck"]>;
type Sign = "scum" | "pinholes" | "lostDots" | "closedLines" | "blur";

/** What was answered, without what the core says of it. */
const answersOf = (check: PlateOn<"light">["sinkCheck"]): Seen =>
  check === null
    ? clean
    : {
        scum: check.scum,
        pinholes: check.pinholes,
        lostDots: check.lostDots,
        closedLines: check.closedLines,
        blur: check.blur,
      };

const clean: Seen = { scum: false, pinholes: false, lostDots: false, closedLines: false, blur: false };

/** At the sink, with wet hands: what is wrong is touched, or nothing is; the light learns from it. */
export function AtTheSink({
  plate,
  tell,
  error,
}: {
  plate: PlateOn<"light">;
  tell: (seen: Seen) => void;
  error: unknown;
}) {
  const [seen, setSeen] = useState<Seen>(() => answersOf(plate.sinkCheck));
  const [open, setOpen] = useState(plate.sinkCheck === null);
  const signs = (useTrade().data?.sinkSigns ?? []).map(({ sign, name, looks }) => [sign as Sign, name, looks] as const);
  const any = signs.some(([sign]) => seen[sign]);
  if (!open && plate.sinkCheck) {
    const found = signs.filter(([sign]) => plate.sinkCheck?.[sign]).map(([, name]) => name.toLowerCase());
    return (
      <Box>
        <Heading>At the sink: {found.length === 0 ? "clean" : found.join(", ")}</Heading>
        <Text color={plate.sinkCheck.canPrint ? "ink" : "madder"} maxW="70ch">
          {plate.sinkCheck.says}
        </Text>
        {plate.faults.length > 0 && (
          <Box as="ol" mt="8px" listStyleType="none">
            {plate.faults.map((f) => (
              <Box as="li" key={f.cause} borderTopWidth="1px" borderColor="line" py="8px" maxW="76ch">
                <Text fontWeight="700">{f.cause}</Text>
                <Text>
                  {f.because} {f.remedy}
                </Text>
              </Box>
            ))}
          </Box>
        )}
        {(!plate.sinkCheck.canPrint || plate.stencilNow?.oldPicture) && plate.frameId !== null && (
          <Box mt="10px">
            <Text fontWeight="700">Make it again. How did the stencil come off frame {plate.frameLabel}?</Text>
            <Reclaiming frameId={plate.frameId} again />
          </Box>
        )}
        <SmallButton ml="-10px" onClick={() => setOpen(true)}>
          Look again
        </SmallButton>
      </Box>
    );
  }
  return (
    <Box>
      <Heading note="Wet both sides, wait, then rinse from the print side with cool water: the nozzle a forearm off, every place as long as the next. Stop when it is open, and hold it against the light.">
        At the sink: what do you see?
      </Heading>
      <Box display="grid" gridTemplateColumns={{ base: "1fr 1fr", xl: "repeat(3, 1fr)" }} gap="12px">
        {signs.map(([sign, name, words]) => (
          <Push
            key={sign}
            aria-pressed={seen[sign] === true}
            onClick={() => setSeen({ ...seen, [sign]: !seen[sign] })}
            minH="84px"
            p="12px 16px"
            textAlign="left"
            cursor="pointer"
            borderWidth={seen[sign] ? "3px" : "1px"}
            borderColor={seen[sign] ? "madder" : "ink"}
            bg={seen[sign] ? "raised" : "transparent"}
          >
            <Text fontWeight="700" fontSize="lead">
              {seen[sign] ? "× " : ""}
              {name}
            </Text>
            <Text fontSize="small" color="quiet">
              {words}
            </Text>
          </Push>
        ))}
        <Push
          minH="84px"
          p="12px 16px"
          textAlign="left"
          cursor="pointer"
          bg="teal"
          color="onTeal"
          onClick={() => {
            tell(seen);
            setOpen(false);
          }}
        >
          <Text fontWeight="700" fontSize="lead">
            {any ? "That is what I see" : "All clean and open"}
          </Text>
          <Text fontSize="small">
            {any ? "keep it in the frame’s record" : "the light learns that its time was right"}
          </Text>
        </Push>
      </Box>
      {plate.sinkCheck && (
        <Action quiet mt="12px" onClick={() => tell({ forget: true })}>
          Nobody looked
        </Action>
      )}
      <Trouble of={error} field="sinkCheck" />
    </Box>
  );
}

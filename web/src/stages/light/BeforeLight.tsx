import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Trouble } from "../../ui/Parts";
import { Tick } from "../../ui/SmallButton";

type Done = PlateOn<"light">["beforeLight"][number];

/** The card before the light: what no time of exposure makes good again. */
export function BeforeLight({
  plate,
  tick,
  error,
}: {
  plate: PlateOn<"light">;
  tick: (done: Done, on: boolean) => void;
  error: unknown;
}) {
  const { length } = useHabits();
  // Each tick goes alone: two quick fingers, or two tablets at one screen, do not take back each other’s.
  const [done, setDone] = useState(plate.beforeLight);
  const set = (id: Done, on: boolean) => {
    setDone(on ? [...done, id] : done.filter((other) => other !== id));
    tick(id, on);
  };
  const at = plate.placement;
  const card: [Done, string][] = [
    [
      "film placed",
      at
        ? `Film placed, black side down on the stencil: its centre ${length(at.centreFromEndMm)} from the clamped end, in the middle across`
        : "Film placed by the card of its press and frame",
    ],
    ["glass clean", "Glass clean on both sides"],
    ["screen looked through", "Screen looked through against the light: no lint, pinholes or bubbles"],
    ["film dry", "Film dry, without creases or flakes"],
    ["film taped", "Film taped so that it cannot move"],
    ["contact", plate.contactSays],
  ];
  const asked = card.filter(([id]) => plate.beforeLightAsked.includes(id));
  const open = asked.filter(([id]) => !done.includes(id)).length;
  return (
    <Box>
      <Heading note={open === 0 ? "All done." : `${open} of ${asked.length} still to do.`}>Before the light</Heading>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} columnGap="24px">
        {asked.map(([id, words]) => (
          <Box key={id} borderTopWidth="1px" borderColor="line">
            <Tick checked={done.includes(id)} set={(on) => set(id, on)}>
              <Text as="span" lineHeight="1.25" display="block" py="6px">
                {words}
              </Text>
            </Tick>
          </Box>
        ))}
      </Box>
      <Trouble of={error} field="beforeLight" />
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { ColourSign, PlateOn } from "../../api/client";
import { useCorrections, usePot } from "../../api/press";
import { Heading } from "../../ui/Bench";
import { Choice, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

/** A colour that is off on the strike-off: what can be done, and what has to be made again for it. */
export function ColourOff({ plate, jobId }: { plate: PlateOn<"press">; jobId: number }) {
  const [sign, setSign] = useState<ColourSign | null>(null);
  const { data, error } = useCorrections(plate.id, sign);
  const pot = usePot(jobId, plate.id);
  return (
    <Box borderTopWidth="1px" borderColor="line" pt="16px">
      <Heading note="What makes the least again stands first. Look at it wet, dry and on the cloth that is printed.">
        Is the colour of {plate.name} right?
      </Heading>
      <Box maxW="360px">
        <Field label={`${plate.name} is`}>
          <Choice
            fontFamily="body"
            value={sign ?? ""}
            onChange={(e) => setSign((e.target.value || null) as ColourSign | null)}
          >
            <option value="">as it should be</option>
            {plate.signs.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Choice>
        </Field>
      </Box>
      <Trouble of={error ?? pot.error} />
      {sign !== null &&
        data?.offered.map((one) => (
          <Box
            key={one.what}
            display="grid"
            gridTemplateColumns={{ base: "1fr", md: "minmax(0, 1fr) 200px" }}
            columnGap="22px"
            borderTopWidth="1px"
            borderColor="line"
            py="10px"
            mt="8px"
          >
            <Box>
              <Text fontWeight="700">{one.what}</Text>
              <Text fontSize="small">{one.does}</Text>
              {one.onPot !== "" && data.pot !== "" && (
                <SmallButton ml="-10px" disabled={pot.isPending} onClick={() => pot.mutate(one.onPot)}>
                  Write it on the pot of {data.pot}
                </SmallButton>
              )}
            </Box>
            <Text fontSize="small">
              <Text as="span" color="quiet">
                make again{" "}
              </Text>
              {one.again}
            </Text>
          </Box>
        ))}
      {sign !== null && data?.recipe && (
        <Text fontSize="small" color="quiet" whiteSpace="pre-line" mt="8px">
          On the pot of {data.pot}:{"\n"}
          {data.recipe}
        </Text>
      )}
    </Box>
  );
}

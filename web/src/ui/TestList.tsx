import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Shop } from "../api/client";
import { useTests } from "../api/light";
import { date } from "./day";
import { Action, Trouble } from "./Parts";
import { SmallButton } from "./SmallButton";
import { timeWords } from "./timeWords";

/** So many are shown at first: a shop of years has hundreds. */
const SHOWN = 12;

type Surprise = { id: number; says: string; expectedS: number; deviations: number; disagrees: boolean };

/** Step tests; one that disagrees with the others is named with likely reasons, and can be set aside by touch. */
export function TestList({ tests, surprises }: { tests: Shop["tests"]; surprises: Surprise[] }) {
  const { forget, aside } = useTests();
  const [all, setAll] = useState(false);
  if (tests.length === 0) return null;
  const shown = all ? tests : tests.slice(0, SHOWN);
  return (
    <>
      <Box as="ul" listStyleType="none">
        {shown.map((t) => {
          const of = surprises.find((s) => s.id === t.id);
          return (
            <Box as="li" key={t.id} borderTopWidth="1px" borderColor="line" py="2px">
              <Box
                display="grid"
                gridTemplateColumns={{ base: "1fr auto", md: "96px 1fr 190px auto" }}
                columnGap="14px"
                alignItems="center"
                minH="44px"
                opacity={t.setAside ? 0.75 : 1}
              >
                <Text fontSize="small" color="quiet">
                  {date(t.doneOn)}
                </Text>
                <Text className="readout" fontWeight="500" textDecoration={t.setAside ? "line-through" : undefined}>
                  {t.lowS ?? "…"} &lt; {t.bestS ?? "?"} &lt; {t.highS ?? "…"} s
                </Text>
                <Text fontSize="small">
                  {t.thicknessUm.toFixed(0)} µm, {t.dyed ? "yellow" : "white"}
                  {t.setAside ? ", set aside" : ""}
                  {of && !t.setAside && (
                    <Text as="span" display="block" color="quiet">
                      the others expect{" "}
                      {timeWords(of.expectedS < 10 ? Math.round(10 * of.expectedS) / 10 : Math.round(of.expectedS))}
                    </Text>
                  )}
                </Text>
                <Box display="flex" flexWrap="wrap">
                  <SmallButton onClick={() => aside.mutate({ id: t.id, aside: !t.setAside })}>
                    {t.setAside ? "Believe it again" : "Set aside"}
                    <span className="heard">, the test of {date(t.doneOn)}</span>
                  </SmallButton>
                  <SmallButton onClick={() => forget.mutate(t.id)} aria-label={`Forget the test of ${date(t.doneOn)}`}>
                    Forget
                  </SmallButton>
                </Box>
              </Box>
              {of?.disagrees && !t.setAside && (
                <Text role="status" color="madder" fontWeight="600" maxW="76ch" pb="8px">
                  ⊘ It disagrees with the other tests. {of.says}
                </Text>
              )}
            </Box>
          );
        })}
        <Trouble of={aside.error ?? forget.error} />
      </Box>
      {shown.length < tests.length && (
        <Action quiet mt="12px" onClick={() => setAll(true)}>
          {`All ${tests.length} tests`}
        </Action>
      )}
    </>
  );
}

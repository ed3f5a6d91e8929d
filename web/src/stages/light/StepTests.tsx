import { Box } from "@chakra-ui/react";
import { useState } from "react";
import type { JobOn, PlateOn, Shop } from "../../api/client";
import { useTests } from "../../api/light";
import { Heading } from "../../ui/Bench";
import { notRead, numberTyped } from "../../ui/number";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { Tick } from "../../ui/SmallButton";
import { TestList } from "../../ui/TestList";

const number = (text: string) => numberTyped(text) ?? undefined;

/** What was read from a step test goes in here; every time is reckoned anew from it. */
export function StepTests({
  job,
  plate,
  tests,
}: {
  job: JobOn<"light">;
  plate: PlateOn<"light">;
  tests: Shop["tests"];
}) {
  const { record } = useTests();
  const [under, setUnder] = useState("");
  const [best, setBest] = useState("");
  const [over, setOver] = useState("");
  const [filter, setFilter] = useState(false);
  const [burned, setBurned] = useState("");
  const [thick, setThick] = useState(plate.thicknessUm.toFixed(0));
  const [wrong, setWrong] = useState("");
  const fields = [
    ...(filter ? ([["One burn, s", burned, setBurned]] as const) : []),
    [filter ? "Still slimy, share of light" : "Still slimy at, s", under, setUnder],
    [filter ? "Best field, share" : "Best strip, s", best, setBest],
    [filter ? "Closing, share" : "Closing at, s", over, setOver],
    ["Thickness, µm", thick, setThick],
  ] as const;
  return (
    <Box>
      <Heading
        note={`A test of others, or one that was read elsewhere. On this lamp and emulsion, ${plate.meshGeometry.dyed ? "yellow" : "white"} mesh${job.film === "" ? "" : job.film === "none" ? ", without a film" : `, through ${job.film}`}. Read dry, with a loupe. Thickness is fabric and stencil. Leave a field empty where no strip told.`}
      >
        Record a step test
      </Heading>
      <Tick checked={filter} set={setFilter}>
        One burn through a filter film: its fields let known shares of the light pass
      </Tick>
      <Box
        as="form"
        display="grid"
        gridTemplateColumns={{ base: "1fr 1fr", md: "repeat(4, 1fr) auto" }}
        gap="14px"
        alignItems="end"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          if (job.lampId === null || job.emulsionId === null) return;
          const unread = notRead(fields.map(([label, text]) => [label, text] as const));
          setWrong(unread);
          if (unread !== "") return;
          record.mutate(
            {
              lampId: job.lampId,
              emulsionId: job.emulsionId,
              thicknessUm: number(thick) ?? 0,
              dyed: plate.meshGeometry.dyed,
              film: job.film,
              ...(filter
                ? {
                    burnedS: number(burned),
                    lowFilter: number(under),
                    bestFilter: number(best),
                    highFilter: number(over),
                  }
                : { lowS: number(under), bestS: number(best), highS: number(over) }),
            },
            {
              onSuccess: () => {
                setUnder("");
                setBest("");
                setOver("");
              },
            },
          );
        }}
      >
        {fields.map(([label, value, set]) => (
          <Field key={label} label={label}>
            <Entry value={value} inputMode="decimal" onChange={(e) => set(e.target.value)} />
          </Field>
        ))}
        <Action quiet type="submit">
          Learn from it
        </Action>
      </Box>
      <Trouble of={wrong === "" ? record.error : new Error(wrong)} />
      <Box mt="16px">
        <TestList tests={tests} surprises={job.surprises} />
      </Box>
    </Box>
  );
}

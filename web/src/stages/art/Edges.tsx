import { Box } from "@chakra-ui/react";
import type { Plan, PlanChange } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { leaving, useKeep } from "../../ui/keep";
import { useLengthText } from "../../ui/lengthText";
import { Entry, Field } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

const differs = (a: number, b: number) => Number.isNaN(a) || Math.abs(a - b) > 0.0005;

/** How plates meet: the choke of the base and the trap. */
export function Edges({ at, plan }: { at: AtHand<"art">; plan: Extract<Plan, { method: "spot" }> }) {
  const { job, work } = at;
  const decide = (change: PlanChange) => work.plan.mutateAsync(change);
  const { fromField, lengthUnit } = useHabits();
  const { keep, trouble } = useKeep(work);
  const [choke, setChoke] = useLengthText(plan.chokeMm);
  const [trap, setTrap] = useLengthText(job.trap.value ?? 0);
  return (
    <Box as="form" {...leaving}>
      <Heading
        note={
          plan.trapMm === null
            ? `Trap: ${job.trap.formula.toLowerCase()} (${job.trap.source}).`
            : "The trap is set by hand."
        }
      >
        Where plates meet
      </Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        <Field label={`Choke of the base, ${lengthUnit}`}>
          <Entry
            inputMode="decimal"
            value={choke}
            onChange={(e) => setChoke(e.target.value)}
            onBlur={() =>
              keep("chokeMm", differs(fromField(choke), plan.chokeMm) ? { chokeMm: fromField(choke) } : null, decide)
            }
          />
        </Field>
        <Field label={`Trap, ${lengthUnit}`}>
          <Entry
            inputMode="decimal"
            value={trap}
            onChange={(e) => setTrap(e.target.value)}
            onBlur={() =>
              keep("trapMm", differs(fromField(trap), job.trap.value ?? 0) ? { trapMm: fromField(trap) } : null, decide)
            }
          />
        </Field>
      </Box>
      {trouble("chokeMm", "trapMm")}
      {plan.trapMm !== null && (
        <SmallButton ml="-10px" onClick={() => work.plan.mutate({ trapMm: null })}>
          Let the press set it
        </SmallButton>
      )}
    </Box>
  );
}

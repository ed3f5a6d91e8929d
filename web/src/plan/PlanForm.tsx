import { Box } from "@chakra-ui/react";
import type { Plan, PlanChange, PlanField } from "../api/client";
import { useShop } from "../api/use";
import { useHabits } from "../ui/habits";
import { useFollowing } from "../ui/keep";
import { useLengthText } from "../ui/lengthText";
import { numberTyped, rulingTyped } from "../ui/number";
import { Choice, Entry, Field, Trouble } from "../ui/Parts";
import { SmallButton, Tick } from "../ui/SmallButton";

/** Parts of a plan with an editor of their own, beside its other fields. */
const ELSEWHERE = /^(work|dots|curves)\.|^inks\.screens$/;
const IN_FIELDS = new Set(["number", "whole", "choice", "tick", "ink"]);

/** What the plan of any method leaves to choose, a field each, as the plan declares it. */
export function PlanForm({
  fields,
  plan,
  set,
  error,
}: {
  fields: PlanField[];
  plan: Plan;
  set: (change: PlanChange) => void;
  error: unknown;
}) {
  const seen = fields.filter((f) => IN_FIELDS.has(f.kind) && !ELSEWHERE.test(f.path) && !isIdle(f, plan));
  return (
    <>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        {seen.map((field) => (
          <One
            key={field.path}
            field={field}
            value={held(plan, field.path)}
            set={(value) => set(changed(field.path, value))}
          />
        ))}
      </Box>
      <Trouble of={error} />
    </>
  );
}

type Held = string | number | boolean | null;

function One({ field, value, set }: { field: PlanField; value: Held; set: (value: Held) => void }) {
  const word = field.word.charAt(0).toUpperCase() + field.word.slice(1);
  switch (field.kind) {
    case "tick":
      return (
        <Box gridColumn="1 / -1">
          <Tick checked={value === true} set={set}>
            {word}
          </Tick>
        </Box>
      );
    case "choice":
      return (
        <Field label={word}>
          <Choice fontFamily="body" value={String(value ?? "")} onChange={(e) => set(e.target.value || null)}>
            {field.automatic !== "" && <option value="">{field.automatic}</option>}
            {field.choices.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Choice>
        </Field>
      );
    case "ink":
      return <OfShelf word={word} automatic={field.automatic} value={value} set={set} />;
    default:
      return field.unit === "mm" ? (
        <Length word={word} field={field} mm={typeof value === "number" ? value : null} set={set} />
      ) : (
        <Typed
          label={field.unit === "" ? word : `${word}${field.unit.startsWith("an ") ? " " : ", "}${field.unit}`}
          field={field}
          value={typeof value === "number" ? value : null}
          set={set}
        />
      );
  }
}

function OfShelf({
  word,
  automatic,
  value,
  set,
}: {
  word: string;
  automatic: string;
  value: Held;
  set: (value: Held) => void;
}) {
  const shelf = useShop().data?.inks ?? [];
  return (
    <Field label={word}>
      <Choice fontFamily="body" value={Number(value ?? 0)} onChange={(e) => set(Number(e.target.value) || null)}>
        <option value={0}>{automatic}</option>
        {shelf.map((ink) => (
          <option key={ink.id} value={ink.id}>
            {ink.name}
          </option>
        ))}
      </Choice>
    </Field>
  );
}

/** What is left empty is decided by itself, where anything decides it. */
function Typed({
  label,
  field,
  value,
  set,
}: {
  label: string;
  field: PlanField;
  value: number | null;
  set: (value: Held) => void;
}) {
  const [text, setText] = useFollowing(value === null ? "" : String(value));
  const keep = () => {
    const typed = field.unit === "an inch" ? rulingTyped(text) : numberTyped(text);
    if (typed === null && field.automatic !== "") return value !== null && set(null);
    if (typed !== null && value !== null && Math.abs(typed - value) < 1e-6) return;
    set(typed ?? Number.NaN);
  };
  return <Figure label={label} field={field} open={value === null} text={text} setText={setText} keep={keep} />;
}

function Length({
  word,
  field,
  mm,
  set,
}: {
  word: string;
  field: PlanField;
  mm: number | null;
  set: (value: Held) => void;
}) {
  const { fromField, lengthUnit } = useHabits();
  const [text, setText] = useLengthText(mm);
  const keep = () => {
    if (text.trim() === "" && field.automatic !== "") return mm !== null && set(null);
    const typed = fromField(text);
    if (mm !== null && Math.abs(typed - mm) < 0.0005) return;
    set(typed);
  };
  return (
    <Box>
      <Figure
        label={`${word}, ${lengthUnit}`}
        field={field}
        open={mm === null && field.automatic !== ""}
        text={text}
        setText={setText}
        keep={keep}
      />
      {field.automatic !== "" && mm !== null && (
        <SmallButton ml="-10px" onClick={() => set(null)}>
          {field.automatic.charAt(0).toUpperCase() + field.automatic.slice(1)}
        </SmallButton>
      )}
    </Box>
  );
}

function Figure({
  label,
  field,
  open,
  text,
  setText,
  keep,
}: {
  label: string;
  field: PlanField;
  open: boolean;
  text: string;
  setText: (text: string) => void;
  keep: () => void;
}) {
  return (
    <Field label={label} hint={open ? `Now: ${field.automatic}.` : undefined}>
      <Entry
        inputMode="decimal"
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => e.key === "Enter" && keep()}
      />
    </Field>
  );
}

/** What says nothing beside another choice of the same plan. */
function isIdle(field: PlanField, plan: Plan): boolean {
  const profiled = "profile" in plan && plan.profile !== null;
  const bare = "inks" in plan && typeof plan.inks === "object" && plan.inks !== null && plan.inks.base === "none";
  return (profiled && (field.path === "black" || field.path === "total")) || (bare && field.path === "laying");
}

function held(plan: Plan, path: string): Held {
  let at: unknown = plan;
  for (const step of path.split(".")) at = (at as Record<string, unknown> | null)?.[step];
  return typeof at === "string" || typeof at === "number" || typeof at === "boolean" ? at : null;
}

function changed(path: string, value: Held): PlanChange {
  return path.split(".").reduceRight<unknown>((inner, step) => ({ [step]: inner }), value) as PlanChange;
}

import { Box } from "@chakra-ui/react";
import { type PlanChange, Problem, type Tonal, type ToneWork, type WorkChange } from "../../api/client";
import { useMethods } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { numberTyped, rulingTyped } from "../../ui/number";
import { Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Slide } from "../../ui/Slide";
import { Curve } from "./Curve";
import { Gain } from "./Gain";

/** What is done to the tones: the curve, the ends, the ground, and below them the dots and the inks that carry them. */
export function Tones({
  at,
  plan,
  tones,
  curve,
  set,
}: {
  at: AtHand<"art">;
  plan: Tonal;
  /** Those at hand: what is kept, and what was changed since. */
  tones: ToneWork;
  curve: number[];
  set: (part: WorkChange) => void;
}) {
  const { job, work } = at;
  const lights = useMethods(job).data?.lights ?? [];
  return (
    <>
      <Box>
        <Heading>Tones</Heading>
        <Curve
          points={tones.bend.points.map(([x = 0, y = 0]) => ({ x, y }))}
          curve={curve}
          lights={lights}
          set={(points) => set({ bend: { points: points.map(({ x, y }) => [x, y]) } })}
        />
        <Box display="flex" flexDirection="column" gap="2px" mt="8px">
          <Slide
            label="Darkest"
            unit="L*"
            least={0}
            most={90}
            step={1}
            digits={0}
            value={tones.darkest}
            set={(v) => set({ darkest: Math.min(v, tones.lightest - 5) })}
          />
          <Slide
            label="Lightest"
            unit="L*"
            least={10}
            most={100}
            step={1}
            digits={0}
            value={tones.lightest}
            set={(v) => set({ lightest: Math.max(v, tones.darkest + 5) })}
          />
          <Slide
            label="Middle"
            unit="×"
            least={0.3}
            most={3}
            step={0.05}
            value={tones.middle}
            set={(middle) => set({ middle })}
          />
          <Slide
            label="Crispness"
            unit="%"
            least={0}
            most={100}
            step={5}
            digits={0}
            value={tones.crisp}
            set={(crisp) => set({ crisp })}
          />
        </Box>
        <At of={work.plan.error} field="work" />
      </Box>
      {"dots" in plan && <Dots at={at} dots={plan.dots} />}
      {"dots" in plan && job.gain && <Gain job={job} gain={job.gain} />}
    </>
  );
}

function At({ of, field }: { of: unknown; field: string }) {
  // What the page itself refused bears the bare name of its field.
  const here =
    of instanceof Problem && of.field !== "" && (of.field.startsWith(field) || field.endsWith(`.${of.field}`));
  return here ? <Trouble of={of} /> : null;
}

type PlannedDots = Extract<Tonal, { method: "one ink" }>["dots"];

/** Ruling, angle and shape of the dots, and the tones that the mesh holds of them. */
function Dots({ at, dots }: { at: AtHand<"art">; dots: PlannedDots }) {
  const { job, work } = at;
  const { halftone, range } = dots;
  const [lpi, setLpi] = useFollowing(String(halftone.lpi));
  const [angle, setAngle] = useFollowing(String(halftone.angleDeg));
  const [from, setFrom] = useFollowing(String(range.lightest));
  const [to, setTo] = useFollowing(String(range.darkest));
  const { ruling, inches } = useHabits();
  const keep = (text: string, was: number, change: (value: number) => PlanChange, typed = numberTyped) => {
    const value = typed(text);
    if (value !== null && Math.abs(value - was) < 1e-6) return;
    work.plan.mutate(change(value ?? Number.NaN));
  };
  const keepLpi = () => keep(lpi, halftone.lpi, (value) => ({ dots: { halftone: { lpi: value } } }), rulingTyped);
  const keepAngle = () => keep(angle, halftone.angleDeg, (value) => ({ dots: { halftone: { angleDeg: value } } }));
  // Both ends go together, each as it stands in its field.
  const keepFrom = () =>
    keep(from, range.lightest, (lightest) => ({
      dots: { range: { lightest, darkest: numberTyped(to) ?? range.darkest } },
    }));
  const keepTo = () =>
    keep(to, range.darkest, (darkest) => ({
      dots: { range: { lightest: numberTyped(from) ?? range.lightest, darkest } },
    }));
  return (
    <Box>
      <Heading
        note={[job.says.note, job.patternsSay || "The calmest ruling and angle for the rack’s mesh are taken."]
          .filter(Boolean)
          .join(" ")}
      >
        Dots
      </Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="14px">
        <Field label="Ruling, lpi" hint={inches ? "" : `${ruling(halftone.lpi)}; 18/cm is read too`}>
          <Entry
            inputMode="decimal"
            value={lpi}
            onChange={(e) => setLpi(e.target.value)}
            onBlur={keepLpi}
            onKeyDown={(e) => e.key === "Enter" && keepLpi()}
          />
        </Field>
        <Field label="Angle, °">
          <Entry
            inputMode="decimal"
            value={angle}
            onChange={(e) => setAngle(e.target.value)}
            onBlur={keepAngle}
            onKeyDown={(e) => e.key === "Enter" && keepAngle()}
          />
        </Field>
        <Field label="Shape">
          <Choice
            fontFamily="body"
            value={dots.dot}
            onChange={(e) => work.plan.mutate({ dots: { dot: e.target.value as PlannedDots["dot"] } })}
          >
            {(["round", "ellipse", "line"] as const).map((shape) => (
              <option key={shape}>{shape}</option>
            ))}
          </Choice>
        </Field>
        <Field label="Held from, %">
          <Entry inputMode="decimal" value={from} onChange={(e) => setFrom(e.target.value)} onBlur={keepFrom} />
        </Field>
        <Field label="to, %">
          <Entry inputMode="decimal" value={to} onChange={(e) => setTo(e.target.value)} onBlur={keepTo} />
        </Field>
      </Box>
      <At of={work.plan.error} field="dots" />
    </Box>
  );
}

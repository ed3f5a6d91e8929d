import { Box } from "@chakra-ui/react";
import { type JobOn, Problem, type Tone, type ToneChange } from "../../api/client";
import { useMethods, useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { useLengthText } from "../../ui/lengthText";
import { numberTyped } from "../../ui/number";
import { Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Slide } from "../../ui/Slide";
import { SmallButton } from "../../ui/SmallButton";
import { Curve } from "./Curve";
import { Gain } from "./Gain";

/** What is done to the tones: the curve, the ends, the ground, and below them the dots and the inks that carry them. */
export function Tones({
  at,
  tone,
  curve,
  set,
}: {
  at: AtHand<"art">;
  tone: Tone;
  curve: number[];
  set: (part: ToneChange) => void;
}) {
  const { job, work } = at;
  const hasDots = job.method !== "index" && job.method !== "layers";
  const lights = useMethods(job).data?.lights ?? [];
  return (
    <>
      <Box>
        <Heading>Tones</Heading>
        <Curve points={tone.bend} curve={curve} lights={lights} set={(bend) => set({ bend })} />
        <Box display="flex" flexDirection="column" gap="2px" mt="8px">
          <Slide
            label="Darkest"
            unit="L*"
            least={0}
            most={90}
            step={1}
            digits={0}
            value={tone.darkest}
            set={(v) => set({ darkest: Math.min(v, tone.lightest - 5) })}
          />
          <Slide
            label="Lightest"
            unit="L*"
            least={10}
            most={100}
            step={1}
            digits={0}
            value={tone.lightest}
            set={(v) => set({ lightest: Math.max(v, tone.darkest + 5) })}
          />
          <Slide
            label="Middle"
            unit="×"
            least={0.3}
            most={3}
            step={0.05}
            value={tone.middleTone}
            set={(middleTone) => set({ middleTone })}
          />
          <Slide
            label="Crispness"
            unit="%"
            least={0}
            most={100}
            step={5}
            digits={0}
            value={tone.crisp}
            set={(crisp) => set({ crisp })}
          />
        </Box>
        {["tone.bend", "tone.levels", "tone.middle", "tone.crisp", "tone.grounds"].map((f) => (
          <At key={f} of={work.change.error} field={f} />
        ))}
      </Box>
      {hasDots && <Dots at={at} tone={tone} />}
      {hasDots && <Gain job={job} tone={tone} />}
      {!job.mix && (
        <Inks job={job} tone={tone} set={(tone) => work.change.mutate({ tone })} error={work.change.error} />
      )}
    </>
  );
}

function At({ of, field }: { of: unknown; field: string }) {
  // What the page itself refused bears the bare name of its field.
  const here =
    of instanceof Problem && of.field !== "" && (of.field.startsWith(field) || field.endsWith(`.${of.field}`));
  return here ? <Trouble of={of} /> : null;
}

/** Ruling, angle and shape of the dots, and the tones that the mesh holds of them. */
function Dots({ at, tone }: { at: AtHand<"art">; tone: Tone }) {
  const { job, work } = at;
  const [lpi, setLpi] = useFollowing(String(tone.lpi));
  const [angle, setAngle] = useFollowing(String(tone.angleDeg));
  const [from, setFrom] = useFollowing(String(tone.holdsFrom));
  const [to, setTo] = useFollowing(String(tone.holdsTo));
  const keep = (field: "lpi" | "angleDeg" | "holdsFrom" | "holdsTo", text: string, was: number) => {
    const value = numberTyped(text);
    if (value !== null && Math.abs(value - was) < 1e-6) return;
    // Both ends go together, each as it stands in its field.
    const ends = { holdsFrom: numberTyped(from) ?? tone.holdsFrom, holdsTo: numberTyped(to) ?? tone.holdsTo };
    const both = field in ends ? ends : {};
    work.change.mutate({ tone: { ...both, [field]: value ?? Number.NaN } });
  };
  return (
    <Box>
      <Heading
        note={[
          job.method === "process"
            ? "One ruling for all; angles by the school that was chosen."
            : job.method === "simulated"
              ? "One ruling and angle for the colours, the base apart."
              : job.method === "two-tone"
                ? "Both plates have one ruling and one angle."
                : "",
          job.patternsSay || "The calmest ruling and angle for the rack’s mesh are taken.",
        ]
          .filter(Boolean)
          .join(" ")}
      >
        Dots
      </Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="14px">
        <Field label="Ruling, lpi">
          <Entry
            inputMode="decimal"
            value={lpi}
            onChange={(e) => setLpi(e.target.value)}
            onBlur={() => keep("lpi", lpi, tone.lpi)}
            onKeyDown={(e) => e.key === "Enter" && keep("lpi", lpi, tone.lpi)}
          />
        </Field>
        <Field label="Angle, °">
          <Entry
            inputMode="decimal"
            value={angle}
            onChange={(e) => setAngle(e.target.value)}
            onBlur={() => keep("angleDeg", angle, tone.angleDeg)}
            onKeyDown={(e) => e.key === "Enter" && keep("angleDeg", angle, tone.angleDeg)}
          />
        </Field>
        <Field label="Shape">
          <Choice
            fontFamily="body"
            value={tone.dot}
            onChange={(e) => work.change.mutate({ tone: { dot: e.target.value as Tone["dot"] } })}
          >
            {(["round", "ellipse", "line"] as const).map((shape) => (
              <option key={shape}>{shape}</option>
            ))}
          </Choice>
        </Field>
        <Field label="Held from, %">
          <Entry
            inputMode="decimal"
            value={from}
            onChange={(e) => setFrom(e.target.value)}
            onBlur={() => keep("holdsFrom", from, tone.holdsFrom)}
          />
        </Field>
        <Field label="to, %">
          <Entry
            inputMode="decimal"
            value={to}
            onChange={(e) => setTo(e.target.value)}
            onBlur={() => keep("holdsTo", to, tone.holdsTo)}
          />
        </Field>
      </Box>
      {["tone.lpi", "tone.angleDeg", "tone.holds", "tone.tones"].map((f) => (
        <At key={f} of={work.change.error} field={f} />
      ))}
    </Box>
  );
}

function Inks({
  job,
  tone,
  set,
  error,
}: {
  job: JobOn<"art">;
  tone: Tone;
  set: (part: ToneChange) => void;
  error: unknown;
}) {
  const shelf = useShop().data?.inks ?? [];
  const pick = (label: string, field: "ink" | "darkInk" | "lightInk", usual: string) => (
    <Field label={label}>
      <Choice fontFamily="body" value={tone[field] ?? 0} onChange={(e) => set({ [field]: Number(e.target.value) })}>
        <option value={0}>{usual}</option>
        {shelf.map((ink) => (
          <option key={ink.id} value={ink.id}>
            {ink.name}
          </option>
        ))}
      </Choice>
    </Field>
  );
  return (
    <Box>
      <Heading>Inks</Heading>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
        {job.method === "one ink" ? (
          pick("Prints in", "ink", "furthest from the garment")
        ) : (
          <>
            {pick("Dark ink", "darkInk", "the darkest of the shelf")}
            {pick("Light ink", "lightInk", "the lightest of the shelf")}
            <Field label="Between them stands">
              <Choice
                fontFamily="body"
                value={tone.middle ?? ""}
                onChange={(e) =>
                  set(
                    e.target.value === ""
                      ? { middleByArt: true }
                      : { middle: e.target.value as NonNullable<Tone["middle"]> },
                  )
                }
              >
                <option value="">what the picture is</option>
                <option value="garment">the garment</option>
                <option value="picture">the picture’s colours</option>
              </Choice>
            </Field>
            <Field label="Light ink is laid down in">
              <Choice
                fontFamily="body"
                value={tone.laying ?? ""}
                onChange={(e) =>
                  set(
                    e.target.value === ""
                      ? { layingByGarment: true }
                      : { laying: e.target.value as NonNullable<Tone["laying"]> },
                  )
                }
              >
                <option value="">what the garment asks</option>
                {(["one stroke", "two strokes", "print, flash, print"] as const).map((way) => (
                  <option key={way}>{way}</option>
                ))}
              </Choice>
            </Field>
            <HeldBack key={String(job.tone?.holdBackMm)} tone={tone} set={set} />
          </>
        )}
      </Box>
      {["tone.ink", "tone.darkInk", "tone.lightInk", "tone.holdBack", "inks"].map((f) => (
        <At key={f} of={error} field={f} />
      ))}
    </Box>
  );
}

/** How far the light dots keep from the dark ones. */
function HeldBack({ tone, set }: { tone: Tone; set: (part: ToneChange) => void }) {
  const { fromField, lengthUnit } = useHabits();
  const [text, setText] = useLengthText(tone.holdBackMm ?? 0);
  const byFilm = tone.holdBackMm === null || tone.holdBackMm === undefined;
  const keep = () => {
    const mm = fromField(text);
    if (!byFilm && Math.abs(mm - (tone.holdBackMm ?? 0)) < 0.0005) return;
    if (byFilm && text.trim() === "0") return;
    set({ holdBackMm: mm });
  };
  return (
    <Box gridColumn="1 / -1" display="grid" gridTemplateColumns="1fr 1fr" gap="14px" alignItems="end">
      <Field label={`Light dots keep off by, ${lengthUnit}`} hint={byFilm ? "Now: one film pixel." : undefined}>
        <Entry
          inputMode="decimal"
          value={byFilm && text === "0" ? "" : text}
          onChange={(e) => setText(e.target.value)}
          onBlur={keep}
          onKeyDown={(e) => e.key === "Enter" && keep()}
        />
      </Field>
      {!byFilm && <SmallButton onClick={() => set({ holdBackByFilm: true })}>One film pixel</SmallButton>}
    </Box>
  );
}

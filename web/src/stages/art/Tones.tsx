import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { type JobOn, Problem, type Tone, type ToneChange } from "../../api/client";
import { useMethods, useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
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
      <Dots
        key={`${job.tone?.lpi} ${job.tone?.angleDeg} ${job.tone?.holdsFrom} ${job.tone?.holdsTo}`}
        at={at}
        tone={tone}
      />
      <Gain job={job} tone={tone} />
      <Inks job={job} tone={tone} set={(tone) => work.change.mutate({ tone })} error={work.change.error} />
    </>
  );
}

function At({ of, field }: { of: unknown; field: string }) {
  return of instanceof Problem && of.field.startsWith(field) ? <Trouble of={of} /> : null;
}

/** Ruling, angle and shape of the dots, and the tones that the mesh holds of them. */
function Dots({ at, tone }: { at: AtHand<"art">; tone: Tone }) {
  const { job, work } = at;
  const [lpi, setLpi] = useState(String(tone.lpi));
  const [angle, setAngle] = useState(String(tone.angleDeg));
  const [from, setFrom] = useState(String(tone.holdsFrom));
  const [to, setTo] = useState(String(tone.holdsTo));
  const keep = (field: "lpi" | "angleDeg" | "holdsFrom" | "holdsTo", text: string, was: number) => {
    const value = numberTyped(text);
    if (value !== null && Math.abs(value - was) < 1e-6) return;
    const both =
      field === "holdsFrom" || field === "holdsTo" ? { holdsFrom: tone.holdsFrom, holdsTo: tone.holdsTo } : {};
    work.change.mutate({ tone: { ...both, [field]: value ?? Number.NaN } });
  };
  return (
    <Box>
      <Heading
        note={
          job.method === "two-tone"
            ? "Both plates have one ruling and one angle. The calmest for your mesh was taken; Screens shows its pattern."
            : "The calmest ruling and angle for your mesh were taken; Screens shows their pattern."
        }
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

/** The print as the tones at hand make it; a ground of the picture is given to the garment by a touch. */
export function Proof({
  job,
  url,
  tone,
  set,
  trouble,
  garment,
  tryOn,
}: {
  job: JobOn<"art">;
  url: string | undefined;
  tone: Tone;
  set: (part: ToneChange) => void;
  trouble: string | null;
  garment: string | null;
  tryOn: (hex: string | null) => void;
}) {
  const [touching, setTouching] = useState(false);
  const [aim, setAim] = useState({ x: 0.5, y: 0.5 });
  const give = (place: { x: number; y: number }) => {
    set({ grounds: [...tone.grounds, { x: Math.round(place.x * 1000) / 1000, y: Math.round(place.y * 1000) / 1000 }] });
    setTouching(false);
  };
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-0.02, 0],
    ArrowRight: [0.02, 0],
    ArrowUp: [0, -0.02],
    ArrowDown: [0, 0.02],
  };
  return (
    <Box>
      <Box className="halftone" minH="340px" display="flex" alignItems="center" justifyContent="center" p="20px">
        <Box
          bg={garment ?? job.garmentHex}
          className="colours"
          p="18px"
          maxW="100%"
          w="100%"
          display="flex"
          justifyContent="center"
        >
          <Box position="relative" w="100%" maxW="620px">
            {!url && (
              <Text bg="cloth" color="ink" p="12px" my="120px" textAlign="center">
                Reckoning the print on this garment …
              </Text>
            )}
            {url && (
              <img
                src={url}
                alt={`The print of ${job.name}, as the eye sees its dots from a few steps away`}
                style={{ width: "100%", maxHeight: "420px", objectFit: "contain", display: "block" }}
              />
            )}
            {touching && (
              <Box
                position="absolute"
                inset="0"
                tabIndex={0}
                role="application"
                aria-label="Touch the ground that the garment is to give; or move the cross with the arrow keys and press Enter"
                cursor="crosshair"
                ref={(node: HTMLDivElement | null) => node?.focus()}
                onPointerDown={(e: React.PointerEvent<HTMLDivElement>) => {
                  const area = e.currentTarget.getBoundingClientRect();
                  give({ x: (e.clientX - area.left) / area.width, y: (e.clientY - area.top) / area.height });
                }}
                onKeyDown={(e: React.KeyboardEvent) => {
                  const by = steps[e.key];
                  if (by) {
                    e.preventDefault();
                    e.stopPropagation();
                    setAim((was) => ({
                      x: Math.min(1, Math.max(0, was.x + by[0])),
                      y: Math.min(1, Math.max(0, was.y + by[1])),
                    }));
                  } else if (e.key === "Enter") give(aim);
                  else if (e.key === "Escape") setTouching(false);
                }}
              >
                <svg width="100%" height="100%" aria-hidden="true">
                  <circle
                    cx={`${100 * aim.x}%`}
                    cy={`${100 * aim.y}%`}
                    r="11"
                    fill="none"
                    stroke="var(--paper)"
                    strokeWidth="4"
                  />
                  <circle
                    cx={`${100 * aim.x}%`}
                    cy={`${100 * aim.y}%`}
                    r="11"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="1.6"
                  />
                </svg>
              </Box>
            )}
          </Box>
        </Box>
      </Box>
      {trouble && (
        <Text
          role="alert"
          color="madder"
          fontWeight="600"
          borderLeftWidth="3px"
          borderColor="madder"
          pl="12px"
          my="8px"
        >
          {trouble}
        </Text>
      )}
      <Box display="flex" flexWrap="wrap" alignItems="center" mt="8px" ml="-10px">
        <SmallButton pressed={touching} onClick={() => setTouching(!touching)}>
          {touching ? "Touch the ground in the picture …" : "Give a ground to the garment"}
        </SmallButton>
        {tone.grounds.length > 0 && (
          <>
            <SmallButton onClick={() => set({ grounds: tone.grounds.slice(0, -1) })}>
              Take the last one back
            </SmallButton>
            <Box w="300px" px="10px">
              <Slide
                label="It reaches"
                unit="%"
                least={0}
                most={40}
                step={1}
                digits={0}
                value={tone.reach}
                set={(reach) => set({ reach })}
              />
            </Box>
          </>
        )}
        <Box as="label" display="flex" alignItems="center" gap="10px" pl="10px" fontSize="small">
          Tried on
          <Entry
            className="colours"
            type="color"
            p="4px"
            w="64px"
            value={garment ?? job.garmentHex}
            onChange={(e) => tryOn(e.target.value === job.garmentHex ? null : e.target.value)}
          />
        </Box>
        {garment !== null && <SmallButton onClick={() => tryOn(null)}>Back to its own garment</SmallButton>}
      </Box>
    </Box>
  );
}

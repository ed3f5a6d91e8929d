import { Box, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { type JobOn, Problem } from "../../api/client";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { notRead, numberTyped } from "../../ui/number";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton, Tick } from "../../ui/SmallButton";

const sides = ["left", "top", "width", "height"] as const;
type Part = { left: number; top: number; width: number; height: number };

/** The picture as it was brought, on its garment; a part of it is taken by drawing over it or by numbers. */
export function Framing({ at }: { at: AtHand<"art"> }) {
  const { job, work } = at;
  const [cropping, setCropping] = useState(false);
  const kept = job.framing;
  const [part, setPart] = useState<Part>(kept);
  const keep = (change: Partial<JobOn<"art">["framing"]>) => work.change.mutate({ framing: { ...kept, ...change } });
  // What is typed stands as it was typed until it is drawn over.
  const [typed, setTyped] = useState<Partial<Record<(typeof sides)[number], string>>>({});
  const [wrong, setWrong] = useState("");
  const drawn = (to: Part) => {
    setTyped({});
    setPart(to);
  };
  const whole = kept.width > 0.999 && kept.height > 0.999;
  return (
    <Box display="flex" flexDirection="column">
      <Box className="halftone" minH="340px" display="flex" alignItems="center" justifyContent="center" p="20px">
        <Box bg={job.garmentHex} className="colours" p="18px" maxW="100%">
          {cropping ? <Cropper job={job} part={part} set={drawn} /> : <Picture job={job} />}
        </Box>
      </Box>
      <Box display="flex" flexWrap="wrap" alignItems="center" mt="8px" ml="-10px">
        {cropping ? (
          <>
            {sides.map((side) => (
              <Box key={side} w="104px" px="10px">
                <Field label={`${side}, %`}>
                  <Entry
                    inputMode="decimal"
                    value={typed[side] ?? String(Math.round(part[side] * 1000) / 10)}
                    onChange={(e) => {
                      setTyped({ ...typed, [side]: e.target.value });
                      const share = (numberTyped(e.target.value) ?? Number.NaN) / 100;
                      if (share >= 0 && share <= 1) setPart({ ...part, [side]: share });
                    }}
                  />
                </Field>
              </Box>
            ))}
            <Action
              ml="10px"
              onClick={() => {
                const sentence = notRead(sides.map((side) => [`${side}, %`, typed[side] ?? "0"] as const));
                const beyond = sides.find((side) => {
                  const share = numberTyped(typed[side] ?? "0") ?? Number.NaN;
                  return share < 0 || share > 100;
                });
                setWrong(
                  sentence ||
                    (beyond ? `“${beyond}, %” lies beyond the picture. Give 0 to 100 percent of its side.` : ""),
                );
                if (sentence || beyond) return;
                keep(part);
                setTyped({});
                setCropping(false);
              }}
            >
              Take this part
            </Action>
            <SmallButton
              onClick={() => {
                setPart(kept);
                setTyped({});
                setWrong("");
                setCropping(false);
              }}
            >
              Leave as it was
            </SmallButton>
          </>
        ) : (
          <>
            <SmallButton onClick={() => setCropping(true)}>Take a part</SmallButton>
            {!whole && (
              <SmallButton onClick={() => keep({ left: 0, top: 0, width: 1, height: 1 })}>Whole picture</SmallButton>
            )}
            <SmallButton onClick={() => keep({ turnDeg: (kept.turnDeg + 90) % 360 })}>Turn left</SmallButton>
            <SmallButton onClick={() => keep({ turnDeg: (kept.turnDeg + 270) % 360 })}>Turn right</SmallButton>
            <Turn key={kept.turnDeg} degrees={kept.turnDeg} set={(turnDeg) => keep({ turnDeg })} />
            <Box pl="10px">
              <Tick checked={kept.mirror} set={(mirror) => keep({ mirror })}>
                Mirrored
              </Tick>
            </Box>
          </>
        )}
      </Box>
      {wrong !== "" && cropping && <Trouble of={new Error(wrong)} />}
      {work.change.error instanceof Problem && work.change.error.field.startsWith("framing") && (
        <Trouble of={work.change.error} />
      )}
    </Box>
  );
}

function Turn({ degrees, set }: { degrees: number; set: (degrees: number) => void }) {
  const [text, setText] = useFollowing(String(Math.round(degrees * 100) / 100));
  const value = numberTyped(text) ?? Number.NaN;
  const take = () => {
    if (!Number.isNaN(value) && Math.abs(value - degrees) > 0.004) set(value);
  };
  return (
    <Box w="110px" px="10px">
      <Field label="degrees left" hint={Number.isNaN(value) ? "That is no number; the turn stays." : undefined}>
        <Entry
          inputMode="decimal"
          value={text}
          aria-invalid={Number.isNaN(value)}
          onChange={(e) => setText(e.target.value)}
          onBlur={take}
          onKeyDown={(e) => e.key === "Enter" && take()}
        />
      </Field>
    </Box>
  );
}

const source = (job: JobOn<"art">) =>
  job.artKind === "tiff"
    ? `/api/jobs/${job.id}/art.png`
    : `/api/jobs/${job.id}/art?k=${encodeURIComponent(job.artName)}`;

/** What is taken of the picture, as it will print. */
function Picture({ job }: { job: JobOn<"art"> }) {
  const f = job.framing;
  const [w, h] = [job.artWidthPx * f.width, job.artHeightPx * f.height];
  const turn = (f.turnDeg * Math.PI) / 180;
  const wide = Math.abs(w * Math.cos(turn)) + Math.abs(h * Math.sin(turn));
  const high = Math.abs(w * Math.sin(turn)) + Math.abs(h * Math.cos(turn));
  return (
    <svg
      viewBox={`${-wide / 2} ${-high / 2} ${wide} ${high}`}
      className="framed"
      role="img"
      aria-label={`The art, ${job.artName}`}
    >
      <g transform={`scale(${f.mirror ? -1 : 1} 1) rotate(${-f.turnDeg})`}>
        <svg
          x={-w / 2}
          y={-h / 2}
          width={w}
          height={h}
          viewBox={`${f.left * job.artWidthPx} ${f.top * job.artHeightPx} ${w} ${h}`}
          aria-hidden="true"
        >
          <image
            className="colours"
            href={source(job)}
            width={job.artWidthPx}
            height={job.artHeightPx}
            preserveAspectRatio="none"
          />
        </svg>
      </g>
    </svg>
  );
}

function Cropper({ job, part, set }: { job: JobOn<"art">; part: Part; set: (part: Part) => void }) {
  const box = useRef<HTMLDivElement>(null);
  const start = useRef<[number, number] | null>(null);
  const at = (e: React.PointerEvent): [number, number] => {
    const area = box.current?.getBoundingClientRect();
    if (!area) return [0, 0];
    return [
      Math.min(1, Math.max(0, (e.clientX - area.left) / area.width)),
      Math.min(1, Math.max(0, (e.clientY - area.top) / area.height)),
    ];
  };
  const draw = (e: React.PointerEvent) => {
    if (!start.current) return;
    const [x, y] = at(e);
    const [x0, y0] = start.current;
    if (Math.abs(x - x0) > 0.01 && Math.abs(y - y0) > 0.01)
      set({ left: Math.min(x, x0), top: Math.min(y, y0), width: Math.abs(x - x0), height: Math.abs(y - y0) });
  };
  const veil = "color-mix(in srgb, var(--ink) 55%, transparent)";
  return (
    <Box
      ref={box}
      position="relative"
      cursor="crosshair"
      touchAction="none"
      onPointerDown={(e) => {
        start.current = at(e);
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={draw}
      onPointerUp={() => {
        start.current = null;
      }}
    >
      <img src={source(job)} alt="The whole picture; draw over the part to take" draggable={false} className="framed" />
      <Box
        position="absolute"
        style={{
          left: `${100 * part.left}%`,
          top: `${100 * part.top}%`,
          width: `${100 * part.width}%`,
          height: `${100 * part.height}%`,
          boxSizing: "border-box",
          outline: `2000px solid ${veil}`,
          clipPath: "none",
        }}
        borderWidth="1px"
        borderColor="paper"
        pointerEvents="none"
      />
      <Text position="absolute" left="-9999px">
        Or give the part in percent below.
      </Text>
    </Box>
  );
}

/** The size and the words under the picture. */
export function ArtWords({ job }: { job: JobOn<"art"> }) {
  const { length } = useHabits();
  return (
    <>
      <Text color="quiet">
        {job.artName},{" "}
        {job.artKind === "svg"
          ? "a drawing, sharp at any size"
          : `${job.artWidthPx} × ${job.artHeightPx} pixels, ${Math.round(job.artPpi)} an inch at this width`}
        . It prints {length(job.widthMm)} × {length(job.heightMm)}.
      </Text>
      {job.kindFound !== "" && (
        <Text mt="6px" maxW="76ch">
          <b>{job.kindFound === "flat" ? "Flat art. " : job.kindFound === "line" ? "Line art. " : "Tonal art. "}</b>
          {job.kindWhy}
        </Text>
      )}
      {job.warnings.map((warning) => (
        <Text key={warning} borderLeftWidth="3px" borderColor="amber" pl="12px" mt="8px" maxW="76ch">
          {warning}
        </Text>
      ))}
    </>
  );
}

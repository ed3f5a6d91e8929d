import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobOn } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { inUnits } from "../../ui/lengths";
import { numberTyped } from "../../ui/number";
import { Action, Caution, Entry, Fact, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Words } from "../../ui/Words";
import { Wear } from "./Wear";

type CureBench = components["schemas"]["CureBench"];
type Dryer = CureBench["dryers"][number]["set"];

/** The cure: how fast the belt goes, how warm the film gets on its way, and what a probe read. */
export function Cure({ job }: { job: JobOn<"run"> }) {
  const queries = useQueryClient();
  const [dryer, setDryer] = useState<number | null>(null);
  const key = ["cure", job.id, dryer];
  const path = { id: job.id };
  const bench = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/jobs/{id}/cure", { params: { path, query: dryer === null ? {} : { dryer } } })),
  });
  const onSuccess = (now: CureBench) => {
    setDryer(now.dryer);
    queries.setQueryData(["cure", job.id, now.dryer], now);
    for (const what of ["hand", "shop"]) void queries.invalidateQueries({ queryKey: [what] });
  };
  const put = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/jobs/{id}/dryers", {
          params: { path },
          body: { name: `Dryer ${(bench.data?.dryers.length ?? 0) + 1}` },
        }),
      ),
    onSuccess,
  });
  const set = useMutation({
    mutationFn: ({ at, body }: { at: number; body: Partial<Dryer> }) =>
      answer(api.PATCH("/api/jobs/{id}/dryers/{dryer}", { params: { path: { ...path, dryer: at } }, body })),
    onSuccess,
  });
  const off = useMutation({
    mutationFn: (at: number) =>
      answer(api.DELETE("/api/jobs/{id}/dryers/{dryer}", { params: { path: { ...path, dryer: at } } })),
    onSuccess,
  });
  const probe = useMutation({
    mutationFn: ({ at, log }: { at: number; log: File | null }) => {
      const params = { path: { ...path, dryer: at } };
      if (log === null) return answer(api.POST("/api/jobs/{id}/dryers/{dryer}/probe/simulated", { params }));
      const form = new FormData();
      form.append("log", log);
      return answer(
        api.POST("/api/jobs/{id}/dryers/{dryer}/probe", {
          params,
          body: form as never,
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess,
  });
  const { warmth, length, inches } = useHabits();
  const now = bench.data;
  if (!now) return bench.error ? <Trouble of={bench.error} /> : <Box minH="500px" aria-busy="true" />;
  const at = now.dryers.find((d) => d.id === now.dryer);
  const plan = now.plan;
  const belt = (mMin: number) => (inches ? `${(mMin * 3.2808).toFixed(1)} ft/min` : `${mMin.toFixed(2)} m/min`);
  return (
    <Box display="flex" flexDirection="column" gap="20px" maxW="1040px">
      {plan === null ? (
        <Text fontSize="lead">No ink of this job cures in a dryer. What it asks for stands on the work order.</Text>
      ) : (
        <Box
          display="grid"
          gridTemplateColumns={{ base: "1fr", md: "minmax(220px, 280px) minmax(0, 1fr)" }}
          gap="28px"
          alignItems="start"
        >
          <Box>
            <Text fontSize="small" color="quiet">
              Set the belt to
            </Text>
            <Text className="readout" fontSize="big" lineHeight="1.1">
              {belt(plan.beltMMin)}
            </Text>
            <Text mb="14px">
              <span className="readout">{plan.dwellS.toFixed(0)} s</span> in the tunnel
            </Text>
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px">
              <Fact label="through the film" value={warmth(plan.curve.peakC)} />
              <Fact label="at its surface" value={warmth(plan.curve.surfaceC)} />
              <Fact label={`over ${warmth(plan.need.leastC)}`} value={`${plan.curve.overS.toFixed(0)} s`} />
              {plan.curve.dryS !== null && (
                <Fact label="its water is gone after" value={`${plan.curve.dryS.toFixed(0)} s`} />
              )}
            </Box>
            <Text mt="14px" fontWeight="700" color={plan.cures ? "ink" : "madder"}>
              {plan.cures ? "It cures, with a share to spare." : "It does not cure so."}
            </Text>
            {plan.says.map((one) => (
              <Text key={one} color="madder">
                {inUnits(one, inches)}
              </Text>
            ))}
          </Box>
          <Curve now={now} />
        </Box>
      )}
      <Text>
        {now.ink !== "" && `${now.ink} asks most: a film of ${length(now.filmUm / 1000, 3)}. `}
        {now.rhythm}
      </Text>
      <Box>
        <Heading note="Tunnel, belt and heat as its plate and its panel say. A probe on a garment tells what it really gives: a surface gun reads the skin of the print, which is warmer than the film below.">
          The dryer
        </Heading>
        <Box display="flex" flexWrap="wrap" gap="12px" alignItems="center" mb="10px">
          {now.dryers.map((d) => (
            <SmallButton key={d.id} pressed={d.id === now.dryer} onClick={() => setDryer(d.id)}>
              {d.set.name}
            </SmallButton>
          ))}
          <Action quiet={now.dryers.length > 0} onClick={() => put.mutate()} disabled={put.isPending}>
            {now.dryers.length === 0 ? "Put the dryer on the shelf" : "Another dryer"}
          </Action>
          {at && <SmallButton onClick={() => off.mutate(at.id)}>Take it off</SmallButton>}
        </Box>
        {!at && (
          <Text color="quiet">
            Until then it is reckoned with a usual one: 1.8 m, air {warmth(165)}, panels {warmth(180)}.
          </Text>
        )}
        {at && (
          <DryerForm key={at.id} dryer={at.set} set={(body) => set.mutate({ at: at.id, body })} trouble={set.error} />
        )}
      </Box>
      {at && (
        <Box display="flex" flexWrap="wrap" gap="16px" alignItems="center">
          <Box as="label" className="reach lined" cursor="pointer">
            Read the log of a probe
            <input
              type="file"
              accept=".csv,.txt,.tsv,text/*"
              className="heard"
              onChange={(e) => {
                const log = e.target.files?.[0];
                if (log) probe.mutate({ at: at.id, log });
                e.target.value = "";
              }}
            />
          </Box>
          <SmallButton onClick={() => probe.mutate({ at: at.id, log: null })}>Send the {now.probe} through</SmallButton>
          <Text color="quiet">
            {at.runs === 0
              ? "No probe went through it yet."
              : `${at.runs} ${at.runs === 1 ? "run" : "runs"} of a probe.`}
          </Text>
        </Box>
      )}
      {now.verdict && (
        <Text
          role="status"
          borderLeftWidth="6px"
          borderColor={now.verdict.cured ? "teal" : "madder"}
          pl="14px"
          fontWeight="600"
        >
          {inUnits(now.verdict.says, inches)}{" "}
          {now.verdict.flatS !== null && `Water held it back for ${now.verdict.flatS.toFixed(0)} s. `}
          {now.log?.says.join(" ")}
        </Text>
      )}
      <Trouble of={put.error ?? off.error ?? probe.error} />
      <Wear job={job} now={now} seen={onSuccess} />
      <Box as="ul" pl="18px" listStyleType="disc" maxW="84ch">
        {now.cautions.map((one) => (
          <li key={one}>{inUnits(one, inches)}</li>
        ))}
      </Box>
      <Caution>Belt, panels and prints are hot; vapours want a hood that draws. Never reach into the tunnel.</Caution>
    </Box>
  );
}

/** Temperature against time: through the film and at its surface, what cures, what the garment bears, and what a probe read. */
function Curve({ now }: { now: CureBench }) {
  const { warmth } = useHabits();
  const plan = now.plan;
  if (!plan) return null;
  const long = Math.max(plan.dwellS, now.log ? (now.log.seconds[now.log.seconds.length - 1] ?? 0) : 0);
  const top = Math.max(200, plan.curve.surfaceC + 15, plan.limit.celsius + 8);
  const x = (s: number) => 56 + (s / long) * 620;
  const y = (c: number) => 330 - (c / top) * 310;
  const line = (points: [number, number][]) =>
    points.map(([s, c], i) => `${i === 0 ? "M" : "L"}${x(s).toFixed(1)} ${y(c).toFixed(1)}`).join("");
  const step = [5, 10, 20, 30, 60, 120].find((n) => long / n <= 8) ?? 240;
  return (
    <svg
      viewBox="0 0 700 376"
      width="100%"
      role="img"
      aria-label={`The film comes to ${warmth(plan.curve.peakC)} in ${plan.dwellS.toFixed(0)} s`}
    >
      <rect
        x="56"
        y={y(plan.need.mostC)}
        width="620"
        height={y(plan.need.leastC) - y(plan.need.mostC)}
        fill="var(--faint)"
      />
      <Words x={62} y={y(plan.need.leastC) - 6} size={15} fill="var(--quiet)">
        cures: {warmth(plan.need.leastC)} to {warmth(plan.need.mostC)}
        {plan.need.holdS > 6 ? `, ${plan.need.holdS} s` : ""}
      </Words>
      <path d={`M56 ${y(plan.limit.celsius)}H676`} stroke="var(--madder)" strokeWidth="1.500" strokeDasharray="2 5" />
      <Words x={676} y={y(plan.limit.celsius) - 6} size={15} textAnchor="end" fill="var(--madder)">
        the garment bears {warmth(plan.limit.celsius)}
      </Words>
      <path d="M56 14V330H676" fill="none" stroke="var(--ink)" strokeWidth="1.500" />
      {[0, 50, 100, 150, 200]
        .filter((c) => c <= top)
        .map((c) => (
          <g key={c}>
            <path d={`M50 ${y(c)}H56`} stroke="var(--ink)" />
            <Words x={46} y={y(c) + 5} size={15} textAnchor="end" readout fill="var(--quiet)">
              {c === 0 ? warmth(0).replace(/\s.*/, "") : warmth(c).replace(/\s.*/, "")}
            </Words>
          </g>
        ))}
      {Array.from({ length: Math.floor(long / step) }, (_, i) => (i + 1) * step).map((s) => (
        <g key={s}>
          <path d={`M${x(s)} 330v6`} stroke="var(--ink)" />
          <Words x={x(s)} y={354} size={15} textAnchor="middle" readout fill="var(--quiet)">
            {s} s
          </Words>
        </g>
      ))}
      <path
        d={line(plan.curve.points.map((p) => [p.s, p.surfaceC]))}
        fill="none"
        stroke="var(--amber)"
        strokeWidth="2"
      />
      <path
        d={line(plan.curve.points.map((p) => [p.s, p.throughC]))}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="3.500"
      />
      {now.log && (
        <path
          d={line(now.log.seconds.map((s, i) => [s, now.log?.celsius[i] ?? 0]))}
          fill="none"
          stroke="var(--teal)"
          strokeWidth="2.500"
          strokeDasharray="7 4"
        />
      )}
      <Words x={676} y={372} size={15} textAnchor="end" fill="var(--quiet)">
        black through the film, amber its surface{now.log ? ", dashes the probe" : ""}
      </Words>
    </svg>
  );
}

function DryerForm({ dryer, set, trouble }: { dryer: Dryer; set: (body: Partial<Dryer>) => void; trouble: unknown }) {
  const { toField, fromField, lengthUnit, toCelsius, warmthUnit, inches } = useHabits();
  const warm = (c: number) => String(Math.round(inches ? c * 1.8 + 32 : c));
  const fields: [keyof Dryer, string, string, (text: string) => number][] = [
    ["tunnelMm", `Tunnel, ${lengthUnit}`, toField(dryer.tunnelMm), fromField],
    ["beltMm", `Belt across, ${lengthUnit}`, toField(dryer.beltMm), fromField],
    ["slowestMMin", "Slowest, m/min", String(dryer.slowestMMin), (t) => numberTyped(t) ?? Number.NaN],
    ["fastestMMin", "Fastest, m/min", String(dryer.fastestMMin), (t) => numberTyped(t) ?? Number.NaN],
    ["airC", `Air, ${warmthUnit}`, warm(dryer.airC), (t) => toCelsius(numberTyped(t) ?? Number.NaN)],
    ["panelC", `Panels, ${warmthUnit}`, warm(dryer.panelC), (t) => toCelsius(numberTyped(t) ?? Number.NaN)],
  ];
  return (
    <Box>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(140px, 1fr))" gap="12px">
        <Field label="Name">
          <Entry
            defaultValue={dryer.name}
            maxLength={60}
            onBlur={(e) => e.target.value !== dryer.name && set({ name: e.target.value })}
          />
        </Field>
        {fields.map(([name, label, value, read]) => (
          <Field key={name} label={label}>
            <Entry
              inputMode="decimal"
              defaultValue={value}
              key={value}
              onBlur={(e) => e.target.value !== value && set({ [name]: read(e.target.value) })}
            />
          </Field>
        ))}
      </Box>
      <Trouble of={trouble} />
    </Box>
  );
}

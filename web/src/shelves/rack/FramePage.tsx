import { Box, QrCode, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { answer, api } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Shelf } from "../Shelf";
import { TensionLine } from "./TensionLine";

const states = ["bare", "coated", "burned", "on press", "to reclaim"] as const;
const places = ["near left", "near right", "far left", "far right", "middle"];

/** One frame: its tension over the year, what state it is in, and the label that is stuck on it. */
export function FramePage() {
  const id = Number(useParams().id);
  const queries = useQueryClient();
  const { mesh, length } = useHabits();
  const path = { params: { path: { id } } };
  const { data, error } = useQuery({
    queryKey: ["frame", id],
    queryFn: () => answer(api.GET("/api/frames/{id}", path)),
  });
  const onSuccess = () => {
    void queries.invalidateQueries({ queryKey: ["frame", id] });
    void queries.invalidateQueries({ queryKey: ["shop"] });
  };
  const state = useMutation({
    mutationFn: (to: (typeof states)[number]) =>
      answer(api.PATCH("/api/frames/{id}", { ...path, body: { state: to } })),
    onSuccess,
  });
  const read = useMutation({
    mutationFn: (body: { along: number[]; across: number[] }) =>
      answer(api.POST("/api/frames/{id}/tension", { ...path, body })),
    onSuccess,
  });
  if (error)
    return (
      <Shelf name="Rack" says="">
        <Trouble of={error} />
      </Shelf>
    );
  if (!data)
    return (
      <Shelf name="Rack" says="Fetching the frame …">
        <span />
      </Shelf>
    );
  const { frame } = data;
  const monthly = data.perMonth === null ? "" : `It falls by ${(-data.perMonth).toFixed(2)} N/cm a month. `;
  return (
    <Shelf
      name={`Frame ${frame.label}`}
      says={`${mesh(frame.mesh, frame.threadsPerCm)}, ${frame.dyed ? "yellow" : "white"} mesh, ${length(frame.insideWidthMm)} × ${length(frame.insideHeightMm)} inside. ${data.heldBy ? `It holds ${data.heldBy}.` : "No plate holds it."}`}
    >
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 280px" }} gap="28px">
        <Box>
          <Readout big label="Tension" figure={data.tension} shown={`${frame.tensionNPerCm.toFixed(1)} N/cm`} />
          <Text mb="12px">
            {monthly}
            {data.belowOn
              ? `At that rate it needs new mesh from ${data.belowOn} on.`
              : data.perMonth === null
                ? "Read it on three days at least, and its trend shows."
                : "It is not falling towards the limit."}
          </Text>
          <TensionLine record={data} />
          <Reading key={data.readings.length} send={(body) => read.mutate(body)} />
          <Trouble of={read.error} />
        </Box>
        <Box>
          <Field label="State">
            <Choice
              fontFamily="body"
              value={frame.state}
              onChange={(e) => state.mutate(e.target.value as (typeof states)[number])}
            >
              {states.map((s) => (
                <option key={s}>{s}</option>
              ))}
            </Choice>
          </Field>
          <Trouble of={state.error} />
          <Box mt="22px" borderWidth="1px" borderColor="ink" p="16px" bg="raised" className="frame-label">
            <Text className="wide" fontWeight="800" fontSize="big" lineHeight="1">
              {frame.label}
            </Text>
            <Text className="readout" fontSize="readout">
              {frame.mesh} {frame.dyed ? "yellow" : "white"}
            </Text>
            <Text className="readout" mb="12px">
              {Math.round(frame.threadsPerCm * 2.54)} per inch
            </Text>
            <QrCode.Root value={`${window.location.origin}/rack/${frame.id}`} size="lg">
              <QrCode.Frame role="img" aria-label={`A code that opens frame ${frame.label}`}>
                <QrCode.Pattern />
              </QrCode.Frame>
            </QrCode.Root>
          </Box>
          <Action quiet mt="12px" className="no-print" onClick={() => window.print()}>
            Print the label
          </Action>
          <Box mt="12px" className="no-print">
            <Link to="/rack" style={{ minHeight: 44, display: "inline-flex", alignItems: "center" }}>
              <Text textDecoration="underline" textUnderlineOffset="3px">
                All frames
              </Text>
            </Link>
          </Box>
        </Box>
      </Box>
    </Shelf>
  );
}

/** Ten readings of the gauge: five places, along and across. */
function Reading({ send }: { send: (body: { along: number[]; across: number[] }) => void }) {
  const [along, setAlong] = useState<string[]>(Array(5).fill(""));
  const [across, setAcross] = useState<string[]>(Array(5).fill(""));
  const numbers = (texts: string[]) => texts.map((t) => (t.trim() === "" ? Number.NaN : Number(t.replace(",", "."))));
  const ready = [...numbers(along), ...numbers(across)].every((n) => !Number.isNaN(n));
  const row = (name: string, values: string[], set: (values: string[]) => void) => (
    <>
      <Text alignSelf="end" pb="10px">
        {name}
      </Text>
      {values.map((value, i) => (
        <Field key={places[i]} label={places[i] ?? ""}>
          <Entry
            inputMode="decimal"
            aria-label={`${places[i]}, ${name}`}
            value={value}
            onChange={(e) => set(values.map((v, k) => (k === i ? e.target.value : v)))}
          />
        </Field>
      ))}
    </>
  );
  return (
    <Box
      as="form"
      mt="18px"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        send({ along: numbers(along), across: numbers(across) });
      }}
    >
      <Heading note="N/cm, at the corners and the middle, both ways.">Read today</Heading>
      <Box display="grid" gridTemplateColumns="60px repeat(5, 1fr)" gap="10px">
        {row("along", along, setAlong)}
        {row("across", across, setAcross)}
      </Box>
      <Action quiet type="submit" mt="12px" disabled={!ready}>
        Keep the reading
      </Action>
    </Box>
  );
}

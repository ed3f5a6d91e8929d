import { Box, QrCode, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Shop } from "../../api/client";
import { useFrameWork, useShop, useTrade } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { date, day, moment } from "../../ui/day";
import { Reclaiming } from "../../ui/FrameHands";
import { useHabits } from "../../ui/habits";
import { meshKey, meshOf } from "../../ui/meshes";
import { notRead, numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Fact, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { SmallButton } from "../../ui/SmallButton";
import { Editing } from "../Adding";
import { MeshOptions } from "../MeshOptions";
import { Shelf } from "../Shelf";
import { frameAsked, frameValues } from "./asked";
import { TensionLine } from "./TensionLine";

type FrameView = Shop["frames"][number];

const places = ["near left", "near right", "far left", "far right", "middle"];

/** One frame: its tension over the year, what is on it, what was done to it, and the label that is stuck on it. */
export function FramePage() {
  const id = Number(useParams().id);
  const { mesh, length } = useHabits();
  const { data, error } = useQuery({
    queryKey: ["frame", id],
    queryFn: () => answer(api.GET("/api/frames/{id}", { params: { path: { id } } })),
  });
  const { change, read } = useFrameWork(id);
  const go = useNavigate();
  const shop = useShop().data;
  const states = useTrade().data?.frameStates ?? [];
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
  const { frame, stencil } = data;
  const monthly = data.perMonth === null ? "" : `It falls by ${(-data.perMonth).toFixed(2)} N/cm a month. `;
  const hasOld = stencil !== null || frame.state === "to reclaim";
  return (
    <Shelf
      name={`Frame ${frame.label}`}
      says={`${mesh(frame.mesh.name, frame.mesh.threadsPerCm)}, ${frame.mesh.dyed ? "yellow" : "white"} mesh, ${length(frame.insideWidthMm)} × ${length(frame.insideHeightMm)} inside${frame.outsideWidthMm && frame.outsideHeightMm ? `, ${length(frame.outsideWidthMm)} × ${length(frame.outsideHeightMm)} outside` : ""}. ${data.heldBy ? `It holds ${data.heldBy}.` : "No plate holds it."}`}
    >
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 280px" }} gap="32px">
        <Box>
          <Readout
            big
            label={frame.assumed ? "Tension, assumed until it is gauged" : "Tension"}
            figure={data.tension}
            shown={`${frame.assumed ? "about " : ""}${frame.tensionNPerCm.toFixed(frame.assumed ? 0 : 1)} N/cm`}
          />
          <Text mb="12px">
            {monthly}
            {data.belowOn
              ? `At that rate it needs new mesh from ${day(data.belowOn)} ${data.belowOn.slice(0, 4)} on.`
              : data.perMonth === null
                ? "Read it on three days at least, and its trend shows."
                : "It is not falling towards the limit."}
          </Text>
          <TensionLine record={data} />
          <Reading key={data.readings.length} id={id} send={(body) => read.mutate(body)} />
          <Trouble of={read.error} />
          <Box mt="30px">
            <Heading>On it now</Heading>
            <Text>
              {stencil
                ? `${stencil.emulsion || "A stencil"}${stencil.told ? `, ${stencil.coating}, coated ${moment(stencil.coatedAt)}` : ", not written down how it was coated"}${stencil.gaugedEomUm ? `, ${stencil.gaugedEomUm} µm by the gauge` : ""}${stencil.burnedSeconds ? `, burned ${stencil.burnedSeconds} s` : ""}.`
                : frame.state === "to reclaim"
                  ? "An old stencil, to be reclaimed."
                  : "Bare mesh."}{" "}
              {stencil?.mind}
              {frame.locked && " The last try to reclaim it failed: the stencil is locked in."}
              {frame.stained && " A stain is left in the mesh: it does no harm unless it closes openings."}
            </Text>
            {hasOld && !(data.heldBy && stencil?.burnedSeconds) && <Reclaiming frameId={id} />}
          </Box>
          {data.heldBy === "" && <Stretch key={`${frame.stretchedOn} ${frame.mesh}`} frame={frame} id={id} />}
          <Box mt="30px">
            <Box display="flex" alignItems="baseline" gap="16px">
              <Heading>What was done to it</Heading>
            </Box>
            {data.record.length === 0 && <Text color="quiet">Nothing is written down yet.</Text>}
            <Box as="ul" listStyleType="none">
              {data.record.map((line) => (
                <Box
                  as="li"
                  key={`${line.madeAt} ${line.what}`}
                  display="grid"
                  gridTemplateColumns="170px 1fr"
                  borderTopWidth="1px"
                  borderColor="line"
                  py="8px"
                >
                  <Text color="quiet">{moment(line.madeAt)}</Text>
                  <Text>{line.what}</Text>
                </Box>
              ))}
            </Box>
          </Box>
        </Box>
        <Box>
          <Editing
            kind="frames"
            id={id}
            name={`frame ${frame.label}`}
            asked={frameAsked}
            values={frameValues(frame)}
            gone={() => go("/rack")}
          />
          <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
            <Field label="State">
              <Choice
                fontFamily="body"
                value={frame.state}
                onChange={(e) => change.mutate({ state: e.target.value as typeof frame.state })}
              >
                {states.map((s) => (
                  <option key={s}>{s}</option>
                ))}
              </Choice>
            </Field>
            <Told
              key={`place ${frame.rackPlace}`}
              label="Place in the rack"
              start={frame.rackPlace}
              send={(rackPlace) => change.mutate({ rackPlace })}
            />
            <Fact label="Mesh stretched" value={frame.stretchedOn ? date(frame.stretchedOn) : "not known"} />
            <Fact label="Stencils so far" value={String(frame.uses)} />
            <Told
              key={`angle ${frame.meshAngleDeg}`}
              label="Mesh angle, °"
              start={String(frame.meshAngleDeg)}
              send={(text) => change.mutate({ meshAngleDeg: numberTyped(text) ?? 0 })}
            />
          </Box>
          <Trouble of={change.error} />
          <Box mt="22px" borderWidth="1px" borderColor="ink" p="16px" bg="raised" className="frame-label">
            <Text className="wide" fontWeight="800" fontSize="big" lineHeight="1">
              {frame.label}
            </Text>
            <Text className="readout" fontSize="readout">
              {frame.mesh.name} {frame.mesh.dyed ? "yellow" : "white"}
            </Text>
            <Text className="readout" mb="12px">
              {Math.round(frame.mesh.threadsPerCm * 2.54)} per inch{frame.rackPlace && `, place ${frame.rackPlace}`}
            </Text>
            <QrCode.Root value={`${shop?.address || window.location.origin}/rack/${frame.id}`} size="lg">
              <QrCode.Frame role="img" aria-label={`A code that opens frame ${frame.label}`}>
                <QrCode.Pattern />
              </QrCode.Frame>
            </QrCode.Root>
          </Box>
          <Action quiet mt="12px" className="no-print" onClick={() => window.print()}>
            Print the label
          </Action>
          <Box mt="12px" className="no-print">
            <Link to="/rack" className="reach">
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

/** A word or number that is kept when the field is left. */
function Told({ label, start, send }: { label: string; start: string; send: (text: string) => void }) {
  const [text, setText] = useState(start);
  return (
    <Field label={label}>
      <Entry
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => text !== start && send(text)}
        onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
      />
    </Field>
  );
}

/** New mesh on the old frame. */
function Stretch({ frame, id }: { frame: FrameView; id: number }) {
  const { stretch } = useFrameWork(id);
  const [open, setOpen] = useState(frame.state === "to stretch");
  const [mesh, setMesh] = useState(meshKey(frame.mesh));
  const [tension, setTension] = useState("");
  const number = (text: string) => numberTyped(text) ?? 0;
  if (!open)
    return (
      <Action quiet mt="18px" onClick={() => setOpen(true)}>
        It gets new mesh
      </Action>
    );
  return (
    <Box
      as="form"
      mt="18px"
      onKeyDown={(e: React.KeyboardEvent) => e.key === "Escape" && setOpen(false)}
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        stretch.mutate({ ...meshOf(mesh), tensionNPerCm: number(tension) });
      }}
    >
      <Heading note="The readings so far stay in the record; its trend starts anew, and so does the count of stencils.">
        New mesh
      </Heading>
      <Box display="grid" gridTemplateColumns="2fr 1fr" gap="12px">
        <Field label="New mesh of the catalogue">
          <Choice fontFamily="body" value={mesh} onChange={(e) => setMesh(e.target.value)}>
            <MeshOptions also={mesh} />
          </Choice>
        </Field>
        <Field label="Tension, N/cm">
          <Entry value={tension} inputMode="decimal" onChange={(e) => setTension(e.target.value)} />
        </Field>
      </Box>
      <Action mt="12px" type="submit" disabled={tension.trim() === ""}>
        Stretched today
      </Action>
      <Trouble of={stretch.error} />
    </Box>
  );
}

/** Ten readings of the gauge: five places, along and across. */
function Reading({ id, send }: { id: number; send: (body: { along: number[]; across: number[] }) => void }) {
  const { gauge } = useFrameWork(id);
  const [along, setAlong] = useState<string[]>(Array(5).fill(""));
  const [across, setAcross] = useState<string[]>(Array(5).fill(""));
  const numbers = (texts: string[]) => texts.map((t) => numberTyped(t) ?? Number.NaN);
  const ready = [...numbers(along), ...numbers(across)].every((n) => !Number.isNaN(n));
  const unread = notRead(
    (["along", "across"] as const).flatMap((way) =>
      (way === "along" ? along : across).map((text, i) => [`${places[i]}, ${way}`, text] as const),
    ),
  );
  const row = (name: string, values: string[], set: (values: string[]) => void) => (
    <>
      <Text
        alignSelf="end"
        pb={{ base: "0", md: "10px" }}
        gridColumn={{ base: "1 / -1", md: "auto" }}
        fontWeight={{ base: "700", md: "400" }}
      >
        {name}
      </Text>
      {values.map((value, i) => (
        <Field key={places[i]} label={places[i] ?? ""}>
          <Entry
            inputMode="decimal"
            aria-label={`${places[i]}, ${name}`}
            aria-invalid={Number.isNaN(numberTyped(value) ?? 0)}
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
      <Box
        display="grid"
        gridTemplateColumns={{ base: "repeat(5, minmax(0, 1fr))", md: "60px repeat(5, 1fr)" }}
        gap={{ base: "6px", md: "10px" }}
        alignItems="end"
      >
        {row("along", along, setAlong)}
        {row("across", across, setAcross)}
      </Box>
      <Box>
        <Trouble of={unread === "" ? null : new Error(unread)} />
      </Box>
      <Box display="flex" gap="12px" mt="12px" flexWrap="wrap" alignItems="center">
        <Action quiet type="submit" disabled={!ready}>
          Keep the reading
        </Action>
        <SmallButton
          {...{ type: "button" }}
          onClick={() =>
            gauge.mutate(undefined, {
              onSuccess: (read) => {
                setAlong(read.along.map(String));
                setAcross(read.across.map(String));
              },
            })
          }
        >
          Take it from the gauge
        </SmallButton>
        {gauge.data && (
          <Text fontSize="small" color="quiet">
            by the {gauge.data.device}
          </Text>
        )}
      </Box>
    </Box>
  );
}

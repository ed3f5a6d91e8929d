import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Plate } from "../../api/client";
import { Bench, Heading, NotYet } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { useAtHand } from "../../ui/JobFrame";
import { Action, Entry, Field, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Sign } from "../../ui/Sign";
import { Stack } from "../../ui/Stack";
import { MeshDrawing } from "./MeshDrawing";
import { PlacementDrawing } from "./PlacementDrawing";

/** A frame for each plate: the mesh drawn to scale, the rack ranked, the film placed. */
export function ScreensStage() {
  const at = useAtHand();
  const { job, plate, work } = at;
  const { mesh } = useHabits();
  if (!job.separated || !plate) return <NotYet>A screen is chosen for each plate. Separate the art first.</NotYet>;
  return (
    <Bench
      wide={400}
      tool={
        <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="26px">
          <Box>
            <Heading note={plate.mesh.formula}>
              {plate.name} on {mesh(plate.meshGeometry.name, plate.meshGeometry.threadsPerCm)}
              {plate.frameLabel && `, frame ${plate.frameLabel}`}
            </Heading>
            <MeshDrawing mesh={plate.meshGeometry} lineMm={plate.finestLineMm} />
            <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="12px" mt="12px">
              <Fact label="Opening" value={`${plate.meshGeometry.openingUm.toFixed(0)} µm`} />
              <Fact label="Open area" value={`${plate.meshGeometry.openAreaPct.toFixed(0)} %`} />
              <Fact label="Passes" value={`${plate.meshGeometry.volumeCm3M2.toFixed(0)} cm³/m²`} />
            </Box>
          </Box>
          <Box>
            {plate.placement ? (
              <>
                <Heading note={plate.placement.sentence}>The film on its frame</Heading>
                <PlacementDrawing placement={plate.placement} />
                <Gauge
                  key={plate.id}
                  plate={plate}
                  save={(um) => work.plate.mutate({ plateId: plate.id, gaugedEomUm: um })}
                />
                <Trouble of={work.plate.error} field="gaugedEomUm" />
              </>
            ) : (
              <>
                <Heading note="The trade’s meshes for this plate, best first.">Meshes</Heading>
                {plate.meshes.map((m) => (
                  <Box key={m.mesh.name} borderTopWidth="1px" borderColor="line" py="8px">
                    <Box display="flex" alignItems="center" gap="8px">
                      <Sign kind={m.holds ? "reckoned" : "out_of_bounds"} />
                      <Text className="readout" fontSize="lead">
                        {mesh(m.mesh.name, m.mesh.threadsPerCm)}
                      </Text>
                      <Text fontSize="small" color="quiet" ml="auto">
                        {m.inRack === 0 ? "none in the rack" : `${m.inRack} in the rack`}
                      </Text>
                    </Box>
                    <Text fontSize="small">{m.why}</Text>
                  </Box>
                ))}
              </>
            )}
          </Box>
          <Box gridColumn="1 / -1">
            <Heading note="Best first, by mesh, fit, tension and whether another plate holds it.">
              Frames of the rack
            </Heading>
            <Action quiet mb="12px" onClick={() => work.frames.mutate()}>
              Choose frames of like tension for all plates
            </Action>
            <Trouble of={work.frames.error} />
            <Frames plate={plate} choose={(frameId) => work.plate.mutate({ plateId: plate.id, frameId })} />
            <Trouble of={work.plate.error} field="frameId" />
          </Box>
        </Box>
      }
      beside={
        <Stack
          at={at}
          figures={(p) => (
            <Box display="grid" gridTemplateColumns="1fr 1fr 1fr" gap="8px" mt="4px">
              <Readout label="Mesh" figure={p.mesh} shown={mesh(p.mesh.text, p.mesh.value ?? 0)} />
              <Readout label="Stencil" figure={p.stencil} />
              <Box>
                <Text fontSize="small" color="quiet">
                  Frame
                </Text>
                <Text className="readout" fontSize="readout">
                  {p.frameLabel || "–"}
                </Text>
              </Box>
            </Box>
          )}
        />
      }
    />
  );
}

function Fact({ label, value }: { label: string; value: string }) {
  return (
    <Box>
      <Text fontSize="small" color="quiet">
        {label}
      </Text>
      <Text className="readout" fontSize="17px" whiteSpace="nowrap">
        {value}
      </Text>
    </Box>
  );
}

function Frames({ plate, choose }: { plate: Plate; choose: (frameId: number) => void }) {
  const [all, setAll] = useState(false);
  const { mesh } = useHabits();
  const shown = all ? plate.frames : plate.frames.slice(0, 6);
  return (
    <Box as="ul" listStyleType="none">
      {shown.map((frame) => {
        const mine = frame.id === plate.frameId;
        const good = frame.fits && frame.holds && frame.takenBy === "";
        const perCm = Number(frame.mesh.split("–")[0]);
        return (
          <Box
            as="li"
            key={frame.id}
            borderTopWidth="1px"
            borderColor="line"
            bg={mine ? "raised" : "transparent"}
            display="grid"
            gridTemplateColumns="18px 48px 92px 84px 1fr 108px"
            alignItems="center"
            gap="10px"
            minH="56px"
            px="6px"
          >
            <Sign kind={mine ? "measured" : good ? "reckoned" : "out_of_bounds"} />
            <Text className="readout" fontSize="lead">
              {frame.label}
            </Text>
            <Text className="readout">{mesh(frame.mesh, perCm)}</Text>
            <Text className="readout" fontWeight="500">
              {frame.tensionNPerCm.toFixed(1)}{" "}
              <Text as="span" fontSize="small">
                N/cm
              </Text>
            </Text>
            <Text fontSize="small" color="quiet" lineClamp="2" title={frame.why}>
              {frame.takenBy ? `Carries ${frame.takenBy}. ` : ""}
              {frame.why}
            </Text>
            <Box
              as="button"
              minH="44px"
              cursor="pointer"
              fontWeight="700"
              color={mine ? "ink" : "teal"}
              textAlign="right"
              {...{ disabled: frame.takenBy !== "" }}
              _disabled={{ opacity: 0.4, cursor: "default" }}
              onClick={() => choose(mine ? 0 : frame.id)}
            >
              {mine ? "Give back" : "Take it"}
              <span style={{ position: "absolute", left: -9999 }}> frame {frame.label}</span>
            </Box>
          </Box>
        );
      })}
      <Box as="li" borderTopWidth="1px" borderColor="line">
        <Box
          as="button"
          minH="44px"
          cursor="pointer"
          textDecoration="underline"
          textUnderlineOffset="3px"
          onClick={() => setAll(!all)}
        >
          {all ? "Only the best" : `All ${plate.frames.length} frames`}
        </Box>
      </Box>
    </Box>
  );
}

function Gauge({ plate, save }: { plate: Plate; save: (um: number) => void }) {
  const [um, setUm] = useState(plate.gaugedEomUm === null ? "" : String(plate.gaugedEomUm));
  return (
    <Box
      as="form"
      mt="14px"
      display="flex"
      gap="12px"
      alignItems="end"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        save(um.trim() === "" ? 0 : Number.parseFloat(um.replace(",", ".")));
      }}
    >
      <Field label="Stencil by the gauge, µm over mesh">
        <Entry maxW="180px" value={um} inputMode="decimal" onChange={(e) => setUm(e.target.value)} />
      </Field>
      <Action quiet type="submit">
        Keep
      </Action>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlateOn } from "../../api/client";
import { useMeshEffects } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Fact, Field, Push, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { Sign } from "../../ui/Sign";
import { MeshDrawing } from "./MeshDrawing";

/** The mesh to scale with the plate lying on it, and what another mesh would change. */
export function Meshes({ at, plate }: { at: AtHand<"screens">; plate: PlateOn<"screens"> }) {
  const { mesh } = useHabits();
  const { data, error } = useMeshEffects(plate, at.job.turn);
  const [open, setOpen] = useState("");
  const geometry = plate.meshGeometry;
  type Row = NonNullable<typeof data>[number];
  // The best that there is fails nobody, whatever the art asks beyond it.
  const advised = (row: Row) => row.holds || row.rank === 1 || (row.here && plate.mesh.sign !== "out_of_bounds");
  const called = (row: Row) => {
    if (row.here) return plate.frameLabel ? "at hand" : "to take";
    if (row.rank === 1) return "the best";
    return row.holds ? ordinal(row.rank) : "fails";
  };
  return (
    <>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.35fr 1fr" }} gap="26px" alignItems="start">
        <Box>
          <MeshDrawing plate={plate} />
          <Text fontSize="small" color="quiet" mt="6px">
            The bar is 1 mm. Threads carry the stencil and stop the ink.
          </Text>
        </Box>
        <Box>
          <Heading note={plate.mesh.formula}>
            {plate.name} on {mesh(geometry.name, geometry.threadsPerCm)}
            {geometry.dyed ? ", yellow" : ", white"}
          </Heading>
          <Box display="grid" gridTemplateColumns="repeat(3, 1fr)" gap="14px">
            <Fact label="Opening" value={`${geometry.openingUm.toFixed(0)} µm`} />
            <Fact label="Open area" value={`${geometry.openAreaPct.toFixed(0)} %`} />
            <Fact label="Fabric" value={`${geometry.thicknessUm.toFixed(0)} µm`} />
            <Fact label="Passes" value={`${geometry.volumeCm3M2.toFixed(0)} cm³/m²`} />
            <Fact label="Finest line" value={`${geometry.finestLineMm.toFixed(2)} mm`} />
            <Fact label="Finest wall" value={`${geometry.finestGapMm.toFixed(2)} mm`} />
          </Box>
          <Wish at={at} plate={plate} />
        </Box>
      </Box>
      <Box>
        <Heading note="The mesh at hand, the best for this plate, and those of the rack that hold it; touch one for its reasons. Straight on this garment, without a base.">
          What another mesh would change
        </Heading>
        <Trouble of={error} />
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="What another mesh would change">
          <Box role="table" minW="690px">
            <Row head>
              {["", "Mesh", "Wet ink", "For the run", "Light", "Finest line", "Hides", "", "Rack"].map((head, i) => (
                <Text role="columnheader" key={`${head}${i}`} fontSize="small" color="quiet">
                  {head}
                </Text>
              ))}
            </Row>
            {data?.map((row) => (
              <Row key={row.mesh.name} here={row.here}>
                <Box role="cell">
                  <Sign
                    kind={row.here && plate.frameLabel ? "measured" : advised(row) ? "reckoned" : "out_of_bounds"}
                  />
                </Box>
                <Box role="cell">
                  <Push
                    aria-expanded={open === row.mesh.name}
                    onClick={() => setOpen(open === row.mesh.name ? "" : row.mesh.name)}
                    minH="48px"
                    textAlign="left"
                    cursor="pointer"
                  >
                    <Text
                      as="span"
                      display="block"
                      className="readout"
                      fontSize="readout"
                      color={advised(row) ? "ink" : "madder"}
                      whiteSpace="nowrap"
                    >
                      {mesh(row.mesh.name, row.mesh.threadsPerCm)}
                    </Text>
                    <Text as="span" fontSize="small" color="quiet" textDecoration="underline" textUnderlineOffset="3px">
                      {called(row)}
                    </Text>
                  </Push>
                </Box>
                <Box role="cell">
                  <Readout bare label={`Wet ink on ${row.mesh.name}`} figure={row.wet} />
                </Box>
                <Box role="cell">
                  <Readout bare label={`Ink for the run on ${row.mesh.name}`} figure={row.grams} />
                </Box>
                <Box role="cell">
                  <Readout bare label={`Light on ${row.mesh.name}`} figure={row.light} />
                </Box>
                <Text role="cell" className="readout" fontSize="17px" color={row.holds ? "ink" : "madder"}>
                  {row.mesh.finestLineMm.toFixed(2)} mm
                </Text>
                <Box role="cell">
                  <Readout bare label={`Hides on ${row.mesh.name}`} figure={row.hidingPct} />
                </Box>
                <Box
                  role="cell"
                  className="colours"
                  h="34px"
                  bg={row.hex}
                  borderWidth="1px"
                  borderColor="line"
                  title={`Looks ${row.hex} straight on this garment`}
                />
                <Text role="cell" fontSize="small" color="quiet">
                  {row.inRack === 0 ? "none" : row.inRack}
                </Text>
                {open === row.mesh.name && (
                  <Text role="cell" gridColumn="2 / -1" pb="10px">
                    {row.why}
                  </Text>
                )}
              </Row>
            ))}
          </Box>
        </Box>
      </Box>
    </>
  );
}

const ordinal = (n: number) => {
  const ends = ["th", "st", "nd", "rd"];
  return `${n}${(n % 100 > 10 && n % 100 < 14 ? "th" : ends[n % 10]) ?? "th"} choice`;
};

/** What the choice is weighed against besides the film: ink wanted, and the ends of its tones. */
function Wish({ at, plate }: { at: AtHand<"screens">; plate: PlateOn<"screens"> }) {
  const { work } = at;
  const percent = (share: number | undefined) => (share === undefined ? "" : String(Math.round(share * 100)));
  const [wet, setWet] = useState(plate.depositUm === null ? "" : String(plate.depositUm));
  const [light, setLight] = useState(percent(plate.tones?.lightest));
  const [dark, setDark] = useState(percent(plate.tones?.darkest));
  const number = (text: string) => numberTyped(text) ?? 0;
  return (
    <Box
      as="form"
      mt="14px"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        work.plate.mutate({
          plateId: plate.id,
          depositUm: wet.trim() === "" ? 0 : number(wet),
          ...(light.trim() !== "" && dark.trim() !== "" ? { tones: [number(light) / 100, number(dark) / 100] } : {}),
        });
      }}
    >
      <Box display="grid" gridTemplateColumns={plate.lpi === null ? "1fr auto" : "1fr 1fr"} gap="12px" alignItems="end">
        <Field label="Wet ink wanted, µm">
          <Entry value={wet} inputMode="decimal" placeholder="as usual" onChange={(e) => setWet(e.target.value)} />
        </Field>
        {plate.lpi !== null && (
          <>
            <Field label="Tones from, %">
              <Entry value={light} inputMode="decimal" onChange={(e) => setLight(e.target.value)} />
            </Field>
            <Field label="Tones to, %">
              <Entry value={dark} inputMode="decimal" onChange={(e) => setDark(e.target.value)} />
            </Field>
          </>
        )}
        <Action quiet type="submit">
          Weigh it
        </Action>
      </Box>
      <Trouble of={work.plate.error} field="depositUm" />
      <Trouble of={work.plate.error} field="tones" />
    </Box>
  );
}

function Row({ children, head, here }: { children: React.ReactNode; head?: boolean; here?: boolean }) {
  return (
    <Box
      role="row"
      display="grid"
      gridTemplateColumns="16px 100px 84px 92px 76px 82px 80px 34px 34px"
      columnGap="12px"
      alignItems="center"
      minH={head ? "24px" : "58px"}
      borderBottomWidth="1px"
      borderColor={head ? "ink" : "line"}
      bg={here ? "raised" : "transparent"}
    >
      {children}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useParams } from "react-router";
import { type DistanceSeen, useDistances, useLamp, useStartLoss } from "../../api/light";
import { useShop } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import { notRead, numberTyped } from "../../ui/number";
import { Action, Caution, Entry, Fact, Field, Trouble } from "../../ui/Parts";
import { PenumbraDrawing } from "../../ui/PenumbraDrawing";
import { TestList } from "../../ui/TestList";
import { timeWords } from "../../ui/timeWords";
import { WordLink } from "../../ui/WordLink";
import { Words } from "../../ui/Words";
import { Rows, Shelf } from "../Shelf";
import { DriftChart } from "./DriftChart";

/** One lamp: how it fades, its tests, what its start loses, where it stands, what was burned under it. */
export function LampPage() {
  const id = Number(useParams().id);
  const { data, error } = useLamp(id);
  const shop = useShop().data;
  const { length } = useHabits();
  if (error)
    return (
      <Shelf name="Lamps" says="">
        <Trouble of={error} />
      </Shelf>
    );
  if (!data)
    return (
      <Shelf name="Lamps" says="Fetching the lamp …">
        <span />
      </Shelf>
    );
  const { lamp, drift, surprises, burns } = data;
  const tests = (shop?.tests ?? []).filter((t) => t.lamp === lamp.name);
  const point = ["metal_halide", "mercury", "halogen"].includes(lamp.kind);
  return (
    <Shelf
      name={lamp.name}
      says={`${lamp.hours.toFixed(0)} hours, ${tests.length} step tests. ${lamp.unitsPerS === null ? "Its timer counts seconds." : `Its integrator counts ${lamp.unitsPerS} units a second of light, whatever its age.`}`}
    >
      {data.due !== "" && (
        <Box role="status" borderLeftWidth="3px" borderColor="amber" pl="16px" mb="20px">
          <Text fontWeight="700" fontSize="lead">
            {data.due}
          </Text>
          <WordLink to={`/step-test?lamp=${id}`}>Plan a step test</WordLink>
        </Box>
      )}
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 260px" }} gap="32px">
        <Box>
          <Heading
            note={`Each test against what the same screen would have taken under this lamp when new.${drift.length === 0 ? " None yet: the band is the usual of its kind." : ""}`}
          >
            How it fades
          </Heading>
          <DriftChart bench={data} />
        </Box>
        <Box display="flex" flexDirection="column" gap="14px">
          <Fact label="Now, against new" value={`× ${data.nowFactor.toFixed(2)}`} />
          <Fact label="Nine times in ten" value={`× ${data.nowLow.toFixed(2)} to ${data.nowHigh.toFixed(2)}`} />
          <Fact
            label="In a thousand hours"
            value={`${data.perThousandHPct >= 0 ? "+" : "−"}${Math.abs(data.perThousandHPct).toFixed(0)} %`}
          />
          <Fact label="Lost at each start" value={`${lamp.startLossS.toFixed(1)} s`} />
        </Box>
      </Box>
      <Box mt="28px">
        <Heading note={drift.length === 0 ? "None yet." : undefined}>Its step tests</Heading>
        <TestList tests={tests} surprises={surprises} />
      </Box>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }} gap="36px" mt="32px">
        <Box>
          <Heading note={data.penumbraSays}>Contact and sharpness</Heading>
          <Box maxW="380px">
            <PenumbraDrawing penumbraMm={data.penumbraMm} />
          </Box>
        </Box>
        <StartLoss id={id} now={lamp.startLossS} />
      </Box>
      {point && <Distances id={id} />}
      <Box mt="32px">
        <Heading note="Every burn counts on its hours.">Burned under it</Heading>
        {burns.length === 0 ? (
          <Text color="quiet">Nothing yet since burns are kept with their time.</Text>
        ) : (
          <Rows
            heads={["When", "Frame", "Plate", "Light", "At the sink"]}
            columns="150px 70px 1.4fr 150px 1fr"
            rows={burns.map((b, i) => ({
              key: `${b.at} ${b.frame} ${i}`,
              cells: [
                b.at,
                b.frame,
                b.plate === "" ? "–" : `${b.plate}, ${b.job}`,
                <span key="l" className="readout">
                  {timeWords(b.seconds)}
                  {b.units === null ? "" : ` · ${b.units.toFixed(0)} u`}
                </span>,
                b.seen === "" ? "not looked yet" : b.seen,
              ],
            }))}
          />
        )}
      </Box>
      <Box mt="24px" display="flex" flexDirection="column" gap="10px">
        {lamp.distanceMm !== null && (
          <Text fontSize="small" color="quiet">
            Stands {length(lamp.distanceMm)} from the glass.
          </Text>
        )}
        <Caution>
          It gives ultraviolet light and grows hot: never look into it, keep the lid shut, let it cool before you touch
          it. Glass under vacuum can break: let the vacuum go first. Electrical work belongs to licensed people.
        </Caution>
      </Box>
    </Shelf>
  );
}

/** Short burns against a long one: what each start of the lamp loses. */
function StartLoss({ id, now }: { id: number; now: number }) {
  const measure = useStartLoss(id);
  const [long, setLong] = useState("");
  const [short, setShort] = useState("");
  const [burns, setBurns] = useState("");
  const read = [long, short, burns].map((text) => numberTyped(text) ?? 0);
  return (
    <Box>
      <Heading
        note={`Several short burns fall short of one long one on a lamp that starts slowly. Burn half a screen once, the other half in short burns side by side in strips; say how many short ones look like the long one. ${now === 0 ? "None is measured: nothing is taken off." : ""}`}
      >
        What its start loses
      </Heading>
      <Box
        as="form"
        display="grid"
        gridTemplateColumns="repeat(3, 1fr)"
        gap="12px"
        alignItems="end"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          measure.mutate({ longS: read[0] ?? 0, shortS: read[1] ?? 0, burns: Math.round(read[2] ?? 0) });
        }}
      >
        <Field label="One burn of, s">
          <Entry value={long} inputMode="decimal" onChange={(e) => setLong(e.target.value)} />
        </Field>
        <Field label="Looks like burns">
          <Entry value={burns} inputMode="numeric" onChange={(e) => setBurns(e.target.value)} />
        </Field>
        <Field label="Of, s each">
          <Entry value={short} inputMode="decimal" onChange={(e) => setShort(e.target.value)} />
        </Field>
        <Action quiet type="submit" gridColumn="1 / -1">
          Keep it with the lamp
        </Action>
      </Box>
      <Trouble of={measure.error} />
    </Box>
  );
}

/** Light over the print, to scale: the middle’s is all of it. */
function Even({ at, wide, high }: { at: DistanceSeen | undefined; wide: number; high: number }) {
  if (!at || !(wide > 0) || !(high > 0)) return null;
  const scale = 150 / Math.max(wide, high);
  const [w, h] = [wide * scale, high * scale];
  const spots = [
    [0, 0, 100],
    ...([-1, 1] as const).flatMap((s) => [
      [(s * w) / 2, 0, at.sidePct],
      [0, (s * h) / 2, at.endPct],
      ...([-1, 1] as const).map((t) => [(s * w) / 2, (t * h) / 2, at.cornerPct]),
    ]),
  ] as [number, number, number][];
  return (
    <svg
      viewBox={`${-w / 2 - 40} ${-h / 2 - 24} ${w + 80} ${h + 48}`}
      width={w + 80}
      role="img"
      aria-label={`Over the print: middle 100 %, sides ${at.sidePct.toFixed(0)} %, ends ${at.endPct.toFixed(0)} %, corners ${at.cornerPct.toFixed(0)} %`}
    >
      <rect x={-w / 2} y={-h / 2} width={w} height={h} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      {spots.map(([x, y, pct]) => (
        <g key={`${x} ${y}`}>
          <circle cx={x} cy={y} r={(16 * pct) / 100} fill="color-mix(in srgb, var(--amber) 60%, var(--paper))" />
          <Words x={x} y={y + 5} size={13} textAnchor="middle" fill="var(--ink)" readout>
            {pct.toFixed(0)}
          </Words>
        </g>
      ))}
    </svg>
  );
}

/** How far a point lamp should stand from a print: even to its corners, not longer than need be. */
function Distances({ id }: { id: number }) {
  const { length, toField, fromField, lengthUnit } = useHabits();
  const [wide, setWide] = useState(() => toField(350));
  const [high, setHigh] = useState(() => toField(450));
  const [time, setTime] = useState("60");
  const unread = notRead([
    ["Its time now, s", time],
    [`Print across, ${lengthUnit}`, Number.isNaN(fromField(wide)) ? wide || "nothing" : "1"],
    [`Print down, ${lengthUnit}`, Number.isNaN(fromField(high)) ? high || "nothing" : "1"],
  ]);
  const { data, error } = useDistances(id, fromField(wide), fromField(high), numberTyped(time) ?? 0, unread === "");
  return (
    <Box mt="32px">
      <Heading note="Light of a point falls with the square of the way and with its slant. The nearest distance whose corners get 80 % of the middle’s light is marked.">
        How far it should stand
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(3, 160px)" gap="14px" mb="14px">
        <Field label={`Print across, ${lengthUnit}`}>
          <Entry value={wide} inputMode="decimal" onChange={(e) => setWide(e.target.value)} />
        </Field>
        <Field label={`Print down, ${lengthUnit}`}>
          <Entry value={high} inputMode="decimal" onChange={(e) => setHigh(e.target.value)} />
        </Field>
        <Field label="Its time now, s">
          <Entry value={time} inputMode="decimal" onChange={(e) => setTime(e.target.value)} />
        </Field>
      </Box>
      <Trouble of={unread === "" ? error : new Error(unread)} />
      {data && <Even at={data.find((d) => d.chosen)} wide={fromField(wide)} high={fromField(high)} />}
      {data && (
        <Rows
          heads={["Lamp to glass", "Corners", "Time", "Lines that close", " "]}
          columns="140px 110px 120px 140px 1fr"
          rows={data.map((d) => ({
            key: d.mm,
            cells: [
              <Text as="span" key="d" className="readout" fontWeight={d.chosen ? "700" : "400"}>
                {length(d.mm)}
              </Text>,
              `${d.cornerPct.toFixed(0)} %`,
              timeWords(d.seconds),
              `under ${d.penumbraMm.toFixed(3)} mm`,
              d.chosen ? "the nearest that is even" : d.now ? "where it stands now" : "",
            ],
          }))}
        />
      )}
    </Box>
  );
}

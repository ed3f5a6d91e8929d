import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Shop, type Trade } from "../../api/client";
import { useShop, useTrade } from "../../api/use";
import { date } from "../../ui/day";
import { Caution, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { WordLink } from "../../ui/WordLink";
import { Adding, type Asked, Editing, useShelf } from "../Adding";
import { Assumed } from "../Assumed";
import { Rows, Shelf } from "../Shelf";
import { Tables } from "../Tables";

type Kinds = Trade["lampKinds"];

const said = (kinds: Kinds | undefined, kind: string) => kinds?.find((k) => k.kind === kind)?.says ?? "";

const lampAsked = (kinds: Kinds): Asked[] => [
  { name: "name", label: "Name", start: "", kind: "text" },
  { name: "kind", label: "Kind", start: "led", choices: kinds.map((k) => [k.kind, k.says] as const) },
  { name: "hours", label: "Hours so far", start: "0", kind: "number" },
  { name: "distanceMm", label: "Lamp to glass", start: "", kind: "length" },
  { name: "sourceMm", label: "Width of what shines", start: "", kind: "length" },
  { name: "unitsPerS", label: "Integrator, units a second", start: "", kind: "number" },
  {
    name: "contact",
    label: "Holds the film by",
    start: "vacuum",
    choices: [
      ["vacuum", "vacuum"],
      ["foam", "foam and an even weight"],
      ["loose", "laid on, or a stiff board"],
    ],
  },
];

const emulsionAsked = (kinds: Kinds): Asked[] => [
  { name: "name", label: "Name", start: "", kind: "text", speaksOf: "kind" },
  { name: "kind", label: "Kind", start: "dual_cure", choices: kinds.map((k) => [k.kind, k.says] as const) },
  { name: "solidsPct", label: "Solids, % by volume", start: "", kind: "number" },
  { name: "mixedOn", label: "Mixed on", start: "", kind: "date" },
  { name: "batch", label: "Number on the pot", start: "", kind: "text" },
  { name: "potLifeDays", label: "Pot life, days", start: "", kind: "number" },
  { name: "coatedLifeDays", label: "Keeps coated, days", start: "", kind: "number" },
  { name: "factor", label: "Time against photopolymer, ×", start: "", kind: "number" },
  { name: "filmUm", label: "Capillary film, µm", start: "", kind: "number" },
  {
    name: "resists",
    label: "Its stencil withstands",
    start: "unknown",
    choices: [
      ["unknown", "nobody knows"],
      ["water", "water"],
      ["solvent", "solvents and plastisol"],
      ["both", "water and solvents"],
    ],
  },
];

export function LampsShelf() {
  const trade = useTrade().data;
  const lampForm = lampAsked(trade?.lampKinds ?? []);
  const emulsionForm = emulsionAsked(trade?.emulsionKinds ?? []);
  const shop = useShop().data;
  const lamps = shop?.lamps ?? [];
  return (
    <Shelf
      name="Lamps"
      says={
        lamps.length === 0
          ? "No lamps yet."
          : "Lamps age: count their hours, and test anew after a change of lamp or emulsion."
      }
    >
      <Adding kind="lamps" what="a lamp" asked={lampForm} />
      <Rows
        heads={["Lamp", "Kind", "Hours", "Step tests", "Last test", ""]}
        columns="1.4fr 1fr 120px 90px 1fr 190px"
        rows={lamps.map((lamp) => {
          const tests = shop?.tests.filter((t) => t.lamp === lamp.name) ?? [];
          return {
            key: lamp.id,
            cells: [
              <div key="n">
                <WordLink to={`/lamps/${lamp.id}`}>
                  <Text as="span" fontSize="lead">
                    {lamp.name}
                  </Text>
                </WordLink>
                <Assumed of={lamp} says="no step test yet" />
              </div>,
              said(trade?.lampKinds, lamp.kind),
              <Hours key="h" lamp={lamp} />,
              <span key="t" className="readout">
                {tests.length}
              </span>,
              tests[0] ? date(tests[0].doneOn) : "none yet",
              <Editing key="x" kind="lamps" id={lamp.id} name={lamp.name} asked={lampForm} values={lamp} />,
            ],
          };
        })}
      />
      <Text as="h2" fontWeight="700" fontSize="lead" mt="36px" mb="12px">
        Emulsions
      </Text>
      <Adding kind="emulsions" what="an emulsion" asked={emulsionForm} />
      <Rows
        heads={["Emulsion", "Kind of emulsion", "Solids", "Pot life", "Keeps coated", "Factor", " "]}
        columns="1.5fr 1fr 80px 1.3fr 100px .9fr 190px"
        rows={(shop?.emulsions ?? []).map((e) => ({
          key: e.id,
          cells: [
            <div key="n">
              <Text fontWeight="700" fontSize="lead">
                {e.name}
              </Text>
              {e.batch && <Text fontSize="small">pot {e.batch}</Text>}
              <Assumed of={e} says="no step test yet" />
            </div>,
            `${said(trade?.emulsionKinds, e.kind)}${e.filmUm ? `, ${e.filmUm} µm` : ""}`,
            <span key="s" className="readout">
              {e.solidsPct.toFixed(0)} %
            </span>,
            e.potDaysLeft === null ? "keeps" : <Pot key="p" id={e.id} name={e.name} left={e.potDaysLeft} />,
            `${e.coatedLifeDays} days`,
            e.factor === null ? "by its kind" : `× ${e.factor}, data sheet`,
            <Editing key="x" kind="emulsions" id={e.id} name={e.name} asked={emulsionForm} values={e} />,
          ],
        }))}
      />
      <Box mt="18px">
        <WordLink to="/step-test">Plan, run and read a step test</WordLink>
      </Box>
      <Tables of={[["step-tests", "Step tests"]]} />
      <div className="apart">
        <Caution>
          Lamps for stencils give ultraviolet light: never look into one, keep the lid shut, cover skin. Electrical work
          belongs to licensed people.
        </Caution>
      </div>
    </Shelf>
  );
}

/** The hours of a lamp; new tubes or a new bulb begin at none, and what was learned stays. */
function Hours({ lamp }: { lamp: Shop["lamps"][number] }) {
  const { put } = useShelf("lamps");
  return (
    <Box>
      <span className="readout">{lamp.hours.toFixed(0)} h</span>
      {lamp.hours > 0 && (
        <SmallButton
          ml="-10px"
          onClick={() =>
            put.mutate({
              id: lamp.id,
              body: {
                name: lamp.name,
                kind: lamp.kind,
                hours: 0,
                contact: lamp.contact,
                ...(lamp.distanceMm ? { distanceMm: lamp.distanceMm } : {}),
                ...(lamp.unitsPerS ? { unitsPerS: lamp.unitsPerS } : {}),
                ...(lamp.sourceMm ? { sourceMm: lamp.sourceMm } : {}),
              },
            })
          }
        >
          New light in it<span className="heard">, {lamp.name}</span>
        </SmallButton>
      )}
      <Trouble of={put.error} />
    </Box>
  );
}

/** How long the pot still keeps; a fresh one is told with one touch. */
function Pot({ id, name, left }: { id: number; name: string; left: number }) {
  const queries = useQueryClient();
  const mix = useMutation({
    mutationFn: () => {
      const now = new Date();
      const mixedOn = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, "0")}-${String(now.getDate()).padStart(2, "0")}`;
      return answer(api.PATCH("/api/shop/emulsions/{id}", { params: { path: { id } }, body: { mixedOn } }));
    },
    onSuccess: (shop) => {
      queries.setQueryData(["shop"], shop);
      void queries.invalidateQueries({ queryKey: ["job"] });
    },
  });
  return (
    <Box display="flex" flexWrap="wrap" alignItems="center" gap="12px">
      <Text color={left < 0 ? "madder" : "ink"}>{left < 0 ? `over by ${-left} days` : `${left} days left`}</Text>
      <SmallButton ml="-10px" onClick={() => mix.mutate()}>
        Mixed today<span className="heard"> {name}</span>
      </SmallButton>
      <Trouble of={mix.error} />
    </Box>
  );
}

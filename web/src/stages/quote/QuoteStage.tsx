import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Heading, NotYet } from "../../ui/Bench";
import { useAtHand } from "../../ui/JobFrame";
import { numberTyped } from "../../ui/number";
import { Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Words } from "../../ui/Words";

type Bench = components["schemas"]["EstimateBench"];
type Rates = Bench["rates"];

const money = (cents: number, of: Rates) =>
  `${(cents / 100).toLocaleString("en-GB", { minimumFractionDigits: 2, maximumFractionDigits: 2 })} ${of.currency}`;
const time = (minutes: number) => (minutes < 90 ? `${Math.round(minutes)} min` : `${(minutes / 60).toFixed(1)} h`);

/** What a job costs, part by part, and what is asked for it by quantity. */
export function QuoteStage() {
  const { job } = useAtHand();
  const queries = useQueryClient();
  const [typed, setTyped] = useState("");
  const asked = numberTyped(typed);
  const pieces = asked === null || asked < 1 ? null : Math.round(asked);
  const key = ["estimate", job.id, pieces];
  const { data, error } = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(
        api.GET("/api/jobs/{id}/estimate", {
          params: { path: { id: job.id }, query: pieces === null ? {} : { pieces } },
        }),
      ),
    placeholderData: (was) => was,
    enabled: job.separated,
  });
  const write = useMutation({
    mutationFn: (body: Partial<Rates>) =>
      answer(api.PATCH("/api/jobs/{id}/rates", { params: { path: { id: job.id } }, body })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["estimate"] });
      void queries.invalidateQueries({ queryKey: ["hand"] });
    },
  });
  if (!job.separated) return <NotYet>A price rests on screens and ink. Separate the art first.</NotYet>;
  if (!data) return error ? <Trouble of={error} /> : <Box minH="500px" aria-busy="true" />;
  const { estimate, rates } = data;
  return (
    <Box p={{ base: "20px", lg: "28px" }} data-bench display="flex" flexDirection="column" gap="24px" maxW="1120px">
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "minmax(240px, 320px) minmax(0, 1fr)" }} gap="32px">
        <Box>
          <Text fontSize="small" color="quiet">
            Asked for {estimate.pieces} pieces
          </Text>
          <Text className="readout" fontSize="big" lineHeight="1.1">
            {money(estimate.totalCents, rates)}
          </Text>
          <Text mb="14px">
            <span className="readout lead-readout">{money(estimate.eachCents, rates)}</span> each
          </Text>
          <Text>
            Costs {money(estimate.costCents, rates)}, from {money(estimate.lowCents, rates)} to{" "}
            {money(estimate.highCents, rates)} nine times in ten; {time(estimate.minutes)} of work.
          </Text>
          <Box mt="14px" maxW="180px">
            <Field
              label="For how many?"
              hint={typed !== "" && pieces === null ? "A number of pieces, one or more." : undefined}
            >
              <Entry
                inputMode="numeric"
                placeholder={String(job.quantity || 1)}
                value={typed}
                onChange={(e) => setTyped(e.target.value)}
              />
            </Field>
          </Box>
          <Trouble of={error} />
          <a
            href={`/api/jobs/${job.id}/quote.pdf${pieces === null ? "" : `?pieces=${pieces}`}`}
            download
            className="reach lined"
          >
            Quote for the customer, PDF
          </a>
        </Box>
        <Curve bench={data} />
      </Box>
      <OtherWays id={job.id} pieces={pieces} rates={rates} />
      <Box as="table" w="100%" maxW="860px">
        <thead>
          <tr>
            {["What it takes", "work", "cost", ""].map((head) => (
              <Box as="th" key={head} textAlign="left" fontWeight="400" fontSize="small" color="quiet" pb="6px">
                {head || <span className="heard">how</span>}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {estimate.lines.map((line) => (
            <Box as="tr" key={line.what} borderTopWidth="1px" borderColor="line">
              <Box as="td" py="8px" fontWeight="600">
                {line.what}
              </Box>
              <td className="readout">{line.minutes === null ? "" : time(line.minutes)}</td>
              <td className="readout">{money(line.cents, rates)}</td>
              <Box as="td" color="quiet" fontSize="small">
                {line.says}
              </Box>
            </Box>
          ))}
          <Box as="tr" borderTopWidth="3px" borderColor="ink">
            <Box as="td" py="8px" fontWeight="800">
              Together
            </Box>
            <td className="readout">{time(estimate.minutes)}</td>
            <td className="readout">{money(estimate.costCents, rates)}</td>
            <Box as="td" color="quiet" fontSize="small">
              and {Math.round(100 * rates.margin)} % on top
            </Box>
          </Box>
        </tbody>
      </Box>
      {data.says.map((one) => (
        <Text key={one} maxW="80ch">
          {one}
        </Text>
      ))}
      <Prices rates={rates} write={(body) => write.mutate(body)} trouble={write.error} />
    </Box>
  );
}

/** Price a piece by quantity, both axes by their ratios: a straight fall is what screens cost, a floor what a piece costs. */
function Curve({ bench }: { bench: Bench }) {
  const { curve, rates, estimate } = bench;
  const first = curve[0];
  const last = curve[curve.length - 1];
  if (!first || !last) return null;
  const [low, high] = [Math.min(...curve.map((p) => p.eachCents)), Math.max(...curve.map((p) => p.eachCents))];
  const x = (n: number) => 20 + (640 * Math.log(n / first.pieces)) / Math.log(last.pieces / first.pieces);
  const y = (c: number) => 250 - (210 * Math.log(c / low)) / Math.max(0.01, Math.log(high / low));
  const own = curve.find((p) => p.pieces === estimate.pieces);
  return (
    <svg
      viewBox="0 0 700 312"
      width="100%"
      role="img"
      aria-label={`Price a piece from ${first.pieces} to ${last.pieces}`}
    >
      <path
        d={curve.map((p, i) => `${i === 0 ? "M" : "L"}${x(p.pieces).toFixed(1)} ${y(p.eachCents).toFixed(1)}`).join("")}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="3"
      />
      {curve
        .filter((p, i) => p === own || (i % 2 === 0 && Math.abs(x(p.pieces) - x(estimate.pieces)) > 46))
        .map((p) => (
          <g key={p.pieces}>
            <circle
              cx={x(p.pieces)}
              cy={y(p.eachCents)}
              r={p === own ? 8 : 4}
              fill={p === own ? "var(--teal)" : "var(--ink)"}
            />
            <Words
              x={x(p.pieces)}
              y={y(p.eachCents) - 16}
              size={p === own ? 20 : 15}
              bold={p === own}
              textAnchor={p === first ? "start" : p === last ? "end" : "middle"}
              readout
              fill="var(--ink)"
            >
              {(p.eachCents / 100).toFixed(2)}
            </Words>
            <Words
              x={x(p.pieces)}
              y={290}
              size={p === own ? 18 : 15}
              textAnchor={p === first ? "start" : p === last ? "end" : "middle"}
              readout
              fill="var(--quiet)"
            >
              {p.pieces}
            </Words>
          </g>
        ))}
      <path d="M20 268H680" stroke="var(--line)" />
      <Words x={680} y={308} size={15} textAnchor="end" fill="var(--quiet)">
        pieces, and {rates.currency} each
      </Words>
    </svg>
  );
}

const inMoney: [keyof Rates, string][] = [
  ["hourCents", "an hour of work"],
  ["pressHourCents", "an hour of the press"],
  ["screenCents", "a screen"],
  ["filmCentsPerM2", "film, a m²"],
  ["emulsionCentsPerL", "emulsion, a litre"],
  ["inkCentsPerKg", "ink, a kg"],
  ["garmentCents", "a garment"],
];
const inMinutes: [keyof Rates, string][] = [
  ["screenMinutes", "a screen, min"],
  ["artMinutes", "the art, min"],
  ["setUpMinutes", "setting up a screen, min"],
  ["strikeOffMinutes", "strike-off and clearing, min"],
];
const inPercent: [keyof Rates, string][] = [
  ["spoiled", "spoiled, %"],
  ["margin", "on top of the cost, %"],
];

/** What things cost in this shop: its own figures, written once. */
function Prices({ rates, write, trouble }: { rates: Rates; write: (body: Partial<Rates>) => void; trouble: unknown }) {
  const one = (name: keyof Rates, label: string, value: string, read: (n: number) => number) => (
    <Field key={name} label={label}>
      <Entry
        key={value}
        inputMode="decimal"
        defaultValue={value}
        onBlur={(e) => {
          const n = numberTyped(e.target.value);
          if (e.target.value !== value) write({ [name]: n === null ? Number.NaN : read(n) });
        }}
      />
    </Field>
  );
  return (
    <Box>
      <Heading note="What the shop begins with are usual figures of a small one. Write your own over them; they hold for every job.">
        Prices of the shop
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(170px, 1fr))" gap="12px">
        <Field label="currency, three letters">
          <Entry
            key={rates.currency}
            defaultValue={rates.currency}
            maxLength={3}
            onBlur={(e) => e.target.value !== rates.currency && write({ currency: e.target.value.toUpperCase() })}
          />
        </Field>
        {inMoney.map(([name, label]) =>
          one(name, `${label}, ${rates.currency}`, (Number(rates[name]) / 100).toFixed(2), (n) => Math.round(n * 100)),
        )}
        {inMinutes.map(([name, label]) => one(name, label, String(rates[name]), (n) => n))}
        {inPercent.map(([name, label]) =>
          one(name, label, String(Math.round(1000 * Number(rates[name])) / 10), (n) => n / 100),
        )}
      </Box>
      <Trouble of={trouble} />
    </Box>
  );
}

/** The same order printed each way that fits its art; reckoned when somebody asks, for each is looked at. */
function OtherWays({ id, pieces, rates }: { id: number; pieces: number | null; rates: Rates }) {
  const [asked, setAsked] = useState(false);
  const { data, error, isFetching } = useQuery({
    queryKey: ["estimate", "ways", id, pieces],
    queryFn: () =>
      answer(
        api.GET("/api/jobs/{id}/estimate/ways", { params: { path: { id }, query: pieces === null ? {} : { pieces } } }),
      ),
    placeholderData: (was) => was,
    enabled: asked,
  });
  return (
    <Box maxW="860px">
      <Heading note="By the same rates. How near each comes to the art stands beside it.">Printed another way</Heading>
      {!asked && <SmallButton onClick={() => setAsked(true)}>Price each way that fits</SmallButton>}
      <Trouble of={error} />
      {asked && !data && isFetching && <Text color="quiet">Each way is looked at …</Text>}
      {data && (
        <Box as="ul" listStyleType="none">
          {data.map((way) => (
            <Box
              as="li"
              key={way.method}
              display="grid"
              gridTemplateColumns={{ base: "1fr auto", md: "minmax(0, 1fr) 110px 110px 140px" }}
              gap="4px 16px"
              alignItems="baseline"
              borderTopWidth="1px"
              borderColor="line"
              py="8px"
              fontWeight={way.followed ? "700" : "400"}
            >
              <Text>
                {way.title}
                {way.followed && ", as now"}
              </Text>
              <Text>
                <span className="readout">{way.screens}</span> {way.screens === 1 ? "screen" : "screens"}
              </Text>
              <Text className="readout">ΔE {way.deltaE.toFixed(1)}</Text>
              <Text className="readout" textAlign={{ md: "right" }}>
                {money(way.eachCents, rates)}
              </Text>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

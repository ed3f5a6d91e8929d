import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import type { JobOn } from "../../../api/client";
import { Heading } from "../../../ui/Bench";
import { Push } from "../../../ui/Parts";
import { clock } from "./clock";
import type { RunBoard } from "./counted";

type OnTable = NonNullable<RunBoard["count"]["table"]>;
type Pass = OnTable["passes"][number];

/** A table: its stops with what lies there, the frame over the next one, and each colour on its way along the pieces. */
export function Table({
  job,
  table,
  colour,
  take,
}: {
  job: JobOn<"run">;
  table: OnTable;
  colour: number | null;
  take: (plate: number) => void;
}) {
  const long = job.press.way === "long table";
  const now = table.passes.find((p) => p.plate === colour);
  const hex = (plate: number) => job.plates.find((p) => p.id === plate)?.inkHex ?? "#888888";
  return (
    <Box as="section" aria-label="The table">
      <Heading
        note={
          long
            ? "The frame goes along the table; a colour goes on when the one below is dry at that stop."
            : "One frame in its clamps: all pieces of a colour, then the next colour against the stops."
        }
      >
        Colour after colour
      </Heading>
      {long ? (
        <LongTable stops={Math.max(1, job.press.platens)} pass={now} hex={now ? hex(now.plate) : "#888888"} />
      ) : (
        <Hinge hex={now ? hex(now.plate) : "#888888"} />
      )}
      <Box role="group" aria-label="Which colour is laid now" mt="10px">
        {table.passes.map((pass, i) => (
          <Push
            key={pass.plate}
            aria-pressed={pass.plate === colour}
            onClick={() => take(pass.plate)}
            display="grid"
            gridTemplateColumns="14px 22px minmax(0, 1fr) auto auto"
            gap="10px"
            alignItems="center"
            w="100%"
            minH="52px"
            borderTopWidth="1px"
            borderColor="line"
            cursor="pointer"
            textAlign="left"
            fontWeight={pass.plate === colour ? "800" : "400"}
          >
            <span aria-hidden="true">{pass.plate === colour ? "▸" : ""}</span>
            <svg width="22" height="22" className="colours still" aria-hidden="true">
              <rect width="22" height="22" fill={hex(pass.plate)} stroke="var(--line)" />
            </svg>
            <span>{pass.name}</span>
            <span>
              <span className="readout lead-readout">{pass.laid}</span>
              <Text as="span" fontSize="small" color="quiet" fontWeight="400">
                {" "}
                {i === table.passes.length - 1 ? "done" : "laid"}
                {pass.spoiled > 0 && `, ${pass.spoiled} spoiled`}
                {pass.lastMs !== null && Date.now() - pass.lastMs > DAY_MS && `, ${dated(pass.lastMs)}`}
              </Text>
            </span>
            <Text as="span" fontSize="small" fontWeight="400" color="quiet" minW="130px" textAlign="right">
              {pass.waiting > 0 ? <Waits pass={pass} /> : pass.laid > 0 ? "none waits" : ""}
            </Text>
          </Push>
        ))}
      </Box>
    </Box>
  );
}

const DAY_MS = 86_400_000;
const dated = (ms: number) => new Date(ms).toLocaleDateString("en-GB", { day: "numeric", month: "short" });

/** How many wait, and until when the next one dries. */
function Waits({ pass }: { pass: Pass }) {
  const [now, setNow] = useState(Date.now());
  const dries = pass.readyMs !== null && pass.readyMs > now;
  useEffect(() => {
    if (!dries) return;
    const beat = setInterval(() => setNow(Date.now()), 1_000);
    return () => clearInterval(beat);
  }, [dries]);
  const left = pass.readyMs === null ? 0 : Math.ceil((pass.readyMs - now) / 1000);
  return (
    <>
      {pass.waiting} {pass.waiting === 1 ? "waits" : "wait"}
      {dries && (
        <Text as="b" color="madder" whiteSpace="nowrap">
          , dries{" "}
          {left < 120
            ? `${left} s`
            : left < 7200
              ? `${Math.round(left / 60)} min`
              : `until ${clock(pass.readyMs ?? 0)}`}
        </Text>
      )}
    </>
  );
}

const SHOWN = 16;

function LongTable({ stops, pass, hex }: { stops: number; pass: Pass | undefined; hex: string }) {
  const shown = Math.min(stops, SHOWN);
  const at = pass ? (pass.stop - 1) % stops : 0;
  const from = Math.max(0, Math.min(stops - shown, at - Math.floor(shown / 2)));
  const wide = 960 / shown;
  const seat = (i: number) => 20 + (i - from) * wide;
  return (
    <svg
      viewBox="0 0 1000 104"
      width="100%"
      role="img"
      aria-label={`Table with ${stops} stops, the frame at stop ${at + 1}`}
      className="colours"
    >
      <path d="M10 26H990" stroke="var(--ink)" strokeWidth="3" />
      {Array.from({ length: shown }, (_, k) => from + k).map((i) => (
        <g key={i}>
          <path d={`M${seat(i)} 20V32`} stroke="var(--ink)" strokeWidth="2" />
          <rect
            x={seat(i) + 6}
            y="40"
            width={wide - 12}
            height="48"
            fill={i < at ? hex : "var(--paper)"}
            fillOpacity={i < at ? 0.8 : 1}
            stroke="var(--line)"
          />
          <text
            x={seat(i) + wide / 2}
            y="101"
            textAnchor="middle"
            className="readout"
            fontSize="13"
            fill="var(--quiet)"
          >
            {i + 1}
          </text>
        </g>
      ))}
      <rect
        x={seat(at)}
        y="22"
        width={wide}
        height="72"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="5"
        strokeLinejoin="round"
      />
    </svg>
  );
}

function Hinge({ hex }: { hex: string }) {
  return (
    <svg viewBox="0 0 1000 104" width="100%" role="img" aria-label="One frame in hinge clamps" className="colours">
      <rect x="330" y="66" width="340" height="16" fill="var(--cloth)" stroke="var(--ink)" />
      {Array.from({ length: 16 }, (_, i) => (
        <circle key={i} cx={345 + i * 20.6} cy="74" r="2" fill="var(--quiet)" />
      ))}
      <rect x="380" y="60" width="240" height="6" fill={hex} stroke="var(--line)" />
      <path d="M330 62L664 22" stroke="var(--ink)" strokeWidth="7" strokeLinecap="round" />
      <path d="M316 54h26v30h-26z" fill="var(--paper)" stroke="var(--ink)" strokeWidth="2" />
      {Array.from({ length: 6 }, (_, i) => (
        <path key={i} d={`M760 ${20 + i * 13}H940`} stroke="var(--line)" strokeWidth="2" />
      ))}
      <text x="850" y="101" textAnchor="middle" fontSize="13" fill="var(--quiet)">
        rack
      </text>
    </svg>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api } from "../../api/client";
import type { components } from "../../api/generated/schema";
import { Push, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";
import { Words } from "../../ui/Words";

type Bench = components["schemas"]["DaysBench"];
type Job = Bench["jobs"][number];

const DAY = 1440;

/** Jobs over days and presses: what goes when, what is late, what moves. */
export function DaysShelf() {
  const [late, setLate] = useState<number | null>(null);
  const [hand, setHand] = useState<Bench | null>(null);
  const usual = useQuery({
    queryKey: ["days", late],
    queryFn: () => answer(api.GET("/api/days", { params: { query: late === null ? {} : { late, by: 1 } } })),
    placeholderData: (was) => was,
  });
  const move = useMutation({
    mutationFn: (order: number[]) => answer(api.POST("/api/days", { body: { order } })),
    onSuccess: setHand,
  });
  const bench = late === null ? (hand ?? usual.data) : usual.data;
  if (!bench) return usual.error ? <Trouble of={usual.error} /> : <Box p="32px" minH="500px" aria-busy="true" />;
  const clock = (min: number) => {
    const at = new Date(`${bench.starts}T00:00`);
    at.setMinutes(min);
    return at.toLocaleString("en-GB", {
      weekday: "short",
      day: "numeric",
      month: "short",
      hour: "2-digit",
      minute: "2-digit",
    });
  };
  const shift = (i: number, by: number) => {
    const order = bench.jobs.map((j) => j.id);
    const [moved] = order.splice(i, 1);
    if (moved === undefined) return;
    order.splice(i + by, 0, moved);
    setLate(null);
    move.mutate(order);
  };
  const press = (id: number) => bench.presses.find((p) => p.id === id)?.name ?? "";
  return (
    <Box p={{ base: "20px", lg: "28px" }} display="flex" flexDirection="column" gap="22px">
      <Box display="flex" flexWrap="wrap" gap="8px 24px" alignItems="baseline">
        <Text as="h1" className="wide" fontWeight="800" fontSize="title">
          Days
        </Text>
        <Text color={bench.lateMin > 0 ? "madder" : "quiet"} fontWeight={bench.lateMin > 0 ? "700" : "400"}>
          {bench.lateMin > 0
            ? `${(bench.lateMin / DAY).toFixed(1)} days late in all`
            : "All that is due is done in time."}
        </Text>
        <a href="/api/days.ics" download className="reach lined">
          For a calendar
        </a>
        {hand && <SmallButton onClick={() => setHand(null)}>Best order again</SmallButton>}
      </Box>
      {bench.jobs.length === 0 ? (
        <Text fontSize="lead">No job is open. A job with a due date stands here on its press and its day.</Text>
      ) : (
        <Days bench={bench} chosen={late} />
      )}
      {bench.says.map((one) => (
        <Text key={one} role="status" borderLeftWidth="6px" borderColor="amber" pl="14px" maxW="84ch">
          {one}
        </Text>
      ))}
      <Trouble of={move.error ?? usual.error} />
      <Box as="ol" listStyleType="none" maxW="980px">
        {bench.jobs.map((job, i) => (
          <Box
            as="li"
            key={job.id}
            borderTopWidth="1px"
            borderColor="line"
            display="grid"
            gridTemplateColumns={{
              base: "auto 1fr",
              md: "auto minmax(160px, 1.2fr) minmax(150px, 1fr) minmax(150px, 1fr) auto",
            }}
            columnGap="18px"
            alignItems="center"
            py="4px"
          >
            <Box display="flex">
              <Push
                aria-label={`${job.name} sooner`}
                disabled={i === 0}
                onClick={() => shift(i, -1)}
                minW="44px"
                textAlign="center"
              >
                ↑
              </Push>
              <Push
                aria-label={`${job.name} later`}
                disabled={i === bench.jobs.length - 1}
                onClick={() => shift(i, 1)}
                minW="44px"
                textAlign="center"
              >
                ↓
              </Push>
            </Box>
            <Box>
              <Link to={`/jobs/${job.id}`} className="reach">
                <Text fontWeight="700">
                  <span className="readout">{i + 1}</span> {job.name}
                </Text>
              </Link>
            </Box>
            <Text fontSize="small">
              {press(job.press)}
              <br />
              <span className="readout">{clock(job.startMin)}</span>
            </Text>
            <Text fontSize="small" color={job.lateMin > 0 ? "madder" : "quiet"}>
              {job.dueMin === null
                ? "not due"
                : job.lateMin > 0
                  ? `${(job.lateMin / DAY).toFixed(1)} days late`
                  : `in time; on the press by ${clock(job.beginMin ?? job.startMin)} at the latest`}
            </Text>
            <SmallButton pressed={late === job.id} onClick={() => setLate(late === job.id ? null : job.id)}>
              {late === job.id ? "As planned" : "If a day late"}
            </SmallButton>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** The days from left to right, a line for each press; each job a bar in the colour of its garment, a cross where it is due. */
function Days({ bench, chosen }: { bench: Bench; chosen: number | null }) {
  const last = Math.max(...bench.jobs.map((j) => Math.max(j.endMin, Math.min(j.dueMin ?? 0, j.endMin + 2 * DAY))));
  const days = Math.max(3, Math.min(28, Math.floor(last / DAY) + 1));
  const width = 1000;
  const open = bench.closesMin - bench.opensMin;
  // Nights are left out: a day is as wide as it is worked.
  const x = (min: number) => {
    const day = Math.floor(min / DAY);
    const within = Math.max(0, Math.min(open, min - day * DAY - bench.opensMin));
    return 10 + ((day + within / open) / days) * (width - 20);
  };
  const row = 104;
  const name = (day: number) => {
    const at = new Date(`${bench.starts}T00:00`);
    at.setDate(at.getDate() + day);
    return at.toLocaleDateString("en-GB", days > 12 ? { day: "numeric" } : { weekday: "short", day: "numeric" });
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${40 + bench.presses.length * row}`}
      width="100%"
      role="img"
      aria-label={`${bench.jobs.length} jobs over ${days} days`}
    >
      {Array.from({ length: days }, (_, d) => d).map((d) => (
        <g key={d}>
          {bench.rests.includes(d) && (
            <rect
              x={x(d * DAY)}
              y="26"
              width={(width - 20) / days}
              height={bench.presses.length * row}
              fill="var(--faint)"
            />
          )}
          <path d={`M${x(d * DAY)} 22V${26 + bench.presses.length * row}`} stroke="var(--line)" />
          <Words x={x(d * DAY) + 5} y={18} size={15} fill="var(--quiet)">
            {name(d)}
          </Words>
        </g>
      ))}
      <path d={`M${x(bench.nowMin)} 22V${26 + bench.presses.length * row}`} stroke="var(--amber)" strokeWidth="2" />
      {bench.presses.map((press, p) => (
        <g key={press.id} transform={`translate(0 ${30 + p * row})`}>
          <Words x={12} y={16} size={14} fill="var(--quiet)">
            {press.name}
          </Words>
          <path d={`M10 ${row - 8}H990`} stroke="var(--line)" />
          {bench.jobs
            .filter((job) => job.press === press.id && job.endMin > job.startMin)
            .map((job) => (
              <Bar key={job.id} job={job} number={bench.jobs.indexOf(job) + 1} x={x} chosen={job.id === chosen} />
            ))}
        </g>
      ))}
    </svg>
  );
}

function Bar({ job, number, x, chosen }: { job: Job; number: number; x: (min: number) => number; chosen: boolean }) {
  const from = x(job.startMin);
  const wide = Math.max(5, x(job.endMin) - from);
  return (
    <g>
      <rect
        className="colours"
        x={from}
        y="46"
        width={wide}
        height="30"
        fill={job.hex}
        stroke={job.lateMin > 0 ? "var(--madder)" : "var(--ink)"}
        strokeWidth={chosen ? 4 : 1.5}
      />
      {job.lateMin > 0 && <path d={`M${from} 76L${from + wide} 46`} stroke="var(--madder)" strokeWidth="3" />}
      <Words x={from + wide / 2} y={40} size={17} bold textAnchor="middle" readout fill="var(--ink)">
        {number}
      </Words>
      {wide > 130 && (
        <Words x={from + 2} y={92} size={13} bold={chosen} fill="var(--ink)">
          {job.name.length > 15 ? `${job.name.slice(0, 14)}…` : job.name}
        </Words>
      )}
    </g>
  );
}

import type { JobOn, PlateOn } from "../../api/client";
import { Words } from "../../ui/Words";

type Above = NonNullable<JobOn<"press">["above"]>;

/** Wood or metal of a frame beyond its mesh, and a platen for garments, mm. */
const RAIL = 32;
const PLATEN = [400, 480] as const;

/** The press from above, to scale: frames on their heads, squeegees over them, prints, flashes, and where the hands stand. */
export function PressTop({ job, above, chosen }: { job: JobOn<"press">; above: Above; chosen: number }) {
  return above.way === "rotary" || above.way === "automatic" ? (
    <Round job={job} above={above} chosen={chosen} />
  ) : (
    <Table job={job} above={above} chosen={chosen} />
  );
}

function Round({ job, above, chosen }: { job: JobOn<"press">; above: Above; chosen: number }) {
  const frames = job.plates.map((p) => p.print.standing.frame);
  const wide = Math.max(...frames.map((f) => f.insideWidthMm)) + 2 * RAIL;
  const high = Math.max(...frames.map((f) => f.insideHeightMm)) + 2 * RAIL;
  const places = Math.max(above.heads, above.places.length, above.platens);
  // So far out that neighbours stand clear of each other.
  const inner = Math.max(260, (wide / 2 + 24) / Math.tan(Math.PI / places));
  const radius = inner + high / 2;
  const reach = inner + high + 300;
  const turn = (i: number) => (360 / places) * i;
  return (
    <svg
      viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach + 60}`}
      width="100%"
      className="drawing tall"
      role="img"
      aria-label={`The press from above: ${above.places
        .map((h) => `head ${h.number} ${job.plates.find((p) => p.id === h.plateId)?.name ?? h.says}`)
        .join(", ")}`}
    >
      <circle r={inner - 40} fill="none" stroke="var(--line)" strokeWidth="6" />
      {Array.from({ length: above.platens }, (_, i) => (360 / above.platens) * i).map((a) => (
        <g key={a} transform={`rotate(${a})`}>
          <path d={`M-18 0V${inner}H18V0Z`} fill="var(--faint)" stroke="var(--line)" strokeWidth="4" />
          <rect
            x={-PLATEN[0] / 2}
            y={radius - PLATEN[1] / 2}
            width={PLATEN[0]}
            height={PLATEN[1]}
            fill="var(--faint)"
            stroke="var(--line)"
            strokeWidth="5"
          />
        </g>
      ))}
      {Array.from({ length: places }, (_, i) => i + 1).map((n) => {
        const place = above.places.find((h) => h.number === n);
        const plate = job.plates.find((p) => p.id === place?.plateId);
        return (
          <g key={n} transform={`rotate(${turn(n - 1)})`}>
            {plate ? (
              <>
                <Frame job={job} plate={plate} y={radius} chosen={plate.id === chosen} pull={above.pull} outward />
                {place?.flash && above.way === "rotary" && (
                  <Flash x={wide / 2 + 6} y={radius + high / 2 - 70} width={120} height={120} />
                )}
              </>
            ) : place?.flash ? (
              <Flash x={-PLATEN[0] / 2} y={radius - PLATEN[1] / 2} width={PLATEN[0]} height={PLATEN[1]} />
            ) : null}
            <g
              transform={`translate(0 ${inner + high + 120 + 170 * Math.abs(Math.sin((turn(n - 1) * Math.PI) / 180))}) rotate(${-turn(n - 1)})`}
            >
              <Words x={0} y={0} size={110} textAnchor="middle" readout fill={plate ? "var(--ink)" : "var(--quiet)"}>
                {n}
              </Words>
              {(plate || place) && (
                <Words x={0} y={86} size={74} textAnchor="middle" fill="var(--ink)" bold={plate?.id === chosen}>
                  {plate ? short(plate.name) : short(place?.says ?? "")}
                </Words>
              )}
            </g>
          </g>
        );
      })}
      <circle r="90" fill="var(--ink)" />
      <Words x={0} y={reach + 30} size={80} textAnchor="middle" fill="var(--quiet)">
        you stand here
      </Words>
      <path d={`M${-reach + 20} ${reach + 30}h500`} stroke="var(--ink)" strokeWidth="6" />
      <Words x={-reach + 20} y={reach - 10} size={80} fill="var(--ink)">
        500 mm
      </Words>
    </svg>
  );
}

const short = (name: string) => (name.length > 16 ? `${name.slice(0, 15)}…` : name);

/** A frame over a print; its squeegee lies where the stroke begins, an arrow shows its way. */
function Frame({
  job,
  plate,
  y,
  chosen,
  pull,
  outward = false,
}: {
  job: JobOn<"press">;
  plate: PlateOn<"press">;
  y: number;
  chosen: boolean;
  pull: boolean;
  outward?: boolean;
}) {
  const { insideWidthMm: w, insideHeightMm: h } = plate.print.standing.frame;
  const squeegee = plate.print.stroke;
  const W = w + 2 * RAIL;
  const H = h + 2 * RAIL;
  // Towards the operator is outward on a press that stands round a centre.
  const way = pull ? 1 : -1;
  const begin = y - way * (job.heightMm / 2 + 40);
  return (
    <g>
      <path
        d={`M${-W / 2} ${y - H / 2}h${W}v${H}h${-W}ZM${-w / 2} ${y - h / 2}v${h}h${w}v${-h}Z`}
        fillRule="evenodd"
        fill={chosen ? "var(--teal)" : "var(--ink)"}
        fillOpacity={chosen ? 0.95 : 0.78}
      />
      <rect x={-w / 2} y={y - h / 2} width={w} height={h} fill="var(--paper)" fillOpacity=".72" />
      <rect
        className="colours"
        x={-job.widthMm / 2}
        y={y - job.heightMm / 2}
        width={job.widthMm}
        height={job.heightMm}
        fill={plate.inkHex}
        stroke="var(--ink)"
        strokeWidth="3"
      />
      <rect
        x={-squeegee.widthMm / 2}
        y={begin - 14}
        width={squeegee.widthMm}
        height={28}
        fill={squeegee.fits ? "var(--ink)" : "var(--madder)"}
      />
      <path
        d={`M0 ${begin + way * 30}V${begin + way * (job.heightMm - 10)}m-22 ${-way * 34}l22 ${way * 34}l22 ${-way * 34}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="7"
      />
      {outward && <path d={`M0 ${y - H / 2}V${y - H / 2 - 90}`} stroke="var(--ink)" strokeWidth="22" />}
    </g>
  );
}

function Flash({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
  return (
    <g>
      <rect x={x} y={y} width={width} height={height} fill="color-mix(in srgb, var(--amber) 55%, transparent)" />
      <path
        d={Array.from(
          { length: 3 },
          (_, i) =>
            `M${x + (width * (i + 1)) / 4} ${y + height * 0.2}c${width * 0.09} ${height * 0.2} ${-width * 0.09} ${height * 0.4} 0 ${height * 0.6}`,
        ).join("")}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="8"
      />
    </g>
  );
}

/** A table with one frame: colour after colour, on a long one from stop to stop. */
function Table({ job, above, chosen }: { job: JobOn<"press">; above: Above; chosen: number }) {
  const plate = job.plates.find((p) => p.id === chosen) ?? job.plates[0];
  if (!plate) return null;
  const w = plate.print.standing.frame.insideWidthMm + 2 * RAIL;
  const h = plate.print.standing.frame.insideHeightMm + 2 * RAIL;
  const stops = above.way === "long table" ? Math.min(above.platens, 6) : 1;
  const pitch = w + 90;
  const long = stops === 1 ? w + 100 : stops * pitch + 60;
  return (
    <svg
      viewBox={`${-w / 2 - 90} ${-h / 2 - 90} ${long + 80} ${h + 330}`}
      width="100%"
      className="drawing"
      role="img"
      aria-label={`The table from above with the frame of ${plate.name}${stops > 1 ? ` at the first of ${above.platens} stops` : " in its clamps"}`}
    >
      <rect
        x={-w / 2 - 50}
        y={-h / 2 + 10}
        width={long}
        height={h + 30}
        fill="var(--faint)"
        stroke="var(--ink)"
        strokeWidth="5"
      />
      {Array.from({ length: stops }, (_, i) => i).map((i) => (
        <g key={i} transform={`translate(${i * pitch} 0)`}>
          {above.way === "long table" && (
            <>
              <path d={`M0 ${h / 2 + 40}v46m-18 0h36`} stroke="var(--ink)" strokeWidth="8" />
              <Words x={0} y={h / 2 + 140} size={44} textAnchor="middle" readout fill="var(--ink)">
                {i + 1}
              </Words>
            </>
          )}
          <rect
            x={-job.widthMm / 2 - 25}
            y={-job.heightMm / 2 - 25}
            width={job.widthMm + 50}
            height={job.heightMm + 50}
            fill="var(--paper)"
            stroke="var(--line)"
            strokeWidth="4"
          />
        </g>
      ))}
      <Frame job={job} plate={plate} y={0} chosen pull={above.pull} />
      {above.way === "hinge" && (
        <path
          d={`M${-w / 3} ${-h / 2 - 50}h70v60h-70zM${w / 3 - 70} ${-h / 2 - 50}h70v60h-70z`}
          fill="var(--ink)"
          stroke="var(--paper)"
        />
      )}
      <Words x={-w / 2 - 50} y={h / 2 + 195} size={34} fill="var(--quiet)">
        {above.way === "hinge" ? "you stand here, hinges at the far side" : "rail and stops on this side"}
      </Words>
    </svg>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { AtHand } from "../../ui/JobFrame";
import { SmallButton } from "../../ui/SmallButton";

const LOUPE = 10;

/** The films over each other, as read back from their files; a loupe on the place that is touched, or on each mark. */
export function LightTable({ at, alone }: { at: AtHand<"films">; alone: number | null }) {
  const { job } = at;
  const set = job.filmSet;
  const [x, y] = set ? [set.media.filmWidthMm, set.media.filmHeightMm] : [job.widthMm + 40, job.heightMm + 48];
  const top = job.marks.find((m) => m.name === "top");
  // The press turns the art; the light table shows it upright.
  const turn = top && top.yMm < 0 ? -1 : 1;
  const marks = job.marks.map((m) => ({ name: m.name, x: x / 2 + turn * m.xMm, y: y / 2 - turn * m.yMm }));
  const [spot, setSpot] = useState<{ x: number; y: number } | null>(null);
  const place = spot ?? marks[0] ?? { x: x / 2, y: y / 2 };
  const k = encodeURIComponent(`${job.pullKey}${set?.worstMm ?? ""}`);
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 240px" }} gap="20px" alignItems="start">
      <Box borderWidth="1px" borderColor="ink" bg="raised" p="14px" display="flex" justifyContent="center">
        {/* biome-ignore lint/a11y/useKeyWithClickEvents: the marks beside it are for keys */}
        <svg
          viewBox={`0 0 ${x} ${y}`}
          style={{ maxHeight: "52vh", width: "100%", cursor: set ? "crosshair" : "default" }}
          role="img"
          aria-label={
            alone === null
              ? "All films over each other on the light table, tinted in their inks"
              : "One film on the light table"
          }
          onClick={(e) => {
            const own = e.currentTarget;
            const point = new DOMPoint(e.clientX, e.clientY).matrixTransform(own.getScreenCTM()?.inverse());
            setSpot({ x: point.x, y: point.y });
          }}
        >
          <rect width={x} height={y} fill="#fff" className="colours" stroke="var(--line)" strokeWidth=".6" />
          {set
            ? job.plates.map(
                (p) =>
                  (alone === null || alone === p.position) && (
                    <image
                      key={p.id}
                      className="colours laid"
                      href={`/api/jobs/${job.id}/table/${p.position}.png?tint=${encodeURIComponent(alone === null ? p.inkHex : "#1b1a17")}&k=${k}`}
                      width={x}
                      height={y}
                      preserveAspectRatio="none"
                      opacity={alone === null ? 0.72 : 1}
                    />
                  ),
              )
            : marks.map((m) => (
                <path
                  key={m.name}
                  d={`M${m.x - 4} ${m.y}h8M${m.x} ${m.y - 4}v8`}
                  stroke="var(--line)"
                  strokeWidth=".6"
                />
              ))}
          {set && (
            <g fill="none" className="colours">
              <rect
                x={place.x - LOUPE / 2}
                y={place.y - LOUPE / 2}
                width={LOUPE}
                height={LOUPE}
                stroke="#fff"
                strokeWidth="1.8"
              />
              <rect
                x={place.x - LOUPE / 2}
                y={place.y - LOUPE / 2}
                width={LOUPE}
                height={LOUPE}
                stroke="#0e6e6a"
                strokeWidth=".9"
              />
            </g>
          )}
        </svg>
      </Box>
      {set ? (
        <Box>
          <img
            className="colours loupe"
            src={`/api/jobs/${job.id}/table/loupe.png?x=${place.x.toFixed(3)}&y=${place.y.toFixed(3)}&mm=${LOUPE}${alone === null ? "" : `&alone=${alone}`}&k=${k}`}
            alt={`${LOUPE} mm of the films under the loupe`}
          />
          <Text fontSize="small" color="quiet" mt="4px">
            {LOUPE} mm under the loupe. Touch the films, or look at a mark:
          </Text>
          <Box display="flex" flexWrap="wrap" ml="-10px">
            {marks.map((m) => (
              <SmallButton
                key={m.name}
                pressed={place.x === m.x && place.y === m.y}
                onClick={() => setSpot({ x: m.x, y: m.y })}
              >
                {m.name}
              </SmallButton>
            ))}
          </Box>
        </Box>
      ) : (
        <Text color="quiet">
          The table is empty. Write the films: they are read back from their files and laid over each other here.
        </Text>
      )}
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useDeferredValue, useState } from "react";
import type { PlateOn } from "../../api/client";
import { useMoire, useMoireMap, useRoomChange } from "../../api/use";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { Action, Trouble } from "../../ui/Parts";
import { Readout } from "../../ui/Readout";
import { RulingSchool } from "../../ui/RulingSchool";
import { Slide } from "../../ui/Slide";
import { SmallButton } from "../../ui/SmallButton";
import { PatternMap } from "./PatternMap";

type Setting = { lpi: number; angle: number };

/** A halftone against the plate's mesh: the pattern at true size, the map of rulings and angles, the calmest near the wish. */
export function Pattern({ at, plate }: { at: AtHand<"screens">; plate: PlateOn<"screens"> }) {
  const { ruling } = useHabits();
  const [wish, setWish] = useState<Setting | null>(null);
  const asked = useDeferredValue(wish);
  const { data, error } = useMoire(plate, asked);
  const map = useMoireMap(plate).data;
  const { work } = at;
  const room = useRoomChange();
  if (!data)
    return (
      <Box>
        <Trouble of={error} />
        {!error && <Text color="quiet">Laying dots on the mesh …</Text>}
      </Box>
    );
  const now = wish ?? { lpi: data.lpi, angle: data.angle };
  const keep = (set: Setting) => work.plate.mutate({ plateId: plate.id, lpi: set.lpi, angleDeg: set.angle });
  const kept = plate.lpi === now.lpi && plate.angleDeg === now.angle;
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.15fr 1fr" }} gap="30px" alignItems="start">
      <Box>
        <Heading note="Dark is a strong pattern, paper is calm. Touch it to look there; the dots are the ten calmest near. The dashed line is the finest ruling of the shop’s school.">
          Ruling and angle on {plate.meshGeometry.name}
        </Heading>
        {map ? (
          <PatternMap of={data} map={map} at={now} pick={setWish} />
        ) : (
          <Text color="quiet" minH="330px">
            Drawing the map …
          </Text>
        )}
        <Box mt="10px">
          <Slide
            label="Ruling"
            unit="lpi"
            value={now.lpi}
            set={(lpi) => setWish({ ...now, lpi })}
            least={15}
            most={85}
            step={0.5}
            digits={1}
          />
          <Slide
            label="Angle"
            unit="°"
            value={now.angle}
            set={(angle) => setWish({ ...now, angle })}
            least={0}
            most={90}
            step={0.5}
            digits={1}
          />
        </Box>
        <Box display="flex" gap="12px" flexWrap="wrap" mt="8px">
          <Action onClick={() => keep(now)} disabled={kept}>
            {kept ? "This is its halftone" : `Give ${plate.name} this halftone`}
          </Action>
          {plate.lpi !== null && (
            <Action quiet onClick={() => work.plate.mutate({ plateId: plate.id, lpi: 0 })}>
              Solid, without halftone
            </Action>
          )}
        </Box>
        <Trouble of={work.plate.error} field="lpi" />
      </Box>
      <Box>
        <Box
          display="flex"
          flexWrap="wrap"
          columnGap="34px"
          rowGap="6px"
          mb="6px"
          css={{ "& .readout": { fontSize: "32px" } }}
        >
          <Readout big label="Strength" figure={data.score} />
          <Readout big label="Comes back every" figure={data.period} />
        </Box>
        <Text mb="10px" fontWeight={(data.score.value ?? 0) >= 1 ? "700" : "400"}>
          {data.says}
        </Text>
        <Box borderWidth="1px" borderColor="ink" display="inline-block" className="colours" bg="#f4efe4" maxW="100%">
          <img
            src={`/api/plates/${plate.id}/moire.png?lpi=${data.lpi}&angle=${data.angle}&k=${plate.frameId ?? 0}`}
            alt={`40 % at ${data.lpi} lpi and ${data.angle}° through the mesh, 60 × 36 mm at true size`}
            className="true-size"
          />
        </Box>
        <Text fontSize="small" color="quiet" mb="12px">
          40 % tone, 60 × 36 mm at true size. At this ruling the mesh holds {data.tones}; its finest is{" "}
          {ruling(data.ceilingLpi, 0)}.
        </Text>
        <Box maxW="260px" mb="16px">
          <RulingSchool
            divisor={String(Math.round(data.divisor * 10) / 10)}
            choose={(divisor) => room.mutate({ rulingDivisor: Number(divisor) })}
          />
        </Box>
        <Heading>Calmest near it</Heading>
        <Box as="ul" listStyleType="none" display="grid" gridTemplateColumns="1fr 1fr" columnGap="18px">
          {data.calmest.map((c) => (
            <Box as="li" key={`${c.lpi} ${c.angle}`} borderTopWidth="1px" borderColor="line">
              <SmallButton
                w="100%"
                textAlign="left"
                px="0"
                textDecoration="none"
                onClick={() => setWish({ lpi: c.lpi, angle: c.angle })}
              >
                <span className="readout">
                  {ruling(c.lpi)}, {c.angle.toFixed(1)}°
                </span>{" "}
                <Text as="span" color="quiet">
                  {c.score.toFixed(1)} %
                </Text>
              </SmallButton>
            </Box>
          ))}
        </Box>
        {data.pairs.length > 0 && (
          <Box mt="16px">
            <Heading note="Where two halftones overlap they make a pattern of their own.">
              With the other plates
            </Heading>
            {data.pairs.map((pair) => (
              <Text key={pair.plate} borderTopWidth="1px" borderColor="line" py="8px">
                {pair.plate}, {ruling(pair.lpi)} at {pair.angle}°:{" "}
                <b>
                  {pair.periodMm === null
                    ? "no pattern"
                    : `every ${pair.periodMm.toFixed(1)} mm, ${pair.score.toFixed(0)} %`}
                </b>
              </Text>
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import type { JobOn, PlateOn, Press } from "../../api/client";
import { Heading } from "../../ui/Bench";
import { useHabits } from "../../ui/habits";
import type { AtHand } from "../../ui/JobFrame";
import { useFollowing } from "../../ui/keep";
import { Choice, Entry, Fact, Field, Trouble } from "../../ui/Parts";
import { PressTop } from "./PressTop";
import { SetUp } from "./SetUp";

type Above = NonNullable<JobOn<"press">["above"]>;
const ways = [
  ["films", "films on the platen"],
  ["printed marks", "a printed key"],
  ["clear sheet", "a clear sheet"],
] as const;

/** What stands where, how each screen is set, and in which order hands do it. */
export function SetUpView({ at, press, presses }: { at: AtHand<"press">; press: Press | undefined; presses: Press[] }) {
  const { job, plate, work } = at;
  const above = job.above;
  const { toField, fromField } = useHabits();
  const [seam, setSeam] = useFollowing(above && above.seamMm > 0 ? toField(above.seamMm) : "");
  const keepSeam = () => {
    const mm = seam.trim() === "" ? 0 : fromField(seam.trim());
    if (mm !== above?.seamMm) work.change.mutate({ seamMm: mm });
  };
  return (
    <Box display="flex" flexDirection="column" gap="22px">
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fit, minmax(150px, 1fr))"
        gap="16px"
        alignItems="start"
        maxW="860px"
      >
        <Field label="Press">
          <Choice
            fontFamily="body"
            value={job.pressId ?? ""}
            onChange={(e) => work.change.mutate({ pressId: Number(e.target.value) })}
          >
            {job.pressId === null && <option value="">choose a press</option>}
            {presses.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Choice>
        </Field>
        {above && (
          <>
            <Field label="Strokes" hint="Pulled lays more ink, pushed spares the back. One way only in a job.">
              <Choice
                fontFamily="body"
                value={above.pull ? "pull" : "push"}
                onChange={(e) => work.change.mutate({ pull: e.target.value === "pull" })}
              >
                <option value="pull">pulled</option>
                <option value="push">pushed</option>
              </Choice>
            </Field>
            <Field label="Screens are fitted to">
              <Choice
                fontFamily="body"
                value={above.registerWay}
                onChange={(e) => work.change.mutate({ registerWay: e.target.value as Above["registerWay"] })}
              >
                {ways.map(([way, says]) => (
                  <option key={way} value={way}>
                    {says}
                  </option>
                ))}
              </Choice>
            </Field>
            <Field label="Seam or zip under a screen" hint="Its height lifts off-contact.">
              <Entry
                value={seam}
                placeholder="none"
                inputMode="decimal"
                onChange={(e) => setSeam(e.target.value)}
                onBlur={keepSeam}
                onKeyDown={(e) => e.key === "Enter" && keepSeam()}
              />
            </Field>
          </>
        )}
      </Box>
      <Trouble of={work.change.error} />
      {above?.missing.map((one) => (
        <Text key={one} role="status" borderWidth="3px" borderColor="madder" p="10px 14px" fontWeight="600">
          {one}
        </Text>
      ))}
      {above && (
        <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "minmax(380px, 1.1fr) 1fr" }} gap="26px">
          <PressTop job={job} above={above} chosen={plate?.id ?? 0} />
          {plate && <Screen job={job} plate={plate} above={above} />}
        </Box>
      )}
      {above && above.suits.length > 0 && (
        <Box>
          <Heading>What these inks and this cloth ask for</Heading>
          {above.suits.map((one) => (
            <Text key={one} borderTopWidth="1px" borderColor="line" py="7px" maxW="80ch">
              {one}
            </Text>
          ))}
        </Box>
      )}
      <SetUp job={job} />
      {above && (
        <Box>
          <Heading note={above.keySays}>
            Registering to {ways.find(([w]) => w === above.registerWay)?.[1]}, step by step
          </Heading>
          <Box as="ol" pl="26px" maxW="80ch" listStyleType="decimal">
            {above.steps.map((one) => (
              <Text as="li" key={one} py="5px">
                {one}
              </Text>
            ))}
          </Box>
        </Box>
      )}
      {!above && (
        <Text color="quiet">Choose the press{press ? "" : ", and it is drawn here with every screen on it"}.</Text>
      )}
      <Text fontSize="small" color="quiet" maxW="80ch">
        Squeegees, strokes and off-contact are the trade’s usual for these plates, this cloth and the tension of their
        frames; set-back is what drag asks for. Another school measures off-contact from the platen.
      </Text>
    </Box>
  );
}

/** One screen: squeegee, strokes, off-contact, where its mesh lands the print, how far it is set back. */
function Screen({ job, plate, above }: { job: JobOn<"press">; plate: PlateOn<"press">; above: Above }) {
  const { length } = useHabits();
  const s = plate.screen;
  const place = above.places.find((h) => h.plateId === plate.id);
  const strokes = s.squeegee.layers > 1 ? `${s.squeegee.strokes}, flash, 1` : String(s.squeegee.strokes);
  return (
    <Box>
      <Heading
        note={
          s.frame === null
            ? "No frame is chosen yet: a usual one is taken."
            : `Frame ${s.frame}, ${length(s.insideWidthMm)} × ${length(s.insideHeightMm)} inside`
        }
      >
        {plate.name}
        {place ? `, ${above.way === "rotary" || above.way === "automatic" ? "head" : "round"} ${place.number}` : ""}
      </Heading>
      <Box display="grid" gridTemplateColumns="repeat(3, auto)" justifyContent="start" gap="14px 18px">
        <Box>
          <Text fontSize="small" color="quiet">
            Off-contact
          </Text>
          <Text className="readout" fontSize="27px" lineHeight="1.15" whiteSpace="nowrap">
            {length(s.offContactMm, 1)}
          </Text>
        </Box>
        <Box>
          <Text fontSize="small" color="quiet">
            Squeegee
          </Text>
          <Text className="readout" fontSize="27px" lineHeight="1.15" whiteSpace="nowrap">
            {s.squeegee.hardness}
          </Text>
        </Box>
        <Box>
          <Text fontSize="small" color="quiet">
            Strokes
          </Text>
          <Text className="readout" fontSize="27px" lineHeight="1.15" whiteSpace="nowrap">
            {strokes}
          </Text>
        </Box>
        <Fact label="Squeegee, wide" value={length(s.squeegee.widthMm)} />
        <Fact label="Its angle" value={`${s.squeegee.angleDeg.toFixed(0)}°`} />
        <Fact label="Drag" value={length(s.setBack.dragMm, 2)} />
      </Box>
      <Text mt="12px" fontWeight={s.squeegee.fits ? "400" : "700"} color={s.squeegee.fits ? "ink" : "madder"}>
        {s.squeegee.says}
      </Text>
      <Text mt="6px">{s.squeegee.strokesSay}</Text>
      <Text mt="6px">{s.setBack.says.charAt(0).toUpperCase() + s.setBack.says.slice(1)}.</Text>
      <Stretch job={job} plate={plate} />
      {place && place.says !== "" && (
        <Text mt="6px" color="quiet" fontSize="small">
          {place.says.charAt(0).toUpperCase() + place.says.slice(1)}.
        </Text>
      )}
    </Box>
  );
}

/** Pressed down, mesh lands a print longer than its film; what differs from the key is misregister. */
function Stretch({ plate }: { job: JobOn<"press">; plate: PlateOn<"press"> }) {
  const { length } = useHabits();
  const s = plate.screen;
  const grown = s.landsFarMm - s.landsNearMm;
  return (
    <Text mt="6px">
      Pressed down, its mesh lands the print {length(Math.abs(grown), 3)} {grown < 0 ? "shorter" : "longer"}
      {plate.position === 0
        ? "; only what differs between screens is misregister."
        : Math.abs(s.differsMm) < 0.005
          ? ", as the key does."
          : `; ${length(Math.abs(s.differsMm), 3)} off the key at the worse edge.`}
    </Text>
  );
}

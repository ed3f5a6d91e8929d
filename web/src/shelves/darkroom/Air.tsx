import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Room, RoomTold } from "../../api/client";
import { useRoomChange, useTrade } from "../../api/use";
import { moment } from "../../ui/day";
import { useHabits } from "../../ui/habits";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { RulingSchool } from "../../ui/RulingSchool";
import { SmallButton } from "../../ui/SmallButton";

/** The air of the dark room, read or assumed, and the room's habits: what all drying times rest on. */
export function Air({ room }: { room: Room }) {
  const { warmth } = useHabits();
  const [open, setOpen] = useState(false);
  const change = useRoomChange();
  return (
    <Box borderTopWidth="1px" borderBottomWidth="1px" borderColor="line" py="10px" mb="20px">
      <Box display="flex" flexWrap="wrap" gap="28px" alignItems="baseline">
        <Said label="Air" value={warmth(room.temperatureC)} />
        <Said label="Humidity" value={`${room.humidityPct.toFixed(0)} %`} out={room.humidityPct > 50} />
        <Said label="Moving" value={`${room.airMS.toFixed(1)} m/s`} />
        <Said label="Drying places" value={String(room.dryingPlaces)} />
        <Said label="People" value={String(room.hands)} />
        <Said label="Somebody there" value={`${room.opensH} to ${room.closesH} h`} />
        <Text fontSize="small" color="quiet">
          {room.readAt ? `Read ${moment(room.readAt)}.` : "Assumed: nobody has read the air yet."}
        </Text>
        <SmallButton ml="auto" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Leave as it was" : "Read the air, change the room"}
        </SmallButton>
      </Box>
      {room.caution && (
        <Text borderLeftWidth="3px" borderColor="amber" pl="12px" mt="6px">
          {room.caution}
        </Text>
      )}
      {open && (
        <Box onKeyDown={(e) => e.key === "Escape" && setOpen(false)}>
          <Form
            room={room}
            send={(told) => change.mutate(told, { onSuccess: () => setOpen(false) })}
            error={change.error}
          />
        </Box>
      )}
    </Box>
  );
}

function Said({ label, value, out = false }: { label: string; value: string; out?: boolean }) {
  return (
    <Box>
      <Text fontSize="small" color="quiet">
        {label}
      </Text>
      <Text className="readout" fontSize="readout" color={out ? "madder" : "ink"}>
        {value}
      </Text>
    </Box>
  );
}

function Form({ room, send, error }: { room: Room; send: (told: RoomTold) => void; error: unknown }) {
  const { inches, toCelsius, warmthUnit } = useHabits();
  const edges = useTrade().data?.edgeFrom ?? [];
  const starts = {
    temperatureC: String(inches ? Math.round(18 * room.temperatureC + 320) / 10 : room.temperatureC),
    humidityPct: String(room.humidityPct),
    airMS: String(room.airMS),
    dryingPlaces: String(room.dryingPlaces),
    hands: String(room.hands),
    opensH: String(room.opensH),
    closesH: String(room.closesH),
  };
  const [fields, setFields] = useState(starts);
  const [coatSchool, setCoatSchool] = useState(room.coatSchool);
  const [sharp, setSharp] = useState(String(room.sharpFromPerInch));
  const [divisor, setDivisor] = useState(String(room.rulingDivisor));
  const asked: [keyof typeof starts, string][] = [
    ["temperatureC", `Air, ${warmthUnit}`],
    ["humidityPct", "Humidity, %"],
    ["airMS", "Moving air, m/s"],
    ["dryingPlaces", "Drying places"],
    ["hands", "People at work"],
    ["opensH", "Opens at, h"],
    ["closesH", "Closes at, h"],
  ];
  const warmed = (typed: number | null) => (typed === null ? null : toCelsius(typed));
  return (
    <Box
      as="form"
      mt="14px"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        const told = Object.fromEntries(
          asked
            .filter(
              ([name]) =>
                name === "temperatureC" || name === "humidityPct" || name === "airMS" || fields[name] !== starts[name],
            )
            .map(([name]) => [
              name,
              name === "temperatureC" ? warmed(numberTyped(fields[name])) : numberTyped(fields[name]),
            ]),
        );
        send({ ...told, coatSchool, sharpFromPerInch: Number(sharp), rulingDivisor: Number(divisor) });
      }}
    >
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap="16px" alignItems="end">
        {asked.map(([name, label]) => (
          <Field key={name} label={label}>
            <Entry
              inputMode="decimal"
              value={fields[name]}
              onChange={(e) => setFields({ ...fields, [name]: e.target.value })}
            />
          </Field>
        ))}
        <Field label="Coats are">
          <Choice
            fontFamily="body"
            value={coatSchool}
            onChange={(e) => setCoatSchool(e.target.value as Room["coatSchool"])}
          >
            <option value="counted">counted</option>
            <option value="shine">laid until it shines</option>
          </Choice>
        </Field>
        <Field label="Sharp edge from">
          <Choice fontFamily="body" value={sharp} onChange={(e) => setSharp(e.target.value)}>
            {edges.map((perInch) => (
              <option key={perInch} value={String(perInch)}>
                {perInch} per inch
              </option>
            ))}
          </Choice>
        </Field>
        <RulingSchool divisor={divisor} choose={setDivisor} />
      </Box>
      <Trouble of={error} />
      <Action type="submit" mt="14px">
        Keep it
      </Action>
    </Box>
  );
}

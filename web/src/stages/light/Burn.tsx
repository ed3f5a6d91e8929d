import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { PlateOn } from "../../api/client";
import { figureText } from "../../ui/figures";
import { useHabits } from "../../ui/habits";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field } from "../../ui/Parts";

/** The time as a count-down: one figure, readable across the dark room. The lamp is switched by hand. */
export function Burn({
  plate,
  lamp,
  burned,
}: {
  plate: PlateOn<"light">;
  lamp: string;
  burned: (seconds: number) => void;
}) {
  const seconds = plate.burnedSeconds ?? plate.light.value;
  const aim = Math.round((plate.light.value ?? 0) * 2) / 2;
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [left, setLeft] = useState(0);
  const [asked, setAsked] = useState<string | null>(null);
  const ended = useRef<HTMLButtonElement>(null);
  const { mesh } = useHabits();
  useEffect(() => {
    if (startedAt === null) return;
    const tick = () => setLeft(Math.max(0, aim - (performance.now() - startedAt) / 1000));
    tick();
    const timer = setInterval(tick, 100);
    return () => clearInterval(timer);
  }, [startedAt, aim]);
  const running = startedAt !== null && left > 0;
  const over = startedAt !== null && !running;
  const big = startedAt === null ? figureText({ ...plate.light, value: seconds }) : over ? "0.0" : left.toFixed(1);
  const sentence =
    plate.frameId === null
      ? `Choose a frame for ${plate.name} before it is burned.`
      : plate.burnedSeconds !== null
        ? `Frame ${plate.frameLabel} was burned for ${plate.burnedSeconds} s.`
        : running
          ? "The lamp is on. Step back."
          : over
            ? "Lamp off. Was it burned?"
            : `Frame ${plate.frameLabel}, ${mesh(plate.meshGeometry.name, plate.meshGeometry.threadsPerCm)}, on ${lamp}`;
  return (
    <Box display="flex" alignItems="center" gap={{ base: "20px", xl: "40px" }} flexWrap="wrap">
      <Text
        className="readout"
        fontSize={{ base: "88px", xl: "huge" }}
        lineHeight=".95"
        letterSpacing="-0.05em"
        minW="3.2ch"
        aria-live={running ? "off" : "polite"}
      >
        {big.replace(" s", "")}
        <Text as="span" fontSize="40px" letterSpacing="0" ml="10px">
          {plate.light.value !== null && plate.light.value >= 90 && startedAt === null ? "min" : "s"}
        </Text>
      </Text>
      <Box flex="1 1 260px">
        <Text fontWeight="700" fontSize="24px" lineHeight="1.2" mb="4px">
          {plate.name}
        </Text>
        <Text fontSize="lead" lineHeight="1.25" mb="12px">
          {sentence}
        </Text>
        <Box display="flex" gap="10px" flexWrap="wrap">
          {plate.burnedSeconds !== null ? (
            <Action quiet onClick={() => burned(0)}>
              It was not burned
            </Action>
          ) : asked !== null ? (
            <Box
              as="form"
              display="flex"
              gap="10px"
              alignItems="end"
              flexWrap="wrap"
              onSubmit={(e: React.FormEvent) => {
                e.preventDefault();
                const told = numberTyped(asked);
                if (told === null || !(told > 0)) return;
                setAsked(null);
                burned(told);
              }}
            >
              <Field label="Burned for, seconds">
                <Entry
                  autoFocus
                  inputMode="decimal"
                  value={asked}
                  aria-invalid={Number.isNaN(numberTyped(asked) ?? 0)}
                  onChange={(e) => setAsked(e.target.value)}
                />
              </Field>
              <Action type="submit" disabled={!((numberTyped(asked) ?? 0) > 0)}>
                Burned
              </Action>
              <Action quiet onClick={() => setAsked(null)}>
                Not yet
              </Action>
            </Box>
          ) : startedAt === null ? (
            <>
              <Action onClick={() => setStartedAt(performance.now())} disabled={plate.frameId === null || aim <= 0}>
                Count down {aim} s
              </Action>
              <Action quiet onClick={() => setAsked("")} disabled={plate.frameId === null}>
                Burned already
              </Action>
            </>
          ) : running ? (
            <Action quiet onClick={() => setStartedAt(null)}>
              Stop
            </Action>
          ) : (
            <>
              <Action
                {...{ ref: ended }}
                onClick={() => {
                  setStartedAt(null);
                  burned(aim);
                }}
              >
                Yes, {aim} s
              </Action>
              <Action quiet onClick={() => setStartedAt(null)}>
                No
              </Action>
            </>
          )}
        </Box>
      </Box>
    </Box>
  );
}

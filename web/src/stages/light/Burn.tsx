import { Box, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import type { PlateOn } from "../../api/client";
import { figureText } from "../../ui/figures";
import { useHabits } from "../../ui/habits";
import { numberTyped } from "../../ui/number";
import { Action, Entry, Field } from "../../ui/Parts";
import { tone } from "../../ui/tone";

/** Counted before the light, s. */
const LEAD_S = 3;

/** From the shortest to the longest time, counted as the time itself is. */
const span = (low: number, high: number, minutes: boolean) =>
  minutes
    ? `${(low / 60).toFixed(1)}–${(high / 60).toFixed(1)}`
    : `${low.toFixed(low < 10 ? 1 : 0)}–${high.toFixed(0)}`;

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
  const aim = plate.light.value ?? 0;
  const untested = plate.burnedSeconds === null && plate.light.text !== "";
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [left, setLeft] = useState(0);
  const [asked, setAsked] = useState<string | null>(null);
  const ended = useRef<HTMLButtonElement>(null);
  const { mesh } = useHabits();
  const sounded = useRef(0);
  useEffect(() => {
    if (startedAt === null) return;
    sounded.current = 0;
    // Three seconds of count, a tone at the end of each; the lamp is on from the third.
    const tick = () => {
      const gone = (performance.now() - startedAt) / 1000;
      const due = gone >= LEAD_S + aim ? LEAD_S + 1 : Math.min(LEAD_S, Math.floor(gone));
      if (due > sounded.current) {
        sounded.current = due;
        tone(due > LEAD_S);
      }
      setLeft(Math.max(0, LEAD_S + aim - gone));
    };
    tick();
    const timer = setInterval(tick, 50);
    return () => clearInterval(timer);
  }, [startedAt, aim]);
  const counting = startedAt !== null && left > aim;
  const running = startedAt !== null && left > 0 && !counting;
  const over = startedAt !== null && left <= 0;
  const big =
    startedAt === null
      ? figureText({ ...plate.light, text: "", value: seconds })
      : counting
        ? String(Math.ceil(left - aim))
        : over
          ? "0.0"
          : left.toFixed(1);
  const sentence =
    plate.frameId === null
      ? `Choose a frame for ${plate.name} before it is burned.`
      : plate.burnedSeconds !== null
        ? `Frame ${plate.frameLabel} was burned for ${plate.burnedSeconds} s.`
        : counting
          ? "Hand on the switch: the lamp goes on at the third tone."
          : running
            ? "The lamp should be on. Step back, and switch it off at the long tone."
            : over
              ? "Switch the lamp off. Was it burned?"
              : `Frame ${plate.frameLabel}, ${mesh(plate.meshGeometry.name, plate.meshGeometry.threadsPerCm)}, on ${lamp}${plate.units === null ? "" : `: ${plate.units.toFixed(0)} units of its integrator`}`;
  return (
    <Box display="flex" alignItems="center" gap={{ base: "20px", xl: "40px" }} flexWrap="wrap">
      <Text
        className="readout"
        fontSize={{ base: "88px", xl: "huge" }}
        lineHeight=".95"
        letterSpacing="-0.05em"
        minW="3.2ch"
        aria-live={running || counting ? "off" : "polite"}
      >
        {big.replace(" s", "")}
        <Text as="span" fontSize="40px" letterSpacing="0" ml="10px">
          {counting ? "" : plate.light.value !== null && plate.light.value >= 90 && startedAt === null ? "min" : "s"}
        </Text>
        {untested && startedAt === null && plate.light.low !== null && plate.light.high !== null && (
          <Text as="span" display="block" color="quiet">
            {span(plate.light.low, plate.light.high, (plate.light.value ?? 0) >= 90)}
          </Text>
        )}
      </Text>
      <Box flex="1 1 260px">
        <Text as="h2" fontWeight="700" fontSize="24px" lineHeight="1.2" mb="4px">
          {plate.name}
        </Text>
        <Text fontSize="lead" lineHeight="1.25" mb="12px">
          {sentence}
        </Text>
        {untested && startedAt === null && (
          <Text mb="12px" maxW="44ch">
            Nobody has tested this lamp with this emulsion here: it lies somewhere in that span, nine times in ten. A
            step test comes before the screen.
          </Text>
        )}
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
                Leave as it was
              </Action>
            </Box>
          ) : startedAt === null ? (
            <>
              <Action onClick={() => setStartedAt(performance.now())} disabled={plate.frameId === null || aim <= 0}>
                Count {figureText({ ...plate.light, text: "" })}
              </Action>
              <Action quiet onClick={() => setAsked(aim > 0 ? String(aim) : "")} disabled={plate.frameId === null}>
                Burned already
              </Action>
            </>
          ) : running || counting ? (
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
                Yes, {figureText({ ...plate.light, text: "" })}
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

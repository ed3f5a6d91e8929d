import { Box, Text } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { FirstAnswers, Morning } from "../../api/client";
import { useMorning, useOpenShop } from "../../api/morning";
import { useShop } from "../../api/use";
import { useHabits } from "../../ui/habits";
import { useLengthText } from "../../ui/lengthText";
import { meshKey, meshOf } from "../../ui/meshes";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Shelf } from "../Shelf";
import { FrameRows, type RowOfFrames } from "./FrameRows";
import { Pick } from "./Pick";

/** The first morning: six questions, each with a usual answer ready. */
export function FirstMorning() {
  const { data: asked, error } = useMorning();
  const meshes = useShop().data?.meshes;
  if (error) return <Trouble of={error} />;
  if (!asked || !meshes) return <Box p="32px" aria-busy="true" />;
  if (asked.stands)
    return (
      <Shelf name="The shop stands" says="Its press, lamp and frames are on their shelves; more is added there.">
        <Link to="/jobs" className="reach lined">
          To the jobs
        </Link>
      </Shelf>
    );
  return <Questions asked={asked} />;
}

/** Heads and platens that each kind of press usually has. */
const USUAL_PLACES: Record<FirstAnswers["press"], [heads: string, platens: string]> = {
  rotary: ["6", "4"],
  automatic: ["8", "10"],
  hinge: ["1", "1"],
  "long table": ["1", "12"],
};

/** A typed number, or as it was typed, which is refused where it is read. */
const told = (text: string) => {
  const number = numberTyped(text);
  return number === null || Number.isNaN(number) ? (text as unknown as number) : number;
};

function Questions({ asked }: { asked: Morning }) {
  const open = useOpenShop();
  const go = useNavigate();
  const { lengthUnit, inches, swapUnits } = useHabits();
  const usual = (prints: string): RowOfFrames[] =>
    (asked.prints.find((p) => p.prints === prints)?.frames ?? []).map((f) => ({
      mesh: meshKey(f),
      count: String(f.count),
    }));
  const [prints, setPrints] = useState<FirstAnswers["prints"]>("shirts");
  const [press, setPress] = useState<FirstAnswers["press"]>("rotary");
  const [heads, setHeads] = useState("6");
  const [platens, setPlatens] = useState("4");
  const [knobs, setKnobs] = useState<FirstAnswers["knobs"]>("two along, one across");
  const [lamp, setLamp] = useState<FirstAnswers["lamp"]>("led");
  const [emulsion, setEmulsion] = useState<FirstAnswers["emulsion"]>("dual_cure");
  const [second, setSecond] = useState<FirstAnswers["emulsion"] | "none">("none");
  const [films, setFilms] = useState<FirstAnswers["films"]>("inkjet, sheets");
  const [frames, setFrames] = useState<RowOfFrames[]>(() => usual("shirts"));
  const [touched, setTouched] = useState(false);
  const [width, setWidth, readWidth] = useLengthText(460);
  const [height, setHeight, readHeight] = useLengthText(560);
  const inks = asked.prints.find((p) => p.prints === prints)?.inks ?? [];
  const many = frames.reduce((sum, f) => sum + (numberTyped(f.count) || 0), 0);
  const kinds = <T extends string>(list: { kind: string; says: string }[]) => list as { kind: T; says: string }[];
  return (
    <Shelf
      name="First morning"
      says="Six questions, each with what is usual. From your answers a shop stands; all of it can be changed later, and what nobody measured is marked so."
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          open.mutate(
            {
              prints,
              press,
              heads: told(heads),
              platens: told(platens),
              knobs,
              lamp,
              emulsion,
              ...(second === "none" ? {} : { secondEmulsion: second }),
              films,
              insideWidthMm: readWidth(),
              insideHeightMm: readHeight(),
              frames: frames
                .filter((f) => f.count.trim() !== "" && f.count.trim() !== "0")
                .map((f) => ({ count: told(f.count), ...meshOf(f.mesh) })),
            },
            { onSuccess: () => go("/jobs") },
          );
        }}
      >
        <Question number={1} asks="In which units do you count?">
          <Box role="radiogroup" aria-label="In which units do you count?" display="flex" gap="4px" flexWrap="wrap">
            {(
              [
                [false, "Millimetres, threads per cm"],
                [true, "Inches, threads per inch"],
              ] as const
            ).map(([is, says]) => (
              <Box
                as="label"
                key={says}
                position="relative"
                cursor="pointer"
                minH="48px"
                display="flex"
                alignItems="center"
                px="14px"
                borderBottomWidth="5px"
                borderColor={is === inches ? "ink" : "line"}
                fontWeight={is === inches ? "700" : "400"}
                _focusWithin={{ outline: "3px solid", outlineColor: "teal", outlineOffset: "2px" }}
              >
                <input
                  type="radio"
                  className="unseen over"
                  name="units"
                  checked={is === inches}
                  onChange={() => is !== inches && swapUnits()}
                />
                {says}
              </Box>
            ))}
          </Box>
        </Question>
        <Question number={2} asks="What do you print mostly?">
          <Pick
            name="What do you print mostly?"
            of={asked.prints.map((p) => ({ kind: p.prints as FirstAnswers["prints"], says: p.says }))}
            at={prints}
            pick={(kind) => {
              setPrints(kind);
              if (!touched) setFrames(usual(kind));
              if (kind === "paper" || kind === "flat goods") {
                setPress("hinge");
                setHeads("1");
                setPlatens("1");
                setKnobs("none");
              } else {
                setPress("rotary");
                setHeads("6");
                setPlatens("4");
                setKnobs("two along, one across");
              }
            }}
          />
          <Box display="flex" alignItems="center" gap="10px" mt="10px" flexWrap="wrap">
            <Box display="flex" className="colours" aria-hidden="true">
              {inks.map((ink) => (
                <Box key={ink.name} w="30px" h="24px" bg={ink.hex} borderWidth="1px" borderColor="line" ml="-1px" />
              ))}
            </Box>
            <Text fontSize="small" color="quiet">
              Six inks are put on the shelf: {inks.map((i) => i.name.toLowerCase()).join(", ")}.
            </Text>
          </Box>
        </Question>
        <Question number={3} asks="Which press?">
          <Pick
            name="Which press?"
            of={kinds<FirstAnswers["press"]>(asked.presses)}
            at={press}
            pick={(kind) => {
              setPress(kind);
              const [h, p] = USUAL_PLACES[kind];
              setHeads(h);
              setPlatens(p);
              setKnobs(kind === "rotary" || kind === "automatic" ? "two along, one across" : "none");
            }}
          />
          <Box display="grid" gridTemplateColumns="120px 120px" gap="16px" my="14px">
            <Field label="Heads">
              <Entry inputMode="numeric" value={heads} onChange={(e) => setHeads(e.target.value)} />
            </Field>
            <Field label="Platens">
              <Entry inputMode="numeric" value={platens} onChange={(e) => setPlatens(e.target.value)} />
            </Field>
          </Box>
          <Text fontSize="small" color="quiet" mb="4px">
            How do its knobs push a frame? Seen from above, you stand below.
          </Text>
          <Pick
            name="How do its knobs push a frame?"
            of={kinds<FirstAnswers["knobs"]>(asked.knobs)}
            at={knobs}
            pick={setKnobs}
          />
        </Question>
        <Question number={4} asks="Which lamp, and which emulsion under it?">
          <Pick name="Which lamp?" of={kinds<FirstAnswers["lamp"]>(asked.lamps)} at={lamp} pick={setLamp} />
          <Box mt="12px">
            <Pick
              name="Which emulsion?"
              of={kinds<FirstAnswers["emulsion"]>(asked.emulsions)}
              at={emulsion}
              pick={(kind) => {
                setEmulsion(kind);
                if (kind === second) setSecond("none");
              }}
            />
          </Box>
          <Field label="And a second emulsion beside it">
            <Choice
              fontFamily="body"
              maxW="320px"
              value={second}
              onChange={(e) => setSecond(e.target.value as typeof second)}
            >
              <option value="none">none</option>
              {asked.emulsions
                .filter((one) => one.kind !== emulsion)
                .map((one) => (
                  <option key={one.kind} value={one.kind}>
                    {one.says}
                  </option>
                ))}
            </Choice>
          </Field>
        </Question>
        <Question number={5} asks="Which frames hang in your rack?">
          <FrameRows
            rows={frames}
            set={(rows) => {
              setTouched(true);
              setFrames(rows);
            }}
          />
          <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 180px))" gap="16px" mt="14px">
            <Field label={`Inside across, ${lengthUnit}`}>
              <Entry inputMode="decimal" value={width} onChange={(e) => setWidth(e.target.value)} />
            </Field>
            <Field label={`Inside along, ${lengthUnit}`}>
              <Entry inputMode="decimal" value={height} onChange={(e) => setHeight(e.target.value)} />
            </Field>
          </Box>
        </Question>
        <Question number={6} asks="Where are your films printed?">
          <Pick
            name="Where are your films printed?"
            of={kinds<FirstAnswers["films"]>(asked.films)}
            at={films}
            pick={setFilms}
          />
        </Question>
        <Box borderTopWidth="1px" borderColor="ink" py="22px">
          <Trouble of={open.error} />
          <Box display="flex" alignItems="center" gap="20px" flexWrap="wrap">
            <Action type="submit" disabled={open.isPending}>
              Open the shop
            </Action>
            <Text color="quiet" maxW="52ch">
              {inks.length} inks, {many} frames, a press, a lamp, an emulsion and a film printer. Times and tensions are
              the usual ones until you measure yours: a step test and a tension gauge come first.
            </Text>
          </Box>
        </Box>
      </form>
    </Shelf>
  );
}

function Question({ number, asks, children }: { number: number; asks: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={asks}
      display="grid"
      gridTemplateColumns={{ base: "1fr", md: "230px 1fr" }}
      columnGap="32px"
      rowGap="10px"
      borderTopWidth="1px"
      borderColor="line"
      py="20px"
    >
      <Box display="flex" gap="14px" alignItems="baseline">
        <Text className="readout" fontSize="big" lineHeight="1" aria-hidden="true">
          {number}
        </Text>
        <Text as="h2" fontWeight="700" fontSize="lead" lineHeight="1.2">
          {asks}
        </Text>
      </Box>
      <Box minW="0">{children}</Box>
    </Box>
  );
}

import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Press } from "../../api/client";
import { useHabits } from "../../ui/habits";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { Sheet } from "../../ui/Sheet";
import { SmallButton } from "../../ui/SmallButton";

const told = (text: string) => {
  const typed = numberTyped(text);
  return typed === null ? 0 : Number.isNaN(typed) ? (text as unknown as number) : typed;
};

/** Turn one knob one full turn, print, measure at two marks: which way it pushes and how far a turn goes is reckoned from that. */
export function TurnTest({ press }: { press: Press }) {
  const queries = useQueryClient();
  const { lengthUnit, fromField, toField } = useHabits();
  const [open, setOpen] = useState(false);
  const [knob, setKnob] = useState(0);
  const [turns, setTurns] = useState("1");
  const [marks, setMarks] = useState([
    { x: toField(-120), y: toField(0), right: "", away: "" },
    { x: toField(120), y: toField(0), right: "", away: "" },
  ]);
  const learn = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/shop/presses/{id}/knobs/{knob}/turned", {
          params: { path: { id: press.id, knob: String(knob) } },
          body: {
            turns: told(turns),
            marks: marks
              .filter((m) => m.right.trim() !== "" || m.away.trim() !== "")
              .map((m) => ({
                at: { xMm: fromField(m.x), yMm: fromField(m.y) },
                by: { xMm: fromField(m.right || "0"), yMm: fromField(m.away || "0") },
              })),
          },
        }),
      ),
    onSuccess: (shop) => {
      queries.setQueryData(["shop"], shop);
      for (const key of ["job", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
      setOpen(false);
    },
  });
  if (press.knobs.length === 0) return null;
  return (
    <>
      <SmallButton ml="-10px" onClick={() => setOpen(true)}>
        Turn a knob and measure<span className="heard"> on {press.name}</span>
      </SmallButton>
      {open && (
        <Sheet label={`Turn a knob of ${press.name}`} close={() => setOpen(false)}>
          <Text as="h2" className="wide" fontWeight="800" fontSize="24px" mb="10px">
            Turn one knob, print, measure
          </Text>
          <Box as="ol" pl="20px" mb="14px" listStyleType="decimal">
            <li>Print once. Unlock, turn one knob one full turn clockwise, lock, and print on the same cloth.</li>
            <li>Measure how far the second print lies off the first, at a mark on the left and one on the right.</li>
          </Box>
          <form
            onSubmit={(e) => {
              e.preventDefault();
              learn.mutate();
            }}
          >
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="14px">
              <Field label="Knob">
                <Choice fontFamily="body" value={knob} onChange={(e) => setKnob(Number(e.target.value))}>
                  {press.knobs.map((k, i) => (
                    <option key={k.name} value={i}>
                      {k.name}
                    </option>
                  ))}
                </Choice>
              </Field>
              <Field label="Turns, clockwise">
                <Entry inputMode="decimal" value={turns} onChange={(e) => setTurns(e.target.value)} />
              </Field>
            </Box>
            {marks.map((mark, i) => {
              const side = i === 0 ? "Left mark" : "Right mark";
              const set = (field: Partial<typeof mark>) =>
                setMarks(marks.map((m, j) => (i === j ? { ...m, ...field } : m)));
              return (
                <Box key={side} mt="14px">
                  <Text fontWeight="700">{side}</Text>
                  <Box display="grid" gridTemplateColumns="repeat(4, 1fr)" gap="10px">
                    <Field label={`Lies right by, ${lengthUnit}`}>
                      <Entry inputMode="decimal" value={mark.x} onChange={(e) => set({ x: e.target.value })} />
                    </Field>
                    <Field label={`away by, ${lengthUnit}`}>
                      <Entry inputMode="decimal" value={mark.y} onChange={(e) => set({ y: e.target.value })} />
                    </Field>
                    <Field label={`Moved right, ${lengthUnit}`}>
                      <Entry inputMode="decimal" value={mark.right} onChange={(e) => set({ right: e.target.value })} />
                    </Field>
                    <Field label={`Moved away, ${lengthUnit}`}>
                      <Entry inputMode="decimal" value={mark.away} onChange={(e) => set({ away: e.target.value })} />
                    </Field>
                  </Box>
                </Box>
              );
            })}
            <Text fontSize="small" color="quiet" mt="8px">
              To the left, and towards you, is less than nothing: −0.8.
            </Text>
            <Trouble of={learn.error} />
            <Action type="submit" mt="14px" disabled={learn.isPending}>
              That is this knob
            </Action>
          </form>
        </Sheet>
      )}
    </>
  );
}

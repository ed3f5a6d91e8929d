import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { useShop } from "../../api/use";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { SmallButton } from "../../ui/SmallButton";

/** An ink measured on a black and white card: its own colour, and how much it hides. */
export function Drawdown() {
  const [open, setOpen] = useState(false);
  const [overBlack, setOverBlack] = useState("#8a2420");
  const [overWhite, setOverWhite] = useState("#c4302a");
  const [name, setName] = useState("");
  const [of, setOf] = useState("");
  const queries = useQueryClient();
  const read = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/drawdown", { body: { overBlack, overWhite, black: "#161616", white: "#f4f4f1" } })),
  });
  const told = read.data;
  const inks = useShop().data?.inks ?? [];
  const known = inks.find((i) => String(i.id) === of) ?? null;
  const body = (ink: (typeof inks)[number] | null) =>
    ({
      name: ink?.name ?? name,
      hex: told?.hex ?? overWhite,
      kind: told?.transparent ? "transparent" : (ink?.kind ?? "plastisol"),
      hidingPct: told?.hidingPct ?? 90,
    }) as never;
  const put = useMutation({
    mutationFn: () =>
      answer(
        known
          ? api.PUT("/api/shop/{kind}/{id}", { params: { path: { kind: "inks", id: known.id } }, body: body(known) })
          : api.POST("/api/shop/{kind}", { params: { path: { kind: "inks" } }, body: body(null) }),
      ),
    onSuccess: () => {
      setOpen(false);
      setName("");
      for (const key of ["shop", "job", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
  if (!open)
    return (
      <SmallButton ml="-10px" mb="14px" onClick={() => setOpen(true)}>
        Measure an ink from its drawdown
      </SmallButton>
    );
  return (
    <Box
      maxW="620px"
      mb="24px"
      borderTopWidth="1px"
      borderColor="line"
      pt="12px"
      onKeyDown={(e) => e.key === "Escape" && setOpen(false)}
    >
      <Text fontWeight="700" mb="8px">
        Drawn down over a black and white card
      </Text>
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(140px, 1fr))" gap="14px" alignItems="end">
        <Field label="Looks, over black">
          <Entry
            type="color"
            className="colours"
            p="4px"
            value={overBlack}
            onChange={(e) => setOverBlack(e.target.value)}
          />
        </Field>
        <Field label="over white">
          <Entry
            type="color"
            className="colours"
            p="4px"
            value={overWhite}
            onChange={(e) => setOverWhite(e.target.value)}
          />
        </Field>
        <Action quiet onClick={() => read.mutate()}>
          Read it
        </Action>
      </Box>
      <Trouble of={read.error} />
      {told && (
        <>
          <Box display="flex" gap="14px" mt="12px" alignItems="center">
            <Box className="colours" bg={told.hex} w="46px" h="46px" />
            <Text>
              {told.says} <span className="readout">{told.hex}</span>
            </Text>
          </Box>
          <Box
            display="grid"
            gridTemplateColumns="repeat(auto-fit, minmax(150px, 1fr))"
            gap="14px"
            alignItems="end"
            mt="10px"
          >
            <Field label="It is">
              <Choice fontFamily="body" value={of} onChange={(e) => setOf(e.target.value)}>
                <option value="">a new ink</option>
                {inks.map((ink) => (
                  <option key={ink.id} value={ink.id}>
                    {ink.name}
                  </option>
                ))}
              </Choice>
            </Field>
            {known === null && (
              <Field label="Its name">
                <Entry fontFamily="body" value={name} onChange={(e) => setName(e.target.value)} />
              </Field>
            )}
            <Action onClick={() => put.mutate()} disabled={known === null && name.trim() === ""}>
              {known === null ? "Put it on the shelf" : "Keep it so"}
            </Action>
            <Action quiet onClick={() => setOpen(false)}>
              Leave as it was
            </Action>
          </Box>
          <Trouble of={put.error} />
        </>
      )}
    </Box>
  );
}

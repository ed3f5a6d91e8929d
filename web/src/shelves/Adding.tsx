import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { answer, api } from "../api/client";
import { Action, Choice, Entry, Field, Trouble } from "../ui/Parts";

type Kind = "inks" | "frames" | "lamps" | "emulsions" | "presses" | "printers" | "meshes";

/** One thing that a form asks for. */
export type Asked = {
  name: string;
  label: string;
  start: string;
  kind?: "number" | "text" | "colour" | "yes";
  choices?: [string, string][];
};

export function useShelf(kind: Kind) {
  const queries = useQueryClient();
  const onSuccess = (shop: unknown) => {
    queries.setQueryData(["shop"], shop);
    void queries.invalidateQueries({ queryKey: ["job"] });
  };
  return {
    add: useMutation({
      mutationFn: (body: Record<string, unknown>) =>
        answer(api.POST("/api/shop/{kind}", { params: { path: { kind } }, body: body as never })),
      onSuccess,
    }),
    takeOff: useMutation({
      mutationFn: (id: number) => answer(api.DELETE("/api/shop/{kind}/{id}", { params: { path: { kind, id } } })),
      onSuccess,
    }),
  };
}

/** A folded form that puts one more thing on its shelf. */
export function Adding({
  kind,
  what,
  asked,
  more,
  also,
}: {
  kind: Kind;
  what: string;
  asked: Asked[];
  /** What else belongs to it, such as the knobs of a press. */
  also?: () => Record<string, unknown>;
  more?: ReactNode;
}) {
  const starts = () => Object.fromEntries(asked.map((a) => [a.name, a.start]));
  const [open, setOpen] = useState(false);
  const [fields, setFields] = useState<Record<string, string>>(starts);
  const { add } = useShelf(kind);
  const set = (name: string, value: string) => setFields((was) => ({ ...was, [name]: value }));
  const submit = (e: React.FormEvent) => {
    e.preventDefault();
    const body: Record<string, unknown> = { ...also?.() };
    for (const one of asked) {
      const text = (fields[one.name] ?? "").trim();
      if (one.kind === "yes") body[one.name] = text === "yes";
      else if (one.kind === "number") {
        if (text !== "")
          body[one.name] = Number.isNaN(Number(text.replace(",", "."))) ? text : Number(text.replace(",", "."));
      } else body[one.name] = text;
    }
    add.mutate(body, {
      onSuccess: () => {
        setFields(starts());
        setOpen(false);
      },
    });
  };
  if (!open)
    return (
      <Action quiet mb="22px" onClick={() => setOpen(true)}>
        Add {what}
      </Action>
    );
  return (
    <Box as="form" onSubmit={submit} borderTopWidth="1px" borderBottomWidth="1px" borderColor="ink" py="18px" mb="22px">
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(160px, 1fr))" gap="16px" alignItems="end">
        {asked.map((one) => (
          <Field key={one.name} label={one.label}>
            {one.choices || one.kind === "yes" ? (
              <Choice fontFamily="body" value={fields[one.name]} onChange={(e) => set(one.name, e.target.value)}>
                {(
                  one.choices ?? [
                    ["no", "no"],
                    ["yes", "yes"],
                  ]
                ).map(([value, word]) => (
                  <option key={value} value={value}>
                    {word}
                  </option>
                ))}
              </Choice>
            ) : (
              <Entry
                type={one.kind === "colour" ? "color" : "text"}
                inputMode={one.kind === "number" ? "decimal" : "text"}
                className={one.kind === "colour" ? "colours" : undefined}
                fontFamily={one.kind === "text" ? "body" : "readout"}
                p={one.kind === "colour" ? "4px" : undefined}
                value={fields[one.name]}
                onChange={(e) => set(one.name, e.target.value)}
              />
            )}
          </Field>
        ))}
      </Box>
      {more}
      <Trouble of={add.error} />
      <Box display="flex" gap="12px" mt="16px">
        <Action type="submit">Put it on the shelf</Action>
        <Action quiet type="button" onClick={() => setOpen(false)}>
          Leave it
        </Action>
      </Box>
    </Box>
  );
}

export function TakeOff({ kind, id, name }: { kind: Kind; id: number; name: string }) {
  const { takeOff } = useShelf(kind);
  return (
    <Box>
      <Box
        as="button"
        minH="44px"
        cursor="pointer"
        fontSize="small"
        textDecoration="underline"
        textUnderlineOffset="3px"
        onClick={() => takeOff.mutate(id)}
      >
        Take off
        <Text as="span" position="absolute" left="-9999px">
          {" "}
          {name}
        </Text>
      </Box>
      <Trouble of={takeOff.error} />
    </Box>
  );
}

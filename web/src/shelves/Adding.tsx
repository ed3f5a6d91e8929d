import { Box, Text } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { useForm } from "react-hook-form";
import { answer, api, SEEN, type Shop } from "../api/client";
import { seenHere } from "../api/seen";
import { useShop } from "../api/use";
import { useHabits } from "../ui/habits";
import { lengthTyped, lengthWritten, swapped } from "../ui/lengths";
import { meshOf } from "../ui/meshes";
import { numberTyped } from "../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../ui/Parts";
import { Sheet } from "../ui/Sheet";
import { SmallButton } from "../ui/SmallButton";
import { MeshOptions } from "./MeshOptions";

type Kind = "inks" | "frames" | "lamps" | "emulsions" | "presses" | "printers" | "meshes";

/** One thing that a form asks for. */
export type Asked = {
  name: string;
  label: string;
  start: string;
  /** A length is kept in mm, and shown and typed as this page counts. */
  kind?: "number" | "text" | "colour" | "yes" | "date" | "mesh" | "length";
  /** The choice of another field that a name speaks of, until somebody chooses there. */
  speaksOf?: string;
  /** Says more of it, in words, as it is filled in. */
  hint?: (text: string) => string;
  choices?: (readonly [string, string])[];
};

/** What a thing of the shelf is, as the form shows it. */
export type Values = Record<string, string | number | boolean | null>;

export function useShelf(kind: Kind) {
  const queries = useQueryClient();
  const onSuccess = (shop: unknown) => {
    queries.setQueryData(["shop"], shop);
    for (const key of ["job", "frame", "darkroom", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
  };
  return {
    put: useMutation({
      mutationFn: ({
        id,
        body,
        seen,
      }: {
        id: number | null;
        body: Record<string, unknown>;
        seen?: number | undefined;
      }) =>
        id === null
          ? answer(api.POST("/api/shop/{kind}", { params: { path: { kind } }, body: body as never }))
          : answer(
              api.PUT("/api/shop/{kind}/{id}", {
                params: { path: { kind, id } },
                body: body as never,
                headers: seen === undefined ? {} : { [SEEN]: String(seen) },
              }),
            ),
      onSuccess,
    }),
    takeOff: useMutation({
      mutationFn: (id: number) => answer(api.DELETE("/api/shop/{kind}/{id}", { params: { path: { kind, id } } })),
      onSuccess,
    }),
  };
}

const asText = (value: Values[string] | undefined, start: string) =>
  value === undefined || value === null
    ? value === null
      ? ""
      : start
    : typeof value === "boolean"
      ? value
        ? "yes"
        : "no"
      : String(value);

/** What was filled in, as the API takes it: an empty number is not told, a wrong one is sent as it was typed and refused there. */
function told(asked: Asked[], fields: Record<string, string>, inches: boolean, values: Values | undefined) {
  const body: Record<string, unknown> = {};
  for (const one of asked) {
    const text = (fields[one.name] ?? "").trim();
    if (one.kind === "mesh") Object.assign(body, meshOf(text));
    else if (one.kind === "yes") body[one.name] = text === "yes";
    else if (one.kind === "length") {
      const was = values?.[one.name];
      // What nobody touched stays to the last digit, however it is shown.
      const mm = typeof was === "number" && text === lengthWritten(was, inches) ? was : lengthTyped(text, inches);
      if (mm !== null) body[one.name] = Number.isNaN(mm) ? text : mm;
    } else if (one.kind === "number") {
      const number = numberTyped(text);
      if (number !== null) body[one.name] = Number.isNaN(number) ? text : number;
    } else if (text !== "" || one.name === "name" || one.name === "label") body[one.name] = text;
  }
  return body;
}

/** A thing like another, under the next free-sounding name: a frame’s number goes one up, anything else is “second”. */
function oneMore(values: Values, kind: Kind, next: string): Values {
  if (kind === "frames") return { ...values, label: next };
  if (kind === "meshes") return values;
  const name = String(values.name ?? "");
  const counted = /^(.*\D)(\d+)$/.exec(name);
  return { ...values, name: counted ? `${counted[1]}${Number(counted[2]) + 1}` : `${name} 2` };
}

/** One more than the highest number in the rack. */
const nextNumber = (frames: Shop["frames"]) =>
  Math.max(0, ...frames.map((f) => (/^\d+$/.test(f.label) ? Number(f.label) : 0))) + 1;

type FormProps = {
  kind: Kind;
  asked: Asked[];
  /** What else belongs to it, such as the knobs of a press. */
  also?: (() => Record<string, unknown>) | undefined;
  more?: ReactNode;
};

function ShelfForm({
  kind,
  asked,
  also,
  more,
  id,
  values,
  word,
  done,
}: FormProps & { id: number | null; values?: Values; word: string; done: () => void }) {
  const { put } = useShelf(kind);
  const { inches, lengthUnit } = useHabits();
  // What stands in the form was told when it was opened, whatever comes meanwhile.
  const [seen] = useState(() => seenHere());
  const {
    register,
    handleSubmit,
    watch,
    getValues,
    setValue,
    formState: { dirtyFields },
  } = useForm<Record<string, string>>({
    defaultValues: Object.fromEntries(
      asked.map((a) => {
        const text = asText(values?.[a.name], a.start);
        return [a.name, a.kind === "length" && text !== "" ? lengthWritten(Number(text), inches) : text];
      }),
    ),
  });
  // Lengths that stand in the form are converted when the unit is swapped, never taken for the other.
  const counted = useRef(inches);
  useEffect(() => {
    if (counted.current === inches) return;
    for (const one of asked)
      if (one.kind === "length") setValue(one.name, swapped(getValues(one.name) ?? "", counted.current, inches));
    counted.current = inches;
  }, [inches, asked, getValues, setValue]);
  const spoken = (one: Asked, text: string) => {
    const other = asked.find((a) => a.name === one.speaksOf);
    if (!other || values || dirtyFields[other.name]) return;
    const plain = (words: string) => words.toLowerCase().replace(/[^a-z]/g, "");
    const found = other.choices?.find(([, says]) => plain(text).includes(plain(says)));
    if (found) setValue(other.name, found[0]);
  };
  return (
    <form
      onSubmit={handleSubmit((fields) =>
        put.mutate({ id, seen, body: { ...told(asked, fields, inches, values), ...also?.() } }, { onSuccess: done }),
      )}
    >
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(160px, 1fr))" gap="16px" alignItems="end">
        {asked.map((one) => (
          <Field
            key={one.name}
            label={one.kind === "length" ? `${one.label}, ${lengthUnit}` : one.label}
            hint={one.hint?.(watch(one.name) ?? "")}
          >
            {one.kind === "mesh" ? (
              <Choice fontFamily="body" {...register(one.name)}>
                <MeshOptions also={watch(one.name)} />
              </Choice>
            ) : one.choices || one.kind === "yes" ? (
              <Choice fontFamily="body" {...register(one.name)}>
                {(
                  one.choices ?? [
                    ["no", "no"],
                    ["yes", "yes"],
                  ]
                ).map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </Choice>
            ) : (
              <Entry
                type={one.kind === "colour" ? "color" : one.kind === "date" ? "date" : "text"}
                inputMode={one.kind === "number" || one.kind === "length" ? "decimal" : "text"}
                className={one.kind === "colour" ? "colours" : undefined}
                fontFamily={one.kind === "text" ? "body" : "readout"}
                p={one.kind === "colour" ? "4px" : undefined}
                {...register(one.name, { onChange: (e) => spoken(one, String(e.target.value)) })}
              />
            )}
          </Field>
        ))}
      </Box>
      {more}
      <Trouble of={put.error} />
      <Box display="flex" gap="12px" mt="16px">
        <Action type="submit" disabled={put.isPending}>
          {word}
        </Action>
        <Action quiet onClick={done}>
          Leave as it was
        </Action>
      </Box>
    </form>
  );
}

/** A folded form that puts one more thing on its shelf. */
export function Adding({ what, ...form }: FormProps & { what: string }) {
  const [open, setOpen] = useState(false);
  // Closed, the form gives the focus back to where it was opened.
  const [was, setWas] = useState(false);
  if (!open)
    return (
      <Action
        quiet
        mb="22px"
        autoFocus={was}
        onClick={() => {
          setWas(true);
          setOpen(true);
        }}
      >
        Add {what}
      </Action>
    );
  return (
    <Box
      flexBasis="100%"
      borderTopWidth="1px"
      borderBottomWidth="1px"
      borderColor="ink"
      py="18px"
      mb="22px"
      onKeyDown={(e) => e.key === "Escape" && setOpen(false)}
    >
      <ShelfForm {...form} id={null} word="Put it on the shelf" done={() => setOpen(false)} />
    </Box>
  );
}

/** Says of a thing on the shelf what it is, or takes it off. */
export function Editing({
  id,
  name,
  values,
  gone,
  ...form
}: FormProps & { id: number; name: string; values: Values; gone?: () => void }) {
  const [open, setOpen] = useState(false);
  const [again, setAgain] = useState(false);
  const { takeOff } = useShelf(form.kind);
  const frames = useShop().data?.frames ?? [];
  const close = () => setOpen(false);
  return (
    <Box display="flex" flexWrap="wrap">
      {again && (
        <Sheet label={`Same again as ${name}`} close={() => setAgain(false)}>
          <Text as="h2" className="wide" fontWeight="800" fontSize="24px" mb="14px">
            As {name}, once more
          </Text>
          <ShelfForm
            {...form}
            id={null}
            values={oneMore(values, form.kind, String(nextNumber(frames)))}
            word="Put it on the shelf"
            done={() => setAgain(false)}
          />
        </Sheet>
      )}
      <SmallButton ml="-10px" onClick={() => setAgain(true)}>
        Same again<span className="heard"> as {name}</span>
      </SmallButton>
      <SmallButton onClick={() => setOpen(true)}>
        Change
        <Text as="span" position="absolute" left="-9999px">
          {" "}
          {name}
        </Text>
      </SmallButton>
      {open && (
        <Sheet label={`Change ${name}`} close={close}>
          <Text as="h2" className="wide" fontWeight="800" fontSize="24px" mb="14px">
            {name}
          </Text>
          <ShelfForm {...form} id={id} values={values} word="Keep it so" done={close} />
          <Box mt="18px" pt="10px" borderTopWidth="1px" borderColor="line">
            <SmallButton
              ml="-10px"
              onClick={() =>
                takeOff.mutate(id, {
                  onSuccess: () => {
                    close();
                    gone?.();
                  },
                })
              }
            >
              Take off the shelf
            </SmallButton>
            <Trouble of={takeOff.error} />
          </Box>
        </Sheet>
      )}
    </Box>
  );
}

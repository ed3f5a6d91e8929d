import { Box } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../../api/client";
import { useHabits } from "../../ui/habits";
import { useLengthText } from "../../ui/lengthText";
import { meshOf } from "../../ui/meshes";
import { numberTyped } from "../../ui/number";
import { Action, Choice, Entry, Field, Trouble } from "../../ui/Parts";
import { MeshOptions } from "../MeshOptions";

/** So many frames of one mesh in one go, numbered on from the last. */
export function FramesAlike() {
  const queries = useQueryClient();
  const { lengthUnit, fromField } = useHabits();
  const [open, setOpen] = useState(false);
  const [was, setWas] = useState(false);
  const [count, setCount] = useState("4");
  const [mesh, setMesh] = useState("77|55|white");
  const [width, setWidth] = useLengthText(460);
  const [height, setHeight] = useLengthText(560);
  const put = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/shop/frames/alike", {
          body: {
            count: numberTyped(count) ?? 0,
            ...meshOf(mesh),
            insideWidthMm: fromField(width),
            insideHeightMm: fromField(height),
          },
        }),
      ),
    onSuccess: (shop) => {
      queries.setQueryData(["shop"], shop);
      for (const key of ["job", "hand", "darkroom"]) void queries.invalidateQueries({ queryKey: [key] });
      setOpen(false);
    },
  });
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
        Add several alike
      </Action>
    );
  return (
    <Box
      as="form"
      flexBasis="100%"
      onKeyDown={(e: React.KeyboardEvent) => e.key === "Escape" && setOpen(false)}
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        put.mutate();
      }}
      borderTopWidth="1px"
      borderBottomWidth="1px"
      borderColor="ink"
      py="18px"
      mb="22px"
    >
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(160px, 1fr))" gap="16px" alignItems="end">
        <Field label="How many frames">
          <Entry inputMode="numeric" value={count} onChange={(e) => setCount(e.target.value)} />
        </Field>
        <Field label="Mesh on all of them">
          <Choice fontFamily="body" value={mesh} onChange={(e) => setMesh(e.target.value)}>
            <MeshOptions also={mesh} />
          </Choice>
        </Field>
        <Field label={`Inside across, ${lengthUnit}`}>
          <Entry inputMode="decimal" value={width} onChange={(e) => setWidth(e.target.value)} />
        </Field>
        <Field label={`Inside along, ${lengthUnit}`}>
          <Entry inputMode="decimal" value={height} onChange={(e) => setHeight(e.target.value)} />
        </Field>
      </Box>
      <Trouble of={put.error} />
      <Box display="flex" gap="12px" mt="16px">
        <Action type="submit" disabled={put.isPending}>
          Put them into the rack
        </Action>
        <Action quiet onClick={() => setOpen(false)}>
          Leave as it was
        </Action>
      </Box>
    </Box>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";

export type SheetKind = "rack" | "inks" | "step-tests" | "tensions";

const form = (file: File) => {
  const body = new FormData();
  body.set("file", file);
  return {
    body: body as unknown as { file: string },
    bodySerializer: (given: unknown) => given as FormData,
  };
};

/** A table that is brought: first a look, then it is taken. */
export function useSheet(kind: SheetKind) {
  const queries = useQueryClient();
  return {
    look: useMutation({
      mutationFn: (file: File) =>
        answer(api.POST("/api/sheets/{table}/look", { params: { path: { table: kind } }, ...form(file) })),
    }),
    take: useMutation({
      mutationFn: (file: File) =>
        answer(api.POST("/api/sheets/{table}", { params: { path: { table: kind } }, ...form(file) })),
      onSuccess: () => {
        for (const key of ["shop", "job", "frame", "hand", "darkroom", "morning"])
          void queries.invalidateQueries({ queryKey: [key] });
      },
    }),
  };
}

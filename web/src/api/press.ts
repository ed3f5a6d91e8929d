import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type JobOn } from "./client";

/** The knobs were turned as told and a new strike-off printed. */
export function useTurned() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (plateId: number) => answer(api.POST("/api/plates/{id}/turned", { params: { path: { id: plateId } } })),
    onSuccess: () => {
      for (const key of ["job", "bench", "jobs", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

/** A thing of the press's set-up is done, or not yet. */
export function useSetUp(jobId: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: { done: JobOn<"press">["setUp"][number]["what"]; on: boolean }) =>
      answer(api.POST("/api/jobs/{id}/set-up", { params: { path: { id: jobId } }, body })),
    onSuccess: () => {
      for (const key of ["job", "bench", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

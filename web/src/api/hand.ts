import { useMutation, useMutationState, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import { HAND, settled } from "./settled";

/** What this page can take back or do again, wherever it lies; one state for the key and for what is seen. */
export function useHand() {
  const queries = useQueryClient();
  const { data } = useQuery({
    queryKey: HAND,
    queryFn: () => answer(api.GET("/api/undo")),
    refetchInterval: 8_000,
  });
  const last = useMutationState({ filters: { mutationKey: HAND }, select: (one) => one.state }).at(-1);
  const onSettled = () => queries.invalidateQueries();
  const undo = useMutation({
    mutationKey: [...HAND, "undo"],
    mutationFn: async () => {
      await settled(queries);
      return answer(api.POST("/api/undo"));
    },
    onSettled,
  });
  const redo = useMutation({
    mutationKey: [...HAND, "redo"],
    mutationFn: async () => {
      await settled(queries);
      return answer(api.POST("/api/redo"));
    },
    onSettled,
  });
  return {
    undoes: data?.undoes ?? "",
    redoes: data?.redoes ?? "",
    undo: () => undo.mutate(),
    redo: () => redo.mutate(),
    pending: last?.status === "pending",
    refused: last?.status === "error" ? last.error : null,
  };
}

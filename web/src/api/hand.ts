import { useMutation, useMutationState, useQuery, useQueryClient } from "@tanstack/react-query";
import { useLocation } from "react-router";
import { handPlace } from "../ui/places";
import { answer, api } from "./client";
import { HAND, settled } from "./settled";

/** What this page can take back or do again where it stands, a job’s on the job, a shelf’s on the shelf; one state for the key and for what is seen. */
export function useHand() {
  const queries = useQueryClient();
  const place = handPlace(useLocation().pathname);
  const at = { params: { query: { place } } };
  const { data } = useQuery({
    queryKey: [...HAND, place],
    queryFn: () => answer(api.GET("/api/undo", at)),
    refetchInterval: 8_000,
  });
  const last = useMutationState({ filters: { mutationKey: HAND }, select: (one) => one.state }).at(-1);
  const onSettled = () => queries.invalidateQueries();
  const undo = useMutation({
    mutationKey: [...HAND, "undo"],
    mutationFn: async () => {
      await settled(queries);
      return answer(api.POST("/api/undo", at));
    },
    onSettled,
  });
  const redo = useMutation({
    mutationKey: [...HAND, "redo"],
    mutationFn: async () => {
      await settled(queries);
      return answer(api.POST("/api/redo", at));
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

import {
  type MutationCache,
  type QueryClient,
  useMutation,
  useMutationState,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { answer, api } from "./client";

const HAND = ["hand"];
const busy = (work: MutationCache) =>
  work.getAll().some((one) => one.state.status === "pending" && one.options.mutationKey?.[0] !== HAND[0]);

/** Until what was done just before has reached the shop: a quick key must not take back the step before it. */
export const settled = (queries: QueryClient) =>
  new Promise<void>((done) => {
    const work = queries.getMutationCache();
    if (!busy(work)) return done();
    const stop = work.subscribe(() => {
      if (busy(work)) return;
      stop();
      done();
    });
  });

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

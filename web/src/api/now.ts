import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { answer, api } from "./client";

/** How often a page that is looked at asks whether others have changed anything, ms. */
const EVERY_MS = 1_500;
/** What shows the shop as it stands, and is asked anew when it was changed. What is drawn or tried goes by keys of its own. */
const STANDS = ["jobs", "job", "shop", "darkroom", "frame", "lamp", "hand", "next-tests"];

/** How far the work is that this page waits for, as long as it waits. */
export const useHowFar = (waits: boolean) =>
  useQuery({
    queryKey: ["far"],
    enabled: waits,
    queryFn: () => answer(api.GET("/api/far")),
    refetchInterval: 400,
    staleTime: 0,
    gcTime: 0,
    retry: false,
  });

/** Keeps what is looked at as the shop stands; gives what everybody should know. */
export function useNow() {
  const queries = useQueryClient();
  const { data } = useQuery({
    queryKey: ["now"],
    queryFn: () => answer(api.GET("/api/now")),
    refetchInterval: EVERY_MS,
    staleTime: 0,
    retry: false,
  });
  const was = useRef<number | undefined>(undefined);
  const turn = data?.turn;
  useEffect(() => {
    if (turn === undefined) return;
    const before = was.current;
    was.current = turn;
    if (before === undefined || before === turn) return;
    for (const key of STANDS) void queries.invalidateQueries({ queryKey: [key] });
  }, [turn, queries]);
  return data?.notices ?? [];
}

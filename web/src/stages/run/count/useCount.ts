import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, Problem } from "../../../api/client";
import { type RunBoard, stillWaiting, type Told, withWaiting } from "./counted";
import { keepWaiting, waitsNoMore, whatWaits } from "./waiting";

/** So often what waits is offered again, and so many at once. */
const AGAIN_MS = 3_000;
const MOST = 200;

const name = () => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/**
 * The count of a run. A touch is one more on the screen at once and in the browser's database right after; the shop hears of it
 * when it can. What waits is offered again until the shop has it, after a reload too.
 */
export function useCount(jobId: number) {
  const queries = useQueryClient();
  const key = ["run-count", jobId];
  const query = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/jobs/{id}/run/count", { params: { path: { id: jobId } } })),
    refetchInterval: 10_000,
    retry: false,
  });
  const [waiting, setWaiting] = useState<Told[]>([]);
  const [cut, setCut] = useState<number | null>(null);
  const [refused, setRefused] = useState<{ words: string; ids: string[] } | null>(null);
  const now = useRef<Told[]>([]);
  const sending = useRef(false);
  const set = useCallback((next: Told[]) => {
    now.current = next;
    setWaiting(next);
  }, []);

  const send = useCallback(async () => {
    if (sending.current || now.current.length === 0) return;
    sending.current = true;
    try {
      while (now.current.length > 0) {
        const some = now.current.slice(0, MOST);
        const board = await answer(
          api.POST("/api/jobs/{id}/run/count", {
            params: { path: { id: jobId } },
            body: { events: some, sentMs: Date.now() },
          }),
        );
        const left = stillWaiting(now.current, board.known);
        if (left.length === now.current.length) break;
        await waitsNoMore(board.known);
        await queries.cancelQueries({ queryKey: ["run-count", jobId] });
        queries.setQueryData<RunBoard>(["run-count", jobId], board);
        set(left);
        setCut(null);
      }
    } catch (broke) {
      // A refusal is told where it was made; without an answer it is the network, and it waits.
      if (broke instanceof Problem && broke.field !== "")
        setRefused({ words: broke.message, ids: now.current.slice(0, MOST).map((e) => e.id) });
      else setCut((was) => was ?? Date.now());
    } finally {
      sending.current = false;
    }
  }, [jobId, queries, set]);

  useEffect(() => {
    let here = true;
    void whatWaits(jobId).then((kept) => {
      if (!here) return;
      const known = new Set(now.current.map((e) => e.id));
      set([...kept.filter((e) => !known.has(e.id)), ...now.current]);
      void send();
    });
    const again = setInterval(() => void send(), AGAIN_MS);
    const back = () => void send();
    window.addEventListener("online", back);
    return () => {
      here = false;
      clearInterval(again);
      window.removeEventListener("online", back);
    };
  }, [jobId, send, set]);

  const tell = useCallback(
    (told: Partial<Told> & { kind: Told["kind"] }) => {
      const event: Told = {
        id: name(),
        atMs: Date.now(),
        line: 0,
        size: "",
        pieces: 1,
        xMm: null,
        yMm: null,
        cause: null,
        reason: null,
        plate: null,
        grams: null,
        name: "",
        ...told,
      };
      set([...now.current, event]);
      setRefused(null);
      void keepWaiting(jobId, event).then(send, send);
    },
    [jobId, send, set],
  );

  const forget = useCallback(
    (ids: string[]) => {
      void waitsNoMore(ids);
      set(now.current.filter((e) => !ids.includes(e.id)));
      setRefused(null);
    },
    [set],
  );

  const board = query.data && withWaiting(query.data, waiting);
  return { board, waiting, cut: waiting.length > 0 ? cut : null, refused, tell, forget, trouble: query.error };
}

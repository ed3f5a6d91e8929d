import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type ColourSign, type JobOn } from "./client";
import type { components } from "./generated/schema";
import { fetchAnew } from "./use";

/** All that hangs on a press is asked anew; the change is under way until the job at hand stands as it left it. */
function usePressChanged(jobId: number) {
  const queries = useQueryClient();
  return async () => {
    await fetchAnew(queries, jobId, "press");
    for (const key of ["jobs", "hand", "shop"]) void queries.invalidateQueries({ queryKey: [key] });
  };
}

/** The knobs were turned as told and a new strike-off printed. */
export function useTurned(jobId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (plateId: number) => answer(api.POST("/api/plates/{id}/turned", { params: { path: { id: plateId } } })),
    onSuccess,
  });
}

/** A thing of the press's set-up is done, or not yet. */
export function useSetUp(jobId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (body: { done: JobOn<"press">["setUp"][number]["what"]; on: boolean }) =>
      answer(api.POST("/api/jobs/{id}/set-up", { params: { path: { id: jobId } }, body })),
    onSuccess,
  });
}

/** One print of the strike-off from its scan, or by the stand-in where there is none. */
export function useStrikeOff(jobId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: ({ scan, platen }: { scan: File | null; platen: number | null }) => {
      const params = { path: { id: jobId } };
      if (scan === null) return answer(api.POST("/api/jobs/{id}/strike-off/simulated", { params, body: { platen } }));
      const form = new FormData();
      form.append("scan", scan);
      if (platen !== null) form.append("platen", String(platen));
      return answer(
        api.POST("/api/jobs/{id}/strike-off", {
          params,
          body: form as unknown as { scan: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess,
  });
}

/** What corrections have shown of the knobs goes into the profile. */
export function useLearned(jobId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (pressId: number) =>
      answer(api.POST("/api/presses/{id}/learned", { params: { path: { id: pressId } } })),
    onSuccess,
  });
}

/** A finger or a probe on the ink right after the flash. */
export function useFlashRead(jobId: number, pressId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (body: components["schemas"]["FlashRead"]) =>
      answer(api.POST("/api/presses/{id}/flash", { params: { path: { id: pressId } }, body })),
    onSuccess,
  });
}

export type PrintByHand = components["schemas"]["ByHandPatch"];

/** What the hand decides of how a plate is printed; null leaves it to the rule. */
export function usePrintByHand(jobId: number, plateId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (body: PrintByHand) =>
      answer(api.PATCH("/api/plates/{id}/print", { params: { path: { id: plateId } }, body })),
    onSuccess,
  });
}

/** The job prints in an order that was tried, flashed as it was told. */
export function useOrderTaken(jobId: number) {
  const onSuccess = usePressChanged(jobId);
  return useMutation({
    mutationFn: (body: { order: number[]; flashAfter: number[] }) =>
      answer(api.POST("/api/jobs/{id}/press-orders/taken", { params: { path: { id: jobId } }, body })),
    onSuccess,
  });
}

/** What can be done about a colour that is off on the strike-off. */
export const useCorrections = (plateId: number, sign: ColourSign | null) =>
  useQuery({
    queryKey: ["bench", "corrections", plateId, sign],
    enabled: sign !== null,
    queryFn: () =>
      answer(
        api.GET("/api/plates/{id}/corrections", {
          params: { path: { id: plateId }, query: { sign: sign ?? "too strong or too dark" } },
        }),
      ),
  });

/** What was mixed into an ink stands on its pot. */
export function usePot(jobId: number, plateId: number) {
  const onSuccess = usePressChanged(jobId);
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (says: string) =>
      answer(api.POST("/api/plates/{id}/pot", { params: { path: { id: plateId } }, body: { says } })),
    onSuccess: () => {
      onSuccess();
      for (const key of ["shop", "bench"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

/** The orders in which a job can print. */
export const usePressOrders = (jobId: number, key: string) =>
  useQuery({
    queryKey: ["bench", "press-orders", jobId, key],
    queryFn: () => answer(api.GET("/api/jobs/{id}/press-orders", { params: { path: { id: jobId } } })),
  });

/** What another order would do; nothing is moved. */
export const useTriedOrder = (jobId: number, order: number[] | null) =>
  useQuery({
    queryKey: ["bench", "press-order", jobId, order],
    enabled: order !== null,
    placeholderData: (was) => was,
    queryFn: () =>
      answer(
        api.POST("/api/jobs/{id}/press-orders/tried", {
          params: { path: { id: jobId } },
          body: { order: order ?? [] },
        }),
      ),
  });

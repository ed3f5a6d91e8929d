import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type FirstAnswers } from "./client";

/** The questions of the first morning, with what is usual. */
export const useMorning = () => useQuery({ queryKey: ["morning"], queryFn: () => answer(api.GET("/api/morning")) });

export function useOpenShop() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: FirstAnswers) => answer(api.POST("/api/morning", { body })),
    onSuccess: (shop) => {
      queries.setQueryData(["shop"], shop);
      for (const key of ["morning", "jobs", "job", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Job, type JobChange, type PlateChange } from "./client";

const busy = (job: Job | undefined) => job?.task?.state === "waiting" || job?.task?.state === "working";

export const useJobs = () => useQuery({ queryKey: ["jobs"], queryFn: () => answer(api.GET("/api/jobs")) });

export const useShop = () =>
  useQuery({ queryKey: ["shop"], queryFn: () => answer(api.GET("/api/shop")), staleTime: 30_000 });

export const useJob = (id: number) =>
  useQuery({
    queryKey: ["job", id],
    queryFn: () => answer(api.GET("/api/jobs/{id}", { params: { path: { id } } })),
    // A slow look otherwise: laptop and tablet stand at one job.
    refetchInterval: (query) => (busy(query.state.data) ? 400 : 8_000),
  });

/** Work on one job: each call answers with the job as it then stands. */
export function useJobWork(id: number) {
  const queries = useQueryClient();
  // An answer that was asked for before the change must not be laid over it.
  const onMutate = () => queries.cancelQueries({ queryKey: ["job", id] });
  const onSuccess = async (job: Job) => {
    await queries.cancelQueries({ queryKey: ["job", id] });
    queries.setQueryData(["job", id], job);
    void queries.invalidateQueries({ queryKey: ["jobs"] });
    void queries.invalidateQueries({ queryKey: ["shop"] });
  };
  const path = { params: { path: { id } } };
  return {
    change: useMutation({
      mutationFn: (body: JobChange) => answer(api.PATCH("/api/jobs/{id}", { ...path, body })),
      onMutate,
      onSuccess,
    }),
    plate: useMutation({
      mutationFn: ({ plateId, ...body }: PlateChange & { plateId: number }) =>
        answer(api.PATCH("/api/plates/{id}", { params: { path: { id: plateId } }, body })),
      onMutate,
      onSuccess,
    }),
    separate: useMutation({ mutationFn: () => answer(api.POST("/api/jobs/{id}/separate", path)), onMutate, onSuccess }),
    films: useMutation({ mutationFn: () => answer(api.POST("/api/jobs/{id}/films", path)), onMutate, onSuccess }),
    frames: useMutation({ mutationFn: () => answer(api.POST("/api/jobs/{id}/frames", path)), onMutate, onSuccess }),
    undo: useMutation({ mutationFn: () => answer(api.POST("/api/jobs/{id}/undo", path)), onMutate, onSuccess }),
    again: useMutation({
      mutationFn: async (task: number) => {
        await answer(api.POST("/api/tasks/{id}/again", { params: { path: { id: task } } }));
        return answer(api.GET("/api/jobs/{id}", path));
      },
      onMutate,
      onSuccess,
    }),
  };
}

export function useNewJob() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: FormData) =>
      answer(
        api.POST("/api/jobs", {
          body: form as unknown as { art: string; widthMm: number; garmentHex: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      ),
    onSuccess: (job) => {
      queries.setQueryData(["job", job.id], job);
      void queries.invalidateQueries({ queryKey: ["jobs"] });
    },
  });
}

export function useStepTests(jobId: number) {
  const queries = useQueryClient();
  const onSuccess = () => {
    void queries.invalidateQueries({ queryKey: ["shop"] });
    void queries.invalidateQueries({ queryKey: ["job", jobId] });
  };
  return {
    record: useMutation({
      mutationFn: (body: {
        lampId: number;
        emulsionId: number;
        thicknessUm: number;
        dyed: boolean;
        lowS?: number;
        bestS?: number;
        highS?: number;
        remark?: string;
      }) => answer(api.POST("/api/step-tests", { body })),
      onSuccess,
    }),
    forget: useMutation({
      mutationFn: (id: number) => answer(api.DELETE("/api/step-tests/{id}", { params: { path: { id } } })),
      onSuccess,
    }),
  };
}

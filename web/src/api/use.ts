import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import {
  answer,
  api,
  type CameOff,
  type CoatTold,
  type FrameChange,
  type Job,
  type JobChange,
  type Plate,
  type PlateChange,
  type RoomTold,
  type Stretched,
} from "./client";

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
    for (const key of ["jobs", "shop", "darkroom", "frame", "frames"])
      void queries.invalidateQueries({ queryKey: [key] });
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

/** What a plate would be on other meshes; asked anew when its mesh, ink or ruling change. */
export const useMeshEffects = (plate: Plate) =>
  useQuery({
    queryKey: [
      "job",
      "meshes",
      plate.id,
      plate.frameId,
      plate.inkId,
      plate.lpi,
      plate.gaugedEomUm,
      plate.depositUm,
      plate.tones,
    ],
    queryFn: () => answer(api.GET("/api/plates/{id}/meshes", { params: { path: { id: plate.id } } })),
    placeholderData: (was) => was,
  });

/** The pattern of a ruling and angle with the plate's mesh. */
export const useMoire = (plate: Plate, at: { lpi: number; angle: number } | null) =>
  useQuery({
    queryKey: ["job", "moire", plate.id, plate.frameId, plate.lpi, plate.angleDeg, at?.lpi, at?.angle],
    queryFn: () =>
      answer(api.GET("/api/plates/{id}/moire", { params: { path: { id: plate.id }, query: at === null ? {} : at } })),
    placeholderData: (was) => was,
  });

export const useMoireMap = (plate: Plate) =>
  useQuery({
    queryKey: ["job", "moire map", plate.id, plate.frameId],
    queryFn: () => answer(api.GET("/api/plates/{id}/moire/map", { params: { path: { id: plate.id } } })),
    staleTime: 300_000,
  });

/** What hands do to a frame: the job, the rack and the plan follow. */
export function useFrameWork(id: number) {
  const queries = useQueryClient();
  const path = { params: { path: { id } } };
  const onSuccess = () => {
    for (const key of ["frame", "job", "jobs", "shop", "darkroom"]) void queries.invalidateQueries({ queryKey: [key] });
  };
  return {
    change: useMutation({
      mutationFn: (body: FrameChange) => answer(api.PATCH("/api/frames/{id}", { ...path, body })),
      onSuccess,
    }),
    coat: useMutation({
      mutationFn: (body: CoatTold) => answer(api.POST("/api/frames/{id}/coat", { ...path, body })),
      onSuccess,
    }),
    reclaim: useMutation({
      mutationFn: (body: { came: CameOff; again: boolean }) =>
        answer(api.POST("/api/frames/{id}/reclaim", { ...path, body })),
      onSuccess,
    }),
    stretch: useMutation({
      mutationFn: (body: Stretched) => answer(api.POST("/api/frames/{id}/stretch", { ...path, body })),
      onSuccess,
    }),
    read: useMutation({
      mutationFn: (body: { along: number[]; across: number[] }) =>
        answer(api.POST("/api/frames/{id}/tension", { ...path, body })),
      onSuccess,
    }),
    undo: useMutation({ mutationFn: () => answer(api.POST("/api/frames/{id}/undo", path)), onSuccess }),
    /** What the gauges read; nothing is kept by it. */
    gauge: useMutation({ mutationFn: () => answer(api.GET("/api/frames/{id}/gauge", path)) }),
  };
}

/** The best set of frames for a job, before it is taken. */
export const useFrameSet = (job: Job) =>
  useQuery({
    queryKey: ["frames", job.id, job.plates.map((p) => `${p.frameId} ${p.burnedSeconds}`).join()],
    queryFn: () => answer(api.GET("/api/jobs/{id}/frames", { params: { path: { id: job.id } } })),
    retry: false,
  });

/** The air, the places, the hours and the schools of the dark room. */
export function useRoomChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: RoomTold) => answer(api.PATCH("/api/darkroom/room", { body })),
    onSuccess: () => {
      for (const key of ["darkroom", "job", "frame"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

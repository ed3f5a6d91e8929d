import { type QueryClient, useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import {
  answer,
  api,
  type Benches,
  type ByShelf,
  type CameOff,
  type Care,
  type CoatTold,
  type FrameChange,
  type Job,
  type JobChange,
  type MethodOffer,
  type PlanChange,
  type PlateChange,
  type PlateOn,
  type RoomTold,
  type Stage,
  type Stretched,
} from "./client";
import { tell } from "./homes";

const busy = (job: Job | undefined) => job?.task?.state === "waiting" || job?.task?.state === "working";

/** The jobs as they hang, found by these words; fifty at a time. */
export const useJobs = (find = "") =>
  useInfiniteQuery({
    queryKey: ["jobs", find],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/jobs", { params: { query: find === "" ? { page: pageParam } : { find, page: pageParam } } }),
      ),
    initialPageParam: 1,
    getNextPageParam: (last, pages) =>
      pages.reduce((sum, one) => sum + one.jobs.length, 0) < last.found ? last.page + 1 : undefined,
    // While other words are looked for, what was found before stands.
    placeholderData: (was) => was,
  });

export const useShop = () =>
  useQuery({ queryKey: ["shop"], queryFn: () => answer(api.GET("/api/shop")), staleTime: 30_000 });

export const useJob = (id: number) =>
  useQuery({
    queryKey: ["job", id],
    queryFn: () => answer(api.GET("/api/jobs/{id}", { params: { path: { id } } })),
    // A slow look otherwise: laptop and tablet stand at one job.
    refetchInterval: (query) => (busy(query.state.data) ? 400 : 8_000),
  });

/** The head of a job as the shop last answered it; a page that waits for its bench shows the one before for a moment. */
export function useHeadNow(id: number) {
  const queries = useQueryClient();
  return () => queries.getQueryData<Job>(["job", id]);
}

/** Work on one job: each call answers with the job as it then stands. */
export function useJobWork(id: number) {
  const queries = useQueryClient();
  // An answer that was asked for before the change must not be laid over it.
  const onMutate = () => queries.cancelQueries({ queryKey: ["job", id] });
  const onSuccess = async (job: Job) => {
    await queries.cancelQueries({ queryKey: ["job", id] });
    // Two changes at once may be answered the other way round: the later turn stands.
    queries.setQueryData<Job>(["job", id], (was) => (was !== undefined && was.turn > job.turn ? was : job));
    for (const key of ["jobs", "shop", "darkroom", "frame", "frames", "hand"])
      void queries.invalidateQueries({ queryKey: [key] });
  };
  // What was refused may have been asked of a job that is not so any more: it is looked at anew.
  const onError = () => void queries.invalidateQueries({ queryKey: ["job", id] });
  const path = { params: { path: { id } } };
  // One after the other, as they were done: of two at once a busy shop might take the first one last.
  const scope = { id: `job ${id}` };
  return {
    change: useMutation({
      scope,
      mutationFn: (body: JobChange) => tell(id, body),
      onMutate,
      onSuccess,
      onError,
    }),
    plan: useMutation({
      scope,
      mutationFn: (body: PlanChange) => answer(api.PATCH("/api/jobs/{id}/plan", { ...path, body })),
      onMutate,
      onSuccess,
      onError,
    }),
    plate: useMutation({
      scope,
      mutationFn: ({ plateId, ...body }: PlateChange & { plateId: number }) =>
        answer(api.PATCH("/api/plates/{id}", { params: { path: { id: plateId } }, body })),
      onMutate,
      onSuccess,
      onError,
    }),
    separate: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/separate", path)),
      onMutate,
      onSuccess,
      onError,
    }),
    films: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/films", path)),
      onMutate,
      onSuccess,
      onError,
    }),
    frames: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/frames", path)),
      onMutate,
      onSuccess,
      onError,
    }),
    copy: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/copy", path)),
      onSuccess: (copy) => {
        queries.setQueryData(["job", copy.id], copy);
        void queries.invalidateQueries({ queryKey: ["jobs"] });
      },
    }),
    printAgain: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/again", path)),
      onSuccess: (again) => {
        queries.setQueryData(["job", again.id], again);
        for (const key of ["jobs", "shop", "frame", "frames", "hand"])
          void queries.invalidateQueries({ queryKey: [key] });
      },
    }),
    finish: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/finish", path)),
      onMutate,
      onSuccess,
      onError,
    }),
    reopen: useMutation({
      scope,
      mutationFn: () => answer(api.POST("/api/jobs/{id}/reopen", path)),
      onMutate,
      onSuccess,
      onError,
    }),
    remove: useMutation({
      scope,
      mutationFn: () => answer(api.DELETE("/api/jobs/{id}", path)),
      onSuccess: () => {
        queries.removeQueries({ queryKey: ["job", id] });
        for (const key of ["jobs", "shop", "darkroom", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
      },
    }),
    stop: useMutation({
      scope,
      mutationFn: async (task: number) => {
        await answer(api.DELETE("/api/tasks/{id}", { params: { path: { id: task } } }));
        return answer(api.GET("/api/jobs/{id}", path));
      },
      onMutate,
      onSuccess,
      onError,
    }),
    again: useMutation({
      scope,
      mutationFn: async (task: number) => {
        await answer(api.POST("/api/tasks/{id}/again", { params: { path: { id: task } } }));
        return answer(api.GET("/api/jobs/{id}", path));
      },
      onMutate,
      onSuccess,
      onError,
    }),
  };
}

export type JobWork = ReturnType<typeof useJobWork>;

/** The ways in which a job's art can become plates, and how light it is. */
export const useMethods = (job: { id: number; turn: number }) =>
  useQuery({
    queryKey: ["methods", job.id, job.turn],
    queryFn: () => answer(api.GET("/api/jobs/{id}/methods", { params: { path: { id: job.id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (was, before) => (before?.queryKey[1] === job.id ? was : undefined),
  });

/** One way of them, with its print; each is reckoned by itself, so that the quick ones are there first. */
export const useMethod = (job: { id: number; turn: number }, method: MethodOffer["method"], ask: boolean) =>
  useQuery({
    queryKey: ["method", job.id, method, job.turn],
    queryFn: () => answer(api.GET("/api/jobs/{id}/method/{method}", { params: { path: { id: job.id, method } } })),
    enabled: ask,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (was, before) =>
      before?.queryKey[1] === job.id && before?.queryKey[2] === method ? was : undefined,
  });

/** Which of them to take. */
export const useAdvice = (job: { id: number; turn: number }, care: Care, ask: boolean) =>
  useQuery({
    queryKey: ["advice", job.id, care, job.turn],
    queryFn: () => answer(api.GET("/api/jobs/{id}/advice/{care}", { params: { path: { id: job.id, care } } })),
    staleTime: Number.POSITIVE_INFINITY,
    enabled: ask,
  });

/** The best inks of the shelf for each number of screens; asked only of a job that is printed in many. */
export const useInks = (
  job: { id: number; garmentHex: string; method: string; framing: unknown },
  mix: ByShelf | null,
) =>
  useQuery({
    queryKey: [
      "inks",
      job.id,
      job.garmentHex,
      JSON.stringify([job.framing, { ...mix?.inks, inks: mix?.inks.inks?.length }]),
    ],
    queryFn: () => answer(api.GET("/api/jobs/{id}/inks", { params: { path: { id: job.id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    enabled: job.method === "simulated" || job.method === "index",
    placeholderData: (was, before) => (before?.queryKey[1] === job.id ? was : undefined),
  });

/** How far a print’s colours change by a plate that is off. */
export const useShift = (
  job: { id: number; pullKey: string },
  plate: number,
  at: { x: number; y: number; turn: number },
) =>
  useQuery({
    queryKey: ["shift", job.id, job.pullKey, plate, at.x, at.y, at.turn],
    queryFn: () =>
      answer(
        api.GET("/api/jobs/{id}/shift", {
          params: { path: { id: job.id }, query: { x: 0, y: 0, mm: 10, plate, dx: at.x, dy: at.y, turn: at.turn } },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (was, before) => (before?.queryKey[1] === job.id ? was : undefined),
  });

/** The orders in which a picture’s inks can print, the nearest first; asked only where somebody wants to know. */
export const useOrders = (job: { id: number; turn: number }, ask: boolean) =>
  useQuery({
    queryKey: ["orders", job.id, job.turn],
    queryFn: () => answer(api.GET("/api/jobs/{id}/orders", { params: { path: { id: job.id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    enabled: ask,
  });

/** The print at the size of the screen, while the plates for film are drawn or have still to be drawn anew. */
export function useFirstPull(job: Job) {
  const { data } = useQuery({
    queryKey: ["first pull", job.id, job.pullKey],
    queryFn: () => answer(api.GET("/api/jobs/{id}/first-pull", { params: { path: { id: job.id } } })),
    enabled: !job.separationCurrent,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (was, before) => (before?.queryKey[1] === job.id ? was : undefined),
  });
  return job.separationCurrent || !data || data.plates.length === 0 ? null : data;
}

/** A picture before it is a job: where its ink is, how large it can be printed here. */
export const useArtLooked = (file: File | null) =>
  useQuery({
    queryKey: ["look", file?.name, file?.size, file?.lastModified],
    enabled: file !== null,
    retry: false,
    queryFn: () => {
      const form = new FormData();
      if (file) form.set("art", file);
      return answer(
        api.POST("/api/art/look", {
          body: form as unknown as { art: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
  });

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

/** Benches that were asked for before the head had come, by stage and job. */
const early = new Map<string, Promise<{ turn: string | null; bench: Benches[Stage] } | null>>();

/** A page that is opened asks for its bench at once, beside the head. */
export function askEarly(stage: Stage, id: number) {
  const key = `${stage} ${id}`;
  if (early.has(key)) return;
  early.set(
    key,
    benchOf(stage, id)
      .then(({ data, response }) => (data ? { turn: response.headers.get("X-Turn"), bench: data } : null))
      .catch(() => null),
  );
}

const STAGES: Stage[] = ["art", "plates", "films", "screens", "light", "press", "run"];
/** So long a job stands open before the benches beside the one at hand are fetched, ms. */
const AHEAD_MS = 1_200;

/** Once a job stands open its other benches are fetched one after the other, so that a click finds them there. */
export function useBenchesAhead(head: Job | undefined) {
  const queries = useQueryClient();
  const done = useRef(0);
  const ready = head !== undefined && !busy(head) && done.current !== head.id;
  useEffect(() => {
    if (!ready || head === undefined) return;
    let stopped = false;
    const later = setTimeout(async () => {
      done.current = head.id;
      for (const stage of STAGES) {
        if (stopped) return;
        await queries.prefetchQuery({
          queryKey: ["bench", stage, head.id, head.turn],
          queryFn: () => answer(benchOf(stage, head.id) as Promise<{ data?: Benches[Stage] }>),
          staleTime: Number.POSITIVE_INFINITY,
        });
      }
    }, AHEAD_MS);
    return () => {
      stopped = true;
      clearTimeout(later);
    };
  }, [ready, head, queries]);
}

/** What a stage shows besides the head, asked anew whenever the shop was changed; `fresh` where it is of the head's own turn. */
export function useBench<S extends Stage>(stage: S, head: Job | undefined) {
  const { data, isPlaceholderData } = useQuery({
    queryKey: ["bench", stage, head?.id, head?.turn],
    queryFn: async () => {
      const key = `${stage} ${head?.id}`;
      const first = await early.get(key);
      early.delete(key);
      if (first && first.turn === String(head?.turn)) return first.bench as Benches[S];
      return answer(benchOf(stage, head?.id ?? 0) as Promise<{ data?: Benches[S] }>);
    },
    enabled: head !== undefined,
    // While the shop’s next turn is fetched the last one stands; another stage’s bench is another thing.
    placeholderData: (was, before) =>
      before?.queryKey[1] === stage && before?.queryKey[2] === head?.id ? was : undefined,
  });
  return { bench: data, fresh: data !== undefined && !isPlaceholderData };
}

/** After a change that did not answer with the job: head and bench as they stand now; until both are there the change is under way. */
export async function fetchAnew(queries: QueryClient, id: number, stage: Stage) {
  await queries.cancelQueries({ queryKey: ["job", id] });
  const head = await queries.fetchQuery({
    queryKey: ["job", id],
    queryFn: () => answer(api.GET("/api/jobs/{id}", { params: { path: { id } } })),
    staleTime: 0,
  });
  await queries.prefetchQuery({
    queryKey: ["bench", stage, id, head.turn],
    queryFn: () => answer(benchOf(stage, id) as Promise<{ data?: Benches[Stage] }>),
  });
}

/** Asks for a bench. */
function benchOf(stage: Stage, id: number) {
  const path = { params: { path: { id } } };
  switch (stage) {
    case "art":
      return api.GET("/api/jobs/{id}/art/bench", path);
    case "plates":
      return api.GET("/api/jobs/{id}/plates", path);
    case "films":
      return api.GET("/api/jobs/{id}/films", path);
    case "screens":
      return api.GET("/api/jobs/{id}/screens", path);
    case "light":
      return api.GET("/api/jobs/{id}/light", path);
    case "press":
      return api.GET("/api/jobs/{id}/press", path);
    case "run":
      return api.GET("/api/jobs/{id}/run", path);
  }
}

/** The figures of a plate's strip, explained; asked for when somebody wants to know. */
export const useWhy = (plateId: number, turn: number, open: boolean) =>
  useQuery({
    queryKey: ["bench", "why", plateId, turn],
    queryFn: () => answer(api.GET("/api/plates/{id}/why", { params: { path: { id: plateId } } })),
    enabled: open,
  });

/** What a plate showed a moment ago stands until its next is fetched; another plate's never does: its frames would be taken. */
const ofPlate =
  (plateId: number) =>
  <T>(was: T | undefined, before?: { queryKey: readonly unknown[] }) =>
    before?.queryKey[2] === plateId ? was : undefined;

/** The frames of the rack as a plate sees them. */
export const useFramesFor = (plateId: number, turn: number) =>
  useQuery({
    queryKey: ["bench", "frames", plateId, turn],
    queryFn: () => answer(api.GET("/api/plates/{id}/frames", { params: { path: { id: plateId } } })),
    placeholderData: ofPlate(plateId),
  });

/** The lists of the trade: what may be chosen. */
export const useTrade = () =>
  useQuery({ queryKey: ["trade"], queryFn: () => answer(api.GET("/api/trade")), staleTime: Number.POSITIVE_INFINITY });

/** What a plate would be on other meshes; asked anew when its mesh, ink or ruling change. */
export const useMeshEffects = (plate: { id: number }, turn: number) =>
  useQuery({
    queryKey: ["bench", "meshes", plate.id, turn],
    queryFn: () => answer(api.GET("/api/plates/{id}/meshes", { params: { path: { id: plate.id } } })),
    placeholderData: ofPlate(plate.id),
  });

/** The pattern of a ruling and angle with the plate's mesh. */
export const useMoire = (plate: PlateOn<"screens">, at: { lpi: number; angle: number } | null) =>
  useQuery({
    queryKey: ["bench", "moire", plate.id, plate.frameId, plate.lpi, plate.angleDeg, at?.lpi, at?.angle],
    queryFn: () =>
      answer(api.GET("/api/plates/{id}/moire", { params: { path: { id: plate.id }, query: at === null ? {} : at } })),
    placeholderData: ofPlate(plate.id),
  });

export const useMoireMap = (plate: PlateOn<"screens">) =>
  useQuery({
    queryKey: ["bench", "moire map", plate.id, plate.frameId],
    queryFn: () => answer(api.GET("/api/plates/{id}/moire/map", { params: { path: { id: plate.id } } })),
    staleTime: 300_000,
  });

/** What hands do to a frame: the job, the rack and the plan follow. */
export function useFrameWork(id: number) {
  const queries = useQueryClient();
  const path = { params: { path: { id } } };
  const onSuccess = () => {
    for (const key of ["frame", "job", "jobs", "shop", "darkroom", "hand"])
      void queries.invalidateQueries({ queryKey: [key] });
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
    /** What the gauges read; nothing is kept by it. */
    gauge: useMutation({ mutationFn: () => answer(api.GET("/api/frames/{id}/gauge", path)) }),
  };
}

/** The best set of frames for a job, before it is taken. */
export const useFrameSet = (job: { id: number; turn: number }) =>
  useQuery({
    queryKey: ["frames", job.id, job.turn],
    queryFn: () => answer(api.GET("/api/jobs/{id}/frames", { params: { path: { id: job.id } } })),
    retry: false,
  });

/** The air, the places, the hours and the schools of the dark room. */
export function useRoomChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: RoomTold) => answer(api.PATCH("/api/darkroom/room", { body })),
    onSuccess: () => {
      for (const key of ["darkroom", "job", "frame", "hand"]) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

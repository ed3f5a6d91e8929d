import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import type { paths } from "./generated/schema";

type Answer<P extends keyof paths, M extends keyof paths[P]> = paths[P][M] extends {
  responses: { 200: { content: { "application/json": infer T } } };
}
  ? T
  : never;

export type StepBench = Answer<"/api/step-tests/plan", "get">;
export type StepPlan = StepBench["plan"];
export type TestOffer = Answer<"/api/step-tests/next", "get">[number];
export type StripsRead = Answer<"/api/step-tests/read", "post">;
export type ReadStrips = Answer<"/api/step-tests/picture", "post">;
export type StripSeen = ReadStrips["strips"][number];
export type LampBench = Answer<"/api/lamps/{id}", "get">;
export type DistanceSeen = Answer<"/api/lamps/{id}/distances", "get">[number];

/** What is tested: under which lamp, with which emulsion, through how much. */
export type Tested = { lampId: number; emulsionId: number; thicknessUm: number; dyed: boolean };

/** The tests that would teach most of what waits. */
export const useNextTests = () =>
  useQuery({ queryKey: ["next-tests"], queryFn: () => answer(api.GET("/api/step-tests/next")) });

export const useStepPlan = (of: Tested | null, strips: number | null, incrementS: number | null, firstS: number) =>
  useQuery({
    queryKey: ["step-plan", of, strips, incrementS, firstS],
    enabled: of !== null,
    placeholderData: (was) => was,
    retry: false,
    queryFn: () =>
      answer(
        api.GET("/api/step-tests/plan", {
          params: {
            query: {
              ...(of as Tested),
              ...(strips === null ? {} : { strips }),
              ...(incrementS === null ? {} : { incrementS, firstS }),
            },
          },
        }),
      ),
  });

export const readStrips = (strips: StripSeen[]) => answer(api.POST("/api/step-tests/read", { body: { strips } }));

export function readPicture(picture: File, seconds: number[]): Promise<ReadStrips> {
  const form = new FormData();
  form.append("picture", picture);
  form.append("seconds", seconds.join(","));
  return answer(
    api.POST("/api/step-tests/picture", {
      body: form as unknown as { picture: string; seconds: string },
      bodySerializer: (body) => body as unknown as FormData,
    }),
  );
}

export const practiceStrips = (of: Tested, seconds: number[]) =>
  answer(api.POST("/api/step-tests/practice", { body: { ...of, seconds } }));

/** All that hangs on step tests and lamps is asked anew. */
export function useLightChanged() {
  const queries = useQueryClient();
  return () => {
    for (const key of ["shop", "job", "bench", "hand", "lamp", "next-tests", "step-plan"])
      void queries.invalidateQueries({ queryKey: [key] });
  };
}

export function useTests() {
  const onSuccess = useLightChanged();
  return {
    record: useMutation({
      mutationFn: (
        body: Tested & {
          lowS?: number | undefined;
          bestS?: number | undefined;
          highS?: number | undefined;
          incrementS?: number | undefined;
          burnedS?: number | undefined;
          lowFilter?: number | undefined;
          bestFilter?: number | undefined;
          highFilter?: number | undefined;
          film?: string;
          remark?: string;
          strips?: StripSeen[];
        },
      ) => answer(api.POST("/api/step-tests", { body: body as never })),
      onSuccess,
    }),
    forget: useMutation({
      mutationFn: (id: number) => answer(api.DELETE("/api/step-tests/{id}", { params: { path: { id } } })),
      onSuccess,
    }),
    aside: useMutation({
      mutationFn: ({ id, aside }: { id: number; aside: boolean }) =>
        answer(api.POST("/api/step-tests/{id}/aside", { params: { path: { id } }, body: { aside } })),
      onSuccess,
    }),
  };
}

export const useLamp = (id: number) =>
  useQuery({
    queryKey: ["lamp", id],
    queryFn: () => answer(api.GET("/api/lamps/{id}", { params: { path: { id } } })),
  });

export const useDistances = (id: number, widthMm: number, heightMm: number, seconds: number, on: boolean) =>
  useQuery({
    queryKey: ["distances", id, widthMm, heightMm, seconds],
    enabled: on && widthMm > 0 && heightMm > 0 && seconds > 0,
    retry: false,
    queryFn: () =>
      answer(api.GET("/api/lamps/{id}/distances", { params: { path: { id }, query: { widthMm, heightMm, seconds } } })),
  });

export function useStartLoss(id: number) {
  const changed = useLightChanged();
  return useMutation({
    mutationFn: (body: { longS: number; shortS: number; burns: number }) =>
      answer(api.POST("/api/lamps/{id}/start-loss", { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

/** Starts the lamp's own timer. */
export const lightUp = (lampId: number, seconds: number) =>
  answer(api.POST("/api/lamps/{id}/light", { params: { path: { id: lampId } }, body: { seconds } }));

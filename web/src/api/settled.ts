import type { MutationCache, QueryClient } from "@tanstack/react-query";

/** Under this key lie undo and redo themselves. */
export const HAND = ["hand"];
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

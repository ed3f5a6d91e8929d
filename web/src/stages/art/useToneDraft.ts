import { useEffect, useRef, useState } from "react";
import type { JobOn, Tonal, WorkChange } from "../../api/client";
import type { JobWork } from "../../api/use";

/** Hands at rest for so long: what was set is kept. */
const REST_MS = 600;

/** What was changed of the tones and not kept yet: it is kept by itself as soon as the hands rest. */
export function useToneDraft(job: JobOn<"art">, work: JobWork) {
  const [draft, setDraft] = useState<WorkChange>({});
  const latest = useRef<WorkChange>({});
  const rest = useRef<ReturnType<typeof setTimeout> | null>(null);
  const change = work.plan;
  const send = () => {
    const tones = latest.current;
    if (Object.keys(tones).length === 0) return;
    latest.current = {};
    change.mutate({ work: tones }, { onError: () => setDraft({}) });
  };
  const keep = useRef(send);
  keep.current = send;
  const set = (part: WorkChange) => {
    latest.current = { ...latest.current, ...part };
    setDraft((was) => ({ ...was, ...part }));
    if (rest.current) clearTimeout(rest.current);
    rest.current = setTimeout(() => keep.current(), REST_MS);
  };
  // A page that is left keeps what was set on it.
  useEffect(
    () => () => {
      if (rest.current) clearTimeout(rest.current);
      keep.current();
    },
    [],
  );
  const stamp = JSON.stringify((job.plan as Tonal).work);
  useEffect(() => {
    if (Object.keys(latest.current).length === 0) setDraft({});
  }, [stamp]);
  return { draft, set };
}

import { useEffect, useRef, useState } from "react";
import type { JobOn, ToneChange } from "../../api/client";
import type { JobWork } from "../../api/use";

/** Hands at rest for so long: what was set is kept. */
const REST_MS = 600;

/** What was changed of the tones and not kept yet: it is kept by itself as soon as the hands rest. */
export function useToneDraft(job: JobOn<"art">, work: JobWork) {
  const [draft, setDraft] = useState<ToneChange>({});
  const latest = useRef<ToneChange>({});
  const rest = useRef<ReturnType<typeof setTimeout> | null>(null);
  const change = work.change;
  const send = () => {
    const tone = latest.current;
    if (Object.keys(tone).length === 0) return;
    latest.current = {};
    change.mutate({ tone }, { onError: () => setDraft({}) });
  };
  const keep = useRef(send);
  keep.current = send;
  const set = (part: ToneChange) => {
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
  const stamp = JSON.stringify(job.tone);
  useEffect(() => {
    if (Object.keys(latest.current).length === 0) setDraft({});
  }, [stamp]);
  return { draft, set, stamp };
}

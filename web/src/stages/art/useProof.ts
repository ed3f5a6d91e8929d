import { useEffect, useRef, useState } from "react";
import { api, type ToneWork, type WorkChange } from "../../api/client";

/** What the tones at hand would print: asked of the shop with every change, the last answer wins. */
export function useProof(
  jobId: number,
  draft: WorkChange,
  garmentHex: string | null,
  uncorrected: boolean,
  stamp: string,
) {
  const [proof, setProof] = useState<{ url: string; curve: number[] } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const asked = useRef(0);
  const solved = useRef<string | null>(null);
  const body = JSON.stringify({ plan: { work: draft }, ...(garmentHex === null ? {} : { garmentHex }), uncorrected });
  useEffect(() => {
    const turn = ++asked.current;
    const look = async (glance: boolean) => {
      const { data, error, response } = await api.POST("/api/jobs/{id}/tone-proof", {
        params: { path: { id: jobId } },
        body: { ...JSON.parse(body), glance },
        parseAs: "blob",
      });
      if (turn !== asked.current) return false;
      if (!response.ok || !data) {
        setTrouble((error as { detail?: string } | undefined)?.detail ?? "That cannot be printed.");
        return false;
      }
      setTrouble(null);
      const url = URL.createObjectURL(data as unknown as Blob);
      setProof((was) => {
        if (was) URL.revokeObjectURL(was.url);
        return { url, curve: (response.headers.get("X-Tone-Curve") ?? "").split(",").map(Number) };
      });
      return true;
    };
    void (async () => {
      // Other inks or another order are solved anew, which takes a while: until then a glance stands there.
      if (solved.current !== stamp && !(await look(true))) return;
      if (await look(false)) solved.current = stamp;
    })().catch(() =>
      setTrouble("Ektype does not answer. Nothing was changed; look whether its program is still running."),
    );
  }, [jobId, body, stamp]);
  return { proof, trouble };
}

/** The tones at hand: those that are kept, and what was changed since. */
export const withDraft = (kept: ToneWork, draft: WorkChange): ToneWork => ({
  ...kept,
  ...(Object.fromEntries(
    Object.entries(draft).filter(([, value]) => value !== undefined && value !== null),
  ) as Partial<ToneWork>),
});

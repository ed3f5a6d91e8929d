import { useState } from "react";
import { type JobChange, Problem } from "../api/client";
import type { JobWork } from "../api/use";
import { Trouble } from "./Parts";

/** The text of a field that follows what is kept, as long as nobody types in it. */
export function useFollowing(value: string): [string, (text: string) => void] {
  const [kept, keep] = useState({ of: value, text: value });
  if (kept.of !== value) keep({ of: value, text: value });
  return [kept.text, (text) => keep({ of: value, text })];
}

/**
 * The one way of saving: a field is kept when it is left, each by itself, and can be undone. What is refused stays as it was
 * typed, with its sentence beside it, until it is put right.
 */
export function useKeep(work: JobWork) {
  const [refused, setRefused] = useState<Record<string, unknown>>({});
  const forget = (field: string) => setRefused(({ [field]: _, ...rest }) => rest);
  return {
    /** null where the field says what is kept already */
    keep: <Change = JobChange>(
      field: string,
      change: Change | null,
      by: (change: Change) => Promise<unknown> = work.change.mutateAsync as (change: Change) => Promise<unknown>,
    ) => {
      if (change === null) return forget(field);
      by(change)
        .then(() => forget(field))
        .catch((error: unknown) => {
          // What names no field stands at the top of the page already.
          if (error instanceof Problem && error.field !== "") setRefused((was) => ({ ...was, [field]: error }));
        });
    },
    trouble: (...fields: string[]) => (
      <>
        {fields.map((field) => (
          <Trouble key={field} of={refused[field]} />
        ))}
      </>
    ),
  };
}

/** Enter leaves the field at hand, which keeps it; browsers send no form of several fields that has no button. */
export const leaving = {
  onSubmit: (e: React.FormEvent) => e.preventDefault(),
  onKeyDown: (e: React.KeyboardEvent) => {
    if (e.key !== "Enter" || !(e.target instanceof HTMLInputElement)) return;
    e.preventDefault();
    e.target.blur();
  },
};

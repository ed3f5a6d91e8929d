import { type ComponentType, lazy } from "react";

type Fetch = () => Promise<{ default: ComponentType }>;

const waiting: Fetch[] = [];

/** A page whose script comes when it is opened, or earlier when the browser has nothing else to do. */
export function laterPage(fetch: () => Promise<ComponentType>) {
  const get: Fetch = async () => ({ default: await fetch() });
  waiting.push(get);
  return lazy(get);
}

const whenIdle = (work: () => void) =>
  "requestIdleCallback" in window ? window.requestIdleCallback(work) : setTimeout(work, 200);

/** Fetches the pages that were not opened yet, one after the other; stops where the server does not answer. */
export function fetchAhead() {
  const next = waiting.shift();
  if (next) {
    whenIdle(() => void next().then(fetchAhead, () => waiting.unshift(next)));
  }
}

import { type ComponentType, lazy } from "react";
import { matchPath } from "react-router";

type Fetch = () => Promise<{ default: ComponentType }>;

/** So long the page that was asked for has the machine to itself, ms. */
const FIRST = 2_500;
const waiting: Fetch[] = [];

/** A page whose script comes at once where its address was asked for, when it is opened, or earlier when the browser has nothing else to do. */
export function laterPage(path: string, fetch: () => Promise<ComponentType>) {
  let got: ReturnType<Fetch> | undefined;
  const get: Fetch = () => {
    got ??= fetch().then(
      (page) => ({ default: page }),
      (lost) => {
        got = undefined;
        throw lost;
      },
    );
    return got;
  };
  if (matchPath(path, window.location.pathname)) {
    get().catch(() => undefined);
  } else {
    waiting.push(get);
  }
  return lazy(get);
}

const whenIdle = (work: () => void) =>
  "requestIdleCallback" in window ? window.requestIdleCallback(work) : setTimeout(work, 200);

/** Fetches the pages that were not opened yet, one after the other; stops where the server does not answer. */
export function fetchAhead() {
  setTimeout(fetchNext, FIRST);
}

function fetchNext() {
  const next = waiting.shift();
  if (next) {
    whenIdle(() => void next().then(fetchNext, () => waiting.unshift(next)));
  }
}

/** So long a page that was gone to is waited for, ms. */
const PATIENCE_MS = 4_000;
/** Whoever takes an element away may give the focus on itself; so long it has, ms. */
const GIVES_MS = 80;
/** So long a bench has before the name of the page will do, ms. */
const BENCH_MS = 500;
const HEADINGS = "h2, h3, h1";

function focus(heading: Element | null | undefined): boolean {
  if (!(heading instanceof HTMLElement)) return false;
  if (!heading.hasAttribute("tabindex")) heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
  heading.scrollIntoView({ block: "nearest" });
  return true;
}

/** Brings eyes and keys to the place that was asked for, as soon as it is there: to its heading; without a name to the page’s first. */
export function arrive(look: string) {
  const until = performance.now() + PATIENCE_MS;
  const had = document.activeElement;
  const seek = () => {
    const has = document.activeElement;
    // Whoever has gone on by hand in the meantime is left alone.
    if (has !== had && has !== document.body) return;
    const place = document.querySelector(look ? `[data-look="${look}"]` : "[data-bench]");
    // A page without a bench is found by its name, once a bench has had its time to come.
    const late = performance.now() > until - PATIENCE_MS + BENCH_MS;
    const there =
      place?.querySelector(HEADINGS) ?? place ?? (!look && late ? document.querySelector("#page h1") : null);
    if (!focus(there) && performance.now() < until) requestAnimationFrame(seek);
  };
  // One frame later: what is left behind is gone then.
  requestAnimationFrame(() => requestAnimationFrame(seek));
}

const isOff = (element: Element) => element.matches(":disabled");

/**
 * Keys stay where the work is: when what had the focus is taken away, the heading of what stands there now has it, not the top of
 * the page; what was only shut for a moment has it again.
 */
export function keepFocus(page: HTMLElement): () => void {
  let path: Element[] = [];
  let waiting = 0;
  // Where the hand was before a sheet came over the page.
  let before: HTMLElement | null = null;
  const note = (e: FocusEvent) => {
    if (path[0] instanceof HTMLElement && page.contains(path[0])) before = path[0];
    path = [];
    for (let at = e.target as Element | null; at !== null; at = at.parentElement) path.push(at);
  };
  const look = () => {
    const last = path[0];
    if (document.activeElement !== document.body || last === undefined) return;
    if (last.isConnected) {
      if (!isOff(last) && wasOff) (last as HTMLElement).focus({ preventScroll: true });
      wasOff = isOff(last);
      return;
    }
    const stands = path.find((one) => one.isConnected && page.contains(one));
    path = [];
    if (stands === undefined && before?.isConnected) before.focus({ preventScroll: true });
    for (let at = stands ?? null; at !== null; at = at.parentElement) {
      if (focus(at.querySelector(HEADINGS)) || at === page) return;
    }
  };
  let wasOff = false;
  const changed = () => {
    window.clearTimeout(waiting);
    waiting = window.setTimeout(look, GIVES_MS);
    if (path[0] !== undefined && isOff(path[0])) wasOff = true;
  };
  const watch = new MutationObserver(changed);
  document.addEventListener("focusin", note);
  watch.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ["disabled"] });
  return () => {
    window.clearTimeout(waiting);
    document.removeEventListener("focusin", note);
    watch.disconnect();
  };
}

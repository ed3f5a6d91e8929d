import { useEffect, useRef, useState } from "react";

/** Whether a thing has come into sight yet: what costs the shop time is asked for no sooner. */
export function useSeen<T extends Element>() {
  const at = useRef<T>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const node = at.current;
    if (!node || seen) return;
    if (typeof IntersectionObserver === "undefined") {
      setSeen(true);
      return;
    }
    const watch = new IntersectionObserver((entries) => {
      if (entries.some((e) => e.isIntersecting)) setSeen(true);
    });
    watch.observe(node);
    return () => watch.disconnect();
  }, [seen]);
  return { at, seen };
}

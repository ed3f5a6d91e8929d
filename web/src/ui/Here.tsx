import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useLocation } from "react-router";
import type { Job } from "../api/client";
import { jobIn } from "./places";
import { title } from "./title";

/** Names the page for the browser’s bar and for those who hear it, and lets the keyboard pass over the rail. */
export function Here() {
  const path = useLocation().pathname;
  // The page asks for its job itself: here its name is only read.
  const { data } = useQuery<Job>({ queryKey: ["job", jobIn(path)], enabled: false });
  const called = title(path, data?.name ?? null);
  useEffect(() => {
    document.title = called;
  }, [called]);
  return (
    <a href="#page" className="past reach lined">
      To the work itself
    </a>
  );
}

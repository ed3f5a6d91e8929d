import { useHotkeys } from "react-hotkeys-hook";
import { isTyping } from "./typing";

/** A key that works wherever nobody is writing and no sheet lies over the page; a tick or a slider writes nothing. */
export const useKey = (keys: string | string[], then: (e: KeyboardEvent) => void, instead = false) =>
  useHotkeys(keys, then, {
    useKey: true,
    preventDefault: instead,
    enableOnFormTags: true,
    ignoreEventWhen: (e) => isTyping(e.target) || document.querySelector("[role=dialog][aria-modal=true]") !== null,
  });

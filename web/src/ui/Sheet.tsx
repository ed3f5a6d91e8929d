import { chakra, Dialog, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { sheetRecipe } from "./recipes";

const Paper = chakra(Dialog.Content, sheetRecipe);

/** A sheet over the page: the focus stays in it, Escape or a click beside it puts it away. */
export function Sheet({ label, close, children }: { label: string; close: () => void; children: ReactNode }) {
  return (
    // Where the focus was is given back at once, before the next sheet has it, by keepFocus.
    <Dialog.Root open restoreFocus={false} onOpenChange={({ open }) => !open && close()}>
      <Portal>
        <Dialog.Backdrop bg="color-mix(in srgb, var(--paper) 70%, transparent)" />
        <Dialog.Positioner alignItems="flex-start" pt="9vh">
          <Paper aria-label={label} mt="0">
            {children}
          </Paper>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

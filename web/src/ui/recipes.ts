import { defineRecipe, defineSlotRecipe } from "@chakra-ui/react";

/** How the parts of the interface look, each in one place. */

/** The one thing to do here; quiet for what may also be done. */
export const actionRecipe = defineRecipe({
  className: "action",
  base: {
    minH: "48px",
    px: "22px",
    fontWeight: "700",
    cursor: "pointer",
    borderWidth: "1px",
    _hover: { bg: "ink", color: "paper", borderColor: "ink" },
    _disabled: { opacity: 0.45, cursor: "default", pointerEvents: "none" },
  },
  variants: {
    loud: {
      yes: { borderColor: "teal", bg: "teal", color: "onTeal" },
      no: { borderColor: "ink", bg: "transparent", color: "ink" },
    },
  },
  defaultVariants: { loud: "yes" },
});

/** A word that can be pressed; 44 px high like everything that is touched. */
export const wordRecipe = defineRecipe({
  className: "word",
  base: {
    minH: "44px",
    minW: "44px",
    px: "10px",
    cursor: "pointer",
    fontSize: "small",
    textDecoration: "underline",
    textUnderlineOffset: "3px",
    _pressed: { fontWeight: "700" },
    _disabled: { opacity: 0.45, cursor: "default" },
  },
});

/** Anything else that is pressed: it looks as what it holds. */
export const plainRecipe = defineRecipe({ className: "plain", base: { minH: "44px", cursor: "pointer" } });

export const fieldRecipe = defineRecipe({
  className: "field",
  base: {
    minH: "44px",
    w: "100%",
    bg: "raised",
    borderWidth: "0 0 1px 0",
    borderColor: "ink",
    px: "10px",
    fontFamily: "readout",
    fontSize: "16px",
    color: "ink",
  },
});

/** A sheet of paper laid over the page. */
export const sheetRecipe = defineRecipe({
  className: "sheet",
  base: {
    bg: "raised",
    color: "ink",
    borderWidth: "1px",
    borderColor: "ink",
    borderRadius: "0",
    boxShadow: "none",
    w: "560px",
    maxW: "94vw",
    maxH: "78vh",
    overflow: "auto",
    p: "22px 26px",
  },
});

/** Why a figure is what it is. */
export const whyRecipe = defineRecipe({
  className: "why",
  base: {
    w: "340px",
    maxW: "86vw",
    bg: "raised",
    color: "ink",
    borderWidth: "1px",
    borderColor: "ink",
    borderRadius: "0",
    boxShadow: "none",
    p: "16px 18px",
    fontSize: "small",
  },
});

/** Where a sheet lies over the page. */
export const overPageRecipe = defineSlotRecipe({
  className: "over-page",
  slots: ["backdrop", "positioner", "content"],
  base: {
    backdrop: { position: "fixed", inset: "0", zIndex: "1499" },
    positioner: {
      display: "flex",
      justifyContent: "center",
      position: "fixed",
      inset: "0",
      zIndex: "1500",
      overflow: "auto",
      pointerEvents: "auto",
      overscrollBehaviorY: "none",
    },
    content: {
      display: "flex",
      flexDirection: "column",
      position: "relative",
      outline: "0",
      fontSize: "14px",
      lineHeight: "20px",
      mx: "auto",
    },
  },
});

/** Where a why stands beside its figure. */
export const overRecipe = defineSlotRecipe({
  className: "over",
  slots: ["content"],
  base: {
    content: {
      position: "relative",
      display: "flex",
      flexDirection: "column",
      outline: "0",
      lineHeight: "20px",
      maxHeight: "var(--available-height)",
      zIndex: "1500",
    },
  },
});

/** A code of squares that a camera reads. */
export const codeRecipe = defineSlotRecipe({
  className: "code",
  slots: ["root", "frame"],
  base: {
    root: { position: "relative", width: "fit-content" },
    frame: { width: "160px", height: "160px", fill: "currentColor" },
  },
});

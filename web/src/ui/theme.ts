import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";
import {
  actionRecipe,
  codeRecipe,
  fieldRecipe,
  overPageRecipe,
  overRecipe,
  plainRecipe,
  sheetRecipe,
  whyRecipe,
  wordRecipe,
} from "./recipes";

/** Every colour is a variable of paper.css, so that safelight changes them all at once. */
const colour = (name: string) => ({ value: `var(--${name})` });

/** What the pages use and nothing else: the library's own looks are half of what a page would load and set up. */
const config = defineConfig({
  preflight: true,
  theme: {
    breakpoints: { sm: "480px", md: "768px", lg: "1024px", xl: "1280px", "2xl": "1536px" },
    slotRecipes: { dialog: overPageRecipe, popover: overRecipe, qrCode: codeRecipe },
    recipes: {
      action: actionRecipe,
      word: wordRecipe,
      plain: plainRecipe,
      field: fieldRecipe,
      sheet: sheetRecipe,
      why: whyRecipe,
    },
    tokens: {
      fonts: {
        body: { value: "'Archivo Variable', sans-serif" },
        heading: { value: "'Archivo Variable', sans-serif" },
        readout: { value: "'Spline Sans Mono', monospace" },
      },
      fontSizes: {
        small: { value: "13px" },
        text: { value: "15px" },
        lead: { value: "19px" },
        title: { value: "32px" },
        readout: { value: "19px" },
        big: { value: "44px" },
        huge: { value: "132px" },
      },
      colors: {
        paper: colour("paper"),
        raised: colour("raised"),
        ink: colour("ink"),
        quiet: colour("quiet"),
        line: colour("line"),
        faint: colour("faint"),
        teal: colour("teal"),
        onTeal: colour("on-teal"),
        amber: colour("amber"),
        madder: colour("madder"),
        cloth: colour("cloth"),
      },
    },
  },
  globalCss: {
    "*": {
      "--global-color-border": "var(--line)",
      "--global-font-body": "fonts.body",
      "--global-font-mono": "fonts.readout",
    },
    "*::placeholder": { color: "quiet" },
    "html, body": { background: "paper", color: "ink", fontFamily: "body", fontSize: "text", lineHeight: "1.35" },
  },
});

export const system = createSystem(defaultBaseConfig, config);

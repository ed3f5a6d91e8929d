import { createSystem, defaultConfig, defineConfig } from "@chakra-ui/react";
import { actionRecipe, fieldRecipe, plainRecipe, sheetRecipe, whyRecipe, wordRecipe } from "./recipes";

/** Every colour is a variable of paper.css, so that safelight changes them all at once. */
const colour = (name: string) => ({ value: `var(--${name})` });

const config = defineConfig({
  theme: {
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
    "html, body": { background: "paper", color: "ink", fontFamily: "body", fontSize: "text", lineHeight: "1.35" },
  },
});

export const system = createSystem(defaultConfig, config);

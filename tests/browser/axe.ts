import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";

const axe = readFileSync(require.resolve("axe-core/axe.min.js"), "utf8");

/** What axe finds serious or critical on a page, by all its rules or some. */
export async function grave(page: Page, rules?: string[]): Promise<string[]> {
  await page.evaluate(`window.axe || (() => { ${axe} })()`);
  return page.evaluate(async (only) => {
    type Run = (options: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string; failureSummary: string }[] }[] }>;
    const run = (window as unknown as { axe: { run: Run } }).axe.run;
    const { violations } = await run({ resultTypes: ["violations"], ...(only ? { runOnly: only } : {}) });
    return violations.filter((v) => v.impact === "serious" || v.impact === "critical").map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary.slice(0, 200)}`);
  }, rules);
}

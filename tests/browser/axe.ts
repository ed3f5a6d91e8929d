import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";

const axe = readFileSync(require.resolve("axe-core/axe.min.js"), "utf8");

/** What axe finds serious or critical on a page. */
export async function grave(page: Page): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(async () => {
    const run = (window as unknown as { axe: { run: () => Promise<{ violations: { id: string; impact: string; nodes: { html: string; failureSummary: string }[] }[] }> } }).axe.run;
    const { violations } = await run();
    return violations.filter((v) => v.impact === "serious" || v.impact === "critical").map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160)} ${v.nodes[0]?.failureSummary.slice(0, 200)}`);
  });
}

import { chromium, type FullConfig } from "@playwright/test";
import { openRack, untilDerived } from "./vemmick";

/** Makes the first visit once: the demo is put in and its lines are derived, which is not what most tests are about. */
export default async function makeStartState({ projects: [project] }: FullConfig): Promise<void> {
  if (!project) throw new Error("no project to start from");
  const { launchOptions, baseURL, storageState } = project.use;
  const browser = await chromium.launch(launchOptions);
  const context = await browser.newContext({ baseURL, serviceWorkers: "block" });
  const page = await context.newPage();
  await openRack(page);
  await untilDerived(page);
  await context.storageState({ path: String(storageState), indexedDB: true });
  await browser.close();
}

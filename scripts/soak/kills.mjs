// Keys a figure, kills the browser some milliseconds after the last key, starts it again and looks whether the figure is there.
import { newProfile, pause, randomFrom, startBrowser } from "./browser.mjs";

/** Fields keyed in turn, each at its station of one demo card. */
const FIELDS = [
  ["capacitor", "Label, as printed"],
  ["plate", "Volts"],
  ["windings", "Test leads together"],
  ["capacitor", "Note"],
  ["plate", "Capacitor asked for"],
];
/** Longest wait between the last key and the end [ms]. */
const LONGEST_MS = 120;

export async function soakKills({ count, seed, deadline, executable, home }) {
  const random = randomFrom(seed);
  const profile = newProfile();
  const counts = { kills: 0, kept: 0, lost: 0, "lost within 5 ms of the key": 0 };
  const trouble = [];
  const read = async (page, [station, label]) => {
    await page.goto(`${home}/traveller?id=demo-bakery-proofer&station=${station}`);
    const field = page.getByLabel(label, { exact: true });
    await field.waitFor();
    return field;
  };
  try {
    let last = null;
    for (let index = 0; index <= count; index += 1) {
      const isOver = index === count || Date.now() > deadline;
      const browser = await startBrowser(executable, profile.path);
      const { page } = browser;
      try {
        page.setDefaultTimeout(20_000);
        if (last) {
          const found = await (await read(page, last.field)).inputValue();
          counts.kills += 1;
          if (found === last.text) counts.kept += 1;
          else if (last.waitMs < 5) counts["lost within 5 ms of the key"] += 1;
          else {
            counts.lost += 1;
            trouble.push(
              `kill ${index}: ${last.field.join(", ")} had “${last.text}”, has “${found}” (${last.waitMs.toFixed(0)} ms after the key)`,
            );
          }
        }
        if (isOver) break;
        const field = FIELDS[index % FIELDS.length];
        const line = await read(page, field);
        await line.fill("");
        await pause(60);
        const text = String(Math.floor(1e5 + random() * 9e5));
        await line.focus();
        await page.keyboard.type(text, { delay: random() * 30 });
        // In a note Enter is a new line, which would be part of it.
        if (random() < 0.5 && field[1] !== "Note") await page.keyboard.press("Enter");
        const waitMs = random() * LONGEST_MS;
        await pause(waitMs);
        last = { field, text, waitMs };
      } finally {
        browser.kill();
        await browser.gone;
      }
    }
  } catch (error) {
    trouble.push(`stopped after ${counts.kills} kills: ${error instanceof Error ? error.message.split("\n")[0] : "?"}`);
  } finally {
    profile.remove();
  }
  return { counts, trouble };
}

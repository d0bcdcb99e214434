// Figures of a team: a house of many cards shared for the first time, a change going out, a new device taking all in, a change coming in.

/** A folder of the browser's own in the place of one on the disk. */
const withFolder = (context) =>
  context.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () => (await navigator.storage.getDirectory()).getDirectoryHandle("team", { create: true }),
    });
  });

/** Names and sizes of the files in the folder. */
const filesIn = (page) =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("team", { create: true });
    const files = {};
    for await (const entry of folder.values()) files[entry.name] = (await entry.getFile()).size;
    return files;
  });

/** Carries files from one device to another, one at a time, as text. */
async function carry(from, to, names) {
  for (const name of names) {
    const text = await from.evaluate(async (file) => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("team");
      const blob = await (await folder.getFileHandle(file)).getFile();
      return new Promise((resolve) => {
        const reader = new FileReader();
        reader.onload = () => resolve(String(reader.result).split(",")[1] ?? "");
        reader.readAsDataURL(blob);
      });
    }, name);
    await to.evaluate(
      async ([file, content]) => {
        const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle("team", { create: true });
        const stream = await (await folder.getFileHandle(file, { create: true })).createWritable();
        await stream.write(Uint8Array.from(atob(content), (letter) => letter.charCodeAt(0)));
        await stream.close();
      },
      [name, text],
    );
  }
}

const LONG_MS = 900_000;
const readAndWritten = (page) => page.getByText(/^Read and written/).waitFor({ timeout: LONG_MS });

/** How long an exchange takes from the press, ms. */
async function exchange(page) {
  const button = page.getByRole("button", { name: "Read now" });
  await button.waitFor();
  return page.evaluate(
    () =>
      new Promise((resolve) => {
        const status = document.querySelector("#folder").parentElement.querySelector("[role=status]");
        const begun = performance.now();
        let wasAtWork = false;
        new MutationObserver(() => {
          const isAtWork = status.textContent.startsWith("Reading");
          wasAtWork ||= isAtWork;
          if (wasAtWork && !isAtWork) resolve(performance.now() - begun);
        }).observe(status, { childList: true, subtree: true, characterData: true });
        [...document.querySelectorAll("button")].find((each) => each.textContent.includes("Read now")).click();
      }),
  );
}

async function joinTeam(context, home) {
  await withFolder(context);
  const page = await context.newPage();
  page.setDefaultTimeout(LONG_MS);
  await page.goto(`${home}/team`);
  const begun = performance.now();
  await page.getByRole("button", { name: "Choose a folder" }).click();
  await readAndWritten(page);
  return { page, seconds: (performance.now() - begun) / 1000 };
}

/** Keys something on a card in a tab beside. */
async function keyOn(context, home, card, words) {
  const page = await context.newPage();
  await page.goto(`${home}/traveller?id=${card}&station=complaint`);
  await page.getByLabel("In the customer's own words").fill(words);
  await page.waitForTimeout(1500);
  await page.close();
}

/**
 * @param first a context with many cards, @param second an empty one
 * @returns seconds, milliseconds and bytes
 */
export async function teamFigures(first, second, home, card) {
  const { page, seconds: sharedS } = await joinTeam(first, home);
  const before = await filesIn(page);
  const own = Object.keys(before).filter((name) => name.startsWith("team-"));
  const folderMb = own.reduce((sum, name) => sum + before[name], 0) / 1048576;
  const other = await second.newPage();
  await other.goto(`${home}/favicon.svg`);
  await carry(page, other, own);
  await other.close();
  const { page: taken, seconds: takenS } = await joinTeam(second, home);
  const cards = await taken.getByRole("region", { name: "Others" }).innerText();
  const outs = [];
  const ins = [];
  let outBytes = 0;
  for (const words of ["hums, and the lights dim", "dead since the storm", "squeals when it is cold"]) {
    const there = await filesIn(page);
    await keyOn(first, home, card, words);
    outs.push(await exchange(page));
    const now = await filesIn(page);
    const fresh = Object.keys(now).filter((name) => name.startsWith("team-") && (!(name in there) || name.endsWith(".head.json")));
    outBytes = fresh.filter((name) => name.endsWith(".jsonl.gz")).reduce((sum, name) => sum + now[name], 0);
    await carry(page, taken, fresh);
    ins.push(await exchange(taken));
  }
  const restMs = await exchange(page);
  return { sharedS, folderMb, outBytes, restMs, outs, ins, takenS, cards: /([\d,]+) new cards/.exec(cards)?.[1] ?? "?" };
}

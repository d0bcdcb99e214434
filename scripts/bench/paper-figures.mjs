const PHOTOS = 6;
const ROUNDS = 3;

/** A visit with six photos of a phone as PDF, from the press to the file [ms]. */
export async function pdfTimes(browser, home) {
  const context = await browser.newContext({ serviceWorkers: "block", acceptDownloads: true });
  const page = await context.newPage();
  await page.goto(home);
  await page.getByRole("link", { name: /Proofing/ }).waitFor();
  const id = await page.evaluate(async (count) => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [1280, 960];
    const context = canvas.getContext("2d");
    const photo = (turn) => {
      // A picture that does not shrink to nothing, as photos do not.
      for (let spot = 0; spot < 4000; spot += 1) {
        context.fillStyle = `hsl(${(spot * 37 + turn * 60) % 360} 40% ${20 + ((spot * 13) % 60)}%)`;
        context.fillRect((spot * 97) % 1280, (spot * 61) % 960, 40, 30);
      }
      return canvas.toDataURL("image/jpeg", 0.8);
    };
    return new Promise((resolve) => {
      indexedDB.open("vemmick").onsuccess = (event) => {
        const db = event.target.result;
        const table = db.transaction("stations", "readwrite").objectStore("stations");
        table.getAll().onsuccess = (all) => {
          const row = all.target.result.find(({ stationId, data }) => stationId === "take-apart" && data.steps.length >= count);
          const steps = row.data.steps.map((step, index) => ({ ...step, photo: index < count ? photo(index) : step.photo }));
          table.put({ ...row, data: { ...row.data, steps } }).onsuccess = () => {
            db.close();
            resolve(row.travellerId);
          };
        };
      };
    });
  }, PHOTOS);
  const times = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    await page.goto(`${home}/print?id=${id}`);
    await page.getByRole("heading", { name: "Photos" }).waitFor();
    const begun = performance.now();
    const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Save as PDF" }).click()]);
    await file.path();
    times.push(performance.now() - begun);
  }
  await context.close();
  return times.sort((a, b) => a - b);
}

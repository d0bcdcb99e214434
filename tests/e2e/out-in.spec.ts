import type { Page } from "@playwright/test";
import { toBuffer } from "qrcode";
import { bench, caseOf, expect, goTo, makeSafe, openDemo, test, untilKept } from "./support/vemmick";
import { begin, decideOn, FAN, frame, giveBackPower, look, turn, windings } from "./support/work";

const FURNACE = { type: "PSC", machine: "Blower", volts: "230", hertz: "60", amps: "2.4", rpm: "1075", capacitor: "10 µF 370 V" } as const;
const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true });
const group = (page: Page, name: string) => bench(page).getByRole("group", { name, exact: true });

/** A furnace blower whose motor is grounded, up to the decision. */
async function groundedBlower(page: Page): Promise<void> {
  await begin(page, "trips at once", FURNACE);
  await page.getByLabel("Power").fill("1/3 hp");
  await page.getByRole("group", { name: "Burns gas" }).getByLabel("Yes").check();
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "60", "58", "OL");
  await decideOn(page, "Replace motor");
}

test("a used motor is matched and fitted into an old furnace blower, from the open line to the sign-off", async ({ page }) => {
  await groundedBlower(page);
  await goTo(page, "Out and in");
  await group(page, "As found").getByLabel("Counter-clockwise").check();
  await tab(page, "Match").click();
  const old = page.getByRole("region", { name: /^Old motor/ });
  await old.getByLabel("Body diameter").fill("142");
  await old.getByLabel("Body length").fill("150");
  await old.getByLabel("Shaft diameter").fill("12.7");
  await old.getByLabel("Shaft length").fill("108");
  await old.getByLabel("Number of speeds").fill("1");
  for (const pick of ["Belly band", "One flat", "Open, air-over", "Sleeve", "Continuous", "Comes back by itself"])
    await old.getByLabel(pick, { exact: true }).check();
  await old.getByRole("group", { name: "Shaft ends" }).getByLabel("One").check();
  const place = page.getByRole("region", { name: "Its place" });
  await place.getByLabel("Circuit, relay, overload bear").fill("6");
  await place.getByLabel("Room for the body, length").fill("200");
  await place.getByLabel("Level").check();
  await place.getByRole("group", { name: "The machine's air passes over it" }).getByLabel("Yes").check();

  await page.getByRole("button", { name: "Type a plate" }).click();
  const typed = page.getByRole("group", { name: "Typed plate" });
  await typed.getByLabel("Volts").fill("115");
  const table = page.getByRole("table", { name: /Old motor and candidates/ });
  await expect(table.getByText("Does not fit")).toBeVisible();
  await typed.getByLabel("Volts").fill("208-230");
  await typed.getByLabel("Hertz").fill("60");
  await typed.getByLabel("Power").fill("1/2 hp");
  await expect(table.getByText(/49 % more: ask whether circuit and load bear it|50 % more: ask whether/)).toBeVisible();
  await typed.getByLabel("Power").fill("1/3 hp");
  await typed.getByLabel("Full-load amps").fill("2.6");
  await typed.getByLabel("Speed", { exact: true }).fill("1100");
  await typed.getByLabel("Number of speeds").fill("3");
  await typed.getByLabel("Capacitor it needs").fill("7.5 µF 370 V");
  await typed.getByLabel("Body diameter").fill("140");
  await typed.getByLabel("Body length").fill("150");
  await typed.getByLabel("Shaft diameter").fill("1/2 in");
  await typed.getByLabel("Shaft length").fill("6 in");
  for (const pick of ["Belly band", "One flat", "Open, air-over", "Ball", "Continuous", "Comes back by itself"])
    await typed.getByLabel(pick, { exact: true }).check();
  await typed.getByRole("group", { name: "Shaft ends" }).getByLabel("One").check();
  await expect(table.getByText("Not known yet")).toBeVisible();
  await typed.getByRole("group", { name: "Can be reversed" }).getByLabel("Yes").check();
  await expect(table.getByText("Fits with work")).toBeVisible();
  await expect(table.getByText(/3: cap 2 leads, one by one/)).toBeVisible();
  await expect(table.getByText(/cut 44.4.mm off/)).toBeVisible();
  await expect(table.getByText(/strip under the band/)).toBeVisible();
  await typed.getByLabel("Price").fill("50");
  await table.getByRole("button", { name: "Put in Typed plate" }).click();

  await tab(page, "Out and in").click();
  const [out, into] = [group(page, "Out"), group(page, "In")];
  await expect(into.getByText("Not measured yet")).toBeVisible();
  await into.getByLabel("Lowest to its frame").fill("OL");
  await expect(into.getByText("Right part")).toBeVisible();
  await out.getByLabel("Scrap").check();
  await expect(bench(page).getByText(/say why it is scrap; cut its cord or leads/)).toBeVisible();
  await out.getByLabel("Why").fill("58 Ω to the frame");
  await out.getByLabel(/Cord or leads cut/).check();
  await into.getByLabel("It is in").check();
  for (const line of [
    "Ground restored to bare metal",
    "Unused speed leads capped one by one",
    /^Joins sleeved/,
    "Set screw tight, on its flat or its key",
    "Wheel centred, turns free",
    "Mount tight, nothing rocks",
    "Wires clear of wheel and belt",
    "Cover and flue back in place",
    "Gas back on, by whoever may",
  ])
    await bench(page).getByLabel(line).check();
  await expect(page.getByRole("button", { name: /^Out and in.*Right part/ })).toBeVisible();

  await goTo(page, "To the frame");
  await page.getByLabel("What was faulty is out").check();
  await page.getByLabel("Every lead to the frame again, the lowest").fill("OL");
  await giveBackPower(page);
  await goTo(page, "Prove");
  await page.getByLabel("Running amps after").fill("2.5");
  await expect(bench(page).getByText(/Which way it turns now is not noted/)).toBeVisible();
  await expect(caseOf(page).getByRole("button", { name: "Sign off" })).toHaveCount(0);
  await bench(page)
    .getByRole("group", { name: /^Turns now/ })
    .getByLabel("Clockwise", { exact: true })
    .check();
  await expect(bench(page).getByText(/swap the two ends of the start winding/)).toBeVisible();
  await bench(page)
    .getByRole("group", { name: /^Turns now/ })
    .getByLabel("Counter-clockwise")
    .check();
  await bench(page).getByRole("group", { name: "Moves the air it should" }).getByLabel("Yes").check();
  await expect(bench(page).getByText("Held against the plate of the motor that went in.")).toBeVisible();
  await caseOf(page).getByRole("button", { name: "Sign off" }).click();
  await expect(caseOf(page).getByText("Signed off")).toBeVisible();
  // The next visit starts with the plate of the motor that is in there now.
  await caseOf(page).getByRole("button", { name: "It came back" }).click();
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  await goTo(page, "Plate");
  await expect(page.getByLabel("Volts")).toHaveValue("208-230");
  await expect(page.getByLabel("Full-load amps")).toHaveValue("2.6");
});

test("a donor capacitor is judged like any: by its label, and by what it reads", async ({ page }) => {
  await begin(page, "starts slowly", FAN);
  await makeSafe(page);
  await decideOn(page, "Replace run capacitor");
  await goTo(page, "Out and in");
  const [out, into] = [group(page, "Out"), group(page, "In")];
  await into.getByLabel(/^Part that goes in/).fill("12.5 µF ±5 % 250 V");
  await expect(into.getByText(/Its volts are too low/)).toBeVisible();
  await into.getByLabel(/^Part that goes in/).fill("12.5 µF ±5 % 450 V");
  await into.getByLabel("From").fill("another fan, out of service");
  await into.getByLabel("Price").fill("38 for the pair, 20 each");
  await into.getByLabel("Reads before it goes in").fill("9.1");
  await expect(into.getByText("Not this one")).toBeVisible();
  await into.getByLabel("Reads before it goes in").fill("12.45");
  await expect(into.getByText("Right part")).toBeVisible();
  await out.getByLabel("Return to the supplier").check();
  await bench(page).getByLabel("Keep the old one until the new one is here").check();
  await expect(bench(page).getByText(/runs on with a part that is known to be bad/)).toBeVisible();
  await expect(bench(page).getByText(/say when the new one is expected/)).toBeVisible();
  await page.getByLabel("New one expected on").fill("2026-12-18");
  await untilKept(page);
  await page.reload();
  await expect(page.getByLabel("New one expected on")).toHaveValue("2026-12-18");
  await expect(page.getByRole("button", { name: /^Out and in.*On order/ })).toBeVisible();
});

test("a motor of a finished card becomes a tested spare, and is offered to the next job", async ({ page }) => {
  await openDemo(page, "nursery-fan-weak", "decide");
  await page.getByRole("button", { name: /name, site, export, print/ }).click();
  await page.getByRole("region", { name: "To the Shelf" }).getByRole("button", { name: "Motor" }).click();
  await expect(page.getByRole("dialog").getByRole("status")).toContainText(/On the Shelf: .*1380 rpm 230 V 1.9 A, tested spare/);
  await page.getByRole("region", { name: "To the Shelf" }).getByRole("button", { name: "Motor" }).click();
  await expect(page.getByRole("dialog").getByRole("status")).toContainText(/has its line on the Shelf already/);
  await page.goto("/shelf");
  await page
    .getByRole("group", { name: "Show" })
    .getByLabel(/^Motors/)
    .check();
  const line = page.getByRole("listitem").filter({ hasText: "1380 rpm 230 V" });
  await line.getByRole("button", { name: "When tested, and what it read" }).click();
  await expect(line.getByText(/Circulation fan, bay 3/)).toBeVisible();
  await expect(line.getByText(/Common|common/).first()).toBeVisible();
  // The next job: another fan with the same plate, its motor grounded.
  await begin(page, "trips at once", FAN);
  await makeSafe(page);
  await look(page, null);
  await turn(page, "Free and silent");
  await frame(page, "60", "58", "OL");
  await decideOn(page, "Replace motor");
  await goTo(page, "Out and in");
  const into = group(page, "In");
  await into.getByRole("button", { name: "From the Shelf" }).click();
  const offered = into.getByRole("listitem").filter({ hasText: "from Circulation fan, bay 3" });
  await expect(offered).toContainText(/Tested spare/);
  await offered.getByRole("button", { name: /^Take/ }).click();
  await expect(into.getByLabel("Motor that goes in")).toHaveValue(/1380 rpm 230 V/);
  await expect(into.getByLabel("From", { exact: true })).toHaveValue(/Circulation fan, bay 3/);
  // A spare that was clear to its frame then is measured again now.
  await into.getByLabel("Lowest to its frame").fill("58");
  await expect(into.getByText("Not this one")).toBeVisible();
  await into.getByLabel("Lowest to its frame").fill("OL");
  await into.getByLabel("Rough, tight or loose").check();
  await expect(into.getByText(/stays out, whatever it reads/)).toBeVisible();
  await into.getByLabel("Free and silent").check();
  await expect(into.getByText("Not this one")).toHaveCount(0);
  await page.goto("/shelf");
  await expect(page.getByRole("listitem").filter({ hasText: "1380 rpm 230 V" })).toContainText("0 ×");
  // Put back, it lies there again with what it read.
  await page.goBack();
  await into.getByRole("button", { name: /^Put .* back$/ }).click();
  await expect(into.getByLabel("Motor that goes in")).toHaveValue("");
  await page.goto("/shelf");
  await expect(page.getByRole("listitem").filter({ hasText: "1380 rpm 230 V" })).toContainText("1 ×");
});

test("a value that no line has is joined of two from the Shelf; one that is short is told so, and goes back", async ({ page }) => {
  await begin(page, "starts slowly", { ...FAN, capacitor: "18 µF 450 V" });
  await makeSafe(page);
  await decideOn(page, "Replace run capacitor");
  await goTo(page, "Out and in");
  const into = group(page, "In");
  const take = async (name: string | RegExp) => {
    await into.getByRole("button", { name: "From the Shelf" }).click();
    await into.getByRole("button", { name }).click();
  };
  await into.getByRole("button", { name: "From the Shelf" }).click();
  await expect(into.getByRole("listitem").filter({ hasText: /^10 µF/ })).toContainText("Too small alone");
  await expect(into.getByRole("button", { name: /^Take 30 µF/ })).toHaveCount(0);
  await into.getByRole("button", { name: /^Take 10 µF/ }).click();
  await expect(into.getByText(/It says 10.µF, and 18.µF is asked for/)).toBeVisible();
  await take(/^Take 8 µF/);
  await expect(into.getByText(/Joined in parallel: 18.µF by their labels/)).toBeVisible();
  await expect(into.getByText(/It says 10.µF/)).toHaveCount(0);
  for (const [piece, reads] of [
    ["Piece 1", "9.95"],
    ["Piece 2", "7.97"],
  ] as const)
    await into.getByRole("group", { name: piece }).getByLabel("Reads before it goes in").fill(reads);
  await expect(into.getByText("Right part")).toBeVisible();
  await expect(into.getByText(/Together they read 17.9/)).toBeVisible();
  await into
    .getByRole("group", { name: "Piece 2" })
    .getByRole("button", { name: /^Put 8 µF.*back$/ })
    .click();
  await expect(into.getByText("Right part")).toHaveCount(0);
  await expect(into.getByLabel("Reads before it goes in")).toHaveValue("9.95");
  await page.goto("/shelf");
  await page.getByRole("searchbox").fill("8 µF");
  await expect(page.getByRole("listitem").filter({ hasText: /^8 µF/ })).toContainText("1 ×");
});

test("a relay from another machine is measured before it goes in, and one that is open stays out", async ({ page }) => {
  await openDemo(page, "dairy-agitator", "decide");
  await bench(page).getByRole("group", { name: "Chosen action" }).getByLabel("Replace start relay or PTC").check();
  await goTo(page, "Out and in");
  const [out, into] = [group(page, "Out"), group(page, "In")];
  await out.getByLabel("Scrap").check();
  // What its station read of the old one goes along.
  await expect(out.getByLabel("Part that comes out")).toHaveValue("Potential relay");
  await expect(out.getByLabel("It read")).toHaveValue(/coil|contacts/);
  await into.getByLabel(/^Part that goes in/).fill("potential relay out of the old dryer");
  await expect(into.getByText("Not measured yet")).toBeVisible();
  await into.getByText("Measure it before it goes in", { exact: true }).click();
  await into.getByRole("group", { name: "Unplugged from the circuit" }).getByLabel("Yes").check();
  await into.getByLabel("Coil 2–5").fill("OL");
  await into.getByLabel("Contacts 1–2").fill("0.2");
  await expect(into.getByText("Not this one")).toBeVisible();
  await into.getByLabel("Coil 2–5").fill("5.2k");
  await expect(into.getByText("Right part")).toBeVisible();
  await expect(into.getByText(/its list says: no meter does/)).toBeVisible();
});

test("a condemned motor: parts of it go to the Shelf, one press each", async ({ page }) => {
  await openDemo(page, "cinema-extract", "out-in");
  const out = group(page, "Out");
  await expect(out.getByLabel("Keep for parts", { exact: true })).toBeChecked();
  await out.getByLabel("Rotor").check();
  await out.getByRole("button", { name: "Put rotor on the Shelf" }).click();
  await expect(out.getByText("Rotor: on the Shelf.")).toBeVisible();
  await untilKept(page);
  await page.reload();
  // One press is one part, whenever the card is opened again.
  await expect(out.getByText("Rotor: on the Shelf.")).toBeVisible();
  await expect(out.getByRole("button", { name: "Put rotor on the Shelf" })).toHaveCount(0);
  await page.goto("/shelf");
  await page.getByRole("searchbox").fill("rotor for parts");
  await expect(page.getByText(/Rotor of Bramwit 0.37 kW/)).toBeVisible();
  // Each has its label: the motor why it is none any more, the rotor where it came from.
  await page.getByRole("button", { name: /^Change Rotor of Bramwit/ }).click();
  await page.getByRole("link", { name: "Label" }).click();
  await expect(page.getByRole("article", { name: /^Label / })).toContainText("Rotor of Bramwit 0.37 kW");
  await page.goto("/print?id=demo-cinema-extract&view=label");
  const condemned = page.getByRole("article", { name: /^Label / }).filter({ hasText: "Keep for parts" });
  await expect(condemned).toContainText("Ground fault, 58");
});

test("quotes turn the decision, and say from which price of a day", async ({ page }) => {
  await openDemo(page, "laundrette-folding", "out-in");
  await tab(page, "Quotes").click();
  const another = page.getByRole("group", { name: "Another price, of" });
  await another.getByLabel("Bearings, both").check();
  await page.getByRole("button", { name: "Add a price" }).click();
  const post = page.getByRole("listitem", { name: /^Bearings, both/ });
  await post.getByLabel("Bearings, both, from").fill("Weir & Tull Bearings");
  await post.getByLabel("Price").fill("$338.40 for the pair");
  await post.getByLabel("Here in").fill("soon");
  await expect(post.getByText(/is not a figure/)).toBeVisible();
  await post.getByLabel("Here in").fill("3");
  await expect(post.getByText("part 338.40 = 338.40")).toBeVisible();
  await another.getByLabel("Motor").check();
  await page.getByRole("button", { name: "Add a price" }).click();
  const motor = page.getByRole("listitem", { name: /^Motor/ });
  await motor.getByLabel("Motor, from").fill("a colleague");
  await motor.getByLabel("Price").fill("20");
  await page.getByLabel("Standing still costs, an hour").fill("2");
  await expect(post.getByText(/3 days of standstill 144.00/)).toBeVisible();
  await goTo(page, "Decide");
  await expect(bench(page).getByRole("region", { name: "Proposed" }).getByText("Replace motor").first()).toBeVisible();
  await expect(
    bench(page)
      .getByRole("cell", { name: /Replace motor parts 20/ })
      .first(),
  ).toBeVisible();
});

test("the last piece of a line goes to one of two tabs, and the other is told", async ({ page, context }) => {
  await openDemo(page, "nursery-fan-bearing", "out-in");
  const other = await context.newPage();
  await other.goto("/traveller?id=demo-laundrette-folding&station=out-in");
  for (const each of [page, other]) {
    // What is in is taken out first: nothing is swapped under a tick.
    const isIn = group(each, "In").getByLabel(/^(It|All of it) is in/);
    if (await isIn.count()) await isIn.uncheck();
    await group(each, "In").getByRole("button", { name: "From the Shelf" }).click();
    await expect(group(each, "In").getByText("6202-2RS C3")).toBeVisible();
  }
  await group(page, "In").getByRole("button", { name: "Take 6202-2RS C3" }).click();
  await expect(group(page, "In").getByRole("button", { name: "Put 6202-2RS C3 back" })).toBeVisible();
  // The line goes from the other tab's list, or the press there is refused in words.
  await expect(group(other, "In").getByRole("button", { name: "Take 6202-2RS C3" })).toHaveCount(0);
  await page.goto("/shelf");
  await page.getByRole("searchbox").fill("6202-2RS");
  await expect(page.getByText(/0 × 6.40/)).toBeVisible();
  await expect(page.getByText("to buy: 2")).toBeVisible();
});

test("the shelf of kinds: each by what it is known by, found and filtered; nonsense is refused beside its field", async ({ page }) => {
  await page.goto("/shelf");
  const form = page.getByRole("form", { name: "New line" });
  await form.getByLabel("Bearing").check();
  await form.getByLabel("Number, as stamped").fill("nonsense");
  await form.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(form.getByText(/nonsense/)).toBeVisible();
  await form.getByLabel("Number, as stamped").fill("6205-2RS");
  await form.getByLabel("Pieces").fill("-2");
  await form.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(form.getByText("A whole number, for example 2.")).toBeVisible();
  await form.getByLabel("Pieces").fill("2");
  await form.getByRole("button", { name: "Put on the shelf" }).click();
  await expect(page.getByText(/25 × 52 × 15 mm/)).toBeVisible();
  await page
    .getByRole("group", { name: "Show" })
    .getByLabel(/^Motors/)
    .check();
  const motors = page.getByRole("listitem").filter({ hasText: "Tessky" });
  await motors.getByRole("button", { name: /^Change/ }).click();
  await motors.getByLabel("Shaft length").fill("ninety");
  await expect(motors.getByText(/“ninety” is not a figure/)).toBeVisible();
  await motors.getByLabel("Shaft length").fill("3 1/2 in");
  await motors.getByLabel("Hold at least").fill("3");
  await expect(motors.getByText("to buy: 2")).toBeVisible();
  await page
    .getByRole("group", { name: "Show" })
    .getByLabel(/^To buy/)
    .check();
  await expect(page.getByText("6202-2RS C3")).toBeVisible();
});

test("a label is printed, and read back by photo and by its code; another square is told from one that is only not here", async ({
  page,
}) => {
  await page.goto("/shelf");
  await page.getByRole("button", { name: "Change 2 µF" }).first().click();
  await page.getByRole("listitem").filter({ hasText: "2 µF" }).first().getByRole("link", { name: "Label" }).click();
  const label = page.getByRole("article", { name: /^Label / });
  await expect(label).toContainText("Kelvane 2 µF ±5 % 450 V");
  const square = await label.getByRole("img", { name: "Square to read with a camera" }).screenshot();
  const code = (await label.getAttribute("aria-label"))?.replace("Label ", "") ?? "";
  await page.goto("/shelf");
  await page.getByRole("button", { name: "Read a label" }).click();
  const reader = page.getByRole("region", { name: "Read a label" });
  const photo = (name: string, buffer: Buffer) => reader.getByLabel("From a photo").setInputFiles({ name, mimeType: "image/png", buffer });
  await photo("label.png", square);
  await expect(reader.getByRole("status")).toContainText(`${code}: 2 µF`);
  await expect(page.getByRole("region", { name: /^On the shelf/ }).getByRole("listitem")).toHaveCount(1);
  await photo("other.png", await toBuffer("https://example.org"));
  await expect(reader.getByText(/not one of these labels/)).toBeVisible();
  await photo("away.png", await toBuffer("Vemmick 222-22A\nTested spare\n1/3 hp 1075 rpm 230 V"));
  await expect(reader.getByText(/222-22A is not on this device. Its label says/)).toBeVisible();
  await expect(reader.getByText("1/3 hp 1075 rpm 230 V")).toBeVisible();
  await photo("broken.png", Buffer.from("no picture"));
  await expect(reader.getByText(/No square can be read/)).toBeVisible();
  await reader.getByLabel("Code on the label").fill(code.toLowerCase().replace("-", " "));
  await expect(reader.getByRole("status")).toContainText(`${code}: 2 µF`);
  await reader.getByRole("button", { name: "Camera" }).click();
  await expect(reader.getByText(/The camera cannot be used here/)).toBeVisible();
});

test("scrap of a card and the marks of its wires have their labels", async ({ page }) => {
  await page.goto("/print?id=demo-nursery-fan-bearing&view=label");
  const labels = page.getByRole("article", { name: /^Label / });
  await expect(labels.filter({ hasText: "Scrap, no good" })).toContainText("rough on the wheel side");
  await expect(labels.filter({ hasText: "brown" })).toContainText("to Run");
  const box = await labels.first().boundingBox();
  // 62 × 29 mm at 96 dots an inch.
  expect(box?.width).toBeCloseTo((62 / 25.4) * 96, 0);
  expect(box?.height).toBeCloseTo((29 / 25.4) * 96, 0);
});

test("the Shelf as CSV: shown before it is taken, bad rows named, a photo is no list; what was used, and what is to buy", async ({
  page,
}) => {
  await page.goto("/shelf");
  await page.getByRole("button", { name: "CSV" }).click();
  const csv = page.getByRole("region", { name: "CSV" });
  const take = (name: string, text: string | Buffer) =>
    csv
      .getByLabel("Take a CSV in")
      .setInputFiles({ name, mimeType: "text/csv", buffer: typeof text === "string" ? Buffer.from(text) : text });
  await take("photo.csv", await toBuffer("a photo"));
  await expect(csv.getByText(/no column named label/)).toBeVisible();
  await take("list.csv", "kind,label,place,quantity\nbearing,6202-2RS C3,Truck,7\nbearing,6309,Van,2\nbearing,6310,Van,-1\n");
  await expect(csv.getByText("1 new, 1 changed, 1 that cannot be taken.")).toBeVisible();
  await expect(csv.getByText(/quantity “-1” is not what belongs there/)).toBeVisible();
  await expect(csv.getByText("1 become 7")).toBeVisible();
  await csv.getByRole("button", { name: "Take 2 in" }).click();
  await expect(csv.getByText("1 new, 1 changed.")).toBeVisible();
  await expect(page.getByText("7 × 6.40")).toBeVisible();
  await page.getByRole("button", { name: "Used, and to buy" }).click();
  const used = page.getByRole("region", { name: "Used, and to buy" });
  const row = used.getByRole("row").filter({ hasText: "12.5 µF ±5 % 450 V" });
  await expect(row.getByRole("cell").nth(1)).toHaveText("1");
});

test("a motor that nobody else makes, without spares: a standard one on a made bracket, from the open line to the sign-off; and its callback", async ({
  page,
}) => {
  await groundedBlower(page);
  // Nothing off the shelf fits: the old one has a shaft and a flange of its own.
  await goTo(page, "Out and in");
  await group(page, "As found").getByLabel("Clockwise", { exact: true }).check();
  await tab(page, "Match").click();
  const old = page.getByRole("region", { name: /^Old motor/ });
  await old.getByLabel("Belly band", { exact: true }).check();
  await old.getByLabel("Shaft diameter").fill("12.7");
  await page.getByRole("button", { name: "Type a plate" }).click();
  const typed = page.getByRole("group", { name: "Typed plate" });
  for (const [field, text] of [
    ["Volts", "230"],
    ["Hertz", "60"],
    ["Power", "1/3 hp"],
    ["Full-load amps", "2.5"],
    ["Shaft diameter", "11.1"],
  ] as const)
    await typed.getByLabel(field).fill(text);
  await typed.getByLabel("Speed", { exact: true }).fill("1075");
  await typed.getByLabel("Resilient base").check();
  const table = page.getByRole("table", { name: /Old motor and candidates/ });
  await expect(table.getByRole("row").filter({ hasText: /^Mount/ })).toContainText(/bracket/);
  // What it takes is priced: the whole unit is weeks away, the bracket is made here.
  await tab(page, "Quotes").click();
  const another = page.getByRole("group", { name: "Another price, of" });
  for (const [of, price, days] of [
    ["Whole unit", "2400", "14"],
    ["Motor", "95", "0"],
    ["Makeshift", "60", "0"],
  ] as const) {
    await another.getByLabel(of, { exact: true }).check();
    await page.getByRole("button", { name: "Add a price" }).click();
    const quote = page.getByRole("listitem", { name: of, exact: true });
    await quote.getByLabel("Price").fill(price);
    await quote.getByLabel("Here in").fill(days);
  }
  await goTo(page, "Decide");
  await bench(page).getByLabel("A motor its maker has no spares for").check();
  const ways = bench(page).getByRole("table", { name: /^Without spares/ });
  await expect(ways.getByRole("row").nth(1)).toContainText("Standard motor on a made bracket");
  await expect(ways.getByRole("row").filter({ hasText: "Whole unit replaced" })).toContainText(/2[\s,.]?[4-9]\d\d/);

  await goTo(page, "Out and in");
  await tab(page, "Match").click();
  await table.getByRole("button", { name: "Put in Typed plate" }).click();
  await tab(page, "Out and in").click();
  const [out, into] = [group(page, "Out"), group(page, "In")];
  await into.getByLabel("Motor that goes in").fill("Orlane 1/3 hp 1075 rpm on a made bracket");
  await into.getByLabel("From", { exact: true }).fill("Pennock Electrical, bracket from the bench");
  await into.getByLabel("Lowest to its frame").fill("OL");
  await out.getByLabel("Keep for parts", { exact: true }).check();
  await out.getByLabel("End bells").check();
  await out.getByLabel(/Cord or leads cut/).check();
  await into.getByLabel("It is in").check();
  for (const line of await bench(page).getByRole("group", { name: "After fitting" }).getByRole("checkbox").all()) await line.check();
  await goTo(page, "To the frame");
  await page.getByLabel("What was faulty is out").check();
  await page.getByLabel("Every lead to the frame again, the lowest").fill("OL");
  await giveBackPower(page);
  // Run first, and only then the proof: what the run test reads now is after, and clears nobody.
  await goTo(page, "Run test");
  await page.getByLabel("Line amps", { exact: true }).fill("2.2");
  await goTo(page, "Prove");
  await expect(bench(page).getByText(/After: 2.2.A/)).toBeVisible();
  await expect(page.getByLabel("Running amps after")).toHaveValue("2.2");
  await expect(page.getByLabel("Running amps before")).toHaveValue("");
  const turns = bench(page).getByRole("group", { name: /^Turns now/ });
  await turns.getByLabel("Counter-clockwise").check();
  await expect(bench(page).getByText(/swap the two ends of the start winding/)).toBeVisible();
  await bench(page).getByLabel("Ends of the start winding swapped").check();
  await turns.getByLabel("Clockwise", { exact: true }).check();
  await bench(page).getByRole("group", { name: "Moves the air it should" }).getByLabel("Yes").check();
  await caseOf(page).getByRole("button", { name: "Sign off" }).click();
  await expect(caseOf(page).getByText("Signed off")).toBeVisible();

  // It comes back: the earlier card lies beside the new one, with what went in and how it was turned round.
  await caseOf(page).getByRole("button", { name: "It came back" }).click();
  await expect(page.getByRole("heading", { name: "Complaint", level: 1 })).toBeVisible();
  await expect(page.getByText(/made bracket/).first()).toBeVisible();
});

test("what comes off is counted back piece by piece, and two wires of one name are told apart", async ({ page }) => {
  await begin(page, "rumbles", FAN);
  await makeSafe(page);
  await goTo(page, "Take apart");
  await bench(page).getByRole("button", { name: "Screw", exact: true }).click();
  const just = bench(page).getByRole("group", { name: "Details: Screw" }).first();
  for (let more = 0; more < 3; more += 1) await just.getByRole("button", { name: "One more" }).click();
  for (const post of ["Run", "Start"]) {
    await bench(page).getByRole("button", { name: "Add a wire" }).click();
    const wire = bench(page)
      .getByRole("group", { name: /^Wire \d/ })
      .last();
    await wire.getByLabel("Mark or colour").fill("red");
    await wire.getByLabel("Belongs to").fill(post);
  }
  await expect(bench(page).getByText(/2 wires are called “red” and do not belong together/)).toBeVisible();
  await bench(page).getByRole("button", { name: "Call them red 1, red 2" }).click();
  await expect(bench(page).getByLabel("Mark or colour").last()).toHaveValue("red 2");
  await tab(page, "Put back").click();
  const next = bench(page).getByRole("region", { name: "Goes back next" });
  for (let more = 0; more < 3; more += 1) await next.getByRole("button", { name: "One more is back" }).click();
  await expect(next.getByText("3 of 4 are back")).toBeVisible();
  await bench(page).getByRole("button", { name: "Close it: nothing is left over" }).click();
  await expect(bench(page).getByRole("alert")).toContainText(/Screw × 4: 3 of 4 are back; find the rest before power, or put in new ones/);
  await next.getByLabel("New ones go in").check();
  await next.getByRole("button", { name: "One more is back" }).click();
  await expect(bench(page).getByText("Screw × 4, new").first()).toBeVisible();
});

test("a sister on the Shelf gives its ohms to compare with; a bearing of the Shelf is held to its seals", async ({ page }) => {
  await begin(page, "hums but does not start", FAN);
  await makeSafe(page);
  await windings(page, ["14.3", "37.0", "22.7"]);
  await tab(page, "Temperature and trend").click();
  await bench(page).getByLabel("Sister motor").check();
  const sister = bench(page).getByRole("list", { name: "Sister motors on the Shelf" }).getByRole("listitem").first();
  await expect(sister).toContainText(/Tessky 0.37 kW/);
  await sister.getByRole("button", { name: /^Compare with Tessky/ }).click();
  await expect(bench(page).getByLabel("Start winding")).toHaveValue("23");
  await expect(
    bench(page)
      .getByText(/sister/i)
      .last(),
  ).toBeVisible();

  await openDemo(page, "nursery-fan-bearing", "bearing");
  await expect(bench(page).getByRole("list", { name: "On the Shelf" }).getByText("6203-2RS C3")).toBeVisible();
  await goTo(page, "Out and in");
  const into = group(page, "In");
  await into
    .getByLabel(/^Part that goes in/)
    .first()
    .fill("6203");
  await expect(into.getByText(/it would run dry/).first()).toBeVisible();
});

import { readFileSync } from "node:fs";
import { createStandInReader } from "./stand-in";
import { FOLDER } from "./tesseract";

test("its files are asked for by the version that is laid out", () => {
  const { version } = JSON.parse(readFileSync("node_modules/tesseract.js/package.json", "utf8")) as { version: string };
  expect(FOLDER).toBe(`/text-reader/${version}`);
});

test("the stand-in reads what it was given, line by line, and nothing once it is closed", async () => {
  const opened = await createStandInReader(["V 230", "HZ 50"]).open(() => undefined);
  if (!opened.ok) throw new Error("the stand-in opens");
  const read = () => opened.value.read(new Uint8Array());
  expect([await read(), await read(), await read()]).toEqual(["V 230", "HZ 50", ""]);
  opened.value.close();
  expect(await read()).toBe("");
});

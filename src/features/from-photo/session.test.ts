import { fail, ok, type Failure, type Result } from "@/core/result";
import { readPlate } from "@/core/photo-text";
import { createStandInReader } from "@/devices/text-reader/stand-in";
import type { TextReaderSource } from "@/devices/text-reader";
import type { PhotoWork } from "@/workers/photos";
import type { OpenedPicture } from "./open-picture";
import { createSession } from "./session";

const CORNERS = [
  { x: 0, y: 0 },
  { x: 9, y: 0 },
  { x: 9, y: 9 },
  { x: 0, y: 9 },
] as const;
const BOX = { x: 0, y: 0, width: 9, height: 9 };

function openedPicture(): OpenedPicture & { isClosed: boolean } {
  const picture = {
    picture: { width: 10, height: 10, data: new Uint8ClampedArray(400) },
    shown: "blob:picture",
    toKeep: () => Promise.resolve(ok("data:image/jpeg;base64,AA")),
    isClosed: false,
    close: () => {
      picture.isClosed = true;
    },
  };
  return picture;
}

/** Work that finds a plate, has as many lines read as it is told, and weighs them as the worker does. */
function standInWork(lines: number, isFound = true) {
  const told = { stops: 0, reads: 0 };
  const work = (): PhotoWork => ({
    find: () => Promise.resolve(ok({ corners: CORNERS, isFound })),
    read: async (_picture, _corners, read, onProgress) => {
      told.reads += 1;
      const texts: string[] = [];
      for (let at = 0; at < lines; at += 1) {
        texts.push(await read(new Uint8Array()));
        onProgress((at + 1) / lines);
      }
      return ok({
        lines: texts.map((text) => ({ box: BOX, texts: [{ part: "whole" as const, text }] })),
        straight: { width: 10, height: 10, png: new Uint8Array() },
      });
    },
    weigh: ((_asked: string, pictures: Parameters<typeof readPlate>[0]) => Promise.resolve(ok(readPlate(pictures)))) as PhotoWork["weigh"],
    stop: () => {
      told.stops += 1;
    },
  });
  return { work, told };
}

function begin(source: TextReaderSource, { work, told }: ReturnType<typeof standInWork>) {
  const changes: unknown[] = [];
  const session = createSession({ asked: "plate", source, openWork: work, onChange: () => changes.push(session.present().underWay) });
  return { session, told, changes };
}
const READ = ["V 230", "HZ 50", "A 3.2", "RPM 955", "kW 0.37"];
const texts = (session: ReturnType<typeof begin>["session"]) => session.present().fields?.map(({ candidates }) => candidates[0]?.text);

beforeAll(() => {
  URL.createObjectURL ??= () => "blob:straight";
  URL.revokeObjectURL ??= () => undefined;
});

test("with all of it here, a picture is found and read without another press; nothing is taken", async () => {
  const { session, changes } = begin(createStandInReader(READ), standInWork(5));
  await session.take(ok(openedPicture()));
  expect(texts(session)?.slice(0, 4)).toEqual(["230", "50", "3.2", "955"]);
  expect(session.present().underWay).toBeNull();
  expect(changes).toContainEqual({ what: "reading", done: 1 });
});

test("what has to be fetched first is asked for by a press", async () => {
  const { session, told } = begin({ ...createStandInReader(READ), isHere: () => Promise.resolve(false) }, standInWork(5));
  await session.take(ok(openedPicture()));
  expect([told.reads, session.present().isReaderHere, session.present().fields]).toEqual([0, false, null]);
  await session.read();
  expect(texts(session)?.[0]).toBe("230");
  expect(session.present().isReaderHere).toBe(true);
});

test("where no edge stands out, the corners are put right before anything is read", async () => {
  const { session, told } = begin(createStandInReader(READ), standInWork(5, false));
  await session.take(ok(openedPicture()));
  expect([told.reads, session.present().isFound]).toEqual([0, false]);
});

test.each<[string, Result<OpenedPicture, Failure>]>([
  ["a film", fail({ code: "photo-not-a-picture", sort: "film" })],
  ["a file that is no picture", fail({ code: "photo-not-a-picture", sort: "other" })],
])("%s is told, and what was read before stays", async (_name, opened) => {
  const { session } = begin(createStandInReader(READ), standInWork(5));
  await session.take(ok(openedPicture()));
  await session.take(opened);
  expect(session.present().failure).toEqual(opened.ok ? null : opened.failure);
  expect(texts(session)?.[0]).toBe("230");
});

test("a picture without a figure on it is told", async () => {
  const { session } = begin(createStandInReader(["cat", "", "~~"]), standInWork(3));
  await session.take(ok(openedPicture()));
  expect(session.present()).toMatchObject({ failure: { code: "photo-nothing-on-it" }, fields: null, underWay: null });
});

test("a reader that cannot be fetched is told, and nothing is under way", async () => {
  const source: TextReaderSource = { ...createStandInReader([]), open: () => Promise.resolve(fail({ code: "photo-reader-missing" })) };
  const { session } = begin(source, standInWork(5));
  await session.take(ok(openedPicture()));
  expect(session.present()).toMatchObject({ failure: { code: "photo-reader-missing" }, underWay: null });
});

test("a second picture of it adds to the first; the same one read again takes its own place", async () => {
  const { session } = begin(createStandInReader([...READ, "V 230", "HZ 50", "CAP 10 uF 450 V", "", "", ...READ]), standInWork(5));
  const [first, second] = [openedPicture(), openedPicture()];
  await session.take(ok(first));
  expect(texts(session)?.[5]).toBeUndefined();
  await session.take(ok(second));
  expect(first.isClosed).toBe(true);
  expect([session.present().read.length, texts(session)?.[2], texts(session)?.[5]]).toEqual([2, "3.2", "10 µF 450 V"]);
  session.setCorners([{ x: 1, y: 1 }, ...CORNERS.slice(1)] as unknown as typeof CORNERS);
  await session.read();
  expect(session.present().read).toHaveLength(2);
});

test("a stop ends the work and leaves what was read before", async () => {
  const slow = standInWork(5);
  const { session } = begin(createStandInReader([...READ, ...READ]), slow);
  await session.take(ok(openedPicture()));
  const again = session.read();
  session.stop();
  await again;
  expect(session.present().underWay).toBeNull();
  expect(texts(session)?.[0]).toBe("230");
  expect(slow.told.stops).toBe(1);
});

test("closing gives picture and worker back, and says nothing any more", async () => {
  const { session, told, changes } = begin(createStandInReader(READ), standInWork(5));
  const picture = openedPicture();
  await session.take(ok(picture));
  session.close();
  const before = changes.length;
  await session.read();
  expect([picture.isClosed, told.stops, changes.length]).toEqual([true, 1, before]);
});

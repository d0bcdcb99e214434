import { PLAIN_PROFILE, SHIPPED_PROFILES, type Profile } from "@/core/meter-line";
import { fail, ok } from "@/core/result";
import {
  bluetoothWire,
  bridgeWire,
  profiledLink,
  recordedLines,
  replayWire,
  serialWire,
  standInMeter,
  type MeterLink,
  type MeterWire,
} from ".";
import type { OpenWire, WireListener } from "./wire";
import { wireFailure } from "./wire";

/** What a link tells, in order. */
function told() {
  const all: string[] = [];
  return {
    all,
    listener: {
      onSample: ({ display }: { display: string }) => void all.push(display),
      onUnread: (line: string, fault: string) => void all.push(`${fault}: ${line}`),
      onLost: () => void all.push("lost"),
    },
  };
}
const hear = async (link: MeterLink) => {
  const { all, listener } = told();
  const opened = await link.open(listener);
  return { all, opened, close: () => opened.ok && opened.value() };
};

/** A wire in the hand of the test. */
function handWire() {
  const sent: string[] = [];
  let listener: WireListener | null = null;
  const wire: MeterWire = {
    open: (given) => {
      listener = given;
      const open: OpenWire = { write: (bytes) => void sent.push(new TextDecoder().decode(bytes)), close: () => void sent.push("closed") };
      return Promise.resolve(ok(open));
    },
  };
  return { wire, sent, say: (text: string) => listener?.onBytes(new TextEncoder().encode(text)), drop: () => listener?.onClosed() };
}

// Node of this version has none.
beforeAll(() => void Object.defineProperty(globalThis, "navigator", { value: {}, configurable: true }));
beforeEach(() => jest.useFakeTimers());
afterEach(() => {
  jest.useRealTimers();
  for (const name of ["serial", "bluetooth"]) delete (globalThis.navigator as unknown as Record<string, unknown>)[name];
});
const put = (name: string, value: unknown): void => void Object.defineProperty(globalThis.navigator, name, { value, configurable: true });

test("a line is read by its profile; what is not read is told, and nothing once it is closed", async () => {
  const { wire, say, drop } = handWire();
  const { all, close } = await hear(profiledLink(PLAIN_PROFILE, wire, () => 5));
  say("12.4 ohm\nnonsense\nO");
  say("L ohm\n");
  close();
  say("13.4 ohm\n");
  drop();
  expect(all).toEqual(["12.4 Ω", "unmatched: nonsense", "OL"]);
});

test("a meter that is asked is asked in turn, in its rhythm, until the line goes down", async () => {
  const { wire, sent, say, drop } = handWire();
  const { all } = await hear(profiledLink(SHIPPED_PROFILES.scpi as Profile, wire, () => 0));
  jest.advanceTimersByTime(850);
  expect(sent).toEqual(["FUNC?\n", "READ?\n", "FUNC?\n", "READ?\n"]);
  say('"RES"\n+3.14E+01\n');
  drop();
  drop();
  jest.advanceTimersByTime(1000);
  expect(sent).toHaveLength(4);
  expect(all).toEqual(["31.4 Ω", "lost"]);
});

test("a line that is too long is told; a profile that reads nothing does not open, nor a wire that refuses", async () => {
  const { wire, say } = handWire();
  const { all } = await hear(profiledLink(PLAIN_PROFILE, wire, () => 0));
  say("9".repeat(5000));
  expect(all).toEqual(["too-long: "]);
  const mute = { ...PLAIN_PROFILE, framing: { kind: "lines", end: "\n", lines: ["<any>"] } } as Profile;
  expect((await hear(profiledLink(mute, wire, () => 0))).opened).toMatchObject({ ok: false, failure: { code: "profile-no-value" } });
  const shut: MeterWire = { open: () => Promise.resolve(fail({ code: "meter-taken" })) };
  expect((await hear(profiledLink(PLAIN_PROFILE, shut, () => 0))).opened).toMatchObject({ ok: false, failure: { code: "meter-taken" } });
});

test("a recording plays as it came, and then the line goes down", async () => {
  expect(recordedLines("0.5 s: 12.4 ohm\n\n1.0 s: OL\n13 V", 200)).toEqual([
    { afterMs: 500, line: "12.4 ohm" },
    { afterMs: 500, line: "OL" },
    { afterMs: 200, line: "13 V" },
  ]);
  const { all } = await hear(profiledLink(PLAIN_PROFILE, replayWire("0 ms: 12.4 ohm\n300 ms: 12.5 ohm", 200, "\n"), () => 0));
  jest.advanceTimersByTime(1);
  expect(all).toEqual(["12.4 Ω"]);
  jest.advanceTimersByTime(400);
  expect(all).toEqual(["12.4 Ω", "12.5 Ω", "lost"]);
});

test("the stand-in shows what it is given five times a second, and nothing while it is off", async () => {
  let isOn = true;
  const link = standInMeter({ nowMs: () => 0, shows: () => (isOn ? { display: "8.9 Ω", function: "resistance" } : null) });
  expect(link.origin).toBe("simulation");
  const { all, close } = await hear(link);
  jest.advanceTimersByTime(1000);
  isOn = false;
  jest.advanceTimersByTime(1000);
  expect(all).toHaveLength(5);
  close();
  isOn = true;
  jest.advanceTimersByTime(1000);
  expect(all).toHaveLength(5);
});

test.each([
  ["NotFoundError", "meter-not-chosen"],
  ["SecurityError", "meter-refused"],
  ["NotAllowedError", "meter-refused"],
  ["NetworkError", "meter-taken"],
  ["InvalidStateError", "meter-taken"],
  ["OddError", "meter-failed"],
])("a browser's %s is %s", (name, code) => expect(wireFailure(Object.assign(new Error("why"), { name })).code).toBe(code));
test("what is no error is told too", () => expect(wireFailure("odd")).toEqual({ code: "meter-failed", detail: "" }));

describe("a serial port", () => {
  const SETTINGS = PLAIN_PROFILE.serial;
  function port(parts: readonly string[]) {
    const written: string[] = [];
    const state = { opened: null as unknown, closed: 0 };
    return {
      written,
      state,
      open: (settings: unknown) => {
        state.opened = settings;
        return Promise.resolve();
      },
      close: () => {
        state.closed += 1;
        return Promise.resolve();
      },
      readable: new ReadableStream<Uint8Array>({
        start: (feed) => {
          for (const part of parts) feed.enqueue(new TextEncoder().encode(part));
          feed.close();
        },
      }),
      writable: new WritableStream<Uint8Array>({ write: (bytes) => void written.push(new TextDecoder().decode(bytes)) }),
    };
  }
  beforeEach(() => jest.useRealTimers());
  test("is opened as the profile says, read to its end, and told as lost", async () => {
    const given = port(["12.4 o", "hm\n"]);
    put("serial", { requestPort: () => Promise.resolve(given), getPorts: () => Promise.resolve([]) });
    const { all, opened } = await hear(profiledLink(PLAIN_PROFILE, serialWire(SETTINGS, false), () => 0));
    expect(opened.ok).toBe(true);
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect(all).toEqual(["12.4 Ω", "lost"]);
    expect(given.state).toEqual({ opened: SETTINGS, closed: 1 });
  });
  test("that is not there, not chosen, refused or taken says so", async () => {
    const open = async (isKnown = false) => serialWire(SETTINGS, isKnown).open({ onBytes: () => undefined, onClosed: () => undefined });
    expect(await open()).toMatchObject({ failure: { code: "meter-way-missing" } });
    put("serial", {
      requestPort: () => Promise.reject(Object.assign(new Error(""), { name: "NotFoundError" })),
      getPorts: () => Promise.resolve([]),
    });
    expect(await open()).toMatchObject({ failure: { code: "meter-not-chosen" } });
    expect(await open(true)).toMatchObject({ failure: { code: "meter-not-chosen" } });
    const taken = { ...port([]), open: () => Promise.reject(Object.assign(new Error(""), { name: "InvalidStateError" })) };
    put("serial", { requestPort: () => Promise.resolve(taken), getPorts: () => Promise.resolve([taken]) });
    expect(await open(true)).toMatchObject({ failure: { code: "meter-taken" } });
  });
});

test("a Bluetooth meter tells by its characteristic; gone, the line is lost", async () => {
  const teller = Object.assign(new EventTarget(), {
    value: undefined as DataView | undefined,
    startNotifications: () => Promise.resolve(teller),
  });
  const device = Object.assign(new EventTarget(), {
    gatt: {
      connect: () =>
        Promise.resolve({
          getPrimaryService: (id: unknown) => Promise.resolve({ getCharacteristic: () => Promise.resolve(id === 0xfff0 ? teller : null) }),
        }),
      disconnect: () => undefined,
    },
  });
  const asked: unknown[] = [];
  const settings = { service: "fff0", tells: "fff1", hears: null };
  const link = profiledLink(PLAIN_PROFILE, bluetoothWire(settings), () => 0);
  expect((await hear(link)).opened).toMatchObject({ failure: { code: "meter-way-missing" } });
  put("bluetooth", {
    requestDevice: (wanted: unknown) => {
      asked.push(wanted);
      return Promise.resolve(device);
    },
  });
  const { all } = await hear(link);
  const bytes = new TextEncoder().encode("12.4 ohm\n");
  teller.value = new DataView(bytes.buffer);
  teller.dispatchEvent(new Event("characteristicvaluechanged"));
  device.dispatchEvent(new Event("gattserverdisconnected"));
  expect(all).toEqual(["12.4 Ω", "lost"]);
  expect(asked).toEqual([{ filters: [{ services: [0xfff0] }] }]);
});

test("an address that is none opens nothing", async () => {
  const wire = bridgeWire("no address");
  expect(await wire.open({ onBytes: () => undefined, onClosed: () => undefined })).toMatchObject({
    failure: { code: "meter-bridge-silent" },
  });
});

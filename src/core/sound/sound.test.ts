import { makeSound, wavOf, type MadeSound, type WavForm } from "../../../tests/support/made-sound";
import { bearingSize, defectFrequencies, geometryOf } from "../bearing";
import { listenTo, readWav, type ListenedMotor } from ".";

const bearing = geometryOf(bearingSize("6203")!);
const MOTOR: ListenedMotor = { lineHz: 50, poles: 4, blades: 5, bearing };
const RPM = 1412;
const rates = defectFrequencies(bearing, RPM);
const SOUND: MadeSound = { seed: 1, lineHz: 50, rpm: RPM, hum: 0.4, turn: 0.08, blades: { count: 5, level: 0.3 } };
const heard = (made: Partial<MadeSound>, motor: Partial<ListenedMotor> = {}) =>
  listenTo(makeSound({ ...SOUND, ...made }), { ...MOTOR, ...motor });
const namesOf = ({ findings }: ReturnType<typeof listenTo>) => findings.map(({ id, isSure }) => `${id}${isSure ? "" : "?"}`);

describe("a WAV file", () => {
  const recording = makeSound({ ...SOUND, seconds: 1.2 });
  test.each<[WavForm, number, number]>([
    ["8 bit", 1, 0.01],
    ["16 bit", 1, 1e-4],
    ["16 bit", 2, 1e-4],
    ["24 bit", 1, 1e-6],
    ["32 bit", 1, 1e-6],
    ["float", 2, 1e-6],
  ])("of %s, %d channel(s) is read as it was made", (form, channels, within) => {
    const read = readWav(wavOf(recording, form, channels));
    if (!read.ok) throw new Error(read.failure.code);
    expect(read.value.sampleRateHz).toBe(recording.sampleRateHz);
    expect(read.value.samples).toHaveLength(recording.samples.length);
    for (const at of [0, 99, 15_000]) expect(Math.abs((read.value.samples[at] ?? 9) - (recording.samples[at] ?? 0))).toBeLessThan(within);
  });
  const noise = (sampleRateHz: number, seconds: number) => ({ sampleRateHz, samples: new Float32Array(sampleRateHz * seconds) });
  test.each<[string, { readonly bytes: () => Uint8Array; readonly code: string }]>([
    ["a text", { bytes: () => new TextEncoder().encode("Quillhaven ".repeat(20)), code: "sound-not-wav" }],
    ["nothing", { bytes: () => new Uint8Array(0), code: "sound-not-wav" }],
    ["its head alone", { bytes: () => wavOf(recording).slice(0, 44), code: "sound-too-short" }],
    ["a tenth of a second", { bytes: () => wavOf(noise(16_000, 0.1)), code: "sound-too-short" }],
    ["an hour", { bytes: () => wavOf(noise(8000, 3600), "8 bit"), code: "sound-too-long" }],
    ["4 kHz", { bytes: () => wavOf(noise(4000, 5)), code: "sound-too-coarse" }],
  ])("that is %s is refused", (_name, { bytes, code }) => {
    expect(readWav(bytes())).toEqual({ ok: false, failure: expect.objectContaining({ code }) as unknown });
  });
  test("cut off on its way is read as far as it goes", () => {
    const bytes = wavOf(makeSound({ ...SOUND, seconds: 3 }));
    const read = readWav(bytes.slice(0, bytes.length / 2));
    expect(read.ok && read.value.samples.length / read.value.sampleRateHz).toBeCloseTo(1.5, 1);
  });
});

describe("speed by sound", () => {
  test.each([1330, 1412, 1467, 1490])("%d rpm by blades, within 0.2 %%", (rpm) => {
    expect(Math.abs((heard({ rpm }).speed?.rpm ?? 0) / rpm - 1)).toBeLessThan(0.002);
  });
  test("by its own turn alone, where that stands out", () => {
    const { speed } = heard({ turn: 0.25 }, { blades: null });
    expect(Math.abs((speed?.rpm ?? 0) - RPM)).toBeLessThan(2 * (speed?.rpmU ?? 0));
  });
  test.each<[string, Partial<MadeSound>]>([
    ["in noise", { turn: 0, blades: { count: 5, level: 0 } }],
    ["where only the supply hums", { turn: 0, blades: { count: 5, level: 0 }, hum: 2, isHumRich: true }],
    ["of a motor that turns much slower than it should", { rpm: 700 }],
  ])("is not told %s", (_name, made) => {
    expect(heard(made).speed).toBeNull();
  });
});

describe("what is heard", () => {
  test("of a motor that is sound is nothing, whatever the seed", () => {
    for (let seed = 1; seed <= 8; seed += 1) expect(namesOf(heard({ seed, seconds: 3 }))).toEqual([]);
  });
  test.each<[string, Partial<MadeSound>, string[]]>([
    ["an outer ring", { strikes: { rateHz: rates.outerRingHz, ringHz: 3400, level: 3 } }, ["bearing-outer"]],
    ["an inner ring", { strikes: { rateHz: rates.innerRingHz, ringHz: 2600, level: 4, swellsWithTurn: true } }, ["bearing-inner"]],
    ["an inner ring that does not swell", { strikes: { rateHz: rates.innerRingHz, ringHz: 2600, level: 3 } }, ["bearing"]],
    ["a rub", { strikes: { rateHz: RPM / 60, ringHz: 4200, level: 6 } }, ["rub"]],
    ["unbalance", { turn: 3 }, ["unbalance"]],
    ["hum", { hum: 4, isHumRich: true }, ["magnetic-hum"]],
  ])("%s", (_name, made, expected) => {
    expect(namesOf(heard(made))).toEqual(expected);
  });
  test("a stronger strike stands further out", () => {
    const strengths = [2, 3, 5].map(
      (level) => heard({ strikes: { rateHz: rates.outerRingHz, ringHz: 3400, level } }).findings[0]?.prominenceDb ?? 0,
    );
    expect(strengths).toEqual([...strengths].sort((a, b) => a - b));
    expect(strengths[2]).toBeGreaterThan((strengths[0] ?? 0) + 4);
  });
  test("a bearing nobody named is not heard as one", () => {
    expect(namesOf(heard({ strikes: { rateHz: rates.outerRingHz, ringHz: 3400, level: 3 } }, { bearing: null }))).toEqual([]);
  });
  test("where no tone tells the speed, strikes at every turn are a rub and no ring", () => {
    const quiet = { turn: 0, blades: { count: 5, level: 0 } };
    expect(namesOf(heard({ ...quiet, strikes: { rateHz: RPM / 60, ringHz: 4200, level: 6 } }))).toEqual(["rub"]);
    expect(namesOf(heard({ ...quiet, strikes: { rateHz: rates.outerRingHz, ringHz: 3400, level: 5 } }))).toEqual(["bearing-outer"]);
  });
  test("a recording that was cut off says so", () => {
    expect(heard({ cutAt: 2.2, turn: 1 }).isClipped).toBe(true);
    expect(heard({}).isClipped).toBe(false);
  });
});

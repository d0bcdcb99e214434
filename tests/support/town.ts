import { STATIONS, type StationData } from "../../src/core/stations";
import { normalFrom, seriesFrom } from "../../src/core/numeric";
import { BLANK_EXCHANGE, BLANK_PIECE } from "../../src/core/stations/out-in";
import { toDemoRecords, type DemoClock, type DemoRecords, type DemoStations, type DemoStory } from "../../src/records/demo/demo-traveller";
import { cleanLook, insulation, madeSafe, powerBack, proof, runTest, threeLeads, toFrame, turnsFree } from "../../src/records/demo/pieces";
import type { TravellerId } from "../../src/records";

/*
 * Years of the invented town: its motors age as motors do, are looked at once or twice a year, and are repaired when something
 * fails; some come back. What is written are the records such visits leave, of the house's own and not of the demo.
 */

interface TownMotor {
  readonly machine: string;
  readonly site: string;
  readonly kind: "fan" | "blower";
  readonly plate: { readonly volts: string; readonly hertz: string; readonly amps: number; readonly rpm: number; readonly uf: number };
}

const motor = (machine: string, site: string, kind: TownMotor["kind"], amps: number, rpm: number, uf: number): TownMotor => ({
  machine,
  site,
  kind,
  plate: { volts: "230", hertz: "50", amps, rpm, uf },
});

const MOTORS: readonly TownMotor[] = [
  motor("Circulation fan, bay 1", "Brackwater Nursery", "fan", 1.9, 1380, 12.5),
  motor("Circulation fan, bay 4", "Brackwater Nursery", "fan", 1.9, 1380, 12.5),
  motor("Circulation fan, bay 6", "Brackwater Nursery", "fan", 1.9, 1380, 12.5),
  motor("Oven blower", "Pell Street Bakery", "blower", 1.4, 1350, 8),
  motor("Extract fan, wash-up", "Pell Street Bakery", "fan", 0.9, 1350, 6),
  motor("Dryer 2 blower", "Lantern Row Laundrette", "blower", 1.7, 1390, 10),
  motor("Dryer 3 blower", "Lantern Row Laundrette", "blower", 1.7, 1390, 10),
  motor("Changing-room fan", "Minnow Lido", "fan", 0.62, 1350, 6),
  motor("Archive ventilator", "Old Customs House", "blower", 1.1, 1350, 6),
  motor("Projection-room fan", "Tollgate Cinema", "fan", 0.62, 1350, 6),
  motor("Hall fan, left", "Tollgate Cinema", "fan", 1.9, 1380, 12.5),
  motor("Milking-parlour fan", "Osier Dairy", "fan", 1.9, 1380, 12.5),
];
const TECHNICIANS = ["Ivo Marrable", "Sefa Lindqvist"] as const;
const MAKERS = ["Kelvane", "Dosbrook"] as const;

const text = (value: number, decimals: number): string => value.toFixed(decimals);

interface State {
  uf: number;
  megohm: number;
  coastS: number;
}

interface Visit {
  readonly story: DemoStory;
  readonly callbackOf: string | null;
}

/** What a visit finds and does on a motor in some state. */
function visitTo(
  of: TownMotor,
  state: State,
  normal: () => number,
  maker: string,
  isBack: boolean,
): { stations: DemoStory["stations"]; isRepaired: boolean } {
  const { plate } = of;
  const low = plate.uf * 0.94;
  const isWeak = state.uf < low * 0.97;
  const seen = text(state.uf * (1 + 0.003 * normal()), 2);
  const warmC = 20 + 4 * normal();
  const [main, start] = [280 / plate.uf, 420 / plate.uf];
  const hot = 1 + 0.00393 * (warmC - 20);
  const ohm = (value: number): string => text(value * hot * (1 + 0.002 * normal()), 1);
  const sum = text((main + start) * hot, 1);
  const overload = 1 + Math.max(0, (plate.uf - state.uf) / plate.uf) * 0.8;
  const amps = text(plate.amps * 0.93 * overload * (1 + 0.01 * normal()), 2);
  const coast = text(state.coastS * (1 + 0.03 * normal()), 1);
  const after = { uf: text(plate.uf * (1 + 0.008 * normal()), 2), amps: text(plate.amps * 0.92 * (1 + 0.01 * normal()), 2) };
  const label = `${plate.uf} µF ±6 % 450 V`;
  return {
    isRepaired: isWeak,
    stations: (clock: DemoClock): DemoStations => ({
      complaint:
        isWeak || isBack ? { complaints: ["starts-slow"], said: isBack ? "Slow again" : "Creeps up to speed" } : { said: "Yearly look" },
      plate: {
        motorType: "psc",
        machineKind: of.kind,
        volts: plate.volts,
        hertz: plate.hertz,
        amps: String(plate.amps),
        rpm: String(plate.rpm),
        capacitor: `${plate.uf} µF 450 V`,
      },
      ...madeSafe(clock, 2, "0.4"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label, readings: [clock.read(seen, "capacitance", 8)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 11, ["white", "blue", "brown"], [ohm(main), sum, ohm(start)]),
        compare: { ...STATIONS.windings.blank.compare, temperature: clock.read(text(warmC, 0), "temperature", 14) },
      },
      frame: { readings: toFrame(clock, 15, "OL", "OL", "OL") },
      insulation: insulation(clock, 17, text(warmC, 0), text(state.megohm * 2 ** ((40 - warmC) / 10), 0)),
      "power-back": powerBack(clock, 22),
      "run-test": runTest(clock, 24, { behaviour: "starts" }, { lineAmps: amps, coastDown: coast }),
      decide: isWeak
        ? { action: "replace-run-capacitor", reason: "Below its limits", decidedAt: clock.at(27) }
        : { action: "no-repair", reason: "Sound", decidedAt: clock.at(27) },
      ...(isWeak
        ? {
            "out-in": {
              ...STATIONS["out-in"].blank,
              works: {
                "replace-run-capacitor": {
                  ...BLANK_EXCHANGE,
                  out: { ...BLANK_EXCHANGE.out, label, reading: `${seen} µF`, fate: "scrap", why: "below its limits" },
                  pieces: [
                    {
                      ...BLANK_PIECE,
                      label: `${maker} ${label}`,
                      source: "Truck",
                      price: "9.60",
                      reading: clock.read(after.uf, "capacitance", 30),
                      takenAt: clock.at(29),
                    },
                  ],
                  fittedAt: clock.at(33),
                },
              },
              seenTo: { "strap-holds": clock.at(34), "terminals-covered": clock.at(34) },
            } satisfies StationData<"out-in">,
            prove: {
              ...proof(clock, [24, {}], [38, { lineAmps: after.amps, coastDown: coast }]),
              afterBehaviour: "starts",
              lines: { "air-as-it-should": "good" },
            },
          }
        : {}),
    }),
  };
}

/** One motor over the years, the oldest visit first. */
function yearsOf(of: TownMotor, index: number, years: number, seed: number): Visit[] {
  const random = seriesFrom(((seed + 101 * index) * 1664525 + 1013904223) % 2147483647);
  const normal = normalFrom(random);
  const [perYear, halvesYears] = [0.02 + 0.07 * random(), 1.2 + 4 * random()];
  const state: State = { uf: of.plate.uf * (0.97 + 0.04 * random()), megohm: 60 + 400 * random(), coastS: 8 + 8 * random() };
  const visits: Visit[] = [];
  let daysAgo = Math.round(years * 365.25) - Math.round(60 * random());
  let callbackOf: string | null = null;
  let technician = TECHNICIANS[Math.floor(random() * 2)] ?? TECHNICIANS[0];
  for (let visit = 1; daysAgo > 0; visit += 1) {
    const maker = MAKERS[Math.floor(random() * 2)] ?? MAKERS[0];
    const { stations, isRepaired } = visitTo(of, state, normal, maker, callbackOf !== null);
    const id = `town-${index + 1}-${visit}`;
    visits.push({
      callbackOf,
      story: {
        id,
        machine: of.machine,
        site: of.site,
        technician,
        daysAgo,
        hourUtc: 8 + Math.floor(random() * 8),
        finishedAfter: 45,
        stations,
      },
    });
    if (isRepaired) state.uf = of.plate.uf;
    // A part from the bottom of the box: weak within weeks, and the customer calls.
    const isBad = isRepaired && random() < 0.2;
    callbackOf = isBad ? id : null;
    const gap = isBad ? 5 + Math.round(20 * random()) : 150 + Math.round(140 * random());
    if (isBad) state.uf = of.plate.uf * 0.85;
    state.uf *= (1 - perYear) ** (gap / 365.25);
    state.megohm *= 0.5 ** (gap / 365.25 / halvesYears);
    daysAgo -= gap;
    technician = random() < 0.7 ? technician : (TECHNICIANS.find((other) => other !== technician) ?? technician);
  }
  return visits;
}

/**
 * Records of some years of the town.
 * @param years how many
 * @param seed of its luck: the same seed gives the same years
 * @param now the day on which they are looked at
 * @param copies of the whole town, for stores of any size
 */
export function townRecords(years: number, seed: number, now: Date, copies = 1): DemoRecords {
  const all = Array.from({ length: copies }, (_, copy) =>
    MOTORS.flatMap((of, index) => {
      const named = copy === 0 ? of : { ...of, machine: `${of.machine} (${copy + 1})` };
      return yearsOf(named, index + copy * MOTORS.length, years, seed).map(({ story, callbackOf }) => {
        const { travellers, stations } = toDemoRecords(story, now);
        const own = (id: string): TravellerId => id.replace(/^demo-/, "") as TravellerId;
        return {
          travellers: travellers.map((card) => ({
            ...card,
            id: own(card.id),
            isDemo: false,
            callbackOf: callbackOf as TravellerId | null,
          })),
          stations: stations.map((row) => ({ ...row, id: row.id.replace(/^demo-/, ""), travellerId: own(row.travellerId) })),
        };
      });
    }),
  ).flat();
  return {
    travellers: all.flatMap(({ travellers }) => travellers),
    stations: all.flatMap(({ stations }) => stations) as DemoRecords["stations"],
  };
}

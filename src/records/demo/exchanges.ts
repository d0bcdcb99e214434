import { BLANK_SHEET, type MotorSheet } from "@/core/match";
import { STATIONS, type StationData } from "@/core/stations";
import { BLANK_EXCHANGE, BLANK_PIECE } from "@/core/stations/out-in";
import type { DemoClock } from "./demo-traveller";

type OutIn = StationData<"out-in">;
const BLANK = STATIONS["out-in"].blank;

/** Belly-band motor of the extract fan, as a rule says it. */
const EXTRACT_MOTOR: MotorSheet = {
  ...BLANK_SHEET,
  type: "psc",
  power: "0.37 kW",
  speeds: "1",
  rotation: "ccw",
  shaftEnds: 1,
  mount: "belly-band",
  bodyDiameter: "160",
  bodyLength: "190",
  shaftDiameter: "14",
  shaftLength: "60",
  shaftForm: "flat",
  enclosure: "open-air-over",
  duty: "continuous",
  bearings: "ball",
  protection: "auto",
};

/** A capacitor out, one in from the truck, measured before it went in. */
export const swappedCapacitor = (clock: DemoClock): OutIn => ({
  ...BLANK,
  works: {
    "replace-run-capacitor": {
      ...BLANK_EXCHANGE,
      out: { ...BLANK_EXCHANGE.out, label: "12.5 µF ±5 % 450 V", reading: "8.91 µF", fate: "scrap", why: "71 % of rated" },
      pieces: [
        {
          ...BLANK_PIECE,
          label: "12.5 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2",
          source: "Truck",
          price: "9.60",
          reading: clock.read("12.48", "capacitance", 33),
          condition: "good",
          takenAt: clock.at(31),
        },
      ],
      fittedAt: clock.at(36),
    },
  },
  seenTo: { "strap-holds": clock.at(37), "terminals-covered": clock.at(37) },
});

/** Both bearings renewed; it turns as before. */
export const newBearings = (clock: DemoClock): OutIn => ({
  ...BLANK,
  works: {
    "replace-bearings": {
      ...BLANK_EXCHANGE,
      out: { ...BLANK_EXCHANGE.out, label: "6203, 6202", reading: "rough, 0.11 mm of play", fate: "scrap", why: "rough on the wheel side" },
      pieces: ["6203-2RS C3", "6202-2RS C3"].map((label, index) => ({
        ...BLANK_PIECE,
        label,
        source: "Weir & Tull Bearings",
        price: index === 0 ? "14.20 for the pair" : "",
        condition: "good",
      })),
      fittedAt: clock.at(50),
    },
  },
  rotationBefore: "ccw",
  seenTo: Object.fromEntries(["screw-on-flat", "wheel-centred", "wires-clear-of-wheel"].map((line) => [line, clock.at(60)])),
});

/** A start capacitor out of a machine that is out of service, measured before it went in. */
export const donorCapacitor = (clock: DemoClock): OutIn => ({
  ...BLANK,
  works: {
    "replace-start-capacitor": {
      ...BLANK_EXCHANGE,
      out: { ...BLANK_EXCHANGE.out, label: "130-156 µF 250 V start", reading: "88 µF", fate: "scrap", why: "bulged, a third of it gone" },
      pieces: [
        {
          ...BLANK_PIECE,
          label: "145 µF 250 V start",
          source: "old tumble dryer, out of service",
          price: "free",
          reading: clock.read("152", "capacitance", 30),
          condition: "good",
        },
      ],
      fittedAt: clock.at(33),
    },
  },
  rotationBefore: "cw",
  seenTo: { "strap-holds": clock.at(34), "terminals-covered": clock.at(34) },
});

/** Motor nobody else makes, as a rule says it. */
const CELLAR_MOTOR: MotorSheet = {
  ...EXTRACT_MOTOR,
  power: "0.25 kW",
  rotation: null,
  mount: "lugs",
  bodyDiameter: "140",
  bodyLength: "170",
};

/** A tested spare of several speeds on a made bracket, its capacitor joined of two; what the other ways would have cost. */
export const makeshiftMotor = (clock: DemoClock): OutIn => ({
  ...BLANK,
  works: {
    "replace-motor": {
      ...BLANK_EXCHANGE,
      out: {
        ...BLANK_EXCHANGE.out,
        label: "Bramwit 0.25 kW 1390 rpm 230 V, lugs of its own",
        reading: "41 Ω to the frame",
        fate: "keep-for-parts",
        why: "Ground fault, 41 Ω to the frame; no longer made",
        unusableAt: clock.at(52),
        kept: ["end-bells", "bearings"],
      },
      pieces: [
        {
          ...BLANK_PIECE,
          label: "Tessky 0.25 kW 1380 rpm, belly band",
          source: "Shelf 3, from Circulation fan, bay 1, Brackwater Nursery",
          price: "0",
          reading: clock.read("OL", "resistance", 55),
          condition: "good",
          sheet: {
            ...CELLAR_MOTOR,
            volts: "230",
            hertz: "50",
            amps: "1.9",
            rpm: "1380",
            speeds: "3",
            rotation: "ccw",
            isReversible: true,
            mount: "belly-band",
            shaftLength: "75",
            capacitor: "12.5 µF 450 V",
          },
        },
      ],
      fittedAt: clock.at(88),
    },
    "replace-run-capacitor": {
      ...BLANK_EXCHANGE,
      out: { ...BLANK_EXCHANGE.out, label: "8 µF ±5 % 450 V", reading: "7.9 µF", fate: "back-on-shelf" },
      pieces: [
        ["10 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", "8.80", "9.96"],
        ["2.5 µF ±5 % 450 V 50/60 Hz −25/+85 °C", "6.10", "2.49"],
      ].map(([label = "", price = "", uf = ""]) => ({
        ...BLANK_PIECE,
        label,
        source: "Truck",
        price,
        reading: clock.read(uf, "capacitance", 90),
        condition: "good" as const,
        takenAt: clock.at(89),
      })),
      fittedAt: clock.at(93),
    },
  },
  old: CELLAR_MOTOR,
  place: {
    ...BLANK.place,
    circuit: "6",
    roomLength: "230",
    roomDiameter: "180",
    wheelBore: "14",
    shaft: "horizontal",
    hasAirOver: true,
    speedsUsed: "1",
  },
  standstill: "1.20",
  quotes: [
    {
      id: "demo-quote-3",
      of: "whole-unit",
      supplier: "Pennock Electrical",
      price: "1480",
      postage: "90",
      minutes: "",
      days: "21",
      isTaken: false,
    },
    { id: "demo-quote-4", of: "motor", supplier: "a tested spare", price: "free", postage: "", minutes: "", days: "0", isTaken: true },
    {
      id: "demo-quote-5",
      of: "makeshift",
      supplier: "bracket of flat bar",
      price: "about 18",
      postage: "",
      minutes: "25",
      days: "0",
      isTaken: true,
    },
  ],
  rotationBefore: "cw",
  seenTo: Object.fromEntries(
    [
      "ground-to-bare-metal",
      "leads-capped",
      "joins-sleeved",
      "screw-on-flat",
      "wheel-centred",
      "mount-tight",
      "strap-holds",
      "terminals-covered",
      "wires-clear-of-wheel",
    ].map((line) => [line, clock.at(95)]),
  ),
  note: "Belly band on a bracket of flat bar, four bolts into the old lugs' holes.",
});

/** A motor condemned and kept for parts; what may replace it, and what was quoted. */
export const condemnedMotor = (clock: DemoClock): OutIn => ({
  ...BLANK,
  works: {
    "replace-motor": {
      ...BLANK_EXCHANGE,
      out: {
        ...BLANK_EXCHANGE.out,
        label: "Bramwit 0.37 kW 1400 rpm 230 V",
        reading: "58 Ω to the frame",
        fate: "keep-for-parts",
        why: "Ground fault, 58 Ω to the frame",
        unusableAt: clock.at(40),
        kept: ["fan", "capacitor"],
      },
    },
  },
  old: EXTRACT_MOTOR,
  place: { ...BLANK.place, circuit: "6", roomLength: "240", wheelBore: "14", shaft: "horizontal", hasAirOver: true, speedsUsed: "1" },
  candidates: [
    {
      id: "demo-candidate-1",
      source: "Pennock Electrical, new",
      price: "118",
      sheet: {
        ...EXTRACT_MOTOR,
        volts: "220-240",
        hertz: "50",
        amps: "2.7",
        rpm: "1410",
        capacitor: "16 µF 450 V",
        shaftLength: "82",
      },
    },
    {
      id: "demo-candidate-2",
      source: "Used, history unknown",
      price: "50",
      sheet: { ...BLANK_SHEET, volts: "115", hertz: "50", power: "0.37 kW", rpm: "1400", shaftDiameter: "14", shaftLength: "45" },
    },
  ],
  standstill: "0.70",
  quotes: [
    { id: "demo-quote-1", of: "motor", supplier: "Pennock Electrical", price: "118", postage: "9", minutes: "", days: "2", isTaken: false },
    { id: "demo-quote-2", of: "motor", supplier: "a colleague", price: "140", postage: "", minutes: "40", days: "0", isTaken: false },
  ],
  rotationBefore: "ccw",
});

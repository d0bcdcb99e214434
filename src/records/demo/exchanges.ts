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

import { BLANK_SHEET } from "@/core/match";
import type { Part } from "../part-record";

type Line = Omit<Part, "id" | "isDemo" | "updatedAt">;

const PLAIN = { kind: "capacitor", lowest: 0, state: "new", sheet: null, tested: null, windings: null, photo: null, note: "" } as const;

const KELVANE = "Kelvane";
const DOSBROOK = "Dosbrook";

function line(
  label: string,
  maker: string,
  place: string,
  [quantity, price]: [number, number],
  size: [number, number, number] | null,
): Line {
  const [diameterMm, heightMm, terminals] = size ?? [null, null, null];
  return { ...PLAIN, label, maker, place, quantity, price, diameterMm, heightMm, terminals };
}

/** Anything but a capacitor, in one line. */
const other = (kind: Part["kind"], label: string, place: string, [quantity, price]: [number, number]): Line => ({
  ...PLAIN,
  kind,
  label,
  maker: "",
  place,
  quantity,
  price,
  diameterMm: null,
  heightMm: null,
  terminals: null,
});

/** What is on the truck and on the shelf at home; makers and prices are made up. */
export const SHELF: readonly Line[] = [
  line("2 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Truck", [2, 6.4], [30, 57, 2]),
  line("2.5 µF ±5 % 450 V 50/60 Hz −25/+85 °C", DOSBROOK, "Truck", [3, 6.1], [30, 57, 2]),
  line("4 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Truck", [2, 6.9], [30, 57, 2]),
  line("5 µF ±6 % 440 V 60 Hz 70 °C", DOSBROOK, "Truck", [2, 7.2], [45, 70, 4]),
  line("6 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Truck", [1, 7.4], [35, 60, 2]),
  line("7.5 µF ±6 % 370 V 60 Hz 70 °C", DOSBROOK, "Shelf", [1, 6.8], [45, 70, 4]),
  line("8 µF ±5 % 450 V 50 Hz −25/+85 °C", KELVANE, "Truck", [1, 8.2], [35, 72, 2]),
  line("10 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Truck", [3, 8.8], [35, 72, 4]),
  line("12.5 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Truck", [2, 9.6], [40, 72, 4]),
  line("16 µF ±5 % 450 V 50 Hz −25/+85 °C P2", DOSBROOK, "Truck", [1, 11.2], [40, 94, 4]),
  line("17.5 µF ±6 % 370 V 60 Hz 70 °C", DOSBROOK, "Shelf", [1, 10.1], [50, 80, 4]),
  line("20 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2", KELVANE, "Shelf", [1, 12.6], [45, 94, 4]),
  line("25 µF ±6 % 440 V 60 Hz 70 °C", DOSBROOK, "Shelf", [1, 12.9], [50, 92, 4]),
  line("30 µF ±5 % 450 V 50 Hz −25/+85 °C P2", KELVANE, "Shelf", [1, 14.8], [50, 94, 4]),
  line("35 µF ±6 % 440 V 60 Hz 70 °C", DOSBROOK, "Truck", [1, 14.2], [50, 104, 4]),
  line("40+5 µF ±6 % 440 V 60 Hz 70 °C", DOSBROOK, "Truck", [1, 21.5], [65, 112, 7]),
  line("45+5 µF ±6 % 370 V 60 Hz 70 °C", DOSBROOK, "Shelf", [1, 19.9], [65, 112, 7]),
  line("88-106 µF 250 VAC 60 Hz start", KELVANE, "Truck", [1, 13.4], [46, 86, 4]),
  line("130-156 µF 165 VAC 60 Hz start", KELVANE, "Truck", [1, 13.9], [46, 86, 4]),
  line("189-227 µF 250 VAC 50/60 Hz start", KELVANE, "Shelf", [1, 16.2], [46, 111, 4]),
  {
    ...PLAIN,
    kind: "motor",
    label: "Tessky 0.37 kW 1400 rpm, belly band",
    maker: "Tessky",
    place: "Shelf 3",
    quantity: 1,
    price: 0,
    diameterMm: null,
    heightMm: null,
    terminals: null,
    state: "tested",
    sheet: {
      ...BLANK_SHEET,
      type: "psc",
      volts: "230",
      hertz: "50",
      power: "0.37 kW",
      amps: "2.8",
      rpm: "1400",
      speeds: "3",
      isReversible: true,
      rotation: "cw",
      shaftEnds: 1,
      mount: "belly-band",
      bodyDiameter: "158",
      bodyLength: "190",
      shaftDiameter: "14",
      shaftLength: "90",
      shaftForm: "flat",
      enclosure: "open-air-over",
      duty: "continuous",
      bearings: "ball",
      capacitor: "12.5 µF 450 V",
      protection: "auto",
      leads: "common white; high black, medium blue, low red; start brown",
    },
    tested: {
      at: "2026-08-14T09:30:00.000Z",
      cardId: null,
      donor: "Circulation fan, bay 2, Brackwater Nursery",
      readings: [
        { what: "Windings", said: "C to R 14.1 Ω, C to S 23.0 Ω, R to S 36.8 Ω." },
        { what: "To the frame", said: "OL from every lead." },
        { what: "Insulation", said: "210 MΩ at 24 °C." },
        { what: "Run test", said: "2.3 A, 1412 rpm, quiet." },
      ],
    },
    windings: { mainOhm: 14.1, startOhm: 23, sectionsOhm: [], windingC: 24 },
  },
  {
    ...PLAIN,
    kind: "motor",
    label: "Orlane 1/3 hp 1075 rpm, resilient base",
    maker: "Orlane",
    place: "Shelf 3",
    quantity: 1,
    price: 45,
    diameterMm: null,
    heightMm: null,
    terminals: null,
    state: "untested",
    sheet: { ...BLANK_SHEET, volts: "115", hertz: "60", power: "1/3 hp", amps: "5.4", rpm: "1075", mount: "resilient-base" },
  },
  { ...other("bearing", "6203-2RS C3", "Truck", [4, 7.1]), lowest: 4 },
  { ...other("bearing", "6202-2RS C3", "Truck", [1, 6.4]), lowest: 2 },
  { ...other("bearing", "6201-ZZ", "Shelf", [2, 5.2]), lowest: 0 },
  other("start-gear", "Potential relay, coil 10 kΩ, pick-up 180 V", "Truck", [1, 26]),
  other("other", "Belly band 160 mm", "Shelf", [2, 9.5]),
  { ...other("other", "Fan of a Bramwit 0.37 kW", "Shelf 3", [1, 0]), state: "for-parts" },
];

import { seriesFrom } from "../../src/core/numeric";

/** What a drawn picture shows, as printed. */
export interface DrawnCase {
  readonly id: string;
  readonly group: string;
  readonly inputs: { readonly file: string; readonly asked: "plate" | "capacitor" | "bearing" };
  readonly outputs: Readonly<Record<string, string>>;
}

/** How spoilt a picture is: each figure its strongest. */
const GRADES = {
  clean: { dirt: 0, scratches: 0, blurPx: 0.4, tiltDeg: 2, glare: 0, leastContrast: 0.75 },
  light: { dirt: 10, scratches: 2, blurPx: 0.8, tiltDeg: 4, glare: 0.35, leastContrast: 0.5 },
  heavy: { dirt: 28, scratches: 6, blurPx: 1.5, tiltDeg: 7, glare: 0.75, leastContrast: 0.3 },
} as const;
export type Grade = keyof typeof GRADES;

const FONTS = ["Liberation Sans", "Liberation Serif", "Liberation Mono", "DejaVu Sans", "DejaVu Serif", "Liberation Sans Narrow"];
const MAKERS = { motor: ["ORLANE", "TESSKY", "BRAMWIT", "Orlane Motors"], capacitor: ["KELVANE", "DOSBROOK"] } as const;
/** Shaft power [W] with what stands on the plate. */
const POWERS: readonly (readonly [watts: number, hp: string, kw: string])[] = [
  [60, "1/12", "0.06"],
  [90, "1/8", "0.09"],
  [125, "1/6", "0.12"],
  [186, "1/4", "0.18"],
  [249, "1/3", "0.25"],
  [373, "1/2", "0.37"],
  [560, "3/4", "0.55"],
  [746, "1", "0.75"],
  [1119, "1 1/2", "1.1"],
  [1492, "2", "1.5"],
];

interface Dice {
  readonly pick: <T>(from: readonly T[]) => T;
  readonly between: (low: number, high: number) => number;
  readonly isLikely: (chance: number) => boolean;
}

function diceFrom(seed: number): Dice {
  const next = seriesFrom(seed);
  const between = (low: number, high: number): number => low + (high - low) * next();
  return {
    between,
    pick: (from) => from[Math.min(from.length - 1, Math.floor(next() * from.length))]!,
    isLikely: (chance) => next() < chance,
  };
}

/** What must stand there, or what the dice say. */
const either = (known: string | undefined, diced: string): string => known ?? diced;

interface Drawing {
  readonly asked: DrawnCase["inputs"]["asked"];
  readonly outputs: Record<string, string>;
  readonly body: string;
  readonly widthPx: number;
}

function plate({ pick, between, isLikely }: Dice, known: Partial<Record<string, string>>): Drawing {
  const isUsuallyMetric = isLikely(0.5);
  const isMetric = known.hp === undefined && (known.kw !== undefined || isUsuallyMetric);
  const [watts, hp, kw] = pick(POWERS);
  const supply = isMetric ? pick(["230", "220-240", "240", "220"]) : pick(["115", "208-230", "230", "115/230", "120", "277", "208"]);
  const first = Number(supply.split(/[-/]/)[0]);
  const use = between(0.22, 0.5) * (watts > 500 ? 1.25 : 1);
  const amps = Math.max(0.2, watts / (first * use));
  const sync = (isMetric ? 3000 : 3600) / pick([1, 2, 2, 3, 3, 4]);
  const outputs: Record<string, string> = {
    volts: supply,
    hz: isMetric ? "50" : "60",
    amps: supply.includes("/") ? `${amps.toFixed(1)}/${(amps / 2).toFixed(1)}` : amps.toFixed(isLikely(0.15) && amps < 10 ? 2 : 1),
    rpm: String(Math.round((sync * (1 - between(0.025, 0.11))) / 5) * 5),
    ...(isMetric ? { kw } : { hp }),
    ...(isLikely(0.75)
      ? {
          capacitor_uf: pick(["3", "4", "5", "6", "7.5", "8", "10", "12.5", "15", "16", "20", "25", "30"]),
          capacitor_v: pick(["370", "440", "400", "450"]),
        }
      : {}),
    ...known,
  };
  const fields: (readonly [string, string])[] = [
    [pick(["V", "VOLTS", "V~"]), outputs.volts!],
    [pick(["HZ", "Hz"]), outputs.hz!],
    [pick(["A", "AMPS", "FLA"]), outputs.amps!],
    [pick(["RPM", "r/min"]), outputs.rpm!],
    outputs.kw ? ["kW", outputs.kw] : ["HP", outputs.hp!],
    ["PH", "1"],
    [pick(["INS", "INS CL", "CLASS"]), either(known.class, pick(["A", "B", "F"]))],
    [pick(["AMB", "MAX AMB"]), "40°C"],
    [pick(["FR", "FRAME"]), pick(["48", "56", "48Y", "63", "71"])],
    ["DUTY", either(known.duty, pick(["CONT", "S1"]))],
    [pick(["SER", "S/N"]), `${Math.round(between(10000, 99999))}-${pick(["A", "B", "K"])}`],
  ];
  if (outputs.capacitor_uf)
    fields.push([
      pick(["CAP", "C", "CAPACITOR"]),
      `${outputs.capacitor_uf} ${pick(["µF", "uF", "MFD"])} ${outputs.capacitor_v} ${pick(["V", "VAC"])}`,
    ]);
  const mixed = fields.map((field) => ({ field, order: between(0, 1) })).sort((a, b) => a.order - b.order);
  const isFramed = isLikely(0.5);
  const columns = pick([2, 3, 3]);
  const cells = mixed
    .map(
      ({ field: [name, figure] }) =>
        `<div style="padding:4px 8px;${isFramed ? "border:1.5px solid currentColor;" : ""}white-space:nowrap"><span style="font-size:${pick([14, 16])}px;opacity:.85">${name}</span> <b style="font-size:24px">${figure}</b></div>`,
    )
    .join("");
  const body = `<div style="font-size:36px;font-weight:700;letter-spacing:2px">${pick(MAKERS.motor)}</div><div style="font-size:18px">${pick(["MODEL", "FAN MOTOR", "AC MOTOR"])} ${pick(["KX", "PM", "TF"])}${Math.round(between(1000, 9999))}</div><div style="display:grid;grid-template-columns:repeat(${columns},1fr);gap:8px 14px;margin:10px 0">${cells}</div><div style="font-size:18px">${pick(["THERMALLY PROTECTED", "READ INSTRUCTIONS", "AIR OVER", "MADE IN QUILLHAVEN"])}</div>`;
  return { asked: "plate", outputs, body, widthPx: columns === 2 ? 660 : 840 };
}

function label({ pick, isLikely }: Dice, known: Partial<Record<string, string>>): Drawing {
  const isStart = isLikely(0.35);
  const outputs: Record<string, string> = isStart
    ? {
        capacitance: pick(["88-106", "124-149", "189-227", "233-280", "340-408", "64-77", "430-516"]),
        volts: pick(["110", "125", "165", "220", "250", "330"]),
      }
    : {
        capacitance: pick([
          "3",
          "4",
          "5",
          "7.5",
          "10",
          "12.5",
          "15",
          "20",
          "25",
          "30",
          "35",
          "40",
          "45",
          "50",
          "35/5",
          "40/5",
          "45+5",
          "55/7.5",
        ]),
        volts: pick(["370", "440", "400", "450"]),
        tolerance_pct: pick(["5", "6", "10"]),
      };
  Object.assign(outputs, known);
  const unit = pick(["µF", "uF", "MFD"]);
  const tolerance = outputs.tolerance_pct ? ` ±${outputs.tolerance_pct}${pick(["%", " %"])}` : "";
  const small = [
    pick(["50/60 Hz", "50/60Hz -40/+70°C", "60 Hz -25/85/21"]),
    `${pick(MAKERS.capacitor)} ${pick(["P0", "P2", "SH", "10000 AFC"])} ${pick(["1822", "2419", "3123"])}`,
    pick(["CBB65A", "No PCB", "PROTECTED", "EN 60252-1", "CD60"]),
  ];
  const body = `<div style="font-size:44px;font-weight:700">${outputs.capacitance} ${unit}${tolerance}</div><div style="font-size:44px;font-weight:700">${outputs.volts} ${pick(["V", "VAC", "V~"])}</div>${small.map((line) => `<div style="font-size:22px">${line}</div>`).join("")}`;
  return { asked: "capacitor", outputs, body, widthPx: 760 };
}

function stamp({ pick, between }: Dice, known: Partial<Record<string, string>>): Drawing {
  const number = pick([
    "6000",
    "6001",
    "6002",
    "6003",
    "6004",
    "6200",
    "6201",
    "6202",
    "6203",
    "6204",
    "6205",
    "6206",
    "6303",
    "6304",
    "608",
    "629",
  ]);
  const designation = `${number}${pick(["ZZ", "-2RS", "-2RSH", " 2RS1", "DDU", "LLU", " 2Z", "-2Z C3", " 2RS C3", ""])}`;
  const outputs = { designation, ...known } as Record<string, string>;
  const body = `<div style="font-size:52px;font-weight:700;letter-spacing:3px">${outputs.designation}</div><div style="font-size:28px">${pick(["QUILL", `${Math.round(between(1, 52))} 19`, "T7K"])}</div>`;
  return { asked: "bearing", outputs, body, widthPx: 760 };
}

const KINDS = { plate, capacitor: label, bearing: stamp } as const;

/**
 * A page that shows a plate, a label or a stamp as a phone sees it: aslant, dirty, under a lamp.
 * @param kind what is drawn
 * @param grade how spoilt
 * @param seed the same seed draws the same
 * @param known fields that must stand there
 */
export function draw(kind: keyof typeof KINDS, grade: Grade, seed: number, known: Partial<Record<string, string>> = {}) {
  const dice = diceFrom(seed);
  const { between, pick, isLikely } = dice;
  const drawing = KINDS[kind](dice, known);
  const spoilt = GRADES[grade];
  const isDark = isLikely(0.35);
  const ground = Math.round(isDark ? between(30, 60) : between(165, 235));
  const apart = between(spoilt.leastContrast, 1) * (isDark ? 200 : 150);
  const ink = Math.round(isDark ? Math.min(250, ground + apart) : Math.max(10, ground - apart));
  const behind = Math.round(isDark ? between(75, 150) : between(50, 130));
  const spots = Array.from({ length: Math.round(spoilt.dirt * between(0.5, 1)) }, () => {
    const shade = isDark ? "90,70,40" : "60,50,40";
    return `<div style="position:absolute;left:${between(0, 98).toFixed(1)}%;top:${between(0, 95).toFixed(1)}%;width:${between(3, 11).toFixed(0)}px;height:${between(3, 8).toFixed(0)}px;border-radius:50%;background:rgba(${shade},${between(0.4, 0.9).toFixed(2)})"></div>`;
  }).join("");
  const lines = Array.from({ length: Math.round(spoilt.scratches * between(0.4, 1)) }, () => {
    return `<div style="position:absolute;left:${between(0, 80).toFixed(1)}%;top:${between(0, 95).toFixed(1)}%;width:${between(60, 260).toFixed(0)}px;height:1.6px;background:rgba(${isDark ? "170,150,90" : "60,60,60"},${between(0.35, 0.8).toFixed(2)});transform:rotate(${between(-60, 60).toFixed(0)}deg);transform-origin:left"></div>`;
  }).join("");
  const glare = spoilt.glare * between(0, 1);
  const at = between(5, 85);
  const light = `<div style="position:absolute;inset:0;background:linear-gradient(${between(80, 110).toFixed(0)}deg,transparent ${at}%,rgba(255,255,255,${glare.toFixed(2)}) ${at + 6}%,transparent ${at + 14}%)"></div>`;
  const tilt = (): string => between(-spoilt.tiltDeg, spoilt.tiltDeg).toFixed(1);
  const html = `<body style="margin:0;width:1500px;height:1000px;background:rgb(${behind},${behind - 4},${behind - 8});display:flex;align-items:center;justify-content:center;perspective:1400px;filter:blur(${(spoilt.blurPx * between(0.3, 1)).toFixed(2)}px) brightness(${between(0.75, 1.05).toFixed(2)})"><div style="position:relative;overflow:hidden;width:${drawing.widthPx}px;padding:24px 26px;border-radius:6px;box-shadow:0 6px 20px rgba(0,0,0,.45);background:rgb(${ground},${ground},${ground - 6});color:rgb(${ink},${ink},${ink - 4});font-family:'${pick(FONTS)}';transform:translate(${between(-80, 80).toFixed(0)}px,${between(-80, 80).toFixed(0)}px) rotateX(${(Number(tilt()) * 3).toFixed(1)}deg) rotateY(${(Number(tilt()) * 3).toFixed(1)}deg) rotateZ(${tilt()}deg)">${drawing.body}${spots}${lines}${light}</div></body>`;
  return { html, asked: drawing.asked, outputs: drawing.outputs };
}

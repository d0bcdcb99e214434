import { insulationAt40C } from "@/core/insulation";
import {
  findMisfits,
  layoutOf,
  resistanceAt,
  solveBoard,
  temperatureRise,
  USUAL_SOLVE,
  windingTemperature,
  type Board,
  type BoardSolution,
} from "@/core/winding";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

/** The layouts these cases choose from. */
const TOPOLOGIES = ["csr", "csr_protector", "isolated2", "tap2_c", "tap2_lo", "tap3_c", "tap3_lo", "csr_capacitor", "dual_voltage"];
const OPTIONS = {
  ...USUAL_SOLVE,
  layouts: TOPOLOGIES.map(layoutOf),
  spares: 0,
  leastWindingOhm: 0.5,
  leastSectionOhm: 0.1,
  sectionScore: 0,
  leastMainPart: 0,
  limit: 100_000,
};
/** An assignment this near the limit of its chance may be listed or not. */
const EDGE = { low: 0.0002, high: 0.005 };

interface Listed {
  readonly topology: string;
  readonly roles: Readonly<Record<string, string>>;
  readonly fault: { readonly kind: string; readonly between_roles?: readonly string[]; readonly terminal?: string } | null;
  readonly chi2: number;
  readonly dof: number;
  readonly p: number;
  readonly ohms: Readonly<Record<string, number | null>>;
  readonly lead_offset_ohm: number;
}

interface Inputs {
  readonly terminals: readonly string[];
  readonly frame_terminal: string | null;
  readonly readings: readonly { a: string; b: string; ohm: number | null; over_limit: boolean }[];
  readonly meter: { pct: number; digits: number; resolution_ohm: number; lead_offset_mean_ohm: number; lead_offset_sd_ohm: number };
  readonly marked_roles: Readonly<Record<string, string>> | null;
}

function toBoard({ terminals, frame_terminal, readings, meter }: Inputs): Board {
  const names = frame_terminal === null ? terminals : [...terminals, frame_terminal];
  return {
    posts: terminals.length,
    hasFrame: frame_terminal !== null,
    leadOhm: meter.lead_offset_mean_ohm,
    leadStandardOhm: meter.lead_offset_sd_ohm,
    readings: readings.map(({ a, b, ohm, over_limit }) => ({
      a: names.indexOf(a),
      b: names.indexOf(b),
      ...(over_limit || ohm === null
        ? { kind: "open" as const }
        : {
            kind: "ohms" as const,
            ohm,
            standardUncertainty: ((meter.pct / 100) * ohm + meter.digits * meter.resolution_ohm) / Math.sqrt(3),
          }),
    })),
  };
}

/** A solution as these cases write it. */
function toListed({ structure, postOf, fit }: BoardSolution, terminals: readonly string[]): Listed {
  const { layout, fault, joints, places } = structure;
  const terminalOf = (role: string): string => terminals[postOf[places.indexOf(role)] ?? -1] ?? "";
  const ohmOf = (element: number): number | null => {
    const joint = joints.findIndex((each) => each.element === element);
    return joint < 0 ? null : (fit.ohms[joint] ?? null);
  };
  const at = fault === null || fault.kind === "ground" ? undefined : layout.elements[fault.element];
  return {
    topology: layout.id,
    roles: Object.fromEntries(layout.roles.map((role) => [role, terminalOf(role)])),
    fault:
      fault === null
        ? null
        : fault.kind === "ground"
          ? { kind: "ground", terminal: terminalOf(fault.role) }
          : { kind: fault.kind, between_roles: [at?.from ?? "", at?.to ?? ""] },
    chi2: fit.chi2,
    dof: fit.dof,
    p: fit.probability,
    ohms: Object.fromEntries(layout.elements.map(({ from, to }, element) => [`${from}-${to}`, ohmOf(element)])),
    lead_offset_ohm: fit.leadOhm,
  };
}

/** Every way of writing the same solution: the layout's exchanges applied to the roles. */
function spellings({ topology, roles, fault }: Pick<Listed, "topology" | "roles" | "fault">): string[] {
  const { exchanges, roles: names } = layoutOf(topology);
  let all = [{ roles: { ...roles }, between: fault?.between_roles ?? [] }];
  for (const exchange of exchanges) {
    all = all.flatMap((each) => {
      const moved = new Map(exchange.flatMap(([a, b]) => [[a, b] as const, [b, a] as const]));
      const other = Object.fromEntries(names.map((role) => [role, each.roles[moved.get(role) ?? role] ?? ""]));
      return [each, { roles: other, between: each.between.map((role) => moved.get(role) ?? role) }];
    });
  }
  return all.map(
    (each) =>
      `${topology} ${names.map((role) => `${role}:${each.roles[role] ?? ""}`).join(" ")} ${fault?.kind ?? "sound"} ${[...each.between].sort().join("-")}${fault?.terminal ?? ""}`,
  );
}

function compareSolution(expected: Listed, got: Listed, tolerance: Tolerance): Miss[] {
  const own = (tolerance.ohms ?? {}) as { absolute?: number; relative?: number };
  const key = spellings(expected)[0] ?? "";
  const misses = compare({ chi2: expected.chi2, dof: expected.dof }, { chi2: got.chi2, dof: got.dof }, { ...tolerance, dof: "exact" });
  const ohmsOf = ({ ohms }: Listed): (number | null)[] => Object.values(ohms).sort((a, b) => (a ?? -1) - (b ?? -1));
  misses.push(
    ...compare(ohmsOf(expected), ohmsOf(got), { ...own }),
    ...compare(expected.lead_offset_ohm, got.lead_offset_ohm, own, "lead_offset_ohm"),
  );
  return misses.map((miss) => ({ ...miss, field: `${key}: ${miss.field}` }));
}

/** Which terminal is what, from the readings of all pairs; faulty boards and wrong readings included. */
export function checkLeads({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const given = inputs as unknown as Inputs;
  const board = toBoard(given);
  const { sound, faulty } = solveBoard(board, OPTIONS);
  const found = [...sound.list, ...faulty.list].map((solution) => toListed(solution, given.terminals));
  const expected = outputs.solutions as readonly Listed[];
  const isEdge = ({ p }: Listed): boolean => p > EDGE.low && p < EDGE.high;
  const byKey = new Map(found.flatMap((each) => spellings(each).map((key) => [key, each] as const)));
  const misses: Miss[] = [];
  for (const each of expected) {
    const got = byKey.get(spellings(each)[0] ?? "");
    if (got) misses.push(...compareSolution(each, got, tolerance));
    else if (!isEdge(each)) misses.push({ field: "solutions", expected: spellings(each)[0], got: null });
  }
  const count = (field: string, solutions: readonly Listed[]): void => {
    const edges = solutions.filter(isEdge).length;
    const listed = Number(outputs[field]);
    if (listed > solutions.length + edges || listed < solutions.length - edges)
      misses.push({ field, expected: listed, got: solutions.length });
  };
  count(
    "healthy_solution_count",
    found.filter(({ fault }) => fault === null),
  );
  count("solution_count", found);
  if (Array.isArray(outputs.suspect_readings)) {
    const names = [...given.terminals, given.frame_terminal ?? ""];
    const pairs = findMisfits(board, OPTIONS).map(({ a, b }) => [names[a] ?? "", names[b] ?? ""].sort().join("-"));
    const wanted = (outputs.suspect_readings as string[][]).map((pair) => [...pair].sort().join("-"));
    misses.push(...compare([...wanted].sort(), pairs.sort(), {}, "suspect_readings"));
  }
  if (Array.isArray(outputs.marked_terminals_in_conflict) && given.marked_roles) {
    misses.push(
      ...compare(
        [...(outputs.marked_terminals_in_conflict as string[])].sort(),
        conflicts(found[0], given.marked_roles),
        {},
        "marked_terminals_in_conflict",
      ),
    );
  }
  return misses;
}

/** Terminals whose mark the best solution contradicts, in the spelling that agrees with most marks. */
function conflicts(best: Listed | undefined, marks: Readonly<Record<string, string>>): string[] {
  if (!best) return [];
  const options = spellings(best).map((text) => {
    const roles = new Map(
      text
        .split(" ")
        .slice(1, 1 + Object.keys(best.roles).length)
        .map((part) => part.split(":") as [string, string]),
    );
    return Object.entries(marks)
      .filter(([role, terminal]) => roles.get(role) !== terminal)
      .map(([, terminal]) => terminal)
      .sort();
  });
  return options.sort((a, b) => a.length - b.length)[0] ?? [];
}

export function checkWindingTemperature({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const i = inputs as Record<string, number>;
  const [coldOhm, coldC, constantC] = [i.r_cold_ohm ?? 0, i.t_cold_c ?? 0, i.copper_constant_c];
  const windingC = windingTemperature(coldOhm, coldC, i.r_hot_ohm ?? 0, constantC);
  const got = {
    r_at_target_ohm: resistanceAt(coldOhm, coldC, i.t_target_c ?? 0, constantC),
    t_winding_c: windingC,
    temperature_rise_k: temperatureRise(windingC, i.t_ambient_end_c ?? 0),
  };
  return compare(outputs, got, tolerance);
}

export function checkInsulationTemperature({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const i = inputs as Record<string, number>;
  return compare(outputs, { r_at_40c_mohm: insulationAt40C(i.r_mohm ?? 0, i.t_c ?? 0, "older") }, tolerance);
}

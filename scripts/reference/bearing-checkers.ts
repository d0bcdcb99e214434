import { bearingSize, defectFrequencies, parseDesignation, printDesignation, widthOf } from "@/core/bearing";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

/** A number as stamped, with its closure and clearance. */
export function checkDesignation({ inputs, outputs, may_refuse: mayRefuse = false }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const read = parseDesignation(String(inputs.text));
  if (!read.ok) return outputs.refused === true || mayRefuse ? [] : [{ field: "text", expected: outputs, got: read.failure.code }];
  if (outputs.refused === true) return [{ field: "text", expected: "refused", got: printDesignation(read.value) }];
  const { candidates, closure, clearance } = read.value;
  const [named] = candidates;
  if (!named || candidates.length > 1) return [{ field: "basic_designation", expected: outputs.basic_designation, got: candidates.length }];
  const { size } = named;
  const got = {
    basic_designation: size.number,
    d_mm: size.boreMm,
    D_mm: size.outsideMm,
    B_mm: widthOf(size, closure !== "open"),
    closure,
    clearance,
  };
  return compare(outputs, got, tolerance);
}

/** Boundary dimensions by number; only bore and outside where the width is not firm. */
export function checkDimensions({ inputs, outputs, certain }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const size = bearingSize(String(inputs.code));
  if (!size) return [{ field: "code", expected: inputs.code, got: null }];
  const { B_mm, ...firm } = outputs;
  const got = { d_mm: size.boreMm, D_mm: size.outsideMm, B_mm: size.widthMm };
  return compare(certain === false ? firm : { ...firm, B_mm }, got, tolerance);
}

export function checkFrequencies({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const { balls = 0, ball_diameter_mm = 0, pitch_diameter_mm = 0, contact_angle_deg = 0, shaft_rpm = 0 } = inputs as Record<string, number>;
  const found = defectFrequencies(
    { balls, ballDiameterMm: ball_diameter_mm, pitchDiameterMm: pitch_diameter_mm, contactAngleDeg: contact_angle_deg },
    shaft_rpm,
  );
  const got = {
    fr_hz: found.shaftHz,
    ftf_hz: found.cageHz,
    bpfo_hz: found.outerRingHz,
    bpfi_hz: found.innerRingHz,
    bsf_hz: found.ballSpinHz,
    two_bsf_hz: found.ballDefectHz,
  };
  return compare(outputs, got, tolerance);
}

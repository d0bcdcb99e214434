/** Rolling elements of a bearing, as the frequencies need them. */
export interface BallGeometry {
  readonly balls: number;
  readonly ballDiameterMm: number;
  readonly pitchDiameterMm: number;
  readonly contactAngleDeg: number;
}

/** Frequencies at which a defect of a bearing rings, inner ring turning [Hz]. */
export interface DefectFrequencies {
  readonly shaftHz: number;
  readonly cageHz: number;
  readonly outerRingHz: number;
  readonly innerRingHz: number;
  /** one turn of a ball about itself */
  readonly ballSpinHz: number;
  /** a damaged spot on a ball strikes both rings in a turn */
  readonly ballDefectHz: number;
}

/**
 * Kinematic defect frequencies of a rolling bearing without slip, outer ring at rest.
 * @param geometry balls, pitch and contact angle
 * @param shaftRpm speed of the inner ring [rpm], ≥ 0
 * @returns ball pass, ball spin and cage frequencies [Hz]
 * @source Harris & Kotzalas, Rolling Bearing Analysis, 5th ed. (2007), vol. 1, ch. 8; Randall, Vibration-based Condition Monitoring (2011), 2.2.3
 * @example 8 balls of 6.747 mm on 28.5 mm at 1725 rpm: outer ring 87.8 Hz, inner 142.2 Hz
 */
export function defectFrequencies(
  { balls, ballDiameterMm, pitchDiameterMm, contactAngleDeg }: BallGeometry,
  shaftRpm: number,
): DefectFrequencies {
  const shaftHz = shaftRpm / 60;
  const ratio = (ballDiameterMm / pitchDiameterMm) * Math.cos((contactAngleDeg * Math.PI) / 180);
  const cageHz = (shaftHz / 2) * (1 - ratio);
  const ballSpinHz = ((shaftHz * pitchDiameterMm) / (2 * ballDiameterMm)) * (1 - ratio ** 2);
  return {
    shaftHz,
    cageHz,
    outerRingHz: balls * cageHz,
    innerRingHz: (balls * shaftHz * (1 + ratio)) / 2,
    ballSpinHz,
    ballDefectHz: 2 * ballSpinHz,
  };
}

/** Places where a defect rings, in the order they are told. */
const DEFECTS = ["outer-ring", "inner-ring", "ball", "cage"] as const;
export type Defect = (typeof DEFECTS)[number];

const FIELD_OF = {
  "outer-ring": "outerRingHz",
  "inner-ring": "innerRingHz",
  ball: "ballDefectHz",
  cage: "cageHz",
} as const satisfies Record<Defect, keyof DefectFrequencies>;

/** Where one defect rings: likeliest, and between which two figures [Hz]. */
export interface DefectBand {
  readonly defect: Defect;
  readonly likelyHz: number;
  readonly lowHz: number;
  readonly highHz: number;
}

/**
 * Bands in which defects ring, over every geometry the bearing may have and every speed the motor may run at.
 * @param geometries the likeliest first; one where it is known
 * @param speedsRpm the likeliest first
 * @returns one band a defect [Hz], the narrowest that holds every case
 */
export function defectBands(geometries: readonly BallGeometry[], speedsRpm: readonly number[]): readonly DefectBand[] {
  const all = speedsRpm.flatMap((rpm) => geometries.map((geometry) => defectFrequencies(geometry, rpm)));
  return DEFECTS.flatMap((defect): DefectBand[] => {
    const figures = all.map((each) => each[FIELD_OF[defect]]);
    const [likelyHz] = figures;
    return likelyHz === undefined ? [] : [{ defect, likelyHz, lowHz: Math.min(...figures), highHz: Math.max(...figures) }];
  });
}

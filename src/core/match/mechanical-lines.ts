import { fits, joined, madeToFit, notKnown, refused, same, type LineJudge, type LineVerdict } from "./match-line";
import type { Mount, ShaftForm } from "./motor-spec";

/** A calliper in the field, and inch sizes written in millimetres. */
const SAME_SHAFT_MM = 0.1;
const SAME_LENGTH_MM = 1;
const SAME_BODY_MM = 0.5;
const PERCENT = 100;

/** A bracket stands in for any of these; a face is screwed to the machine's own. */
const BY_BRACKET: readonly Mount[] = ["belly-band", "lugs", "studs", "resilient-base", "rigid-base"];

function judgeBand(oldMm: number | null, newMm: number | null, house: Parameters<LineJudge>[1]): LineVerdict {
  if (oldMm === null) return notKnown("old");
  if (newMm === null) return notKnown("candidate");
  const offMm = newMm - oldMm;
  if (Math.abs(offMm) <= SAME_BODY_MM) return same;
  const percent = (PERCENT * Math.abs(offMm)) / oldMm;
  if (offMm > 0)
    return percent <= house.matchBandPercent
      ? fits({ code: "band-near", diameterMm: newMm })
      : refused({ code: "band-too-large", diameterMm: newMm });
  return percent <= house.matchStripPercent
    ? madeToFit({ code: "band-strip", diameterMm: newMm }, "strip-under-band")
    : refused({ code: "band-too-small", diameterMm: newMm });
}

/** How it is held: the same, by a strip, by a bracket; a face mount by nothing else. */
export const judgeMount: LineJudge = ({ old, candidate }, house) => {
  if (old.mount === null) return notKnown("old");
  if (candidate.mount === null) return notKnown("candidate");
  if (old.mount === candidate.mount)
    return old.mount === "belly-band" ? judgeBand(old.bodyDiameterMm, candidate.bodyDiameterMm, house) : same;
  if (BY_BRACKET.includes(old.mount) && BY_BRACKET.includes(candidate.mount))
    return madeToFit({ code: "bracket-for", mount: candidate.mount }, "bracket");
  return refused({ code: "face-mount", mount: candidate.mount });
};

/** A thicker body where nobody measured the room beside it: a band says itself what it takes, any other place is asked. */
const isWiderUnseen: (question: Parameters<LineJudge>[0]) => boolean = ({ old, place, candidate }) =>
  place.roomDiameterMm === null &&
  !(old.mount === "belly-band" && candidate.mount === "belly-band") &&
  old.bodyDiameterMm !== null &&
  candidate.bodyDiameterMm !== null &&
  candidate.bodyDiameterMm > old.bodyDiameterMm + SAME_BODY_MM;

/** Body against the room there is; where nobody measured the room, a body no larger than the old one has it. */
export const judgeBody: LineJudge = (question) => {
  const { old, place, candidate } = question;
  if (candidate.bodyLengthMm === null) return notKnown("candidate");
  const { bodyLengthMm: lengthMm, bodyDiameterMm: diameterMm } = candidate;
  if (place.roomDiameterMm !== null && diameterMm !== null && diameterMm > place.roomDiameterMm)
    return refused({ code: "body-too-wide", diameterMm, roomMm: place.roomDiameterMm });
  if (place.roomLengthMm !== null && lengthMm > place.roomLengthMm)
    return refused({ code: "body-too-long", lengthMm, roomMm: place.roomLengthMm });
  if (isWiderUnseen(question)) return notKnown("place");
  if (old.bodyLengthMm !== null && Math.abs(lengthMm - old.bodyLengthMm) <= SAME_LENGTH_MM) return same;
  if (place.roomLengthMm !== null || (old.bodyLengthMm !== null && lengthMm < old.bodyLengthMm))
    return fits({ code: "body-has-room", lengthMm });
  return notKnown("place");
};

/** What of a shaft's form goes with what the wheel wants; a flat is filed where none is, a key or a thread cannot be. */
function judgeForm(wanted: ShaftForm | null, has: ShaftForm | null): LineVerdict {
  if (wanted === null) return notKnown("old");
  if (has === null) return notKnown("candidate");
  if (wanted === has) return same;
  const byScrew: readonly ShaftForm[] = ["round", "flat", "two-flats"];
  if (byScrew.includes(wanted) && byScrew.includes(has)) {
    if (wanted === "round" || (wanted === "flat" && has === "two-flats")) return fits({ code: "shaft-form", form: has });
    return madeToFit({ code: "shaft-flat" }, "file-flat");
  }
  return refused({ code: "shaft-form", form: has });
}

function judgeThickness(boreMm: number | null, hasMm: number | null, bushMm: number): LineVerdict {
  if (boreMm === null) return notKnown("old");
  if (hasMm === null) return notKnown("candidate");
  const offMm = hasMm - boreMm;
  if (Math.abs(offMm) <= SAME_SHAFT_MM) return same;
  if (offMm > 0) return refused({ code: "shaft-too-thick", diameterMm: hasMm, boreMm });
  return -offMm <= bushMm
    ? madeToFit({ code: "shaft-bush", diameterMm: hasMm, boreMm }, "bush-shaft")
    : refused({ code: "shaft-too-thin", diameterMm: hasMm, boreMm });
}

function judgeLength(wantedMm: number | null, hasMm: number | null): LineVerdict {
  if (wantedMm === null) return notKnown("old");
  if (hasMm === null) return notKnown("candidate");
  const offMm = hasMm - wantedMm;
  if (Math.abs(offMm) <= SAME_LENGTH_MM) return same;
  return offMm < 0
    ? refused({ code: "shaft-too-short", lengthMm: hasMm })
    : madeToFit({ code: "shaft-cut", lengthMm: hasMm, offMm }, "cut-shaft");
}

/** Shaft: length can be cut and never added, a thinner one bushed and a thicker one not, a flat filed. */
export const judgeShaft: LineJudge = ({ old, place, candidate }, house) =>
  joined([
    judgeThickness(place.wheelBoreMm ?? old.shaftDiameterMm, candidate.shaftDiameterMm, house.matchBushMm),
    judgeLength(old.shaftLengthMm, candidate.shaftLengthMm),
    judgeForm(old.shaftForm, candidate.shaftForm),
  ]);

/** Shaft ends: one too many is sawn off or guarded, one too few is no. */
export const judgeShaftEnds: LineJudge = ({ old, candidate }) => {
  if (old.shaftEnds === null) return notKnown("old");
  if (candidate.shaftEnds === null) return notKnown("candidate");
  if (candidate.shaftEnds === old.shaftEnds) return same;
  return candidate.shaftEnds < old.shaftEnds
    ? refused({ code: "missing-end", ends: candidate.shaftEnds })
    : madeToFit({ code: "spare-end", ends: candidate.shaftEnds }, "second-end");
};

/** Rotation looking at the shaft end: the same, reversible, or with the other of two shaft ends to the wheel. */
export const judgeRotation: LineJudge = ({ old, candidate }) => {
  // No wire turns a shaded-pole motor: what is reversible of it is its rotor, put in end for end.
  const reversed = candidate.type === "shaded-pole" ? madeToFit({ code: "rotor-end-for-end" }, "turn-rotor") : fits({ code: "reversible" });
  if (old.rotation === null) return candidate.isReversible === true ? reversed : notKnown("old");
  if (candidate.rotation === old.rotation) return same;
  if (candidate.isReversible === true) return reversed;
  if (candidate.rotation === null) return notKnown("candidate");
  if (candidate.shaftEnds === 2 && old.shaftEnds === 1) return madeToFit({ code: "turn-it-round" }, "turn-round");
  // Whether its leads can be swapped is worth asking before it is refused for good.
  return candidate.isReversible === null ? notKnown("candidate") : refused({ code: "other-rotation" });
};

/** Sleeves keep their oil with the shaft level; balls go anywhere. */
export const judgeBearings: LineJudge = ({ old, place, candidate }) => {
  if (candidate.bearings === null) return notKnown("candidate");
  if (candidate.bearings === "sleeve") {
    if (place.shaft === "up" || place.shaft === "down") return refused({ code: "sleeves-not-level" });
    if (place.shaft === null && old.bearings !== "sleeve") return notKnown("place");
  }
  return candidate.bearings === old.bearings ? same : fits({ code: "other-bearings" });
};

/** Leads that are too short are lengthened with sleeved joins. */
export const judgeLeads: LineJudge = ({ place, candidate }) => {
  if (place.leadLengthMm === null || candidate.leadLengthMm === null) return same;
  return candidate.leadLengthMm + SAME_LENGTH_MM >= place.leadLengthMm
    ? fits({ code: "leads-reach" })
    : madeToFit({ code: "leads-short", lengthMm: candidate.leadLengthMm }, "lengthen-leads");
};

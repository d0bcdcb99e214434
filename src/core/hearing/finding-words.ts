/** Findings that somebody tells: each counts once it has been seen or felt at its station. Ids are not kept. */
export type ToldFinding = "seized" | "wheel-loose" | "gear-bypassed" | "protector-bypassed";

export const FINDING_WORDS: readonly { readonly of: ToldFinding; readonly say: readonly string[] }[] = [
  {
    of: "seized",
    say: [
      "seized [up|solid]",
      "locked|rusted up|solid",
      "stuck fast|solid",
      "shaft|rotor|bearing|bearings [is|are|has] stuck|jammed|frozen",
      "won't turn by hand",
      "NOT _1 turn|turned by hand",
    ],
  },
  {
    of: "wheel-loose",
    say: [
      "wheel|impeller|pulley|blade|blades|fan|coupling [is|are|has|has] [come] loose|slipping|slips",
      "loose wheel|impeller|pulley|blade|coupling",
      "slips|slipping on the shaft",
      "set|grub screw loose|missing|gone",
    ],
  },
  {
    of: "gear-bypassed",
    say: ["switch|relay|governor _2 BYPASSED", "BYPASSED _2 switch|relay|governor"],
  },
  { of: "protector-bypassed", say: ["protector|overload|thermal|cutout _2 BYPASSED", "BYPASSED _2 protector|overload|thermal|cutout"] },
];

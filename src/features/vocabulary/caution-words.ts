import type { SharedCaution } from "@/core/station";

/** Dangers that bite at several stations, in a sentence each. */
export const CAUTION_WORDS: Record<SharedCaution, string> = {
  "stored-charge": "A capacitor keeps its charge: discharge it through a resistor, then measure, before hands go in.",
  "prove-dead": "Prove the meter on a live source before and after: a dead meter also shows nothing.",
  "line-voltage": "Line voltage. Insulated probes, one hand, guards in place.",
  "moving-parts": "Blades and pulleys: keep hands, sleeves and leads clear.",
  "pressurised-terminals":
    "Compressor: keep the terminal cover on while there is pressure, a pin can blow out. Measure at the plug of its harness, or at the contactor with its wires off.",
  "oil-filled-can": "An old can may hold PCB oil: no skin contact, bag it, dispose of it as local rules ask.",
  "motor-at-rest": "Rotor at rest, capacitor disconnected, test leads nulled before low ohms.",
  "local-codes": "Lock-out rules and local codes come first. Gas, refrigerant and fixed wiring are licensed work.",
  "hot-surfaces": "Hot surfaces: let the shell cool.",
  "test-voltage":
    "The tester puts 250 to 1000 V on the winding: electronics and capacitors off, hands off, discharge afterwards. Never on a compressor in a vacuum.",
  "short-tries": "A motor that hums burns: switch off after 2 to 3 seconds, and let it cool between tries.",
  "flying-key": "Key out or taped before it runs without its wheel: a loose key flies.",
  "push-with-stick":
    "Only an open wheel, with a dry stick of wood, never a hand; everyone clear, one push, hand on the switch. Never a compressor, a belt drive or a pump.",
  "press-and-pull":
    "Pullers and presses let go without warning: eye protection, hands out of the line of force, never a hammer on the shaft.",
  "springs-and-rings": "Retaining rings and springs fly: eye protection, a cloth over the pliers. Edges of the shell cut.",
  "mark-wires": "Mark each wire and take a photo before it comes off.",
  "gas-off": "Gas off before burner or flue is touched; both are licensed work.",
  "gas-back": "Flue back before the gas; gas back on by whoever may, flame and draught looked at.",
  interlock: "An interlock is never bridged to make it run. One that was found bridged is written down and put right.",
  "bare-metal": "Touch bare metal: scratch through paint, fingers off the tips.",
};

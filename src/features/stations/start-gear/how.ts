import { formatQuantity, type Quantity } from "@/core/quantity";
import type { HowOf, HowSet } from "../../station/how";

const ohm = (value: number, quantity: Quantity = "resistance"): string => formatQuantity(quantity, value);

/** Gear that drops out by time: seen by the clamp, since no ohmmeter tells. */
const timedHow =
  (title: string, inside: string): HowOf =>
  ({ contactOhm }) => ({
    title,
    scene: [
      { is: "motor", at: [60, 66] },
      { is: "wire", from: [90, 78], to: [250, 78] },
      { is: "clamp", at: [170, 54], sign: "A~" },
      { is: "word", at: [240, 110], word: "start winding's lead" },
    ],
    said: `Clamp around the start winding's lead while the motor starts; ${inside}`,
    steps: [
      "Circuit dead: out of circuit, its contact at rest. Near zero is a short; anything else says nothing.",
      "Back in, covers on, clamp around the start winding's lead.",
      "Switch on, two to three seconds: amps come, and end within about a second.",
      "Let it cool before the next try, as its label says.",
    ],
    good: { shows: "amps, then none", means: "it lets go in time" },
    bad: { shows: "amps that stay", means: `the start winding stays in: off at once; at rest at most ${ohm(contactOhm)} is shorted` },
    doubtful: { shows: "OL at rest", means: "electronics and open contacts both read so" },
    mistake: "Condemning it by an ohmmeter.",
  });

export const startGearHow: HowSet = {
  at: (record) => (record as { readonly sort: string | null }).sort,
  topics: {
    switch: ({ contactOhm }) => ({
      title: "Centrifugal switch",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "0.3",
          to: [
            [176, 60],
            [276, 60],
          ],
        },
        { is: "contacts", from: [176, 60], to: [276, 60] },
        { is: "word", at: [226, 90], word: "weights push at speed" },
        { is: "off", from: [176, 60], to: [150, 28] },
      ],
      said: "Ohmmeter across the switch's contacts with one lead taken off; the weights push them open at speed",
      steps: [
        "Circuit dead. Cover and end bell seated all round; say so.",
        "One lead off, so that no winding lies across it.",
        "Read it at rest.",
        "Push the disc as the weights do, and read again.",
        "Let go: it must click back.",
      ],
      good: { shows: "0.3 Ω, then OL", means: `closed at rest (at most ${ohm(contactOhm)} after the test leads), open when pushed` },
      bad: { shows: "OL at rest", means: "with the cover seated it never lets the start winding in; closed when pushed: welded" },
      doubtful: { shows: "OL, cover loose", means: "a good switch that is not pressed: push it by hand before anything is replaced" },
      mistake: "Replacing a switch that only the loose cover does not press.",
    }),
    "potential-relay": ({ relayCoilLowOhm, relayCoilHighOhm }) => ({
      title: "Potential relay",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "9.8k",
          to: [
            [180, 100],
            [280, 100],
          ],
        },
        { is: "coil", from: [180, 100], to: [280, 100] },
        { is: "contacts", from: [180, 44], to: [280, 44] },
        { is: "word", at: [230, 24], word: "contacts: closed at rest" },
        { is: "word", at: [230, 124], word: "coil" },
      ],
      said: "Ohmmeter across the relay's coil; its contacts are closed at rest",
      steps: [
        "Circuit dead. Photo, then unplug it: windings lie across it otherwise.",
        "Coil, by the relay's own drawing.",
        "Contacts: near zero.",
        "Put it back the same way up: some work in one position only.",
      ],
      good: {
        shows: `${ohm((relayCoilLowOhm + relayCoilHighOhm) / 2)}, 0.2 Ω`,
        means: `coil between ${ohm(relayCoilLowOhm)} and ${ohm(relayCoilHighOhm)}, contacts closed`,
      },
      bad: { shows: "OL coil", means: "the contacts never open: the start capacitor stays in" },
      doubtful: { shows: "plugged in", means: "other paths count in: nothing is judged until it is out" },
      mistake: "Reading a coil of kilo-ohms without its k.",
    }),
    "current-relay": ({ contactOhm }) => ({
      title: "Current relay",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "OL",
          to: [
            [180, 44],
            [280, 44],
          ],
        },
        { is: "contacts", from: [180, 44], to: [280, 44], isOpen: true },
        { is: "coil", from: [180, 100], to: [280, 100] },
        { is: "word", at: [230, 70], word: "contacts: open at rest" },
        { is: "word", at: [230, 124], word: "coil, in the run winding" },
      ],
      said: "Ohmmeter across the relay's contacts, which are open at rest; its coil lies in the run winding",
      steps: [
        "Circuit dead. Unplug it, and keep it upright.",
        "Contacts: open at rest.",
        "Coil: thick wire, near zero.",
        "Turn it over: on many the contacts now close.",
      ],
      good: { shows: "OL, 0.2 Ω", means: `contacts open, coil at most ${ohm(contactOhm)}` },
      bad: { shows: "0.2 Ω contacts", means: "welded: the start winding stays in" },
      doubtful: { shows: "plugged in", means: "other paths count in: unplug it and measure again" },
      mistake: "Measuring it lying on its side.",
    }),
    ptc: ({ ptcColdLowOhm, ptcColdHighOhm, ptcHotOhm }) => ({
      title: "PTC",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "22",
          to: [
            [184, 60],
            [276, 60],
          ],
        },
        { is: "resistor", from: [184, 60], to: [276, 60] },
        { is: "word", at: [230, 92], word: "cold: out of circuit, 10 min" },
      ],
      said: "Ohmmeter across a PTC that lies cold and out of circuit",
      steps: [
        "Circuit dead. Take it out: the windings lie across it.",
        "Let it cool ten minutes or more.",
        "Read it cold. Shake it: a broken one rattles.",
      ],
      good: {
        shows: ohm((ptcColdLowOhm + ptcColdHighOhm) / 4),
        means: `cold between ${ohm(ptcColdLowOhm)} and ${ohm(ptcColdHighOhm)}; hot it passes ${ohm(ptcHotOhm)}`,
      },
      bad: { shows: "OL", means: "broken: the start winding never comes in" },
      doubtful: { shows: ohm(ptcHotOhm * 2), means: "it may still be warm: wait, and measure again" },
      mistake: "Trying to start again at once: it must cool between starts.",
    }),
    "time-relay": timedHow("Time relay", "a clock opens its contact"),
    "solid-state-kit": timedHow("Solid-state kit", "electronics stand in for the contact"),
    none: () => ({
      title: "No start gear",
      scene: [
        { is: "motor", at: [70, 66] },
        { is: "can", at: [140, 44], terminals: ["C", "R"] },
        { is: "word", at: [262, 70], word: "nothing between" },
        { is: "word", at: [262, 86], word: "them that switches" },
      ],
      said: "A motor whose run capacitor is always in: nothing switches",
      steps: [
        "Look where the capacitor's wires go: straight to the start winding, with nothing that switches.",
        "Look for a box clipped on beside it: a kit was added to many.",
        "Say that there is none: it is out of the explanations then.",
      ],
      good: { shows: "none", means: "a motor with a run capacitor alone, or a shaded-pole one" },
      bad: { shows: "a box nobody named", means: "somebody put a kit in: find out why" },
      doubtful: { shows: "cannot see", means: "a welded shell shows nothing: leave it open" },
      mistake: "Taking the protector on the shell for start gear.",
    }),
  },
};

import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const handTurnHow: HowSet = {
  topics: {
    turn: ({ shortCoastS, radialPlayUm, endPlayMm }) => ({
      title: "Turning it by hand",
      scene: [
        { is: "motor", at: [96, 66] },
        { is: "turn", at: [96, 66], word: "slowly, a full turn" },
        { is: "gap", at: [206, 62], word: "up and down" },
        { is: "word", at: [206, 22], word: "play", isStrong: true },
        { is: "word", at: [278, 66], word: "in and out" },
      ],
      said: "A motor's shaft turned slowly by hand, then moved up and down and in and out to feel play",
      steps: [
        "Circuit dead. Belt off where there is one; say whether the load is on.",
        "Turn it slowly through a full turn, then give it a spin and let it coast.",
        `Lift and press the shaft: nothing should be felt. By indicator, more than ${radialPlayUm} µm is worn.`,
        `Push and pull it: end play up to about ${endPlayMm} mm is its washers'.`,
        "Tight or seized: turn it again with the load off before anything is blamed.",
      ],
      good: { shows: "free", means: `silent all the way round, and coasts for more than ${formatQuantity("duration", shortCoastS)}` },
      bad: { shows: "rough, seized", means: "like sand, or it does not move: bearings, or a rotor that rubs" },
      doubtful: { shows: "tight, load on", means: "motor or load: take the load off and turn it once more" },
      mistake: "Blaming the bearings of a motor that was turned with its belt or pump on.",
    }),
  },
};

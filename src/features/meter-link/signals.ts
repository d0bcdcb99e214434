import type { Loudness } from "./link-news";

/** What this device says while a meter is on the line. */
export interface Says {
  readonly sound: boolean;
  readonly voice: boolean;
}

const SHELF = "vemmick-meter-says";

function saysHere(): Says {
  try {
    const kept = localStorage.getItem(SHELF);
    return kept === null ? { sound: true, voice: false } : { sound: kept.includes("sound"), voice: kept.includes("voice") };
  } catch {
    return { sound: true, voice: false };
  }
}

function keepSays({ sound, voice }: Says): void {
  try {
    localStorage.setItem(SHELF, [sound ? "sound" : "", voice ? "voice" : ""].join(" "));
  } catch {
    // It holds until the page is left.
  }
}

/** Tones: pitch [Hz], from when and how long [s]. Short and high is taken; falling asks to look; three alike are danger. */
const TONES: Readonly<Record<Exclude<Loudness, "plain">, readonly (readonly [pitchHz: number, fromS: number, forS: number])[]>> = {
  taken: [[1320, 0, 0.09]],
  look: [
    [660, 0, 0.14],
    [440, 0.16, 0.22],
  ],
  alarm: [
    [988, 0, 0.16],
    [988, 0.22, 0.16],
    [988, 0.44, 0.3],
  ],
};
const BUZZES: Readonly<Record<Exclude<Loudness, "plain">, readonly number[]>> = {
  taken: [40],
  look: [90, 60, 90],
  alarm: [250, 80, 250, 80, 400],
};

/** What makes itself heard and felt. */
export interface Signals {
  /** in the turn of a press: before one, a browser stays silent */
  wake(): void;
  give(loudness: Loudness, words: string): void;
  readonly says: Says;
  setSays(says: Says): void;
}

export function createSignals(): Signals {
  let context: AudioContext | null = null;
  let says = saysHere();
  const sound = (loudness: Exclude<Loudness, "plain">): void => {
    const audio = context;
    if (!audio || audio.state !== "running") return;
    for (const [pitchHz, fromS, forS] of TONES[loudness]) {
      const [tone, volume] = [audio.createOscillator(), audio.createGain()];
      tone.frequency.value = pitchHz;
      const from = audio.currentTime + fromS;
      volume.gain.setValueAtTime(0, from);
      volume.gain.linearRampToValueAtTime(0.4, from + 0.01);
      volume.gain.linearRampToValueAtTime(0, from + forS);
      tone.connect(volume).connect(audio.destination);
      tone.start(from);
      tone.stop(from + forS);
    }
  };
  const speak = (words: string): void => {
    if (typeof speechSynthesis === "undefined") return;
    // A voice of the device itself: what is said goes nowhere.
    const voice = speechSynthesis.getVoices().find(({ localService, lang }) => localService && lang.startsWith("en"));
    if (!voice) return;
    speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(words);
    said.voice = voice;
    said.lang = voice.lang;
    speechSynthesis.speak(said);
  };
  return {
    wake: () => {
      if (typeof AudioContext === "undefined") return;
      context ??= new AudioContext();
      void context.resume().catch(() => undefined);
    },
    give: (loudness, words) => {
      if (says.sound && loudness !== "plain") {
        sound(loudness);
        navigator.vibrate?.([...BUZZES[loudness]]);
      }
      if (says.voice) speak(words);
    },
    get says() {
      return says;
    },
    setSays: (next) => {
      says = next;
      keepSays(next);
    },
  };
}

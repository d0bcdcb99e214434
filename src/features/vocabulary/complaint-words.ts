import { COMPLAINTS, type Complaint } from "@/core/trade";
import { byId } from "@/core/kept";

/** Each complaint as a choice, and as the customer's page says it. */
const WORDS: Readonly<Record<Complaint, { readonly label: string; readonly plain: string }>> = {
  "does-not-run": { label: "Does not run", plain: "It does not run." },
  dead: { label: "Dead, no sound", plain: "It does nothing." },
  "hums-no-start": { label: "Hums, will not start", plain: "It hums and does not start." },
  "starts-with-push": { label: "Starts with a push", plain: "It starts only with a push." },
  "starts-slow": { label: "Starts slowly", plain: "It starts slowly." },
  "trips-at-start": { label: "Trips at start", plain: "It trips the breaker when it starts." },
  "trips-running": { label: "Trips while running", plain: "It trips the breaker while it runs." },
  "trips-at-once": { label: "Trips at once", plain: "It trips the breaker at once." },
  "runs-hot": { label: "Runs hot", plain: "It gets too hot." },
  "burning-smell": { label: "Burning smell", plain: "It smells burnt." },
  squeals: { label: "Squeals", plain: "It squeals." },
  rumbles: { label: "Rumbles", plain: "It rumbles." },
  vibrates: { label: "Vibrates", plain: "It shakes." },
  "slow-or-weak": { label: "Weak or slow", plain: "It is slow or weak." },
  "runs-backwards": { label: "Runs backwards", plain: "It runs the wrong way." },
  "high-current": { label: "High current", plain: "It uses too much power." },
  "cuts-out-and-returns": { label: "Cuts out and returns", plain: "It stops and comes back by itself." },
  intermittent: { label: "Comes and goes", plain: "It works now and then." },
  "noisy-hum": { label: "Loud hum", plain: "It hums loudly." },
};

export const COMPLAINT_WORDS: Readonly<Record<Complaint, string>> = byId(COMPLAINTS, (id) => WORDS[id].label);
export const PLAIN_COMPLAINTS: Readonly<Record<Complaint, string>> = byId(COMPLAINTS, (id) => WORDS[id].plain);

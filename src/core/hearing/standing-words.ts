/*
 * What is wrong with one speed, one direction, the control, or what the machine gives: the motor itself does run.
 */
export const NOT_STANDING: readonly string[] = [
  "work|works|runs|run|go|goes|only _ on SPEED only",
  "only work|works|runs|run|goes _ on|in|at SPEED",
  "SPEED NOT _ GO",
  "no SPEED",
  "SPEED [is] dead|gone|missing",
  "NOT _2 GO on|in|at [the] SPEED",
  "NOT reverse",
  "only one|1 way|direction|speed",
  "NOT change|changing speed|direction",
  "keep|keeps running|going|turning",
  "NOT _2 stop|stops|stopping",
  "NOT _ turn|turns|switch|switches|shut|shuts|go|goes off",
  "run|runs on after",
  "motor|it runs|turns|spins|works [fine|ok] but|and|though [the|its] _2 NOT _1 turn|spin|move|go|blow|rotate",
  "comes|come|starts|start [on] late|early",
  "NOT cool|cooling|heating|drying|draining|heat|freeze|dry|spin-dry|wash|chill|warm|drain",
  "thermostat|timer|control|controls|switch|button|remote|board [is] dead|failed|broken|stuck|NOT",
];

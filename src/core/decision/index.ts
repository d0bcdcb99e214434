export { ACTION_TABLE, actionCost, type ActionSpec } from "./actions";
export { rankActions, type ActionOffer } from "./rank-actions";

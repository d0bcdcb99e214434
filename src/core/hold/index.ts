export { beginHold, holdNext, loseHold, type AfterSample, type HeldFigure, type Hold, type HoldSample } from "./hold";

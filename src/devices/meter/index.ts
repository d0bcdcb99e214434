export { readSample, type MeterLink, type MeterListener, type MeterSample } from "./port";
export { standInMeter } from "./stand-in";

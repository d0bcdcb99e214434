export { readWav, type Recording } from "./wav";
export { listenTo, type HeardMotor, type ListenedMotor } from "./listen";
export { type SoundFinding, type SoundFindingId } from "./findings";

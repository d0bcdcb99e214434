import { frameStation } from "@/core/stations/frame";
import { frameView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(frameStation, frameView, Instrument);

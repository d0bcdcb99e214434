import { makeSafeStation } from "@/core/stations/make-safe";
import { makeSafeView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(makeSafeStation, makeSafeView, Instrument);

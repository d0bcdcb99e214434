import { outInStation } from "@/core/stations/out-in";
import { outInView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(outInStation, outInView, Instrument);

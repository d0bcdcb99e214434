import { proveStation } from "@/core/stations/prove";
import { proveView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(proveStation, proveView, Instrument);

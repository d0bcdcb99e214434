import { runTestStation } from "@/core/stations/run-test";
import { runTestView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(runTestStation, runTestView, Instrument);

import { handTurnStation } from "@/core/stations/hand-turn";
import { handTurnView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(handTurnStation, handTurnView, Instrument);

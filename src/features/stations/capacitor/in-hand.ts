import { capacitorStation } from "@/core/stations/capacitor";
import { capacitorFace } from "./face";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(capacitorStation, capacitorFace, Instrument);

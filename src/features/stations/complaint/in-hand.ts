import { complaintStation } from "@/core/stations/complaint";
import { complaintView } from ".";
import { toHand } from "../../station/in-hand";
import Instrument from "./Instrument";

export default toHand(complaintStation, complaintView, Instrument);

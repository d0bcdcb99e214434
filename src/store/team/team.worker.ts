import { expose } from "comlink";
import { createTeamCalls } from "./team-calls";

expose(createTeamCalls());

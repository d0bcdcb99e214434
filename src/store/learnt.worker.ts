import { expose } from "comlink";
import { createLearntCalls } from "./learnt-calls";

expose(createLearntCalls());

import { expose } from "comlink";
import { createFileCalls } from "./files-calls";

expose(createFileCalls());

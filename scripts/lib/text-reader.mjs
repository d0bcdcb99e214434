import { readFileSync } from "node:fs";
import { join } from "node:path";
import { inPackages, layOut } from "./lay-out.mjs";

/** The reader of text: its worker, its program in the form each browser takes, and what it knows of letters. */
const FILES = {
  "worker.min.js": "tesseract.js/dist/worker.min.js",
  "tesseract-core-lstm.wasm.js": "tesseract.js-core/tesseract-core-lstm.wasm.js",
  "tesseract-core-simd-lstm.wasm.js": "tesseract.js-core/tesseract-core-simd-lstm.wasm.js",
  "tesseract-core-relaxedsimd-lstm.wasm.js": "tesseract.js-core/tesseract-core-relaxedsimd-lstm.wasm.js",
  "eng.traineddata.gz": "@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz",
};

/** Browsers keep what they fetched of it: another version has another address. */
const { version } = JSON.parse(readFileSync(inPackages("tesseract.js/package.json"), "utf8"));

/** Lays it where the program serves it from: it is fetched when first used, and kept from then on. */
export const layOutTextReader = () => layOut(join("public", "text-reader", version), FILES);

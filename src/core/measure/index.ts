export * from "./measures";

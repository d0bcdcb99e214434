export { hear } from "@/core/diagnosis";

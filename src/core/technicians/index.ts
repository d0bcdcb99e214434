export { takeJob, type OthersWay } from "./take-job";

export { trendOf, type Trended, type TrendPoint } from "./trend";

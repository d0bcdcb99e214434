export { measureOfSymbol, MEASURES, measureSpec, type MeasureId, type MeasureSpec, type UnitMeaning } from "./measures";

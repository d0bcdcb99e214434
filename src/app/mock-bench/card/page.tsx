export { default } from "../../traveller/page";

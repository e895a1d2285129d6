export { ModelPage } from "./ModelPage";

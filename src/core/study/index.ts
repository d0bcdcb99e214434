export { NO_STUDY, type StartQuestion, type Studies, type Study, type StudyKind } from "./questions";
export { rememberStudy, studyKey, type Answers } from "./answers";

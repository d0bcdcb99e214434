export { caseOfDay, familyOfWish, LESSONS, nextCase, progressOf, type FamilyProgress, type Lesson, type MockResult } from "./course";
export { bitsTold } from "./debrief";
export { codeOfCase, MOCK_LEVELS, mockCase, readCaseCode, SEEDS, WISHES, type MockLevel, type MockSpec, type Wish } from "./mock-case";
export { knowledgeOfPlate, motorOfCard, standInWorld, wishesFor, type StandInSpec } from "./motor-of-card";
export { newPartPlace, safePlaces, TIP_TESTS, tipPlaces, type TipPlace } from "./tips";
export { actOn, marksOf, worldAfter, type DoneAct, type Mishap, type MockAct, type MockMarks, type MockWorld } from "./world";

/** What a browser keeps after its first visit, made once before the tests; a test of that visit itself asks for an empty one. */
export const START_STATE = ".artifacts/start-state.json";

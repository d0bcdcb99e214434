import type { Studies, Study, StudyKind } from "./questions";

/** Answers by their questions; the oldest go first where there are more than may be kept. */
export interface Answers {
  readonly get: <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"]) => Studies[Kind]["answer"] | null;
  readonly keep: <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"], answer: Studies[Kind]["answer"]) => void;
}

/**
 * What a question is known by: questions with the same content are one.
 * @param kind which question
 * @param question what is asked, as plain data
 * @returns a text that is the same for the same question
 */
export const studyKey = <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"]): string =>
  `${kind} ${JSON.stringify(question)}`;

/**
 * An empty store of answers.
 * @param most answers it keeps; the oldest go first
 * @returns the store
 */
function createAnswers(most = Infinity): Answers {
  const kept = new Map<string, unknown>();
  return {
    // The key begins with the kind, so that what lies under it was kept as that kind's answer.
    get: <Kind extends StudyKind>(kind: Kind, question: Studies[Kind]["question"]) =>
      (kept.get(studyKey(kind, question)) ?? null) as Studies[Kind]["answer"] | null,
    keep: (kind, question, answer) => {
      kept.set(studyKey(kind, question), answer);
      const oldest = kept.size > most ? kept.keys().next().value : undefined;
      if (oldest !== undefined) kept.delete(oldest);
    },
  };
}

/**
 * Asks each question once.
 * @param study who answers
 * @param most answers it remembers; the oldest go first
 * @returns the same answers, remembered by the content of the question
 */
export function rememberStudy(study: Study, most = Infinity): Study {
  const answers = createAnswers(most);
  return (kind, question) => {
    const known = answers.get(kind, question);
    if (known !== null) return known;
    const answer = study(kind, question);
    if (answer !== null) answers.keep(kind, question, answer);
    return answer;
  };
}

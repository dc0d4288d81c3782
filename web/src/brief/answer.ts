import type { Question, Schemas } from '../api/client';

/** An answer to a question as an action: a yes or a no settles the fact that was asked about. */
export const answerTo = (question: Pick<Question, 'kind' | 'fact'>, value: string): Schemas['Action'] => ({
  type: 'answer-question',
  kind: question.kind,
  value,
  ...(question.fact ? { fact: question.fact } : {}),
});

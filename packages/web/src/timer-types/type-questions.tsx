import { FirstQuestions } from './first-questions';
import { RestQuestions } from './rest-questions';
import type { TypeQuestionsProps } from './type-questions-props';

/** What a timer can do, as questions that are answered standing in front of it: five first, then the rest. */
export function TypeQuestions(props: TypeQuestionsProps) {
  return (
    <>
      <FirstQuestions {...props} />
      <RestQuestions {...props} />
    </>
  );
}

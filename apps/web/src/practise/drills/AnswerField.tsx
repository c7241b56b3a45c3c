import type { Answer } from '@drop-close/core';
import type { AskedQuestion } from '../../engine/protocol';
import { DegreeAnswer } from './DegreeAnswer';
import { GripAnswer } from './GripAnswer';
import { NotesAnswer } from './NotesAnswer';
import { SymbolsAnswer } from './SymbolsAnswer';
import type { Verdict } from './useDrill';
import { VoicesAnswer } from './VoicesAnswer';

interface AnswerFieldProps {
  readonly asked: AskedQuestion;
  readonly verdict: Verdict | undefined;
  readonly onAnswer: (answer: Answer) => void;
}

/** What a question is answered with. */
export function AnswerField({ asked, verdict, onAnswer }: AnswerFieldProps) {
  const { question, options } = asked;
  const isOver = verdict !== undefined;
  switch (question.drill) {
    case 'name the degree':
    case 'what is on top':
      return <DegreeAnswer isOver={isOver} right={question.answer} onAnswer={onAnswer} />;
    case 'spell the chord':
    case 'find the guide tones':
      return <NotesAnswer isOver={isOver} question={question} onAnswer={onAnswer} />;
    case 'which voice was dropped':
    case 'which voice moved':
      return <VoicesAnswer isOver={isOver} question={question} onAnswer={onAnswer} />;
    case 'from numbers':
      return <SymbolsAnswer isOver={isOver} count={question.answer.length} onAnswer={onAnswer} />;
    case 'nearest next grip':
      return (
        <GripAnswer isOver={isOver} question={question} options={options} onAnswer={onAnswer} />
      );
  }
}

import { foldTrail } from '../trail';
import { judge, type JudgeContext, type Ruling } from '../judge';
import type { Answers } from './answers';
import { historyOf, type Asked } from './history';

/** The ruling on a food by what was answered; its history is kept nowhere. */
export function ruleOn(answers: Answers, asked: Asked, context: JudgeContext): Ruling | null {
  let serial = 0;
  const newId = () => String((serial += 1));
  const { now, zone, guidance } = context;
  return judge(foldTrail(historyOf(answers, asked, { now, zone, newId }), guidance)!, context);
}

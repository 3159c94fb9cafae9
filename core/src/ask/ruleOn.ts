import { foldInCare, foldTrail } from '../trail';
import { judge, notForCare, type JudgeContext, type Ruling } from '../judge';
import type { Answers } from './answers';
import { historyOf, type Asked } from './history';

/** The ruling on a food by what was answered; its history is kept nowhere. */
export const ruleOn = (answers: Answers, asked: Asked, context: JudgeContext): Ruling | null =>
  judge(foldTrail(imagined(answers, asked, context), context.guidance)!, context);

/** Why it is not for who needs extra care, where others may eat it; null where it is for both, or neither. */
export function notForOn(answers: Answers, asked: Asked, context: JudgeContext): Ruling | null {
  const events = imagined(answers, asked, context);
  const { guidance } = context;
  return notForCare(foldTrail(events, guidance)!, foldInCare(events, guidance)!, context);
}

function imagined(answers: Answers, asked: Asked, { now, zone }: JudgeContext) {
  let serial = 0;
  const newId = () => String((serial += 1));
  return historyOf(answers, asked, { now, zone, newId });
}

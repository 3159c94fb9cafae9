import type { Verdict } from '@omtel/core/judge';
import Check from 'lucide-react-native/icons/check';
import CircleQuestionMark from 'lucide-react-native/icons/circle-question-mark';
import Hourglass from 'lucide-react-native/icons/hourglass';
import Utensils from 'lucide-react-native/icons/utensils';
import X from 'lucide-react-native/icons/x';
import type { Colors } from './tokens';

/** The glyph and tone of each ruling, beside its fixed word in the core. One list for every screen. */
export const RULING_LOOK: Record<Verdict, { readonly glyph: typeof Check; readonly tone: keyof Colors }> = {
  fine: { glyph: Check, tone: 'rim' },
  actBy: { glyph: Hourglass, tone: 'rim' },
  useNow: { glyph: Utensils, tone: 'bandEdge' },
  cannotTell: { glyph: CircleQuestionMark, tone: 'soft' },
  discard: { glyph: X, tone: 'hot' },
};

import { Words } from './Words';

/** The standing line of every screen that rules. */
export function Caution() {
  return (
    <Words size="small" tone="soft">
      A planning aid. Your local food-safety authority and medical advice come first. When in doubt, throw it
      out.
    </Words>
  );
}

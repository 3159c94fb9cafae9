interface Calculator {
  readonly href: string;
  readonly title: string;
  /** Other words somebody may look for it with. */
  readonly words: string;
  /** The rules whose pages lead to it, without their school. */
  readonly rules: RegExp;
}

/** What works something out. */
const CALCULATORS: readonly Calculator[] = [
  {
    href: '/guide/sanitiser',
    title: 'Sanitiser: bleach and water',
    words: 'sanitizer sanitise clean disinfect chlorine ppm board counter knife spray bottle',
    rules: /^keepingApart\.(sanitiser|disinfecting|bleach)/,
  },
  {
    href: '/guide/servings',
    title: 'Servings: how much to buy',
    words: 'portions people weight bird turkey roast joint meat guests feeds eaters per person buy',
    rules: /^servings\./,
  },
];

/** The calculators somebody means by what is typed; all of them while nothing is. */
export const calculatorsLike = (typed: string): readonly Calculator[] => {
  const wanted = typed.trim().toLowerCase();
  return CALCULATORS.filter(({ title, words }) => `${title} ${words}`.toLowerCase().includes(wanted));
};

/** The calculators that work a rule out. */
export const calculatorsOf = (ruleId: string): readonly Calculator[] =>
  CALCULATORS.filter(({ rules }) => rules.test(ruleId.slice(ruleId.indexOf('.') + 1)));

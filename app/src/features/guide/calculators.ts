interface Calculator {
  readonly href: string;
  readonly title: string;
  /** Other words somebody may look for it with. */
  readonly words: string;
  /** The rules whose pages lead to it, without their school. */
  readonly rules: RegExp;
}

/** What works something out, in the order of the work. */
export const CALCULATORS: readonly Calculator[] = [
  {
    href: '/guide/servings',
    title: 'Servings: how much to buy',
    words:
      'much portions people weight bird turkey roast joint meat guests feeds eaters per person buy fit fits oven tin pot big',
    rules: /^servings\./,
  },
  {
    href: '/guide/carrying',
    title: 'Carrying it home: how long in the car',
    words:
      'shop shopping groceries trip drive boot trunk cool bag cooler ice packs transport warm car minutes',
    rules: /^bandTime\.(insulatedBag|warmAir)/,
  },
  {
    href: '/guide/scale',
    title: 'A dish for more or fewer',
    words: 'scale recipe double halve triple multiply convert amounts ingredients pan tin pot size',
    rules: /^cooling\.depth/,
  },
  {
    href: '/guide/sanitiser',
    title: 'Sanitiser: bleach and water',
    words: 'much sanitizer sanitise clean disinfect chlorine ppm board counter knife spray bottle dilution',
    rules: /^keepingApart\.(sanitiser|disinfecting|bleach)/,
  },
  {
    href: '/guide/water-thaw',
    title: 'Thaw in water: how long, how many changes',
    words: 'defrost defrosting thawing cold water sink bath fast quick change tub',
    rules: /^thawing\.water/,
  },
  {
    href: '/guide/brine',
    title: 'Brine and salt, by weight',
    words: 'brining marinade marinate marinating pickle cure salting percent turkey dry wet days long',
    rules: /^bands\.refrigerator/,
  },
  {
    href: '/guide/oven',
    title: 'Oven: °C, °F, gas mark, fan',
    words: 'convert celsius fahrenheit f c gasmark convection temperature degrees dial hot',
    rules: /^cooking\.oven/,
  },
  {
    href: '/guide/microwave',
    title: 'Microwave: time by watts',
    words: 'wattage power minutes reheat defrost zap',
    rules: /^cooking\.microwave|^reheating\.stand/,
  },
  {
    href: '/guide/frying',
    title: 'Frying a bird or a joint: how much oil',
    words: 'deep fry fryer turkey oil level displacement pot grease fire',
    rules: /^frying\./,
  },
  {
    href: '/guide/boiling',
    title: 'Boiling point by height',
    words: 'altitude boil elevation mountain pressure barometer calibrate thermometer',
    rules: /^thermometer\.icePoint/,
  },
  {
    href: '/guide/ice-bath',
    title: 'Ice bath: how much ice',
    words: 'cool chill cooling soup stock pot sink fast quick',
    rules: /^cooling\.(firstMark|secondMark)/,
  },
  {
    href: '/guide/tubs',
    title: 'How many tubs to freeze',
    words: 'batch freeze freezing portions leftovers containers meal prep',
    rules: /^storage\.(soupsStews|cookedMeat|cookedRice|cookedGrains|cookedVegetables|gravyBroth)\./,
  },
  {
    href: '/guide/lunch',
    title: 'Lunch boxes for the week',
    words: 'packed lunch lunchbox meal prep school work office cool bag ice pack sandwich take along sunday',
    rules: /^afterThawCooked|^bandTime\.insulatedBag/,
  },
];

/** The calculators that work a rule out. */
export const calculatorsOf = (ruleId: string): readonly Calculator[] =>
  CALCULATORS.filter(({ rules }) => rules.test(ruleId.slice(ruleId.indexOf('.') + 1)));

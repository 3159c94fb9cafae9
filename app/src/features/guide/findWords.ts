/** Pages outside the guide that answer a question, and what it is asked with. */
export const PAGES: readonly { readonly href: string; readonly title: string; readonly words: string }[] = [
  {
    href: '/ask',
    title: 'Is this still all right?',
    words:
      'left out overnight forgot smell smells fine funny eat spoiled rotten gone off sick throw away still good',
  },
  {
    href: '/plan',
    title: 'Plan',
    words: 'meal supper dinner schedule when start thaw begin timing party menu',
  },
  {
    href: '/thermometers',
    title: 'Thermometers',
    words: 'probe calibrate calibration check accurate dropped battery wrong reads',
  },
  {
    href: '/household',
    title: 'Household',
    words: 'school units celsius fahrenheit pounds pregnant baby allergy people extra care settings altitude',
  },
  {
    href: '/print/cards',
    title: 'Cards to print',
    words: 'print door fridge sheet poster pdf paper cheat list thaw card meal picture',
  },
  {
    href: '/guide/differences',
    title: 'Where schools differ',
    words: 'compare us uk fda usda food code europe australia why different countries',
  },
  {
    href: '/guide/drill',
    title: 'Practice',
    words: 'quiz test learn exercise train questions judge',
  },
  { href: '/guide/sources', title: 'Sources', words: 'who says source reference authority' },
  {
    href: '/guide/bench',
    title: 'What if: shape, weight, place',
    words: 'simulate simulation heavier thicker cools',
  },
];

/** How each part of the work is done, and what it is looked for with; what is said there is fetched with its page. */
export const TOPICS: readonly { readonly title: string; readonly words: string }[] = [
  { title: 'Home from the shop', words: 'shopping basket groceries carry takeaway delivery poultry buy' },
  { title: 'Thawing', words: 'defrost tray wrapped water sink microwave icy vacuum pack stuffed' },
  {
    title: 'Before the oven and in it',
    words:
      'giblets neck stuffing middle shelf part cook finish one go slow cooker kidney beans boil marinade brine',
  },
  { title: 'The thermometer', words: 'where put place probe stick bone thigh breast steady clean ice water' },
  {
    title: 'Cooling',
    words: 'cool down divide slice ice bath stir shallow lid cover label quickly soup pot',
  },
  { title: 'Heating again', words: 'reheat warm leftovers rolling boil slow cooker guest mix' },
  { title: 'Serving', words: 'buffet stir cover ice spoon taste plate seconds table' },
  {
    title: 'Hands, boards, cloths',
    words:
      'wash soap rinse raw chicken board knife towel sponge sanitise rings sores rub produce cross contamination',
  },
  { title: 'Without power', words: 'power cut outage blackout doors closed ice crystals refreeze' },
  {
    title: 'Burns, cuts, lifting',
    words: 'grease fire burn knife steam lid spill injury extinguisher flour water',
  },
];

/** What people call what a rule is about, by its place in the rule set. */
export const SAID_OF: readonly (readonly [of: RegExp, said: string])[] = [
  [/^cooking\.targets\./, 'cook temperature temp internal inside done minimum target degrees'],
  [/^cooking\.targets\.poultry$/, 'chicken turkey duck pink juices clear'],
  [/^cooking\.targets\.ground/, 'burger mince meatball pink'],
  [/^cooking\.targets\.(steak|roast|whole)/, 'rare medium well done beef'],
  [/^cooking\.jointRest/, 'rest resting joint juices carry over'],
  [/^cooking\.interrupting/, 'part cook half cooked finish later tomorrow partially'],
  [/^cooking\.preheat/, 'oven warm up'],
  [/^bands\.growth/, 'danger zone bacteria grow'],
  [/^bands\.refrigerator/, 'fridge temperature setting cold should'],
  [/^bands\.freezer/, 'freezer temperature setting'],
  [/^bands\.hotHolding|^holding\.hot/, 'keep warm buffet hot holding slow cooker serve'],
  [/^holding\.cold/, 'buffet ice cold holding'],
  [/^bandTime\.limit/, 'left out counter overnight room temperature sit danger zone 2 hour rule hours'],
  [/^bandTime\.(warmAir|warmAirFactor)/, 'picnic summer hot day car outdoors'],
  [/^bandTime\.insulatedBag/, 'cool bag cooler shopping car carry ice packs'],
  [/^bandTime\.infantMilk/, 'baby bottle formula milk'],
  [/^thawing\./, 'defrost frozen'],
  [/^thawing\.refrigerator$/, 'turkey overnight days'],
  [/^thawing\.onCounter/, 'counter room temperature worktop sink overnight'],
  [/^thawing\.fromFrozen/, 'cook straight frozen'],
  [/^afterThaw/, 'thawed defrosted cook within days keep'],
  [/^refreezing\./, 'refreeze freeze again defrosted thawed'],
  [/^cooling\./, 'cool leftovers chill'],
  [/^cooling\.intoRefrigerator/, 'put hot food fridge warm'],
  [/^cooling\.depth/, 'deep shallow container'],
  [/^cooling\.rice/, 'rice'],
  [/^reheating\./, 'reheat warm leftovers microwave'],
  [/^reheating\.times/, 'twice again many times'],
  [/^powerCut\./, 'power outage electricity off blackout fridge freezer'],
  [/^thermometer\.icePoint/, 'ice water calibrate check accurate'],
  [/^thermometer\./, 'probe'],
  [/^keepingApart\.shelves/, 'fridge shelf raw meat where bottom order store above below'],
  [/^keepingApart\.hands/, 'wash washing soap seconds'],
  [/^keepingApart\.sanitiser/, 'bleach chopping board clean'],
  [/^servings\./, 'portion person people buy much weight'],
  [/^printedDate/, 'use by date best before expired expiry label'],
  [/^avoided/, 'pregnant pregnancy avoid not eat raw'],
  [/^heatedFirst/, 'deli meat hot dogs cold cuts pregnant'],
  [/^roasting\./, 'roast time minutes pound oven long'],
  [/\.freezer$/, 'freeze frozen months keep last'],
  [/^storage\..*\.refrigerator$/, 'fridge keep last days store'],
];

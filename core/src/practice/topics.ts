import type { SourceId } from '../guidance';

/** The moments of the work beside which an act is told. */
export const moments = [
  'shop',
  'thaw',
  'thawed',
  'sink',
  'marinate',
  'prepare',
  'cook',
  'read',
  'off',
  'finish',
  'serve',
  'putAway',
  'heat',
] as const;
export type Moment = (typeof moments)[number];

/** What a food is, or how it is done, where an act is for that alone. */
export type Trait =
  | 'poultry'
  | 'bird'
  | 'stuffed'
  | 'ready'
  | 'withoutAir'
  | 'refrigerator'
  | 'coldWater'
  | 'microwave'
  | 'oven'
  | 'fat'
  | 'beans';

/** One thing to do or to leave, and why. */
export interface Act {
  readonly says: string;
  readonly why: string;
  /** The moments at which it is needed; none where it is looked up. */
  readonly at: readonly Moment[];
  /** What it is for alone; null for all. */
  readonly of: Trait | null;
}

/** A part of the work, and what is done there: no figure rules on it, and every school asks it alike. */
export interface PracticeTopic {
  readonly id: string;
  readonly title: string;
  readonly source: SourceId;
  readonly acts: readonly Act[];
}

const act = (says: string, why: string, at: readonly Moment[] = [], of: Trait | null = null): Act => ({
  says,
  why,
  at,
  of,
});

const topic = (id: string, title: string, source: SourceId, acts: readonly Act[]): PracticeTopic => ({
  id,
  title,
  source,
  acts,
});

/** How things are done, from the shop to the plate, in the order of the work. */
export const practice: readonly PracticeTopic[] = [
  topic('shopping', 'Home from the shop', 'keeping-clean', [
    act(
      'Chilled and frozen food last into the basket, raw bagged apart, put away first.',
      'What is cold warms from the moment it leaves the shelf; what is raw drips.',
      ['shop'],
    ),
    act(
      'Fresh poultry is bought 1 to 2 days before it is cooked, at most.',
      'Raw poultry keeps the shortest of all meat.',
      ['shop'],
      'poultry',
    ),
    act(
      'Takeaway and delivered food is cooked food with a clock of its own.',
      'It has been out since it was cooked, not since it came.',
    ),
  ]),
  topic('thawing', 'Thawing', 'big-thaw', [
    act(
      'In the refrigerator: still wrapped, on a tray or in a pan with a lip, on the lowest shelf, with air around it.',
      'What drips from it lands on nothing else.',
      ['thaw'],
      'refrigerator',
    ),
    act(
      'In cold water: in a leak-proof wrap, breast or thick side down, kept under with a plate.',
      'Water gets in where it can, and takes what is on the food with it; the thick side thaws last.',
      ['thaw'],
      'coldWater',
    ),
    act(
      'In a clean sink or tub of its own; wash and sanitise it afterwards.',
      'What was in the water is on the sink.',
      ['thaw', 'sink'],
      'coldWater',
    ),
    act(
      'Somebody stays there as long as food lies in water.',
      'Water that nobody changes gets warm, and the outside of the food with it.',
      ['thaw'],
      'coldWater',
    ),
    act(
      'By microwave: small pieces, turned or stirred, and cooked at once.',
      'It thaws unevenly: some parts cook while others are icy.',
      ['thaw'],
      'microwave',
    ),
    act('Thaw only what is needed.', 'What is thawed is not all as good frozen again.', ['thaw']),
    act(
      'Still icy inside: finish it in cold water or cook it longer. Never on the counter, never in hot water.',
      'The outside would be warm for hours before the middle is not icy.',
      ['thawed'],
    ),
    act(
      'Fish in a pack without air: open the pack before it thaws in the refrigerator, and before or at once after water.',
      'Without air a germ grows in the cold that smells of nothing.',
      ['thaw'],
      'withoutAir',
    ),
    act(
      'A bird sold frozen and stuffed is not thawed: cook it from frozen, by its label.',
      'Its stuffing would lie in the warm while the bird thaws.',
    ),
  ]),
  topic('cooking', 'Before the oven and in it', 'safe-temperatures', [
    act(
      'Birds: neck, giblets and packets out of both cavities first.',
      'A packet inside keeps the heat out, and melts.',
      ['prepare'],
      'bird',
    ),
    act(
      'Stuffing goes in just before the oven and comes out before the bird is cooled. Baked apart it is safer.',
      'It soaks up what is raw, and is the last to get hot and the last to get cold.',
      ['prepare'],
      'stuffed',
    ),
    act(
      'On the middle shelf. Follow the maker’s directions for oven bags and microwaves.',
      'Heat reaches it from all sides there, and charts take that for granted.',
      ['cook'],
      'oven',
    ),
    act(
      'Cook in one go: no part now to finish later. Frozen food never goes into a slow cooker.',
      'Half-cooked food stays warm for hours, and what is in it lives.',
      ['cook'],
    ),
    act(
      'By microwave: stir, cover, turn, let it stand, and probe several places.',
      'It heats in spots: beside a hot one there are cold ones.',
      ['cook', 'heat'],
      'microwave',
    ),
    act(
      'Colour, juices, smell, feel and pop-up indicators prove nothing; a probe does.',
      'Meat is brown before it is done, and pink when it is; only its warmth kills.',
      ['read'],
    ),
    act(
      'Dried kidney beans: boil hard for 10 minutes, and not in a slow cooker alone.',
      'Raw ones hold a poison that only a hard boil destroys.',
      ['cook'],
      'beans',
    ),
    act(
      'Brine, inject and marinate in the cold, covered; the days count as raw. Boil a used marinade.',
      'Salt and acid do not stop what grows; the cold does.',
      ['marinate'],
    ),
  ]),
  topic('thermometer', 'The thermometer', 'thermometers', [
    act(
      'Into the thickest part, in two places at least; birds in the breast, the inner thigh and the wing joint, stuffing in its centre.',
      'It is the last to get hot.',
      ['read'],
    ),
    act(
      'Touch no bone, fat, gristle, pan or tray.',
      'Bone, fat and metal are not as warm as the meat beside them.',
      ['read'],
    ),
    act(
      'A dial stem goes in past its sensing dimple, 5 to 6 cm (2 in); thin food is read from the side.',
      'It feels along its stem, not at its tip.',
    ),
    act(
      'Dishes in the centre; soft packs folded around the probe; frozen packs between two of them.',
      'A probe reads only what touches it.',
    ),
    act(
      'Wait until it is steady, about 15 seconds.',
      'Read early, it tells where it is on its way, not how warm the food is.',
      ['read'],
    ),
    act('Clean and sanitise it before and after.', 'It goes through the outside into the inside.', ['read']),
    act(
      'Never leave an instant-read thermometer in the oven. No glass, no mercury.',
      'It melts; glass breaks into the food.',
    ),
    act(
      'Check it in crushed ice and water when it is new, after a drop, and on a rhythm of your own; service kitchens check daily.',
      'Ice and water are at one temperature everywhere.',
    ),
    act(
      'Where ice water says it is off: adjust the nut, note the offset, or change the battery. Boiling water, by altitude, is the second check.',
      'What is off at the ice is off at the roast.',
    ),
  ]),
  topic('cooling', 'Cooling', 'leftovers', [
    act(
      'Divide it, slice it in strips of 3 in at most, take meat off the carcass.',
      'Twice as thick cools four times as slowly.',
      ['putAway'],
    ),
    act(
      'Metal rather than glass; an ice-water bath and stirring; ice as an ingredient.',
      'Heat goes out through metal; water takes it faster than air.',
      ['putAway'],
    ),
    act(
      'On the top shelf, uncovered or loosely covered until it is cold, then covered and labelled.',
      'A lid keeps heat and steam in; above it nothing drips.',
      ['putAway'],
    ),
    act(
      'Never a deep pot, never a crowded shelf.',
      'Its middle stays warm all night, and warms what is beside it.',
      ['putAway'],
    ),
    act(
      'The label says what it is, when it was cooked or opened, its use-by, and whether it was heated again.',
      'In three days nobody knows.',
      ['putAway'],
    ),
  ]),
  topic('reheating', 'Heating again', 'leftovers', [
    act(
      'Through and through; soups, sauces and gravies to a rolling boil. Stir.',
      'One cold spot is enough.',
      ['heat'],
    ),
    act(
      'Not in a slow cooker or a dish that only holds heat.',
      'It takes hours through the warmth in which everything grows.',
      ['heat'],
    ),
    act(
      'Only what is eaten now; what is left of it is thrown away.',
      'Each time it cools and is heated it spends time in the warm.',
      ['heat'],
    ),
    act(
      'Nothing heated again is mixed with fresh, nor old with new in one serving dish.',
      'The older decides for all of it.',
      ['heat', 'serve'],
    ),
    act(
      'What a guest brings is heated through before it joins the table.',
      'Nobody knows how long it was in the car.',
      ['serve'],
    ),
  ]),
  topic('serving', 'Serving', 'service', [
    act(
      'Hot food: in two places every 2 h, stirred, covered, in equipment heated beforehand.',
      'It cools from its edges.',
      ['serve'],
    ),
    act(
      'Cold food: cold before it goes on ice, the ice level with the food.',
      'Ice keeps cold; it does not make cold.',
      ['serve'],
    ),
    act(
      'A clean plate for seconds, a clean spoon for each taste; nothing that was served goes back.',
      'What was on a plate has been near a mouth.',
      ['serve'],
    ),
  ]),
  topic('clean', 'Hands, boards, cloths', 'keeping-clean', [
    act(
      'Hands 20 seconds with soap: before, after raw food, groceries, phone, face, bin, pets and doors.',
      'Soap needs that long; water alone moves it about.',
      ['prepare', 'marinate', 'finish'],
    ),
    act('Alcohol rub of 60 % or more only where there is no water.', 'It does not get through fat and dirt.'),
    act(
      'Rings off; sores covered, or stay away from the food.',
      'Under a ring nothing is washed; a sore holds what poisons food.',
      ['prepare'],
    ),
    act(
      'One board and knife for produce and bread, one for raw animal food, or wash and sanitise between.',
      'What is raw is cooked; what is beside it is not.',
      ['prepare'],
    ),
    act(
      'What stays raw is prepared first. Never back onto a plate that held raw.',
      'A board is clean only until the raw meat.',
      ['prepare'],
      'ready',
    ),
    act(
      'Raw poultry is not rinsed.',
      'Rinsing throws what is on it an arm’s length around the sink.',
      ['prepare'],
      'poultry',
    ),
    act(
      'Produce is rinsed under running water, without soap.',
      'Soil comes off under a stream; soap goes in.',
      ['prepare'],
      'ready',
    ),
    act(
      'Wash, rinse, then sanitise. A new mix every day, never with acid or ammonia.',
      'Sanitiser does nothing to what is under grease.',
      ['sink'],
    ),
    act('Fresh towels daily, or paper.', 'A damp cloth is where it grows best.', ['finish']),
  ]),
  topic('powerCut', 'Without power', 'power-cut', [
    act(
      'Keep the doors closed: a refrigerator 4 h, a full freezer 48 h, a half-full one 24 h.',
      'Cold air falls out; nothing makes new.',
    ),
    act(
      'What still has ice crystals, or is as cold as the refrigerator, can be frozen again.',
      'Ice proves that it never got warm.',
    ),
  ]),
  topic('injuries', 'Burns, cuts, lifting', 'omtel', [
    act(
      'A heavy hot pan is lifted by two, or emptied first; lids are opened away from you; pot handles point inwards.',
      'Most burns come from what is lifted too full.',
      ['off'],
    ),
    act('Dry cloths only: a wet one lets heat through.', 'Water carries heat to the hand at once.', ['off']),
    act('Knives sharp, and carving on a board that does not slip.', 'A blunt one is pushed, and slips.', [
      'finish',
    ]),
    act('Spills are wiped up at once; unplug before wiping.', 'A wet floor under a hot pan.'),
    act(
      'Burning grease: lid, baking soda or extinguisher. Never water, never flour.',
      'Water throws burning fat across the room; flour explodes.',
      ['cook'],
      'fat',
    ),
  ]),
];

import type { SourceId } from '../guidance';

/** A part of the work, and what is done there: no figure rules on it, and every school asks it alike. */
export interface PracticeTopic {
  readonly id: string;
  readonly title: string;
  readonly source: SourceId;
  readonly acts: readonly string[];
}

const topic = (id: string, title: string, source: SourceId, acts: readonly string[]): PracticeTopic => ({
  id,
  title,
  source,
  acts,
});

/** How things are done, from the shop to the plate, in the order of the work. */
export const practice: readonly PracticeTopic[] = [
  topic('shopping', 'Home from the shop', 'keeping-clean', [
    'Chilled and frozen food last into the basket, raw bagged apart, put away first.',
    'Fresh poultry is bought 1 to 2 days before it is cooked, at most.',
    'Takeaway and delivered food is cooked food with a clock of its own.',
  ]),
  topic('thawing', 'Thawing', 'big-thaw', [
    'In the refrigerator: still wrapped, on a tray or in a pan with a lip, on the lowest shelf, with air around it.',
    'In cold water: in a leak-proof wrap, breast or thick side down, kept under with a plate.',
    'In a clean sink or tub of its own; wash and sanitise it afterwards.',
    'Somebody stays there as long as food lies in water.',
    'By microwave: small pieces, turned or stirred, and cooked at once.',
    'Thaw only what is needed.',
    'Still icy inside: finish it in cold water or cook it longer. Never on the counter, never in hot water.',
    'Fish in a pack without air: open the pack before it thaws in the refrigerator, and before or at once after water.',
    'A bird sold frozen and stuffed is not thawed: cook it from frozen, by its label.',
  ]),
  topic('cooking', 'Before the oven and in it', 'safe-temperatures', [
    'Birds: neck, giblets and packets out of both cavities first.',
    'Stuffing goes in just before the oven and comes out before the bird is cooled. Baked apart it is safer.',
    'On the middle shelf. Follow the maker’s directions for oven bags and microwaves.',
    'Cook in one go: no part now to finish later. Frozen food never goes into a slow cooker.',
    'By microwave: stir, cover, turn, let it stand, and probe several places.',
    'Colour, juices, smell, feel and pop-up indicators prove nothing; a probe does.',
    'Dried kidney beans: boil hard for 10 minutes, and not in a slow cooker alone.',
    'Brine, inject and marinate in the cold, covered; the days count as raw. Boil a used marinade.',
  ]),
  topic('thermometer', 'The thermometer', 'thermometers', [
    'Into the thickest part, in two places at least; birds in the breast, the inner thigh and the wing joint, stuffing in its centre.',
    'Touch no bone, fat, gristle, pan or tray.',
    'A dial stem goes in past its sensing dimple, 5 to 6 cm; thin food is read from the side.',
    'Dishes in the centre; soft packs folded around the probe; frozen packs between two of them.',
    'Wait until it is steady, about 15 seconds.',
    'Clean and sanitise it before and after.',
    'Never leave an instant-read thermometer in the oven. No glass, no mercury.',
    'Check it in crushed ice and water when it is new, after a drop, and on a rhythm of your own; service kitchens check daily.',
    'Where ice water says it is off: adjust the nut, note the offset, or change the battery. Boiling water, by altitude, is the second check.',
  ]),
  topic('cooling', 'Cooling', 'leftovers', [
    'Divide it, slice it in strips of 3 in at most, take meat off the carcass.',
    'Metal rather than glass; an ice-water bath and stirring; ice as an ingredient.',
    'On the top shelf, uncovered or loosely covered until it is cold, then covered and labelled.',
    'Never a deep pot, never a crowded shelf.',
    'The label says what it is, when it was cooked or opened, its use-by, and whether it was heated again.',
  ]),
  topic('reheating', 'Heating again', 'leftovers', [
    'Through and through; soups, sauces and gravies to a rolling boil. Stir.',
    'Not in a slow cooker or a dish that only holds heat.',
    'Only what is eaten now; what is left of it is thrown away.',
    'Nothing heated again is mixed with fresh, nor old with new in one serving dish.',
    'What a guest brings is heated through before it joins the table.',
  ]),
  topic('serving', 'Serving', 'service', [
    'Hot food: in two places every 2 h, stirred, covered, in equipment heated beforehand.',
    'Cold food: cold before it goes on ice, the ice level with the food.',
    'A clean plate for seconds, a clean spoon for each taste; nothing that was served goes back.',
  ]),
  topic('clean', 'Hands, boards, cloths', 'keeping-clean', [
    'Hands 20 seconds with soap: before, after raw food, groceries, phone, face, bin, pets and doors.',
    'Alcohol rub of 60 % or more only where there is no water.',
    'Rings off; sores covered, or stay away from the food.',
    'One board and knife for produce and bread, one for raw animal food, or wash and sanitise between.',
    'What stays raw is prepared first. Never back onto a plate that held raw.',
    'Raw poultry is not rinsed; produce is, under running water without soap.',
    'Wash, rinse, then sanitise. A new mix every day, never with acid or ammonia.',
    'Fresh towels daily, or paper.',
  ]),
  topic('powerCut', 'Without power', 'power-cut', [
    'Keep the doors closed: a refrigerator 4 h, a full freezer 48 h, a half-full one 24 h.',
    'What still has ice crystals, or is as cold as the refrigerator, can be frozen again.',
  ]),
  topic('injuries', 'Burns, cuts, lifting', 'omtel', [
    'A heavy hot pan is lifted by two, or emptied first; lids are opened away from you; pot handles point inwards.',
    'Dry cloths only: a wet one lets heat through.',
    'Knives sharp, and carving on a board that does not slip.',
    'Spills are wiped up at once; unplug before wiping.',
    'Burning grease: lid, baking soda or extinguisher. Never water, never flour.',
  ]),
];

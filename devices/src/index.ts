/**
 * Stand-ins for devices nobody has at hand: a sensor in a refrigerator or freezer, a probe in a roast. What they send is invented, by
 * the physics of a kitchen and a seed, and goes through the open address like any device's.
 */
export { coldStore, type ColdStoreStory } from './coldStore';
export { roasted, roastingProbe, type RoastStory } from './roastingProbe';
export { sendReadings, type Sending } from './sendReadings';

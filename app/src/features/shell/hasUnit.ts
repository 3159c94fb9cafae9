/** A degree sign, or a unit of weight or length after a figure or alone. */
const UNIT = /°|[\d½¼¾]\s*(?:kg|g|lb|oz|cm|mm|in|K)(?![\p{L}\d])|^(?:kg|g|lb|oz|cm|mm|in|K)$/u;

/** Whether a number with a unit that a household can change is written there. */
export const hasUnit = (text: string): boolean => text.length <= LONGEST && UNIT.test(text);

/** A whole page has numbers somewhere; what is pressed is a line of it. */
const LONGEST = 400;

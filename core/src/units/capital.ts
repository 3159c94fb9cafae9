/** The same words with a capital letter, for the beginning of a label. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

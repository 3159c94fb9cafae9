/** Whoever asks says in this header by which version of what both say to each other; what is no page says nothing. */
export const SPEAKS = 'omtel-speaks';

/** Another one where a page of before would misunderstand, or be misunderstood: what either takes or tells has changed. */
export const API_VERSION = 3;

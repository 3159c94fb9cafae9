/** The header by which a page says for which household it was opened. */
export const MEANT_FOR = 'omtel-household';

/** The demo's household, the same wherever it is loaded: of two servers that load it at once, over two nodes of a cluster, one cannot. */
export const DEMO_HOUSEHOLD_ID = '019f0000-0000-7000-8000-000000000001';

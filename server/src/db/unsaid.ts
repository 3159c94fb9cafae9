/** What the driver would print of its troubles, with a stack: whoever meets them says so in a sentence, or a line of the log. */
const unsaid = () => undefined;

export const UNSAID = { warn: unsaid, error: unsaid, deprecate: unsaid, debug: unsaid };

import { DateTime, IANAZone, Info, Settings } from 'luxon';

// Omtel speaks one language: days and months are named in it wherever the browser or the server stands, which also spares
// asking the system for its own.
Settings.defaultLocale = 'en-US';

export { DateTime, IANAZone, Info };

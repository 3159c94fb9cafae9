/**
 * What the server takes in of all a household records, as a schema; apart, since a client makes entries and reads none.
 * What entries mean is `record`'s.
 */
export { kitchenEventSchema, recordEventsSchema } from './recordEvents';
export {
  channelChangeSchema,
  channelNameSchema,
  deviceColumnsSchema,
  newDeviceSchema,
  recordSpanSchema,
} from './devices';
export { type Cursor, cursorOf, pageSchema } from './pages';

import type { Knex } from 'knex';
import * as firstRooms from './2026-06-01-first-rooms';
import * as guidance from './2026-06-20-guidance';
import * as lineage from './2026-06-22-lineage';
import * as kitchen from './2026-06-25-kitchen';
import * as powerCuts from './2026-06-28-power-cuts';
import * as order from './2026-07-05-order';
import * as sessions from './2026-07-12-sessions';
import * as pages from './2026-07-13-pages';
import * as setAside from './2026-07-14-set-aside';
import * as turns from './2026-07-15-turns';
import * as meals from './2026-07-17-meals';
import * as cooks from './2026-07-18-cooks';
import * as calendar from './2026-07-19-calendar';
import * as ovens from './2026-11-27-ovens';
import * as devices from './2026-11-28-devices';
import * as thermometers from './2026-11-28-thermometers';
import * as watts from './2026-11-28-watts';
import * as people from './2026-11-29-people';
import * as members from './2026-11-30-members';
import * as table from './2026-12-01-table';
import * as passkeys from './2026-12-02-passkeys';
import * as reminders from './2026-12-03-reminders';

/** All migrations in order, by name; listed here so that they need no directory at run time. */
const migrations: Record<string, Knex.Migration> = {
  '2026-06-01-first-rooms': firstRooms,
  '2026-06-20-guidance': guidance,
  '2026-06-22-lineage': lineage,
  '2026-06-25-kitchen': kitchen,
  '2026-06-28-power-cuts': powerCuts,
  '2026-07-05-order': order,
  '2026-07-12-sessions': sessions,
  '2026-07-13-pages': pages,
  '2026-07-14-set-aside': setAside,
  '2026-07-15-turns': turns,
  '2026-07-17-meals': meals,
  '2026-07-18-cooks': cooks,
  '2026-07-19-calendar': calendar,
  '2026-11-27-ovens': ovens,
  '2026-11-28-devices': devices,
  '2026-11-28-thermometers': thermometers,
  '2026-11-28-watts': watts,
  '2026-11-29-people': people,
  '2026-11-30-members': members,
  '2026-12-01-table': table,
  '2026-12-02-passkeys': passkeys,
  '2026-12-03-reminders': reminders,
};

export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: async () => Object.keys(migrations),
  getMigrationName: (name) => name,
  getMigration: async (name) => migrations[name]!,
};

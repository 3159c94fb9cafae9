import { readFileSync, writeFileSync } from 'node:fs';
import { run } from './lib/sentence';
import { drawn, redrawn, structure } from './lib/structure';

const PAGE = 'docs/architecture.md';

/** Draws the rooms and their imports into the page that describes them. */
run(async () => {
  writeFileSync(PAGE, redrawn(readFileSync(PAGE, 'utf8'), drawn(structure())));
});

/** `npm run rulebook`: writes docs/rulebook.md from the rules. A test holds the file against the data. */
import { writeFileSync } from 'node:fs';
import { rulebookText } from './lib/rulebookText.js';

writeFileSync('docs/rulebook.md', rulebookText());

/** Run by the build: writes the built-in catalogue as one file, for pages to fetch. */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { writeCatalogue } from '../src/poses/catalogueFile.js';
import { readBuiltIn } from './index.js';

const { data, packed } = readBuiltIn();
writeFileSync(fileURLToPath(new URL('../catalogue.bin', import.meta.url)), writeCatalogue(data, packed));

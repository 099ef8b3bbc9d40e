import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import type { Vault } from '../common/vault.js';
import type { SealingMigration } from './sealingMigration.js';
import { resumable } from './resumable.js';
import { migration as m0001 } from './migrations/0001-first-tables.js';
import { migration as m0002 } from './migrations/0002-after-class.js';
import { migration as m0003 } from './migrations/0003-own-variants.js';
import { migration as m0004 } from './migrations/0004-own-limits-and-hall-rules.js';
import { migration as m0005 } from './migrations/0005-choices-and-pace.js';
import { migration as m0006 } from './migrations/0006-prints-of-own-variants.js';
import { migration as m0007 } from './migrations/0007-halls.js';
import { migration as m0008 } from './migrations/0008-versions.js';
import { migration as m0009 } from './migrations/0009-people-by-id.js';
import { migration as m0011 } from './migrations/0011-pronouns.js';
import { migration as m0010 } from './migrations/0010-removed.js';
import { migration as m0012 } from './migrations/0012-compact-fittings.js';
import { migration as m0013 } from './migrations/0013-heads.js';
import { migration as m0014 } from './migrations/0014-sequence-versions.js';
import { migration as m0015 } from './migrations/0015-writes.js';
import { migration as m0016 } from './migrations/0016-from-the-floor.js';
import { migration as m0017 } from './migrations/0017-desk.js';
import { migration as m0018 } from './migrations/0018-courses.js';
import { migration as m0019 } from './migrations/0019-accounts.js';
import { migration as m0020 } from './migrations/0020-intake.js';
import { migration as m0021 } from './migrations/0021-one-health-store.js';
import { migration as m0022 } from './migrations/0022-trail.js';
import { migration as m0023 } from './migrations/0023-groups.js';
import { migration as m0024 } from './migrations/0024-documents.js';
import { migration as m0025 } from './migrations/0025-marks.js';
import { migration as m0026 } from './migrations/0026-rooms.js';
import { migration as m0027 } from './migrations/0027-screens.js';
import { migration as m0028 } from './migrations/0028-taught-times.js';
import { migration as m0029 } from './migrations/0029-own-words.js';
import { migration as m0030 } from './migrations/0030-proposal-answers.js';
import { migration as m0031 } from './migrations/0031-incidents.js';
import { migration as m0032 } from './migrations/0032-home-practices.js';
import { migration as m0033 } from './migrations/0033-mails.js';
import { migration as m0034 } from './migrations/0034-eye-cases.js';

/** Every change to the tables, in order. */
export const MIGRATIONS: SealingMigration[] = [
  m0001,
  m0002,
  m0003,
  m0004,
  m0005,
  m0006,
  m0007,
  m0008,
  m0009,
  m0010,
  m0011,
  m0012,
  m0013,
  m0014,
  m0015,
  m0016,
  m0017,
  m0018,
  m0019,
  m0020,
  m0021,
  m0022,
  m0023,
  m0024,
  m0025,
  m0026,
  m0027,
  m0028,
  m0029,
  m0030,
  m0031,
  m0032,
  m0033,
  m0034,
];

/** The migrator for a connection; what has been done is remembered in the database. */
export const migrator = (sequelize: Sequelize, vault: Vault): Umzug<QueryInterface> =>
  new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: ({ context }) => up(resumable(context), vault),
      down: ({ context }) => down(context, vault),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });

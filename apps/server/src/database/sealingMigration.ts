import type { QueryInterface } from 'sequelize';
import type { Vault } from '../common/vault.js';

/** A migration that may seal and open what it moves. */
export interface SealingMigration {
  name: string;
  up(query: QueryInterface, vault: Vault): Promise<void>;
  down(query: QueryInterface, vault: Vault): Promise<void>;
}

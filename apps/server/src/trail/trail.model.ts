import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { Did, What } from './entry.js';

/** Who did what with what is known of whom. Entries are added and never changed: each is chained to the one before. */
@Table({ tableName: 'trail_entries', timestamps: false })
export class TrailRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare hallId: string;
  /** 1, 2, 3 and so on in a hall. */
  @PrimaryKey @Column(DataType.INTEGER) declare number: number;
  /** ISO, UTC. */
  @Column(DataType.STRING(24)) declare at: string;
  /** An account, a person, or what did it by itself. */
  @Column(DataType.STRING(64)) declare who: string;
  @Column(DataType.STRING(20)) declare role: string;
  @Column(DataType.STRING(20)) declare did: Did;
  @Column(DataType.STRING(30)) declare what: What;
  @Column(DataType.UUID) declare personId: string | null;
  @Column(DataType.UUID) declare classId: string | null;
  /** What was erased: how many of each, as JSON. */
  @Column(DataType.TEXT) declare counts: string | null;
  @Column(DataType.STRING(160)) declare print: string;
}

/** Where the chain of a hall ends, so that it shows when its end is cut off. */
@Table({ tableName: 'trail_heads', timestamps: false })
export class TrailHeadRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.INTEGER) declare number: number;
  @Column(DataType.STRING(160)) declare print: string;
  @Column(DataType.STRING(160)) declare seal: string;
}

import type { Room } from '@lotus-steady/core';
import { Column, DataType, Default, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** A room, or a house that one goes to: what is in it, and how many fit. */
@Table({ tableName: 'places' })
export class PlaceRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare name: string;
  /** So many have room. */
  @Column(DataType.INTEGER) declare most: number | null;
  /** What is there, by prop. */
  @Column(jsonColumn('stock')) declare stock: Record<string, number>;
  /** How large it is, its doors and walls; null where nobody has said. */
  @Column(jsonColumn('room')) declare room: Room | null;
  @Column(DataType.INTEGER) declare version: number;
}

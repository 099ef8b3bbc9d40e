import type { Heading } from '@lotus-steady/core';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** Where somebody is in a class, laid there by hand: see `Spot` of the core. */
@Table({ tableName: 'spots', timestamps: false })
export class SpotRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare classId: string;
  @PrimaryKey @Column(DataType.UUID) declare personId: string;
  @Column(DataType.INTEGER) declare xCm: number;
  @Column(DataType.INTEGER) declare yCm: number;
  @Column(DataType.INTEGER) declare heading: Heading;
}

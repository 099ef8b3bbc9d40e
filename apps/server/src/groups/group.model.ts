import {
  Column,
  DataType,
  Default,
  ForeignKey,
  HasMany,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { HallRow } from '../halls/hall.model.js';

/** A group that meets on one day of the week. */
@Table({ tableName: 'class_groups', paranoid: true, deletedAt: 'removedAt' })
export class GroupRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare title: string;
  /** 1 is Monday, 7 Sunday. */
  @Column(DataType.INTEGER) declare weekday: number;
  @Column(DataType.STRING) declare time: string | null;
  @Column(DataType.STRING) declare place: string | null;
  /** So many have room. */
  @Column(DataType.INTEGER) declare most: number | null;
  /** What its classes begin from. */
  @Column(DataType.UUID) declare sequenceId: string | null;
  @Column(DataType.DATEONLY) declare firstOn: string;
  @Column(DataType.DATEONLY) declare lastOn: string | null;
  @Column(DataType.INTEGER) declare version: number;
  @HasMany(() => GroupPersonRow) declare people: GroupPersonRow[];
  @HasMany(() => GroupDayRow) declare days: GroupDayRow[];
}

/** Somebody on the roster of a group. */
@Table({ tableName: 'group_people', timestamps: false })
export class GroupPersonRow extends Model {
  @PrimaryKey @ForeignKey(() => GroupRow) @Column(DataType.UUID) declare groupId: string;
  @PrimaryKey @Column(DataType.UUID) declare personId: string;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.BOOLEAN) declare waiting: boolean;
}

/** That somebody does otherwise on one day. */
@Table({ tableName: 'group_days', timestamps: false })
export class GroupDayRow extends Model {
  @PrimaryKey @ForeignKey(() => GroupRow) @Column(DataType.UUID) declare groupId: string;
  @PrimaryKey @Column(DataType.UUID) declare personId: string;
  @PrimaryKey @Column(DataType.DATEONLY) declare on: string;
  @Column(DataType.BOOLEAN) declare comes: boolean;
}

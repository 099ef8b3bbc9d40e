import type { OwnLimit, PropTask } from '@lotus-steady/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What is sealed of an answer. */
export interface SealedAnswer {
  /** What was proposed: see `Proposal.key`. */
  key: string;
  answer: 'taken' | 'declined' | 'asked';
  /** Of a limit, as it was taken over or proposed. */
  limit?: OwnLimit;
  /** What was taken over is to do without it. */
  isLetGo?: boolean;
  /** Of a prop, as it was taken over or proposed. */
  task?: PropTask;
  heightCm?: number;
  /** Of what was asked: where it hurt. */
  place?: string;
  /** Why it was declined, what was changed, or what was answered. */
  reason: string;
}

/** What was decided about a proposal. */
@Table({ tableName: 'proposal_answers', timestamps: false })
export class ProposalAnswerRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  // The table of people knows this one: the name is enough.
  @Column(DataType.UUID) declare personId: string;
  /** `YYYY-MM-DD`, where the hall is. */
  @Column(DataType.DATEONLY) declare on: string;
  /** As {@link SealedAnswer}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
}

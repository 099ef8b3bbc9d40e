import type { OwnLimit } from '@lotus-steady/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** What is sealed of an answer. */
export interface SealedAnswer {
  /** What was proposed: see `Proposal.key`. */
  key: string;
  answer: 'taken' | 'declined';
  /** As it was taken over, or as it was proposed. */
  limit: OwnLimit;
  /** Why it was declined, or what was changed. */
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

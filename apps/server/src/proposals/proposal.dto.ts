import type { OwnLimit, Proposal } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsNumber, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';
import { CoreType } from '../common/coreType.js';
import { PropNoteDto } from '../people/person.dto.js';

const ANSWERS = ['taken', 'declined', 'asked'] as const;

/** What the teacher decides about a proposal. */
export class ProposalAnswerDto {
  @ApiProperty() @IsString() @MaxLength(200) key!: string;
  @ApiProperty({ enum: ANSWERS }) @IsIn(ANSWERS) answer!: (typeof ANSWERS)[number];
  @ApiPropertyOptional({ description: 'Another number than was proposed.' })
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(600)
  most?: number;
  @ApiPropertyOptional({ description: 'Why, or what was answered; needed where it is not taken over.' })
  @IsOptional()
  @IsString()
  @MaxLength(300)
  reason?: string;
}

/** What was decided about an earlier one. */
export class DecidedDto {
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ enum: ANSWERS }) answer!: (typeof ANSWERS)[number];
  /** Of a limit; let go where what was taken over is to do without. */
  @CoreType('OwnLimit', { optional: true }) limit?: OwnLimit;
  @ApiPropertyOptional() isLetGo?: boolean;
  /** Of a prop. */
  @ApiPropertyOptional() task?: string;
  @ApiPropertyOptional() heightCm?: number;
  /** Of what was asked: where it hurt. */
  @ApiPropertyOptional() place?: string;
  @ApiProperty() reason!: string;
}

/** What is decided and known of somebody who is down for a class. */
export class RememberedDto {
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty({ type: [DecidedDto], description: 'Lately, the latest first.' }) decided!: DecidedDto[];
  @ApiProperty({ type: [PropNoteDto], description: 'Props that worked.' }) worked!: PropNoteDto[];
}

/** What is proposed for somebody who is down for a class. */
export class ProposedForDto {
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty() name!: string;
  @CoreType('Proposal', { list: true }) proposals!: Proposal[];
}

/** What the record of somebody's classes proposes, and what was decided before. */
export class ProposalsDto {
  @CoreType('Proposal', { list: true }) proposals!: Proposal[];
  @ApiProperty({ type: [DecidedDto] }) decided!: DecidedDto[];
}

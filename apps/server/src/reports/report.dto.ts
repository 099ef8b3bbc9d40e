import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { Report } from '@lotus-steady/core';
import { IsOptional, IsUUID } from 'class-validator';
import { IsRealDate } from '../common/checks.js';
import { CoreType } from '../common/coreType.js';

/** Which classes a report is of. */
export class ReportQueryDto {
  /** From this day on. */
  @ApiProperty({ format: 'date' }) @IsRealDate('the first day') first!: string;
  /** Until this day. */
  @ApiProperty({ format: 'date' }) @IsRealDate('the last day') last!: string;
  /** Of this group alone. */
  @ApiPropertyOptional({ format: 'uuid' }) @IsOptional() @IsUUID() group?: string;
}

/** What was done in a period. */
export class ReportDto {
  @CoreType('Report') report!: Report;
  /** What those who are in the report are called, by their ids. */
  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } }) names!: Record<string, string>;
  /** Classes of the period that have been, somebody was down for, and were not recorded. */
  @ApiProperty() unrecorded!: number;
  /** Classes of which something can no longer be opened: they are left out. */
  @ApiProperty() unreadable!: number;
}

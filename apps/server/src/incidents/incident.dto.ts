import { PAIN_PLACES } from '@lotus-steady/core';
import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
  MinLength,
} from 'class-validator';
import { IsRealDate } from '../common/checks.js';

/** Words of somebody's own. */
const Words = (most: number) => applyDecorators(ApiProperty(), IsString(), MaxLength(most));

/** What happened to somebody in or around a class, as it is written down. */
export class IncidentDraftDto {
  @ApiPropertyOptional({ type: String, format: 'uuid', nullable: true })
  @IsOptional()
  @IsUUID()
  classId?: string | null;
  @ApiProperty({ format: 'date' }) @IsRealDate('the date') on!: string;
  @ApiProperty({ description: '`HH:MM`, or empty.' })
  @Matches(/^(([01]\d|2[0-3]):[0-5]\d)?$/, { message: 'a time is hours and minutes, 18:30' })
  time!: string;
  @Words(4000) @MinLength(1, { message: 'Say what happened.' }) what!: string;
  @ApiProperty({ description: 'A place that was hurt, or empty.' })
  @IsIn(['', ...PAIN_PLACES])
  where!: string;
  /** What was being done: pose, way, prop. */
  @Words(300) doing!: string;
  /** What was done at once. */
  @Words(4000) done!: string;
  /** Who was called or told, and when. */
  @Words(1000) called!: string;
  @Words(300) seenBy!: string;
  @ApiPropertyOptional({ type: String, format: 'date', nullable: true })
  @IsOptional()
  @IsRealDate('the date of the follow-up')
  followUpOn?: string | null;
  /** What is to be asked or done then. */
  @Words(1000) followUp!: string;
  @Words(4000) outcome!: string;
  @ApiProperty() @IsBoolean() isClosed!: boolean;
}

/** An incident, and whose. */
export class IncidentDto extends IncidentDraftDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty() person!: string;
  @ApiProperty() version!: number;
}

import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsOptional, IsUUID } from 'class-validator';
import { TableOf } from '../common/coreType.js';
import { PageDto } from '../common/page.dto.js';
import { DID, WHAT, type Did, type What } from './entry.js';

/** Who did what with what is known of whom. */
export class TrailEntryDto {
  @ApiProperty() number!: number;
  @ApiProperty({ format: 'date-time' }) at!: string;
  /** Their name; none where they are gone, or where it was done by itself. */
  @ApiProperty({ type: String, nullable: true }) who!: string | null;
  @ApiProperty() role!: string;
  @ApiProperty({ enum: DID }) did!: Did;
  @ApiProperty({ enum: WHAT }) what!: What;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) personId!: string | null;
  /** Their name; none where they are gone. */
  @ApiProperty({ type: String, nullable: true }) person!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) classId!: string | null;
  @ApiProperty({ type: String, nullable: true }) title!: string | null;
  /** What was erased: how many of each. */
  @TableOf('number', { optional: true }) counts?: Record<string, number>;
}

/** Whether nothing is missing in the trail, and nothing was changed. */
export class CheckedTrailDto {
  /** So many were looked at and are as they were written. */
  @ApiProperty() entries!: number;
  /** The first that is not, or is missing; none where all is well. */
  @ApiProperty({ type: Number, nullable: true }) brokenAt!: number | null;
}

/** Which entries are wanted. */
export class TrailQueryDto extends PageDto {
  /** What was done with what is known of one person. */
  @ApiPropertyOptional({ format: 'uuid' }) @IsOptional() @IsUUID() person?: string;
}

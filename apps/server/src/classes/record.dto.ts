import { LEAD_PARTS, PAIN_PLACES, type LeadPart, type LearnedPace } from '@lotus-steady/core';
import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { IsListOf, IsReading, IsTableOf } from '../common/checks.js';
import { CoreType } from '../common/coreType.js';

/** Longer than any class, seconds. */
const LONGEST = 24 * 60 * 60;

/** 0 to 10, where it was asked. */
const OfTen = (what: string) =>
  applyDecorators(
    ApiPropertyOptional({ type: Number, nullable: true }),
    IsOptional(),
    IsInt({ message: `${what} is a whole number` }),
    Min(0, { message: `${what} is between 0 and 10` }),
    Max(10, { message: `${what} is between 0 and 10` }),
  );

/** A step that was eased or stopped on the day, and what of it hurt. */
export class StepChangeDto {
  @ApiProperty() @IsInt() @Min(1) step!: number;
  @ApiProperty({ enum: ['eased', 'stopped'] }) @IsIn(['eased', 'stopped']) what!: 'eased' | 'stopped';
  @ApiPropertyOptional({ enum: PAIN_PLACES, description: 'Where it hurt.' })
  @IsOptional()
  @IsIn(PAIN_PLACES)
  where?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(300) word?: string;
}

/** How a class was for one person. */
export class RecordDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty() @IsBoolean() came!: boolean;
  @OfTen('pain') painBefore?: number | null;
  @OfTen('pain') painAfter?: number | null;
  /** How hard it was, Borg CR10. */
  @OfTen('effort') effort?: number | null;
  @ApiPropertyOptional({ type: String, nullable: true, description: 'Pressure after class, as `142/88`.' })
  @IsOptional()
  @IsReading()
  pressureAfter?: string | null;
  @ApiProperty({ type: [StepChangeDto] })
  @IsListOf(() => StepChangeDto)
  changes!: StepChangeDto[];
  @ApiProperty() @IsString() @MaxLength(2000) word!: string;
}

/** Seconds. */
export class TookDto {
  @ApiProperty() @IsNumber() @Min(0) @Max(LONGEST) planned!: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(LONGEST) real!: number;
}

/** What a moment of the class took. */
export class TaughtTimeDto {
  @ApiPropertyOptional({ enum: LEAD_PARTS }) @IsOptional() @IsIn(LEAD_PARTS) part?: LeadPart;
  @ApiPropertyOptional() @IsOptional() @IsNumber() @Min(0) @Max(1) share?: number;
  @ApiProperty({ type: TookDto }) @IsTableOf(() => TookDto) lead!: TookDto;
  @ApiProperty({ type: TookDto }) @IsTableOf(() => TookDto) hold!: TookDto;
  @ApiPropertyOptional({ enum: [1, 2] }) @IsOptional() @IsIn([1, 2]) pass?: 1 | 2;
  @ApiProperty() @IsNumber() @Min(0) @Max(1) at!: number;
}

/** What classes that were taught say of the pace. */
export class LearnedPaceDto {
  /** Left out where none was taught on a device yet. */
  @CoreType('LearnedPace', { optional: true }) learned?: LearnedPace;
}

export class AfterClassDto {
  @ApiProperty({ type: [RecordDto] })
  @ArrayMaxSize(300)
  @IsListOf(() => RecordDto)
  records!: RecordDto[];
  @ApiPropertyOptional({ type: [String], description: 'Marks of the class that are in these records now.' })
  @IsOptional()
  @ArrayMaxSize(2000)
  @IsUUID(undefined, { each: true })
  marks?: string[];
  @ApiPropertyOptional({
    type: [TaughtTimeDto],
    description: 'What its moments took, where this device taught it.',
  })
  @IsOptional()
  @ArrayMaxSize(500)
  @IsListOf(() => TaughtTimeDto)
  times?: TaughtTimeDto[];
}

import { ApiProperty, ApiPropertyOptional, OmitType, PartialType } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';
import { IsLine, IsRealDate } from '../common/checks.js';
import { SOURCE_MOST } from '../sequences/sequence.dto.js';

/** A course is 4 to 12 weeks long. */
const WEEKS = [4, 12] as const;

export class CourseDraftDto {
  @ApiProperty()
  @IsString()
  @IsLine('a title')
  @Length(1, 160, { message: 'a title is needed' })
  title!: string;
  @ApiProperty({ format: 'date' })
  @IsRealDate('the first day')
  startsOn!: string;
  @ApiPropertyOptional()
  @IsOptional()
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'the time is like 18:00' })
  time?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @IsLine('a place') @MaxLength(120) place?: string;
  @ApiProperty({ type: [String], description: 'Who is enrolled, by id.' })
  @IsArray()
  @ArrayMaxSize(300)
  @IsUUID(undefined, { each: true })
  people!: string[];
  @ApiProperty({ type: [String], description: 'What is written for each week.' })
  @IsArray()
  @ArrayMinSize(WEEKS[0], { message: `a course has at least ${WEEKS[0]} weeks` })
  @ArrayMaxSize(WEEKS[1], { message: `a course has up to ${WEEKS[1]} weeks` })
  @IsString({ each: true })
  @Length(1, SOURCE_MOST, { each: true, message: 'each week has at least one line' })
  weeks!: string[];
}

/** When, where and who; what a week is, is changed in its sequence. */
export class CourseChangeDto extends PartialType(OmitType(CourseDraftDto, ['weeks']), {
  skipNullProperties: false,
}) {}

/** A week of a course: its sequence. */
export class CourseWeekDto {
  @ApiProperty() week!: number;
  @ApiProperty({ format: 'uuid' }) sequenceId!: string;
  @ApiProperty() source!: string;
  @ApiProperty({ type: [String], format: 'date', description: 'Days of classes that were begun from it.' })
  classes!: string[];
}

export class CourseDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) startsOn!: string;
  @ApiProperty({ type: String, nullable: true }) time!: string | null;
  @ApiProperty({ type: String, nullable: true }) place!: string | null;
  @ApiProperty({ type: [String], format: 'uuid' }) people!: string[];
  @ApiProperty({ type: [CourseWeekDto] }) weeks!: CourseWeekDto[];
  @ApiProperty() version!: number;
}

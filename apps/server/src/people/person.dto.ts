import {
  PRONOUNS,
  PROP_TASKS,
  type Activity,
  type Can,
  type Clearance,
  type HowFar,
  type Intake,
  type OwnLimit,
  type Pronoun,
} from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional, OmitType } from '@nestjs/swagger';
import { Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { StepChangeDto } from '../classes/record.dto.js';
import { IsRealDate } from '../common/checks.js';
import { CoreType, TableOf } from '../common/coreType.js';
import { PageDto } from '../common/page.dto.js';

/** So many conditions, limits or clearances one person may have: more than anyone has. */
const ENTRIES_MOST = 40;

/** The short form of a person. Details of conditions are checked by the core, which knows them. */
export class PersonDraftDto {
  @ApiProperty() @IsString() @Length(1, 120, { message: 'a name has 1 to 120 letters' }) name!: string;
  @ApiPropertyOptional()
  @IsOptional()
  @IsRealDate('date of birth')
  born?: string;
  @ApiPropertyOptional({ enum: ['woman', 'man'] })
  @IsOptional()
  @IsIn(['woman', 'man'])
  sex?: 'woman' | 'man';
  @ApiPropertyOptional({ enum: PRONOUNS }) @IsOptional() @IsIn(PRONOUNS) pronoun?: Pronoun;
  @ApiPropertyOptional()
  @IsOptional()
  @IsNumber({}, { message: 'height is a number of centimetres' })
  @Min(80, { message: 'height in cm is between 80 and 220' })
  @Max(220, { message: 'height in cm is between 80 and 220' })
  heightCm?: number;
  @ApiPropertyOptional() @IsOptional() @IsNumber() @Min(10) @Max(300) weightKg?: number;
  /** What they can do is checked by the core. */
  @CoreType('Can', { optional: true }) @IsOptional() @IsObject() can?: unknown;
  @TableOf('number', { optional: true }) @IsOptional() @IsObject() ranges?: Record<string, number>;
  @TableOf('number', { optional: true }) @IsOptional() @IsObject() screening?: Record<string, number>;
  @CoreType('WrittenCondition', { list: true, optional: true })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(ENTRIES_MOST, { message: `at most ${ENTRIES_MOST} conditions are read` })
  conditions?: unknown[];
  @CoreType('OwnLimit', { list: true, optional: true })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(ENTRIES_MOST, { message: `at most ${ENTRIES_MOST} limits are read` })
  limits?: unknown[];
  @CoreType('Clearance', { list: true, optional: true })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(ENTRIES_MOST, { message: `at most ${ENTRIES_MOST} clearances are read` })
  clearances?: unknown[];
  /** What was told when they first came is checked by the core. */
  @CoreType('Intake', { optional: true }) @IsOptional() @IsObject() intake?: unknown;
}

/** A person as they are written down: what the form edits and what the core reads. */
export class WrittenPersonDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiPropertyOptional() born?: string;
  @ApiPropertyOptional({ enum: ['woman', 'man'] }) sex?: 'woman' | 'man';
  @ApiPropertyOptional({ enum: PRONOUNS }) pronoun?: Pronoun;
  @ApiProperty() heightCm!: number;
  @ApiPropertyOptional() weightKg?: number;
  @CoreType('Can') can!: Can;
  @TableOf('number') ranges!: Record<string, number>;
  @TableOf('number') screening!: Record<string, number>;
  @CoreType('WrittenCondition', { list: true }) conditions!: { condition: string }[];
  @CoreType('OwnLimit', { list: true }) limits!: readonly OwnLimit[];
  @CoreType('Clearance', { list: true }) clearances!: readonly Clearance[];
}

/** How a class was for someone, as it is told beside them. */
export class PersonRecordDto {
  @ApiProperty({ format: 'uuid' }) classId!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty() came!: boolean;
  @ApiProperty({ type: Number, nullable: true }) painBefore!: number | null;
  @ApiProperty({ type: Number, nullable: true }) painAfter!: number | null;
  @ApiProperty({ type: Number, nullable: true }) effort!: number | null;
  @ApiProperty({ type: String, nullable: true }) pressureAfter!: string | null;
  @ApiProperty({ type: [StepChangeDto] }) changes!: StepChangeDto[];
  @ApiProperty() word!: string;
  /** How much was done, and how far; in *progress* alone, and left out where that was not kept. */
  @CoreType('Activity', { optional: true }) activity?: Activity;
  @CoreType('HowFar', { optional: true }) far?: HowFar;
}

/** A prop height that worked for someone. */
export class PropNoteDto {
  @ApiProperty({ enum: [...PROP_TASKS] }) @IsIn([...PROP_TASKS]) task!: (typeof PROP_TASKS)[number];
  @ApiProperty()
  @IsNumber()
  @Min(0, { message: 'a height is 0 cm or more' })
  @Max(90, { message: 'a height is at most 90 cm' })
  heightCm!: number;
  @ApiProperty() @IsString() @MaxLength(300) words!: string;
  @ApiProperty({ format: 'date' }) @IsRealDate('the date') on!: string;
}

/** A person in the list. */
export class PersonLineDto extends WrittenPersonDto {
  @CoreType('Intake') intake!: Intake;
  @ApiProperty() version!: number;
}

/** A person with what props worked. */
export class PersonDto extends PersonLineDto {
  @ApiProperty({ type: [PropNoteDto] }) propNotes!: PropNoteDto[];
}

/** A person with how classes were for them. */
export class PersonWholeDto extends PersonDto {
  @ApiProperty({ type: [PersonRecordDto] }) records!: PersonRecordDto[];
}

/** How classes were for somebody. */
export class HistoryDto {
  /** How many classes were recorded with them, or noted in. */
  @ApiProperty() classes!: number;
  /** To how many of them they came. */
  @ApiProperty() came!: number;
  /** The day of the first. */
  @ApiPropertyOptional({ format: 'date' }) since?: string;
  /** A part of them, the latest first. */
  @ApiProperty({ type: [PersonRecordDto] }) records!: PersonRecordDto[];
}

/** How somebody was known from a change on. */
export class PersonVersionDto {
  @ApiProperty() version!: number;
  @ApiProperty({ format: 'date-time' }) savedAt!: string;
  /** Whose change it was. */
  @ApiPropertyOptional() by?: string;
  @ApiPropertyOptional({ type: PersonDraftDto }) written?: PersonDraftDto;
  /** It cannot be read: its key is not here, or it was changed. */
  @ApiPropertyOptional() unreadable?: boolean;
}

/** A person as a class remembers them: what was known then, without their id. */
export class RememberedPersonDto extends OmitType(WrittenPersonDto, ['id'] as const) {}

/** In which order people are told. */
export const PEOPLE_ORDERS = ['name', 'changed', 'came'] as const;
export type PeopleOrder = (typeof PEOPLE_ORDERS)[number];

class PeoplePageDto extends PageDto {
  /** Those of one group, who wait for a place too. */
  @ApiPropertyOptional({ format: 'uuid' }) @IsOptional() @IsUUID() group?: string;

  /** By name; who was changed last first; who last came, or comes next, first. */
  @ApiPropertyOptional({ enum: PEOPLE_ORDERS }) @IsOptional() @IsIn(PEOPLE_ORDERS) order?: PeopleOrder;
}

/** Which people are wanted. */
export class PeopleQueryDto extends PeoplePageDto {
  /** Their ids, with commas between. */
  @ApiPropertyOptional()
  @IsOptional()
  @Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.split(',') : value))
  @IsUUID(undefined, { each: true })
  @ArrayMaxSize(300)
  ids?: string[];
}

/** Who is looked for. What one looks for may be somebody's health: it is sent in the body, and stands in no address. */
export class FindPeopleDto extends PeoplePageDto {
  /** Of a name, of what somebody has, or of a class that she is down for. */
  @IsString() @MaxLength(120) words!: string;
}

import type { Choices, Comparison, Fitting, HallRules, HouseView, Pace, Today } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  IsIn,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';
import { IsLine, IsListOf, IsRealDate } from '../common/checks.js';
import { CoreType, TableOf } from '../common/coreType.js';
import { PageDto } from '../common/page.dto.js';
import { SavedDto } from '../common/problem.dto.js';
import { WrittenPersonDto } from '../people/person.dto.js';
import { RecordDto } from './record.dto.js';

/** Someone who is coming, and how they are today. */
export class ComingDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() id!: string;
  @CoreType('Today', { optional: true }) @IsOptional() @IsObject() today?: Record<string, unknown>;
}

/** All that a class is fitted from. */
export class FitDto {
  /** Where it is: what is there is what there is to use. */
  @ApiPropertyOptional() @IsOptional() @IsString() @IsLine('a place') @MaxLength(120) place?: string;
  @ApiProperty({ format: 'date' })
  @IsRealDate('the date')
  on!: string;
  @ApiProperty()
  @IsString()
  @Length(1, 20_000, { message: 'a sequence has at least one line' })
  sequenceText!: string;
  @ApiProperty({ type: [ComingDto] })
  @ArrayMaxSize(300)
  @IsListOf(() => ComingDto)
  people!: ComingDto[];
  @TableOf('string', { optional: true }) @IsOptional() @IsObject() houseView?: Record<string, string>;
  /** The core, which knows the catalogue, checks each choice. */
  @CoreType('Choices', { optional: true }) @IsOptional() @IsObject() choices?: Record<string, unknown>;
}

/** A class's plan as it stands after an edit on the fitting. */
export class PlanDto {
  @ApiProperty()
  @IsString()
  @Length(1, 20_000, { message: 'a sequence has at least one line' })
  sequenceText!: string;
  @CoreType('Choices') @IsObject() choices!: Record<string, unknown>;
}

/** The sequence of the library that a class counts as begun from. */
export class ClassSequenceDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() sequenceId!: string;
}

export class ClassDraftDto extends FitDto {
  @ApiProperty()
  @IsString()
  @IsLine('a title')
  @Length(1, 160, { message: 'a title is needed' })
  title!: string;
  @ApiPropertyOptional()
  @IsOptional()
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'the time is like 18:00' })
  time?: string;
  @ApiPropertyOptional({ format: 'uuid', description: 'The group that it is of.' })
  @IsOptional()
  @IsUUID()
  groupId?: string;
  @ApiPropertyOptional({ format: 'uuid', description: 'The sequence of the library that it begins from.' })
  @IsOptional()
  @IsUUID()
  sequenceId?: string;
}

/** A class in the list. `people`: how many. */
export class ClassLineDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ type: String, nullable: true }) time!: string | null;
  @ApiProperty({ type: String, nullable: true }) place!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) groupId!: string | null;
  @ApiProperty() people!: number;
  @ApiProperty() recorded!: boolean;
}

/** Someone who was down for a class, as it remembers them. */
export class ClassPersonDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @CoreType('Today') today!: Today;
}

/** A class with its fitting. */
export class ClassDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ type: String, nullable: true }) time!: string | null;
  @ApiProperty({ type: String, nullable: true }) place!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) sequenceId!: string | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) groupId!: string | null;
  @ApiProperty() sequenceText!: string;
  @CoreType('HouseView') houseView!: HouseView;
  @CoreType('Choices') choices!: Choices;
  @CoreType('Fitting') fitting!: Fitting | null;
  @ApiProperty({ type: [ClassPersonDto] }) people!: ClassPersonDto[];
  @ApiProperty({ type: [RecordDto] }) records!: RecordDto[];
  @ApiProperty() version!: number;
}

/** A person with how they are on the day. */
export class PersonOnTheDayDto extends WrittenPersonDto {
  @CoreType('Today') today!: Today;
}

/** What a fitting of a class is made from today: enough to fit it again on the page. */
export class ClassInputsDto {
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ type: [PersonOnTheDayDto] }) people!: PersonOnTheDayDto[];
  @CoreType('HouseView') houseView!: HouseView;
  @CoreType('HallRules') hall!: HallRules;
  @CoreType('OwnPace') pace!: Partial<Pace>;
  @TableOf('number', { optional: true }) stock?: Record<string, number>;
}

/** A fitting that is not kept. */
export class FittedDto {
  @CoreType('Fitting') fitting!: Fitting;
}

/** What would differ if a class were fitted today. */
export class RecheckDto {
  @CoreType('Comparison') comparison!: Comparison;
}

/** How somebody who comes is today, as it was asked at the door. */
export class DoorDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @CoreType('Today') @IsObject() today!: Record<string, unknown>;
}

/** What came of it: the class is fitted again. */
export class DoorAnswerDto extends SavedDto {
  @CoreType('Comparison') comparison!: Comparison;
}

/** Which classes are wanted. */
export class ClassesQueryDto extends PageDto {
  /** From today on, the next first; or before, the last first. All by their dates where nothing is said. */
  @ApiPropertyOptional({ enum: ['coming', 'past'] })
  @IsOptional()
  @IsIn(['coming', 'past'])
  when?: 'coming' | 'past';

  /** From this day on. */
  @ApiPropertyOptional({ format: 'date' }) @IsOptional() @IsRealDate('the first day') first?: string;
  /** Until this day. */
  @ApiPropertyOptional({ format: 'date' }) @IsOptional() @IsRealDate('the last day') last?: string;
  /** At this place. */
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(120) place?: string;
  /** Of this group. */
  @ApiPropertyOptional({ format: 'uuid' }) @IsOptional() @IsUUID() group?: string;
}

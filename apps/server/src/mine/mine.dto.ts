import { IncidentDto } from '../incidents/incident.dto.js';
import { DocumentDto } from '../documents/document.dto.js';
import type { Build, SheetStep } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional, PickType } from '@nestjs/swagger';
import { IsIn, IsInt, IsString, Max, MaxLength, Min } from 'class-validator';
import { MayBeLeftOut } from '../common/mayBeLeftOut.js';
import { PersonDraftDto, PersonLineDto, PersonVersionDto, PersonWholeDto } from '../people/person.dto.js';
import { OwnVariantDto } from '../own-variants/ownVariant.dto.js';
import { IsRealDate } from '../common/checks.js';
import { HomePracticeDto } from '../home/home.dto.js';
import { CoreType } from '../common/coreType.js';

/** How practice at home went, in three taps. */
const DONE = ['all', 'some', 'none'] as const;
const FELT = ['easy', 'right', 'hard'] as const;
const AFTER = ['less', 'same', 'more'] as const;

/** What somebody writes of a day. */
export class DiaryDraftDto {
  @ApiPropertyOptional({ format: 'date', description: 'Where it is sent later than it was written.' })
  @MayBeLeftOut()
  @IsRealDate('the day')
  on?: string;
  /** How much of what she practises at home was done. */
  @ApiPropertyOptional({ enum: DONE }) @MayBeLeftOut() @IsIn(DONE) done?: (typeof DONE)[number];
  @ApiPropertyOptional({ enum: FELT }) @MayBeLeftOut() @IsIn(FELT) felt?: (typeof FELT)[number];
  /** How pain was after it. */
  @ApiPropertyOptional({ enum: AFTER }) @MayBeLeftOut() @IsIn(AFTER) after?: (typeof AFTER)[number];
  /** 0 none to 10 the worst. */
  @ApiPropertyOptional() @MayBeLeftOut() @IsInt() @Min(0) @Max(10) pain?: number;
  @ApiPropertyOptional() @MayBeLeftOut() @IsString() @MaxLength(500) words?: string;
}

export class DiaryEntryDto {
  @ApiProperty() id!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiPropertyOptional() pain?: number;
  @ApiPropertyOptional() words?: string;
  @ApiPropertyOptional({ enum: DONE }) done?: (typeof DONE)[number];
  @ApiPropertyOptional({ enum: FELT }) felt?: (typeof FELT)[number];
  @ApiPropertyOptional({ enum: AFTER }) after?: (typeof AFTER)[number];
  /** It cannot be read: its key is not here, or it was changed. */
  @ApiPropertyOptional() unreadable?: boolean;
}

/** A class that somebody is down for, as she does it. */
export class OwnClassDto {
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiPropertyOptional({ nullable: true, type: String }) time!: string | null;
  @ApiPropertyOptional({ nullable: true, type: String }) place!: string | null;
  @CoreType('SheetStep', { list: true }) steps!: SheetStep[];
}

/** What is somebody's own. */
export class MineDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() hall!: string;
  @ApiProperty() teacher!: string;
  @ApiProperty({ format: 'date' }) today!: string;
  @ApiProperty() heightCm!: number;
  @CoreType('Build') build!: Build;
  @ApiProperty({ type: [OwnClassDto] }) classes!: OwnClassDto[];
  /** What she practises at home just now. */
  @ApiPropertyOptional({ type: HomePracticeDto }) home?: HomePracticeDto;
  /** The hall's own variants among what she does. */
  @ApiProperty({ type: [OwnVariantDto] }) own!: OwnVariantDto[];
  @ApiProperty({ type: [DiaryEntryDto] }) diary!: DiaryEntryDto[];
}

/** What somebody fills in about herself; what she leaves out stays as it is. */
export class OwnAnswersDto extends PickType(PersonDraftDto, [
  'born',
  'sex',
  'pronoun',
  'heightCm',
  'weightKg',
  'can',
  'screening',
  'conditions',
  'intake',
] as const) {}

/** What somebody has filled in, and nobody has looked at yet. */
export class SentAnswersDto {
  @ApiProperty({ format: 'date-time' }) sentAt!: string;
  @ApiPropertyOptional({ type: OwnAnswersDto }) answers?: OwnAnswersDto;
  /** It cannot be read: its key is not here, or it was changed. */
  @ApiPropertyOptional() unreadable?: boolean;
}

/** The form for somebody to fill in herself: what is known of her, and what she has sent and nobody looked at. */
export class OwnFormDto {
  @ApiProperty({ type: PersonLineDto }) person!: PersonLineDto;
  @ApiPropertyOptional({ type: SentAnswersDto }) sent?: SentAnswersDto;
}

/** Somebody's private links, as her teacher sees them. */
export class PersonLinkDto {
  @ApiProperty({ format: 'date-time' }) createdAt!: string;
  @ApiProperty({ format: 'date-time' }) endsAt!: string;
}

/** Everything that is kept about somebody. */
export class EverythingDto {
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty() hall!: string;
  /** What is known, how classes were, and which props worked. */
  @ApiProperty({ type: PersonWholeDto }) person!: PersonWholeDto;
  @ApiProperty({ type: [PersonVersionDto] }) changes!: PersonVersionDto[];
  @ApiProperty({ type: [DiaryEntryDto] }) diary!: DiaryEntryDto[];
  /** What she has filled in and nobody has looked at. */
  @ApiProperty({ type: [SentAnswersDto] }) answers!: SentAnswersDto[];
  /** What she is down for, as she does it. */
  @ApiProperty({ type: [OwnClassDto] }) coming!: OwnClassDto[];
  @ApiProperty({ type: [PersonLinkDto] }) links!: PersonLinkDto[];
  /** Without their bytes: each is saved from her page. */
  @ApiProperty({ type: [DocumentDto] }) documents!: DocumentDto[];
  @ApiProperty({ type: [IncidentDto] }) incidents!: IncidentDto[];
  @ApiProperty({ type: [HomePracticeDto] }) home!: HomePracticeDto[];
}

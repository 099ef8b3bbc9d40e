import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { EyeAnswer, EyeStep, OtherHouse, Person, Verdict } from '@lotus-steady/core';
import { IsIn, IsInt, IsUUID, Max, Min } from 'class-validator';
import { IsListOf } from '../common/checks.js';
import { CoreType } from '../common/coreType.js';

const VERDICTS = ['as-written', 'eased', 'swapped', 'rest'] as const;
/** So many cases are made; each is made of its number. */
const CASES_MOST = 100_000;

/** A step of a case. */
export class EyeCaseStepDto {
  @ApiProperty() step!: number;
  @ApiProperty() text!: string;
  @ApiProperty() pose!: string;
  @ApiProperty() variant!: string;
}

/** Of which class a case is, and whose: by her place in its list, so that nobody is named. */
export class OwnEyeCaseDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() classId!: string;
  @ApiProperty() @IsInt() @Min(0) @Max(300) seat!: number;
}

/** A person and a plan for her: made up, or of a class of one's own and without a name. */
export class EyeCaseDto {
  @ApiPropertyOptional({ description: 'Of a made-up case.' }) number?: number;
  @ApiPropertyOptional({ type: OwnEyeCaseDto }) own?: OwnEyeCaseDto;
  @CoreType('Person') person!: Person;
  @ApiPropertyOptional({ description: 'About how old she is.' }) age?: number;
  @ApiProperty({ type: [String], description: 'What she has, and where that stands.' }) stages!: string[];
  @ApiPropertyOptional({ description: 'The pose that she stopped in the last time.' }) stoppedIn?: string;
  @ApiProperty({ type: [EyeCaseStepDto] }) steps!: EyeCaseStepDto[];
}

/** What a teacher would do at a step. */
export class EyeMarkDto {
  @ApiProperty() @IsInt() @Min(1) @Max(50) step!: number;
  @ApiProperty({ enum: VERDICTS }) @IsIn(VERDICTS) verdict!: Verdict;
}

/** What a teacher would do with a case; steps that are not named stay as they are written. */
export class EyeAnswerDraftDto {
  @ApiProperty() @IsInt() @Min(0) @Max(CASES_MOST) number!: number;
  @ApiProperty({ type: [EyeMarkDto] }) @IsListOf(() => EyeMarkDto) marks!: EyeMarkDto[];
}

/** What a teacher would do now with somebody of a class that has been. */
export class OwnEyeAnswerDraftDto extends OwnEyeCaseDto {
  @ApiProperty({ type: [EyeMarkDto] }) @IsListOf(() => EyeMarkDto) marks!: EyeMarkDto[];
}

/** What the fitting of that class did, and what happened then. */
export class OwnEyeAnsweredDto {
  @CoreType('EyeStep', { list: true }) steps!: EyeStep[];
  @ApiProperty({ type: [String], description: 'As it was written down after class.' }) happened!: string[];
}

/** What the fitting does with it, beside that. */
export class EyeAnsweredDto {
  @CoreType('EyeStep', { list: true }) steps!: EyeStep[];
  @CoreType('OtherHouse', { list: true }) others!: OtherHouse[];
  @ApiProperty({ description: 'When it is to be looked at again, `YYYY-MM-DD`.' }) again!: string;
}

/** How a teacher's eye stands. */
export class EyeDto {
  @ApiProperty({ description: 'Of the first cases, how many she has not looked at yet.' }) left!: number;
  @ApiProperty({ description: 'How many are to be looked at again today.' }) due!: number;
  @CoreType('EyeAnswer', { list: true }) answers!: EyeAnswer[];
}

import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import type { EyeAnswer, EyeStep, OtherHouse, Person, Verdict } from '@lotus-steady/core';
import { IsIn, IsInt, Max, Min } from 'class-validator';
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

/** A made-up person and a plan for her. */
export class EyeCaseDto {
  @ApiProperty() number!: number;
  @CoreType('Person') person!: Person;
  @ApiProperty() age!: number;
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

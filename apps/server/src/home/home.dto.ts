import { HOUSE_PROPS, type HomeDraft, type HomeStep, type HouseProp } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { IsListOf, IsRealDate } from '../common/checks.js';
import { CoreType } from '../common/coreType.js';

/** From which class, and what is in the house, each once. */
export class AskedForHomeDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() classId!: string;
  @ApiProperty({ enum: HOUSE_PROPS, isArray: true })
  @IsArray()
  @ArrayUnique()
  @IsIn(HOUSE_PROPS, { each: true })
  has!: HouseProp[];
}

/** What of a class somebody may practise alone. */
export class HomeDraftDto {
  @CoreType('HomeDraft') draft!: HomeDraft;
  @ApiProperty({ type: [Number], description: 'Steps that are proposed to begin with.' }) chosen!: number[];
  @ApiProperty({ format: 'date', description: 'The last day on which all of it holds.' }) until!: string;
}

/** A step that the teacher has chosen. */
export class ChosenStepDto {
  @ApiProperty() @IsInt() @Min(1) step!: number;
  @ApiPropertyOptional() @IsOptional() @IsString() @MaxLength(300) note?: string;
  @ApiPropertyOptional({ description: 'Another number a day than is usual.' })
  @IsOptional()
  @IsInt()
  @Min(1, { message: 'at least once a day' })
  @Max(6, { message: 'at most six times a day' })
  timesADay?: number;
}

export class HomePracticeDraftDto extends AskedForHomeDto {
  @ApiProperty({ type: [ChosenStepDto] })
  @ArrayMinSize(1, { message: 'Choose at least one exercise.' })
  @ArrayMaxSize(20)
  @IsListOf(() => ChosenStepDto)
  steps!: ChosenStepDto[];
  @ApiProperty() @IsString() @MaxLength(1000) words!: string;
  @ApiProperty() @IsString() @MaxLength(200) whom!: string;
  @ApiProperty({ format: 'date' }) @IsRealDate('the last day') until!: string;
}

/** What somebody practises at home. */
export class HomePracticeDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) classId!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ format: 'date' }) until!: string;
  @ApiProperty() title!: string;
  @CoreType('HomeStep', { list: true }) steps!: HomeStep[];
  @ApiProperty() words!: string;
  @ApiProperty() whom!: string;
  @ApiPropertyOptional() withWhom?: string;
  /** Something else is known of her since: steps that are no longer for home are left out. */
  @ApiPropertyOptional() leftOut?: number;
  /** Once through all of it. */
  @ApiProperty() minutes!: number;
}

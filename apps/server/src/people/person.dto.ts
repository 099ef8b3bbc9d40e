import {
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { Type } from 'class-transformer';
import { PROP_TASKS } from '@lotus-steady/core';

const DATE = /^\d{4}-\d{2}-\d{2}$/;

/** What someone can do. */
export class CanDto {
  @IsOptional() @IsBoolean() stand?: boolean;
  @IsOptional() @IsBoolean() floor?: boolean;
  @IsOptional() @IsBoolean() kneel?: boolean;
}

/** The short form of a person. Details of conditions are checked by the core, which knows them. */
export class PersonDto {
  @IsString() @Length(1, 120, { message: 'a name is needed' }) name!: string;
  @IsOptional() @Matches(DATE, { message: 'date of birth is a date, YYYY-MM-DD' }) born?: string;
  @IsOptional() @IsIn(['woman', 'man']) sex?: 'woman' | 'man';
  @IsOptional()
  @IsNumber({}, { message: 'height is a number of centimetres' })
  @Min(80, { message: 'height in cm is between 80 and 220' })
  @Max(220, { message: 'height in cm is between 80 and 220' })
  heightCm?: number;
  @IsOptional() @IsNumber() @Min(10) @Max(300) weightKg?: number;
  @IsOptional() @ValidateNested() @Type(() => CanDto) can?: CanDto;
  @IsOptional() @IsObject() ranges?: Record<string, number>;
  @IsOptional() @IsObject() screening?: Record<string, number>;
  @IsOptional() @IsArray() conditions?: unknown[];
  @IsOptional() @IsArray() limits?: unknown[];
  @IsOptional() @IsArray() clearances?: unknown[];
}

/** A prop height that worked for someone. */
export class PropNoteDto {
  @IsIn([...PROP_TASKS]) task!: (typeof PROP_TASKS)[number];
  @IsNumber()
  @Min(0, { message: 'a height is 0 cm or more' })
  @Max(90, { message: 'a height is at most 90 cm' })
  heightCm!: number;
  @IsString() @MaxLength(300) words!: string;
  @Matches(DATE) on!: string;
}

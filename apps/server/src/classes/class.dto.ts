import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

/** Someone who is coming, and how they are today. */
export class ComingDto {
  @IsUUID() id!: string;
  @IsOptional() @IsObject() today?: Record<string, unknown>;
}

/** All that a class is fitted from. */
export class FitDto {
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'the date is a date, YYYY-MM-DD' }) on!: string;
  @IsString() @Length(1, 20_000, { message: 'a sequence has at least one line' }) sequenceText!: string;
  @IsArray() @ArrayMaxSize(300) @ValidateNested({ each: true }) @Type(() => ComingDto) people!: ComingDto[];
  @IsOptional() @IsObject() houseView?: Record<string, string>;
  /** The core, which knows the catalogue, checks each choice. */
  @IsOptional() @IsObject() choices?: Record<string, unknown>;
}

/** A class's plan as it stands after an edit on the fitting. */
export class PlanDto {
  @IsString() @Length(1, 20_000, { message: 'a sequence has at least one line' }) sequenceText!: string;
  @IsObject() choices!: Record<string, unknown>;
}

export class ClassDto extends FitDto {
  @IsString() @Length(1, 160, { message: 'a title is needed' }) title!: string;
  @IsOptional() @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'the time is like 18:00' }) time?: string;
  @IsOptional() @IsString() @MaxLength(120) place?: string;
}

export class StepChangeDto {
  @IsInt() @Min(1) step!: number;
  @IsIn(['eased', 'stopped']) what!: 'eased' | 'stopped';
}

/** How a class was for one person. */
export class RecordDto {
  @IsUUID() personId!: string;
  @IsBoolean() came!: boolean;
  @IsOptional()
  @IsInt({ message: 'pain is a whole number' })
  @Min(0, { message: 'pain is between 0 and 10' })
  @Max(10, { message: 'pain is between 0 and 10' })
  painBefore?: number | null;
  @IsOptional()
  @IsInt({ message: 'pain is a whole number' })
  @Min(0, { message: 'pain is between 0 and 10' })
  @Max(10, { message: 'pain is between 0 and 10' })
  painAfter?: number | null;
  @IsArray() @ValidateNested({ each: true }) @Type(() => StepChangeDto) changes!: StepChangeDto[];
  @IsString() @MaxLength(2000) word!: string;
}

export class AfterClassDto {
  @IsArray() @ArrayMaxSize(300) @ValidateNested({ each: true }) @Type(() => RecordDto) records!: RecordDto[];
}

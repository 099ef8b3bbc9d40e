import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsString, Max, MaxLength, Min, ValidateIf } from 'class-validator';
import { TableOf } from '../common/coreType.js';

/** Who is meant: nobody is erased by a slip. */
export class EraseDto {
  /** Her name, as it stands in the list. */
  @ApiProperty() @IsString() @MaxLength(120) name!: string;
}

/** A copy of the whole database that was made before. */
export class CopyDto {
  @ApiProperty() name!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
}

/** What was erased. */
export class ErasedDto {
  @ApiProperty({ format: 'date-time' }) at!: string;
  /** How many of each. */
  @TableOf('number') counts!: Record<string, number>;
  /** Copies that still hold it, until they are taken away. */
  @ApiProperty({ type: [CopyDto] }) copies!: CopyDto[];
}

/** So many months after they last came people are erased. */
export class KeptForDto {
  @ApiProperty({ type: Number, nullable: true, minimum: 6, maximum: 240 })
  @ValidateIf(({ months }: KeptForDto) => months !== null)
  @IsInt({ message: 'months is a whole number' })
  @Min(6, { message: 'people are kept for at least 6 months' })
  @Max(240, { message: 'people are kept for at most 240 months' })
  months!: number | null;
}

/** Somebody who is erased soon, unless she comes again. */
export class LeavingDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  /** When she last came, or something about her was changed. */
  @ApiProperty({ format: 'date' }) lastOn!: string;
  @ApiProperty({ format: 'date' }) goesOn!: string;
}

/** How long people are kept, and who goes next. */
export class RetentionDto {
  @ApiProperty({ type: Number, nullable: true }) months!: number | null;
  @ApiProperty({ type: [LeavingDto] }) leaving!: LeavingDto[];
}

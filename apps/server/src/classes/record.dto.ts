import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { IsListOf } from '../common/checks.js';

/** A step that was eased or stopped on the day. */
export class StepChangeDto {
  @ApiProperty() @IsInt() @Min(1) step!: number;
  @ApiProperty({ enum: ['eased', 'stopped'] }) @IsIn(['eased', 'stopped']) what!: 'eased' | 'stopped';
}

/** How a class was for one person. */
export class RecordDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty() @IsBoolean() came!: boolean;
  @ApiPropertyOptional({ type: Number, nullable: true })
  @IsOptional()
  @IsInt({ message: 'pain is a whole number' })
  @Min(0, { message: 'pain is between 0 and 10' })
  @Max(10, { message: 'pain is between 0 and 10' })
  painBefore?: number | null;
  @ApiPropertyOptional({ type: Number, nullable: true })
  @IsOptional()
  @IsInt({ message: 'pain is a whole number' })
  @Min(0, { message: 'pain is between 0 and 10' })
  @Max(10, { message: 'pain is between 0 and 10' })
  painAfter?: number | null;
  @ApiProperty({ type: [StepChangeDto] })
  @IsListOf(() => StepChangeDto)
  changes!: StepChangeDto[];
  @ApiProperty() @IsString() @MaxLength(2000) word!: string;
}

export class AfterClassDto {
  @ApiProperty({ type: [RecordDto] })
  @ArrayMaxSize(300)
  @IsListOf(() => RecordDto)
  records!: RecordDto[];
}

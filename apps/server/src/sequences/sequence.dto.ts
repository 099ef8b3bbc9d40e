import { ApiProperty, ApiPropertyOptional, PartialType } from '@nestjs/swagger';
import { MayBeLeftOut } from '../common/mayBeLeftOut.js';
import { ArrayMaxSize, IsArray, IsBoolean, IsString, Length } from 'class-validator';

/** Longer than any plan of a class. */
export const SOURCE_MOST = 20_000;
const LINE = { message: 'a sequence has at least one line' };

export class SequenceDraftDto {
  @ApiProperty()
  @IsString()
  @Length(1, SOURCE_MOST, LINE)
  source!: string;

  @ApiPropertyOptional({ type: [String] })
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(12, { message: 'a sequence has up to twelve tags' })
  @IsString({ each: true })
  @Length(1, 40, { each: true, message: 'a tag has up to forty letters' })
  tags?: string[];
}

export class SequenceChangeDto extends PartialType(SequenceDraftDto, { skipNullProperties: false }) {
  @ApiPropertyOptional({ description: 'Put away: not offered for new classes.' })
  @MayBeLeftOut()
  @IsBoolean()
  archived?: boolean;
}

/** A class that was begun from a sequence. */
export class UseDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date' }) on!: string;
}

export class SequenceDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty() source!: string;
  @ApiProperty({ type: [String] }) tags!: string[];
  @ApiProperty() archived!: boolean;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) courseId!: string | null;
  @ApiProperty({ type: Number, nullable: true, description: 'Of its course, from 1.' }) week!: number | null;
  @ApiProperty({ type: [UseDto], description: 'Classes that were begun from it, the last first.' })
  uses!: UseDto[];
  @ApiProperty({ format: 'date-time' }) changed!: string;
  @ApiProperty() version!: number;
}

export class SequenceVersionLineDto {
  @ApiProperty() version!: number;
  @ApiProperty() title!: string;
  @ApiProperty({ format: 'date-time' }) saved!: string;
}

export class SequenceVersionDto extends SequenceVersionLineDto {
  @ApiProperty() source!: string;
}

import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator';
import { IsLine, IsRealDate } from '../common/checks.js';

/** A letter or report that is about to come. */
export class DocumentDraftDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty()
  @IsString()
  @IsLine('a name')
  @Length(1, 200, { message: 'a name is needed' })
  name!: string;
  @ApiPropertyOptional({ format: 'date', description: 'The day that stands on it.' })
  @IsOptional()
  @IsRealDate('the day')
  on?: string;
  @ApiPropertyOptional({ description: 'From whom.' }) @IsOptional() @IsString() @MaxLength(200) by?: string;
}

/** A letter or report. */
export class DocumentDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiPropertyOptional({ format: 'date' }) on?: string;
  @ApiPropertyOptional() by?: string;
  @ApiProperty({ format: 'date-time' }) addedAt!: string;
  /** Bytes; 0 until it has come. */
  @ApiProperty() size!: number;
  /** It cannot be read: its key is not here, or it was changed. */
  @ApiPropertyOptional() unreadable?: boolean;
}

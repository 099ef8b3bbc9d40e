import { ApiProperty } from '@nestjs/swagger';
import { IsString, Length } from 'class-validator';

export class SequenceDraftDto {
  @ApiProperty()
  @IsString()
  @Length(1, 20_000, { message: 'a sequence has at least one line' })
  source!: string;
}

export class SequenceDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty() source!: string;
  @ApiProperty() version!: number;
}

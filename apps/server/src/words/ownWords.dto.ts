import { ApiProperty } from '@nestjs/swagger';
import { IsString, MaxLength } from 'class-validator';

/** What is said in a pose; empty for the usual words. */
export class OwnWordsDraftDto {
  @ApiProperty() @IsString() @MaxLength(4000, { message: 'at most 4000 letters' }) words!: string;
}

export class OwnWordsDto extends OwnWordsDraftDto {
  @ApiProperty() pose!: string;
  /** 0 where nobody has written any. */
  @ApiProperty() version!: number;
}

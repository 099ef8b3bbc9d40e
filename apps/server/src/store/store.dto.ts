import { ApiProperty } from '@nestjs/swagger';

/** Whether everything that is encrypted opens. */
export class CheckedSealsDto {
  /** The name of the key that is encrypted with now. */
  @ApiProperty() key!: string;
  /** So many values there are. */
  @ApiProperty() sealed!: number;
  /** So many of them are encrypted with an earlier key. */
  @ApiProperty() earlier!: number;
  /** So many do not open: their key is not here, or they were changed. */
  @ApiProperty() unreadable!: number;
}

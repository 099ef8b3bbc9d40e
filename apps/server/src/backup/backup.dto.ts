import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, MaxLength, MinLength } from 'class-validator';

/** A copy that lies beside the database. */
export class BackupCopyDto {
  @ApiProperty() name!: string;
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
  @ApiProperty({ description: 'Bytes.' }) size!: number;
}

export class BackupStateDto {
  @ApiProperty({ description: 'Whether copies can be made here at all.' }) isHere!: boolean;
  @ApiProperty({ description: 'Whether a passphrase is set: then one is made every day.' }) isOn!: boolean;
  @ApiProperty({ type: [BackupCopyDto], description: 'The latest first.' }) copies!: BackupCopyDto[];
  @ApiPropertyOptional({ description: 'Why the last one was not made.' }) problem?: string;
}

export class PassphraseDto {
  @ApiProperty()
  @IsString()
  @MinLength(15, { message: 'A passphrase has 15 letters or more: four or five words.' })
  @MaxLength(200)
  passphrase!: string;
}

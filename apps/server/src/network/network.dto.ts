import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsBoolean } from 'class-validator';

/** Whether other devices in the hall may open it, and how. */
export class NetworkDto {
  @ApiProperty() isOn!: boolean;
  /** Set where the program was started: it cannot be switched here. */
  @ApiProperty() isSetAtStart!: boolean;
  /** It may be switched only at the computer it runs on. */
  @ApiProperty() isHere!: boolean;
  /** Where others open it, while it is on. */
  @ApiProperty({ type: [String] }) addresses!: string[];
  /** It made its certificate itself: a browser asks once whether to trust it. */
  @ApiProperty() hasOwnCertificate!: boolean;
  @ApiPropertyOptional() fingerprint?: string;
}

export class NetworkSwitchDto {
  @ApiProperty() @IsBoolean() isOn!: boolean;
}

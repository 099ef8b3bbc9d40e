import { ApiPropertyOptional } from '@nestjs/swagger';

/** Whether there is an address that calendars read one's classes at. */
export class FeedDto {
  /** Since when; left out where there is none. The address itself is kept nowhere. */
  @ApiPropertyOptional({ format: 'date-time' }) since?: string;
}

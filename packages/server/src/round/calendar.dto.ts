import { ApiProperty } from '@nestjs/swagger';

export class CalendarLinkAnswer {
  @ApiProperty({ format: 'date-time' }) madeAt!: string;
}

/** A new link. Its token is told now and never again. */
export class NewCalendarLinkAnswer extends CalendarLinkAnswer {
  @ApiProperty({ description: 'Told this once only' }) token!: string;
}

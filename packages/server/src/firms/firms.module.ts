import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { TypeOrmModule } from '@nestjs/typeorm';
import { FirmGuard } from './current-firm.js';
import { Firm } from './firm.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([Firm])],
  providers: [{ provide: APP_GUARD, useClass: FirmGuard }],
})
export class FirmsModule {}

import { Module } from '@nestjs/common';
import { RulesService } from '../rules/rules.service.js';
import { Standings } from '../timer-records/standings.js';
import { TimerTypesService } from '../timer-types/timer-types.service.js';
import { AcceptingService } from './accepting.service.js';
import { RolloutWork } from './rollout-work.js';
import { RolloutsController } from './rollouts.controller.js';
import { RolloutsService } from './rollouts.service.js';

@Module({
  controllers: [RolloutsController],
  providers: [
    RolloutsService,
    AcceptingService,
    RolloutWork,
    Standings,
    RulesService,
    TimerTypesService,
  ],
})
export class RolloutsModule {}

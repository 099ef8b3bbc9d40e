import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { ClassModule } from '../classes/class.module.js';
import { HallModule } from '../halls/hall.module.js';
import { MineModule } from '../mine/mine.module.js';
import { PersonModule } from '../people/person.module.js';
import { ProposalController } from './proposal.controller.js';
import { ProposalAnswerRow } from './proposal.model.js';
import { ProposalService } from './proposal.service.js';

@Module({
  imports: [
    SequelizeModule.forFeature([ProposalAnswerRow]),
    ClassModule,
    HallModule,
    MineModule,
    PersonModule,
  ],
  controllers: [ProposalController],
  providers: [ProposalService],
})
export class ProposalModule {}

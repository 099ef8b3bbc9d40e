import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { OwnWordsController } from './ownWords.controller.js';
import { OwnWordsRow } from './ownWords.model.js';
import { OwnWordsRepository } from './ownWords.repository.js';

@Module({
  imports: [SequelizeModule.forFeature([OwnWordsRow])],
  controllers: [OwnWordsController],
  providers: [OwnWordsRepository],
})
export class OwnWordsModule {}

import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HomeModule } from '../home/home.module.js';
import { LetterModule } from '../letters/letter.module.js';
import { PersonModule } from '../people/person.module.js';
import { MailController } from './mail.controller.js';
import { MailRow } from './mail.model.js';
import { MailService } from './mail.service.js';
import { MAIL, Postman, type MailSetting } from './postman.js';

@Module({
  imports: [SequelizeModule.forFeature([MailRow]), HomeModule, LetterModule, PersonModule],
  controllers: [MailController],
  providers: [
    MailService,
    { provide: Postman, inject: [MAIL], useFactory: (setting: MailSetting | null) => new Postman(setting) },
  ],
})
export class MailModule {}

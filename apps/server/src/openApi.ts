import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { ProblemDto } from './common/problem.dto.js';

/** The contract: every route with what it takes and answers, as its controllers and DTO classes have it. */
export const openApiOf = (app: INestApplication): OpenAPIObject =>
  SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Lotus Steady')
      .setVersion('0.1')
      .setDescription(
        'A change may be sent with an Idempotency-Key, a UUID: sent again under it, it is made once, and answered as ' +
          'it was the first time.',
      )
      .build(),
    {
      extraModels: [ProblemDto],
      operationIdFactory: (controller, method) => `${controller.replace('Controller', '')}.${method}`,
    },
  );

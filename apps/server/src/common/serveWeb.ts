import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import type { FastifyReply } from 'fastify';

/** Files whose name or folder has a hash of what is in them: they never change. */
const HASHED = /\/(assets\/.*-[\w-]{8,}|figures\/[0-9a-f]{10}\/.*)\.\w+$/;
const FOR_EVER = 'public, max-age=31536000, immutable';

/** Serves the built web application: files compressed when it was built, and a page for every other path. */
export async function serveWeb(app: NestFastifyApplication, folder: string): Promise<void> {
  const fastify = app.getHttpAdapter().getInstance();
  const { default: fastifyStatic } = await import('@fastify/static');
  const options = {
    root: folder,
    prefix: '/',
    wildcard: false,
    index: false,
    preCompressed: true,
    cacheControl: false,
    setHeaders: (reply: FastifyReply, path: string) => {
      reply.header('Cache-Control', HASHED.test(path.replace(/\.(br|gz)$/, '')) ? FOR_EVER : 'no-cache');
    },
  };
  await app.register(fastifyStatic as never, options as never);
  // Every path that is no file and no API is a screen.
  fastify.get('/*', (request, reply) => {
    if (request.url.startsWith('/api/') || /\.\w+$/.test(request.url.split('?')[0]!))
      return reply.code(404).send({ statusCode: 404, message: 'There is nothing here.' });
    return (reply as FastifyReply & { sendFile(name: string): unknown }).sendFile('index.html');
  });
}

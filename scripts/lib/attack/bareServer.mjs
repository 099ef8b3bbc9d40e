/** A Fastify server with one route that does nothing: what this machine could answer at most. */
import fastify from 'fastify';

const app = fastify();
app.get('/api/bare', () => ({ ok: true }));
await app.listen({ port: Number(process.env.PORT), host: '127.0.0.1' });
process.send('ready');

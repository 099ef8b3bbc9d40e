/** A Fastify server with one route that sends an empty table: what this machine could answer at most. */
import fastify from 'fastify';

const app = fastify();
app.get('/api/bare', (_, reply) => reply.type('application/json; charset=utf-8').send('{}'));
await app.listen({ port: Number(process.env.PORT), host: '127.0.0.1' });
process.send('ready');

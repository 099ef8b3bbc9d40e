/** A Fastify server with one route that sends what it is given: what this machine could answer at most. */
import fastify from 'fastify';

let body = '';
process.on('message', (text) => {
  body = text;
  process.send('taken');
});
const app = fastify();
app.get('/api/bare', (_, reply) => reply.type('application/json; charset=utf-8').send(body));
await app.listen({ port: Number(process.env.PORT), host: '127.0.0.1' });
process.send('ready');

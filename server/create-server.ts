import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import path from 'node:path';

/** An answer without stack or path, whatever went wrong. */
const answerPlainly: ErrorRequestHandler = (error: { status?: number }, _, response, next) => {
  if (response.headersSent) return next(error);
  const status = error.status ?? 500;
  response
    .status(status)
    .type('text/plain')
    .send(status === 404 ? 'Not found' : 'This could not be answered');
};

/** Serves the built application, with headers that let the page load nothing but its own files. */
export function createServer(builtApp: string): Express {
  const server = express();
  server.disable('x-powered-by');
  server.use(
    helmet({
      // Plain http on the loopback address: nothing to upgrade to.
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // The interface library writes its styles into the page.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
        },
      },
    }),
  );
  server.use(compression());
  server.get('/api/health', (_, response) => {
    response.json({ name: 'dry-hull' });
  });
  server.use('/api', (_, response) => {
    response.status(404).json({ problem: 'no such address' });
  });
  server.use(
    '/assets',
    express.static(path.join(builtApp, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  server.use(express.static(builtApp, { index: 'index.html' }));
  server.get('/{*splat}', (_, response) => {
    response.sendFile(path.join(builtApp, 'index.html'));
  });
  server.use(answerPlainly);
  return server;
}

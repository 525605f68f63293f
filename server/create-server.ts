import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { createHash } from 'node:crypto';
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

/** What the page may ask of the device: nothing but to share a file. */
const permissions = [
  'accelerometer',
  'camera',
  'display-capture',
  'geolocation',
  'gyroscope',
  'hid',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'serial',
  'usb',
]
  .map((name) => `${name}=()`)
  .join(', ');

/** Names that the loopback address goes by. */
const isOurHost = (host = ''): boolean => /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i.test(host);

/** Where simulated instruments are read: the one address that takes something in. */
const instruments = '/api/bench-stream';

/** The core is loaded when instruments are first read: the page itself does not wait for it. */
function whenAsked(): RequestHandler {
  let handler: Promise<RequestHandler> | undefined;
  return async (request, response, next) => {
    handler ??= import('./bench-stream').then(({ benchStream }) => benchStream());
    void (await handler)(request, response, next);
  };
}

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
          // The reader of labels is compiled in a worker of its own: its files may do that, and no page may.
          scriptSrc: [
            "'self'",
            ({ url = '' }) => (url.startsWith('/ocr/') ? "'wasm-unsafe-eval'" : "'self'"),
          ],
          // The interface library puts an empty style element into the page, and rules into it by script.
          styleSrc: ["'self'", `'sha256-${createHash('sha256').update('').digest('base64')}'`],
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
  server.use((request, response, next) => {
    response.setHeader('Permissions-Policy', permissions);
    // A page of another name that was made to point here must not read anything.
    if (!isOurHost(request.headers.host)) response.status(421).type('text/plain').send('Not served here');
    else if (request.method === 'POST' && request.path === instruments) next();
    else if (request.method !== 'GET' && request.method !== 'HEAD')
      response
        .status(405)
        .setHeader('Allow', 'GET, HEAD')
        .type('text/plain')
        .send('Only reading is possible');
    else next();
  });
  server.get('/api/health', (_, response) => {
    response.json({ name: 'dry-hull' });
  });
  // A page of another address may send plain text unasked, JSON it may not.
  server.post(instruments, express.text({ type: 'application/json', limit: '16mb' }), whenAsked());
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

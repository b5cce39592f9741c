import { answerClimate, climateQuerySchema } from '@tinder/core/physics/climate';
import express, { type ErrorRequestHandler, type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import path from 'node:path';
import type { Instruments } from './instruments';
import { refusal } from './refusal';

const YEAR_S = 31_536_000;
/** What the app never asks a browser for. */
const NO_PERMISSIONS = ['camera', 'display-capture', 'geolocation', 'microphone', 'midi', 'payment', 'usb']
  .map((feature) => `${feature}=()`)
  .join(', ');
/** Angular's build stamps these names with a content hash, in letters of either case, so what they name never changes. */
const HASHED = /-[\w-]{8}\.(?:js|css)$/;

/**
 * The web application behind one address: built files with precompressed twins, security headers, a health endpoint, the simulated climate and instruments.
 * `browserDir` is the folder of the build; unknown paths answer with its index.html so that addresses can be reloaded.
 */
export function createApp(browserDir: string, instruments: Instruments): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          // Angular and the CDK add <style> elements for component styles; a per-request nonce would break the offline copy
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          mediaSrc: ["'self'", 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'self'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false, // served over plain http on the walker's own machine
    }),
  );

  app.use((_req, res, next) => {
    res.set('Permissions-Policy', NO_PERMISSIONS);
    next();
  });

  app.get('/api/health', (_req, res) => {
    res.set('Cache-Control', 'no-store').json({ status: 'ok' });
  });
  app.post('/api/climate', express.json({ limit: '100kb' }), (req, res) => {
    const query = climateQuerySchema.safeParse(req.body);
    if (!query.success) {
      res.status(400).json(refusal(query.error, 'the query'));
      return;
    }
    res.set('Cache-Control', 'no-store').json(answerClimate(query.data));
  });
  app.use('/api/instruments', instruments.router);
  app.use('/api', (req, res) => {
    res.status(404).json({ error: `there is no ${req.method} ${req.originalUrl}` });
  });

  app.use(
    expressStaticGzip(browserDir, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: {
        setHeaders: (res, file) => {
          const hashed = HASHED.test(file.replace(/\.(?:br|gz)$/, ''));
          res.setHeader('Cache-Control', hashed ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
        },
      },
    }),
  );
  app.get('/{*path}', (req, res, next) => {
    if (path.extname(req.path) !== '') return next(); // a missing file is a 404, not the application
    res.set('Cache-Control', 'no-cache').sendFile('index.html', { root: browserDir });
  });
  app.use((_req, res) => {
    res.status(404).type('text').send('Not found\n');
  });
  const refuse: ErrorRequestHandler = (error: { status?: number; message?: string }, _req, res, _next) => {
    res.status(error.status ?? 500).json({ error: error.message ?? 'the server failed' });
  };
  app.use(refuse);
  return app;
}

import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import {
  Router,
  static as serveStatic,
  type NextFunction,
  type Request,
  type Response,
} from 'express';
import compression from 'compression';
import helmet from 'helmet';
import type { ServerConfig } from './config';
import { ownPagesOnly } from './edge/ownPages';
import { passphraseRate, requestRate } from './edge/rates';
import { withReference } from './edge/requestId';
import { Figures } from './seeing/figures';

/** Everything about the application that is not a module, shared by the server and its tests. */
export function configureApp(app: NestExpressApplication, config: ServerConfig): void {
  app.use(helmet({ contentSecurityPolicy: { directives: SECURITY, useDefaults: false } }));
  app.use(withReference(app.get(Figures)));
  app.use(ownPagesOnly(config.hosts));
  app.use(requestRate());
  app.use('/api/door', passphraseRate());
  app.use(compression({ threshold: COMPRESSED_FROM }));
  app.useBodyParser('json', { limit: config.largestBody });
  app.setGlobalPrefix('api');
  // Answers change with every save: to work out a tag for each would save nothing.
  app.set('etag', false);
  app.enableShutdownHooks();
  const title = 'Drop Close';
  const document = new DocumentBuilder().setTitle(title).setVersion('0.1.0').build();
  SwaggerModule.setup('api/docs', app, () => SwaggerModule.createDocument(app, document));
  serveWeb(app, config.webRoot);
}

/** Ant Design writes style elements; everything else comes from here and from nowhere else. */
const SECURITY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:'],
  fontSrc: ["'self'", 'data:'],
  workerSrc: ["'self'"],
  connectSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'self'"],
  frameAncestors: ["'none'"],
};

/** Shorter answers are sent sooner as they are, in bytes. */
const COMPRESSED_FROM = 16_384;

const A_YEAR = 31_536_000_000;

/** Serves the built web application; every path that is no file and not under /api is its first page. */
function serveWeb(app: NestExpressApplication, root: string): void {
  if (!existsSync(join(root, 'index.html'))) return;
  const web = Router();
  const immutable = { immutable: true, maxAge: A_YEAR, fallthrough: false };
  web.use('/assets', serveStatic(join(root, 'assets'), immutable));
  web.use(serveStatic(root, { index: false, maxAge: 0 }));
  web.use((request, response, next) => {
    if (request.method === 'GET' && request.accepts('html')) {
      response.sendFile(join(root, 'index.html'));
    } else next();
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    // No file is looked for where the API is asked.
    if (request.path.startsWith('/api/')) next();
    else web(request, response, next);
  });
}

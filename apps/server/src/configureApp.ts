import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { NextFunction, Request, Response } from 'express';
import compression from 'compression';
import helmet from 'helmet';
import type { ServerConfig } from './config';
import { ownPagesOnly } from './edge/ownPages';
import { withReference } from './edge/requestId';
import { Figures } from './seeing/figures';

/** Everything about the application that is not a module, shared by the server and its tests. */
export function configureApp(app: NestExpressApplication, config: ServerConfig): void {
  app.use(helmet({ contentSecurityPolicy: { directives: SECURITY, useDefaults: false } }));
  app.use(withReference(app.get(Figures)));
  app.use(ownPagesOnly(config.hosts));
  app.use(compression({ threshold: COMPRESSED_FROM }));
  app.useBodyParser('json', { limit: config.largestBody });
  app.setGlobalPrefix('api');
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
  app.useStaticAssets(join(root, 'assets'), {
    prefix: '/assets',
    immutable: true,
    maxAge: A_YEAR,
    fallthrough: false,
  });
  app.useStaticAssets(root, { index: false, maxAge: 0 });
  app.use((request: Request, response: Response, next: NextFunction) => {
    const page = request.method === 'GET' && !request.path.startsWith('/api/');
    if (page && request.accepts('html')) response.sendFile(join(root, 'index.html'));
    else next();
  });
}

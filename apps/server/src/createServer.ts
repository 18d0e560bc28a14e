import { DataSource } from 'typeorm'
import { databasePatience } from './http/databasePatience.ts'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { NestFactory } from '@nestjs/core'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger'
import compression from 'compression'
import cookieParser from 'cookie-parser'
import { type NextFunction, type Request, type RequestHandler, type Response } from 'express'
import staticPacked from 'express-static-gzip'
import helmet from 'helmet'
import type { Logger } from 'pino'
import { door } from './http/door/door.ts'
import { requestLog } from './http/requestLog.ts'
import { Doorkeeper } from './workshop/doorkeeper.ts'
import { AppModule } from './app.module.ts'
import { StorePreparation } from './database/storePreparation.ts'
import { RefusalFilter } from './http/refusal.filter.ts'
import { SchemaPipe } from './http/schema.pipe.ts'
import { VERSION } from './version.ts'

export interface ServerOptions {
  readonly databaseUrl: string
  /** Folder of the built web page; without it only the API is served. */
  readonly webFolder: string | null
  /** Put in the demo workshop when the store is empty. */
  readonly demo: boolean
  /** How many proxies stand before it: the address of who asks, and whether by HTTPS, is taken from that far. */
  readonly proxies?: number
  readonly log: Logger
}

/**
 * How long an idle connection is kept. Longer than any client or proxy waits before it takes a connection again: one that is
 * closed in that very moment answers with a reset.
 */
const KEEP_ALIVE_MS = 75_000

const CONTENT_POLICY = {
  useDefaults: false,
  directives: {
    'default-src': ["'none'"],
    'script-src': ["'self'", "'wasm-unsafe-eval'"],
    'worker-src': ["'self'"],
    'font-src': ["'self'"],
    'connect-src': ["'self'"],
    'manifest-src': ["'self'"],
    'style-src': ["'self'", "'unsafe-inline'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'base-uri': ["'none'"],
    'form-action': ["'self'"],
    'frame-ancestors': ["'none'"],
    'object-src': ["'none'"],
  },
}

/** Nothing of a workshop is kept by browsers and proxies, but where a route says otherwise. */
const kept: RequestHandler = (_request, response, next) => {
  response.setHeader('cache-control', 'no-store')
  next()
}
type PackedFiles = NonNullable<Parameters<typeof staticPacked>[1]>

const SMALL_BYTES = 2048
/**
 * Answers of the API travel packed where they are worth it. What holds the session's own token never does: its length would
 * tell of it.
 */
const packed = compression({
  threshold: SMALL_BYTES,
  filter: (request, response) =>
    !request.path.toLowerCase().startsWith('/api/session') && compression.filter(request, response),
})
/** The page itself is open to everybody and takes nothing. */
const isApi = (request: Request): boolean => /^\/api(?:\/|$)/i.test(request.path)
const onlyApi =
  (handler: RequestHandler): RequestHandler =>
  (request, response, next) =>
    isApi(request) ? handler(request, response, next) : next()
const onlyPage =
  (handler: RequestHandler): RequestHandler =>
  (request, response, next) =>
    isApi(request) ? next() : handler(request, response, next)

/** The whole server, prepared and ready to listen. */
export const createServer = async ({
  databaseUrl,
  webFolder,
  demo,
  proxies = 0,
  log,
}: ServerOptions): Promise<NestExpressApplication> => {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(databaseUrl, demo), {
    logger: ['error', 'warn'],
    abortOnError: false,
    bodyParser: false,
  })
  app.use(requestLog(log))
  app.use(helmet({ contentSecurityPolicy: CONTENT_POLICY, strictTransportSecurity: false }))
  app.use(databasePatience(() => app.get(DataSource).query('select 1')))
  app.use(cookieParser())
  app.use('/api', kept)
  app.use(onlyApi(packed))
  app.use(onlyApi(door(() => app.get(Doorkeeper))))
  app.set('query parser', 'simple')
  app.set('trust proxy', proxies)
  app.set('etag', false)
  app.setGlobalPrefix('api')
  app.useGlobalPipes(new SchemaPipe())
  app.useGlobalFilters(new RefusalFilter(log))
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Lochmoor')
      .setDescription('People, jobs, job logs and the catalogue of a workshop')
      .addCookieAuth('lochmoor')
      .setVersion(VERSION)
      .build(),
  )
  SwaggerModule.setup('api/docs', app, document, {
    jsonDocumentUrl: 'api/docs/json',
    customSiteTitle: 'Lochmoor: the API',
    customCss: '.swagger-ui .topbar { display: none }',
  })
  if (webFolder) serveWeb(app, webFolder)
  app.enableShutdownHooks()
  const http = app.getHttpServer()
  http.keepAliveTimeout = KEEP_ALIVE_MS
  http.headersTimeout = KEEP_ALIVE_MS + 5_000
  await app.init()
  await app.get(StorePreparation).prepare({ demo })
  return app
}

/** Static files with a fallback to the single page for everything that is neither a file nor the API. */
const serveWeb = (app: NestExpressApplication, folder: string): void => {
  const index = join(folder, 'index.html')
  if (!existsSync(index)) throw new Error(`the web page is not built: ${index} is missing`)
  // Files were packed when the page was built.
  const files = (path: string, options: PackedFiles['serveStatic']): RequestHandler =>
    staticPacked(path, { enableBrotli: true, orderPreference: ['br', 'gz'], index: false, serveStatic: { ...options } })
  app.use('/assets', files(join(folder, 'assets'), { fallthrough: false, immutable: true, maxAge: '1y' }))
  // What keeps the program in the browser is asked for anew each time: else an old one would keep itself.
  app.use(['/sw.js', '/manifest.webmanifest'], (_request: Request, response: Response, next: NextFunction) => {
    response.setHeader('Cache-Control', 'no-cache')
    next()
  })
  const whole = files(folder, { cacheControl: false })
  app.use(onlyPage(whole))
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || isApi(request)) return next()
    response.setHeader('Cache-Control', 'no-cache')
    request.url = '/index.html'
    whole(request, response, next)
  })
}

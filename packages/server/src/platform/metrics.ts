import { createServer, type Server } from 'node:http';
import { fieldOf } from '@water-clock/core/kernel';
import type { RequestHandler } from 'express';
import { collectDefaultMetrics, Histogram, Registry } from 'prom-client';

const BUCKETS_SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10];

/** Numbers of this process for a monitor, as Prometheus reads them. */
export class Metrics {
  readonly #registry = new Registry();
  readonly #answered: Histogram;

  constructor() {
    collectDefaultMetrics({ register: this.#registry });
    this.#answered = new Histogram({
      name: 'http_request_duration_seconds',
      help: 'How long requests took, by method, route and status',
      labelNames: ['method', 'route', 'status'],
      buckets: BUCKETS_SECONDS,
      registers: [this.#registry],
    });
  }

  /** Measures every request. Routes are named as they are described, so that ids do not make one each. */
  readonly measure: RequestHandler = (request, response, next) => {
    const end = this.#answered.startTimer({ method: request.method });
    response.once('finish', () => {
      const path = fieldOf(request.route, 'path');
      end({ route: typeof path === 'string' ? path : 'none', status: response.statusCode });
    });
    next();
  };

  /** Serves them at `/metrics`, on a port that the application's own users have no way to. */
  async listen(port: number, address: string): Promise<Server> {
    const server = createServer((request, response) => {
      if (request.url !== '/metrics') {
        response.writeHead(404).end();
        return;
      }
      void this.#registry.metrics().then((text) => {
        response.writeHead(200, { 'content-type': this.#registry.contentType }).end(text);
      });
    });
    await new Promise<void>((resolve) => server.listen(port, address, resolve));
    return server;
  }
}

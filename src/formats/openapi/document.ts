import type { Schema } from 'yup';
import { MODEL_VERSION } from '../../core/model-version';
import { glideRequestSchema, glideResponseSchema } from '../schemas/glide';
import { gripRequestSchema, gripResponseSchema } from '../schemas/grip';
import { ironRequestSchema, ironResponseSchema } from '../schemas/iron';
import { outboxSchema } from '../schemas/outbox';
import { planRequestSchema, planResponseSchema } from '../schemas/plan';
import { pickRequestSchema, pickResponseSchema } from '../schemas/pick';
import { outlookRequestSchema, outlookResponseSchema } from '../schemas/outlook';
import { jsonSchemaFromYup } from './from-yup';

const ERROR_SCHEMA = {
  type: 'object',
  required: ['code', 'message', 'details'],
  properties: {
    code: { type: 'string' },
    message: { type: 'string' },
    details: {
      type: 'array',
      items: {
        type: 'object',
        properties: { field: { type: 'string' }, message: { type: 'string' } },
      },
    },
  },
};

const json = (schema: object) => ({ content: { 'application/json': { schema } } });
const problem = (description: string) => ({
  description,
  ...json({ $ref: '#/components/schemas/Error' }),
});

const PROBLEMS = {
  '400': problem('The body is not JSON.'),
  '413': problem('The body is over the limit.'),
  '415': problem('The body is not of the content type that this route takes.'),
  '422': problem('Every problem of the input, by field.'),
  '503': problem('Too much to do just now (see Retry-After), or the data cannot be written.'),
};

function post(summary: string, request: Schema, response: Schema) {
  return {
    post: {
      summary,
      requestBody: { required: true, ...json(jsonSchemaFromYup(request)) },
      responses: {
        '200': { description: 'The answer.', ...json(jsonSchemaFromYup(response)) },
        ...PROBLEMS,
      },
    },
  };
}

const query = (name: string, schema: object, required = false) => ({
  name,
  in: 'query',
  required,
  schema,
});

const inPath = (name: string) => ({ ...query(name, { type: 'string' }, true), in: 'path' });
const BINARY = { type: 'string', format: 'binary' };

const FILE = {
  '200': {
    description: 'The file.',
    content: { 'text/csv': { schema: { type: 'string' } }, ...json({ type: 'array' }).content },
  },
  '422': PROBLEMS['422'],
};

const download = (summary: string) => ({
  get: {
    summary,
    parameters: [
      query('outing', { type: 'string' }),
      query('format', { type: 'string', enum: ['csv', 'json'] }),
    ],
    responses: FILE,
  },
});

const TAKEN_IN = {
  '200': {
    description: 'How many were taken in.',
    ...json({
      type: 'object',
      required: ['importId', 'count'],
      properties: { importId: { type: 'string' }, count: { type: 'integer' } },
    }),
  },
  '413': PROBLEMS['413'],
  '422': problem('Every bad cell, by line and column; nothing was taken in.'),
};

/** The OpenAPI 3.1 document of the API, made from the schemas that check its input. */
export function openApiDocument() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Frost Pick',
      version: MODEL_VERSION,
      description:
        'Temperatures in °C, humidity as a fraction over water, losses in per cent. Messages are in the language of Accept-Language (en, nb, de); codes and fields are the same in each.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    paths: {
      '/api/v1/pick': post(
        'A wax choice from a reading: ledger, hardness, and the products ranked by expected loss. Without products: the stored shelf.',
        pickRequestSchema,
        pickResponseSchema,
      ),
      '/api/v1/grip': post(
        'Grip for classic skis: the zone, the wax or klister with its layers, and the next step when it fails.',
        gripRequestSchema,
        gripResponseSchema,
      ),
      '/api/v1/glide': post(
        'What a glide test says so far: each ski against each other with intervals that hold the truth 19 times in 20, the drift of the track taken out, odd runs told and kept. A difference is b − a in the measure’s unit. The verdict and moreRuns rest on the intervals named always, which hold at every look, so that a test may be stopped at the first clear word.',
        glideRequestSchema,
        glideResponseSchema,
      ),
      '/api/v1/iron': post(
        'Passes of an iron over a film of wax on a base: temperatures, trail, sag, uptake, and the pace that would suit.',
        ironRequestSchema,
        ironResponseSchema,
      ),
      '/api/v1/plan/calendar': {
        get: {
          summary: 'The work of one person of the plan in force, as iCalendar entries.',
          parameters: [query('person', { type: 'string' }, true)],
          responses: {
            '200': {
              description: 'The entries.',
              content: { 'text/calendar': { schema: { type: 'string' } } },
            },
            '404': problem('No plan, or nobody of that name in it.'),
          },
        },
      },
      '/api/v1/plan': {
        get: {
          summary: 'The plan in force, a line a visit of a pair to a station.',
          parameters: [query('format', { type: 'string', enum: ['csv', 'json'] })],
          responses: { ...FILE, '404': problem('There is no plan yet.') },
        },
        ...post(
          'A bench plan: who does what, when and on which iron, for the least weighted lateness, then the soonest end, then the fewest changes of an iron. A pair is ready when its last step and the wait after it are over; a wait holds a cooling place for as long as it must last. Without a number of vices, stands or places there are as many as are needed. The same seed gives the same plan, unless the bench is so large that the limit of 20 s ends the search; of the seconds to search at most ten are used.',
          planRequestSchema,
          planResponseSchema,
        ),
      },
      '/api/v1/outlook': post(
        'The snow at a place from its weather: an ensemble of snow columns, weighed by readings. The same seed gives the same figures.',
        outlookRequestSchema,
        outlookResponseSchema,
      ),
      '/api/v1/products': {
        get: {
          summary: 'The shelf.',
          parameters: [query('format', { type: 'string', enum: ['csv', 'json'] })],
          responses: FILE,
        },
        post: {
          summary: 'Puts the products of a CSV file on the shelf, all or nothing.',
          requestBody: {
            required: true,
            content: { 'text/csv': { schema: { type: 'string' } } },
          },
          responses: TAKEN_IN,
        },
      },
      '/api/v1/skis': {
        get: {
          summary: 'The rack of skis.',
          parameters: [query('format', { type: 'string', enum: ['csv', 'json'] })],
          responses: FILE,
        },
        post: {
          summary: 'Puts the skis of a CSV file on the rack, all or nothing.',
          requestBody: {
            required: true,
            content: { 'text/csv': { schema: { type: 'string' } } },
          },
          responses: TAKEN_IN,
        },
      },
      '/api/v1/skis/{skiId}/photos': {
        parameters: [inPath('skiId')],
        post: {
          summary: 'Keeps a photo of a ski, smaller and without metadata; up to 12 MB.',
          requestBody: { required: true, content: { 'image/*': { schema: BINARY } } },
          responses: {
            '200': {
              description: 'Its id, and how large it is now.',
              ...json({
                type: 'object',
                properties: { id: { type: 'string' }, bytes: { type: 'integer' } },
              }),
            },
            '404': problem('No such ski.'),
            '413': PROBLEMS['413'],
            '422': problem('No picture that can be read.'),
          },
        },
      },
      '/api/v1/skis/{skiId}/photos/{photoId}': {
        parameters: [inPath('skiId'), inPath('photoId')],
        get: {
          summary: 'A photo of a ski.',
          responses: {
            '200': { description: 'The photo.', content: { 'image/jpeg': { schema: BINARY } } },
            '404': problem('No such photo.'),
          },
        },
      },
      '/api/v1/live': {
        get: {
          summary:
            'Server-sent events: `state` with the count of changes of every kind of record, then a `change` for each write.',
          responses: {
            '200': {
              description: 'The stream, which ends when it is closed.',
              content: { 'text/event-stream': { schema: { type: 'string' } } },
            },
            '503': PROBLEMS['503'],
          },
        },
      },
      '/api/v1/outbox': {
        post: {
          summary:
            'Does a write that a device kept while it was out of reach: a reading, a run, a mark, kilometres, a step. With the same key it is done once.',
          requestBody: { required: true, ...json(jsonSchemaFromYup(outboxSchema)) },
          responses: {
            '200': { description: 'What the write gave.', ...json({ type: 'object' }) },
            '403': problem('A device that may only look.'),
            '404': problem('What it is about is not there.'),
            '409': problem('The key was sent for something else, or another device was faster.'),
            ...PROBLEMS,
          },
        },
      },
      '/api/v1/timers': {
        get: {
          summary: 'Every running wait of the bench, in the order in which they need hands.',
          responses: {
            '200': {
              description: 'The server’s clock and the timers; all moments in ms since 1970.',
              ...json({
                type: 'object',
                required: ['nowMs', 'timers'],
                properties: {
                  nowMs: { type: 'number' },
                  timers: {
                    type: 'array',
                    items: {
                      type: 'object',
                      properties: {
                        jobId: { type: 'string' },
                        outingId: { type: 'string' },
                        skiName: { type: 'string' },
                        title: { type: 'string' },
                        dueMs: { type: 'number' },
                        leastMs: { type: 'number' },
                      },
                    },
                  },
                },
              }),
            },
          },
        },
      },
      '/api/v1/readings': {
        ...download('The readings that stand, of an outing or of all.'),
        post: {
          summary: 'Takes in a CSV file of readings, all or nothing.',
          parameters: [query('outing', { type: 'string' }, true)],
          requestBody: {
            required: true,
            content: { 'text/csv': { schema: { type: 'string' } } },
          },
          responses: { ...TAKEN_IN, '404': problem('No such outing.') },
        },
      },
      '/api/v1/readings/{readingId}/photo': {
        parameters: [inPath('readingId')],
        post: {
          summary: 'Keeps a photo of a reading, smaller and without metadata; up to 12 MB.',
          requestBody: { required: true, content: { 'image/*': { schema: BINARY } } },
          responses: {
            '200': {
              description: 'How large it is now.',
              ...json({ type: 'object', properties: { bytes: { type: 'integer' } } }),
            },
            '404': problem('No such reading.'),
            '413': PROBLEMS['413'],
            '422': problem('No picture that can be read.'),
          },
        },
        get: {
          summary: 'The photo of a reading.',
          responses: {
            '200': { description: 'The photo.', content: { 'image/jpeg': { schema: BINARY } } },
            '404': problem('No photo.'),
          },
        },
        delete: {
          summary: 'Takes the photo of a reading away.',
          responses: { '200': { description: 'Done.' }, '404': problem('No photo.') },
        },
      },
      '/api/v1/outings/{outingId}/calendar': {
        parameters: [inPath('outingId')],
        get: {
          summary: 'The outing as an iCalendar entry.',
          responses: {
            '200': {
              description: 'The entry.',
              content: { 'text/calendar': { schema: { type: 'string' } } },
            },
            '404': problem('No such outing.'),
          },
        },
      },
      '/api/v1/choices': download('The choices that stand, of an outing or of all.'),
      '/api/v1/practice': download('Answers of practice with the names of who gave them.'),
      '/api/v1/book': {
        get: {
          summary: 'All data as one JSON file, or with the photos as a ZIP.',
          parameters: [query('format', { type: 'string', enum: ['json', 'zip'] })],
          responses: FILE,
        },
        post: {
          summary:
            'What the book of another cabin would change here, or takes it in: all of it or nothing.',
          parameters: [
            query('do', { type: 'string', enum: ['preview', 'import'] }),
            query('theirs', { type: 'array', items: { type: 'string' } }),
          ],
          requestBody: {
            required: true,
            content: { 'application/json': {}, 'application/zip': {} },
          },
          responses: {
            '200': { description: 'How many records of each kind, and where both differ.' },
            '413': PROBLEMS['413'],
            '422': problem('Every record that cannot be taken in; nothing was changed.'),
          },
        },
      },
      '/api/v1/book/progress': {
        get: {
          summary: 'How much of a book is taken in, by the Idempotency-Key of that.',
          parameters: [query('key', { type: 'string' })],
          responses: {
            '200': {
              description: 'The share that is done; null when it is not under way.',
              content: {
                'application/json': {
                  schema: {
                    type: 'object',
                    properties: { done: { type: ['number', 'null'], minimum: 0, maximum: 1 } },
                  },
                },
              },
            },
          },
        },
      },
      '/api/v1/season': download(
        'The season of an outing: products used, pairs, and how good the choices were.',
      ),
    },
    components: { schemas: { Error: ERROR_SCHEMA } },
  };
}

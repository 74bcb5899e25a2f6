import { openApiDocument } from '@/formats/openapi/document';

export function GET(): Response {
  return Response.json(openApiDocument());
}

import { dieFile } from '@/services/drawers/dieFile'

export const dynamic = 'force-dynamic'

/**
 * A die to turn or print. Query: role (pusher or support), outer, opening and recess in mm (0 for a full face), format (svg,
 * dxf or stl).
 */
export function GET(request: Request): Response {
  const file = dieFile(Object.fromEntries(new URL(request.url).searchParams))
  if (!file.ok) return Response.json(file, { status: 400 })
  return new Response(file.body, {
    headers: {
      'content-type': file.type,
      'content-disposition': `attachment; filename="${file.name}"`,
      'x-content-type-options': 'nosniff',
    },
  })
}

import { gaugeSheetPdf } from '@/io/pdf/GaugeSheetPdf'
import { gaugeSheetSvg } from '@/io/svg/gaugeSheetSvg'

export const dynamic = 'force-dynamic'

/** The printable gauge sheet. Query: format=pdf (usual) or svg. */
export async function GET(request: Request): Promise<Response> {
  const format = new URL(request.url).searchParams.get('format') ?? 'pdf'
  if (format === 'svg') {
    return new Response(gaugeSheetSvg(), {
      headers: file('image/svg+xml', 'gauge-sheet.svg'),
    })
  }
  if (format !== 'pdf') {
    return Response.json({ ok: false, errors: { format: 'Format: pdf or svg.' } }, { status: 400 })
  }
  return new Response(new Uint8Array(await gaugeSheetPdf()), {
    headers: file('application/pdf', 'gauge-sheet.pdf'),
  })
}

function file(type: string, name: string): HeadersInit {
  return { 'content-type': type, 'content-disposition': `inline; filename="${name}"` }
}

import Link from 'next/link'
import { PageFrame } from '@/ui/shell/PageFrame'

export default function NotFound() {
  return (
    <PageFrame title="Not here">
      <p>There is no such tray, sheet or page. It may have another number: look it up in the list.</p>
      <p>
        <Link href="/trays">All trays</Link>, <Link href="/">the bench</Link>
      </p>
    </PageFrame>
  )
}

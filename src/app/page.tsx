import { benchView } from '@/services/benchView'
import { getShop } from '@/services/shop'
import { BenchPage } from '@/ui/bench/BenchPage'

export const dynamic = 'force-dynamic'

export default async function Page() {
  return <BenchPage view={await benchView(await getShop(), new Date())} />
}

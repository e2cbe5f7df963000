import { benchView } from '@/services/bench/benchView'
import { getShop } from '@/services/shop/shop'
import { BenchPage } from '@/ui/bench/BenchPage'

export const dynamic = 'force-dynamic'

export default async function Page() {
  return <BenchPage view={await benchView(await getShop(), new Date())} />
}

// Fills the data folder or server of the environment with the demo world; leaves one that has trays alone.
import { startOfDay } from 'date-fns'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { dataLocation } from '@/data/environment'

const store = await openStore(dataLocation(process.env))
const filled = await loadDemo(store.db, startOfDay(new Date()))
console.log(filled ? 'whyalon: demo world loaded' : 'whyalon: there are trays already, nothing was changed')
await store.close()

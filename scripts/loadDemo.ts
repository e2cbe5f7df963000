// Fills the data folder or server of the environment with the demo world; leaves one that has trays alone.
import { differenceInHours, startOfDay } from 'date-fns'
import { openStore } from '@/data/client'
import { loadDemo, OPENING_HOUR } from '@/data/demo/loadDemo'
import { dataLocation } from '@/data/environment'

const HOURS_OF_WORK = 5

const store = await openStore(dataLocation(process.env))
const now = new Date()
const today = startOfDay(now)
// Whenever the demo is loaded, what was done today lies behind.
const openingHour = Math.min(OPENING_HOUR, differenceInHours(now, today) - HOURS_OF_WORK)
const filled = await loadDemo(store.db, today, openingHour)
console.log(filled ? 'whyalon: demo world loaded' : 'whyalon: there are trays already, nothing was changed')
await store.close()

export { doneBy } from '@/data/transact'

import fs from 'node:fs'
import { pressStudyPage } from './lib/pressStudyPage'

const page = pressStudyPage()
fs.writeFileSync('docs/press-study.md', page)
console.log(page)

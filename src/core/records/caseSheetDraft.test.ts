import { caseSheetDraft } from './caseSheetDraft'

describe('caseSheetDraft', () => {
  it('reads what is typed, and takes what is wrong or half typed for not known', () => {
    const draft = caseSheetDraft({
      retention: 'tension-gasket',
      boreMm: '30.95',
      seatDepthMm: '1.',
      crystalEdgeMm: 'x',
    })
    expect(draft).toMatchObject({ retention: 'tension-gasket', boreMm: 30.95, crystalEdgeMm: null })
    expect(caseSheetDraft({ retention: 'tension-gasket', boreMm: '309.5' }).boreMm).toBeNull()
  })

  it('forgets what is not asked of this construction', () => {
    expect(caseSheetDraft({ retention: 'snap-acrylic', boreMm: '30.95', grooveMm: '30.2' })).toMatchObject({
      boreMm: null,
      grooveMm: 30.2,
    })
  })
})

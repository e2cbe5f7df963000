import type { NewInstrument } from '../queries/tools'

const DAY_MS = 86_400_000

/** The bench's own instruments, some of them due for a check before long. */
export function demoInstruments(day: Date): NewInstrument[] {
  const due = (days: number) => new Date(day.getTime() + days * DAY_MS).toISOString().slice(0, 10)
  return [
    {
      name: 'Caliper',
      kind: 'caliper',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.03,
      zeroOffsetMm: 0,
      calibrationDueOn: due(120),
    },
    {
      name: 'Thickness gauge',
      kind: 'thickness-gauge',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.02,
      zeroOffsetMm: 0,
      calibrationDueOn: due(45),
    },
    {
      name: 'Micrometer',
      kind: 'micrometer',
      resolutionMm: 0.001,
      maximumPermissibleErrorMm: 0.004,
      zeroOffsetMm: 0.001,
      calibrationDueOn: due(210),
    },
    {
      name: 'Depth gauge',
      kind: 'depth-gauge',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.02,
      zeroOffsetMm: 0,
      calibrationDueOn: due(120),
    },
    {
      name: 'O-ring cone',
      kind: 'ring-cone',
      resolutionMm: 0.1,
      maximumPermissibleErrorMm: 0.1,
      zeroOffsetMm: 0,
      calibrationDueOn: null,
    },
    {
      name: 'Dial indicator',
      kind: 'dial-indicator',
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.015,
      zeroOffsetMm: 0,
      calibrationDueOn: due(90),
    },
  ]
}

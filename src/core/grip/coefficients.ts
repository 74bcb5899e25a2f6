/** House figures of grip: bench practice put into numbers, each with its reason. */
export const GRIP = {
  /** A stick layer and a klister layer, mm: what corking and spreading leave. */
  stickLayerMm: 0.025,
  klisterLayerMm: 0.15,
  /** Air that a free ski wants between wax and snow at half weight, mm: so that it glides. */
  clearanceMm: 0.1,
  /** What a feeler or a sheet of paper of the field test is, mm. */
  feelerMm: 0.2,
  /** Without a measurement: this far ahead of the binding pin as the heel is behind it, cm. */
  heelBehindPinCm: 30,
  /** A gap as small as this is closed, mm: the snow gives so much. */
  closedMm: 0.05,
  /** Too much left at full weight, mm: the skier cannot press it down. */
  stiffFullMm: 0.3,
  /** Too little at half weight, mm: the wax drags. */
  softHalfMm: 0.25,
  /** Loss for each K a grip wax is too hard (slip) and too soft (drag, ice), % per K². */
  slipPerK2: 0.3,
  dragPerK2: 0.18,
  /** Inside its label a grip wax is good over this share of the span about its middle. */
  flatShareOfSpan: 0.35,
  /** The ledger of grip, °C: machine-made snow wears and is sharp; humid air and wet snow want softer. */
  machineMadeC: -1,
  humidityPerSpanC: 1,
  moistC: 0.8,
  wetC: 2,
  veryWetC: 3,
  soakedC: 4,
  glazedC: -1,
  newSharperC: -0.8,
} as const;

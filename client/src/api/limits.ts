/** What can be sent at most and at least, from the API description; rewritten by `./cove types`. */

export const AppliedSchool = {
  school: { maxLength: 40 },
  choice: { maxLength: 40 },
} as const;

export const BottleDocument = {
  size: { min: 0, max: 100000 },
  left: { min: 0, max: 100000 },
  price: { min: 0, max: 10000 },
  mixed: { maxLength: 20 },
} as const;

export const CaseRequest = {
  strength: { maxLength: 20 },
} as const;

export const ChangedSurface = {
  wear: { maxLength: 200 },
  name: { maxLength: 60 },
  squareMetres: { min: 0, max: 50 },
} as const;

export const ChangedVehicle = {
  name: { maxLength: 60 },
  description: { maxLength: 120 },
} as const;

export const KeptMixture = {
  millilitres: { min: 1, max: 100000 },
  strength: { maxLength: 20 },
} as const;

export const LabelText = {
  text: { maxLength: 20000 },
} as const;

export const LogCorrection = {
  takenMinutes: { min: 0, max: 1440 },
  note: { maxLength: 500 },
} as const;

export const MinutesLeft = {
  minutes: { min: 1, max: 120 },
} as const;

export const MoveDocument = {
  task: { maxLength: 60 },
} as const;

export const NewCopy = {
  name: { maxLength: 60 },
} as const;

export const NewDeepClean = {
  cost: { min: 0, max: 1000000 },
  hours: { min: 0, max: 24 },
  note: { maxLength: 500 },
} as const;

export const NewDistance = {
  kilometresAWeek: { min: 0, max: 10000 },
} as const;

export const NewEvent = {
  event: { maxLength: 40 },
  note: { maxLength: 500 },
} as const;

export const NewInstruction = {
  surfaceId: { maxLength: 60 },
  note: { maxLength: 300 },
} as const;

export const NewLook = {
  inspection: { maxLength: 40 },
  result: { maxLength: 40 },
  surfaceId: { maxLength: 60 },
  note: { maxLength: 500 },
} as const;

export const NewMixture = {
  product: { min: 0, max: 100000 },
  water: { min: 0, max: 100000 },
  total: { min: 0, max: 100000 },
  strength: { maxLength: 20 },
} as const;

export const NewProduct = {
  name: { maxLength: 60 },
  ph: { min: 0, max: 14 },
  alcoholPercent: { min: 0, max: 100 },
  weakest: { maxLength: 20 },
  usual: { maxLength: 20 },
  strongest: { maxLength: 20 },
  shelfLifeMonths: { min: 1, max: 240 },
  note: { maxLength: 300 },
} as const;

export const NewQuestion = {
  surfaceId: { maxLength: 60 },
  strength: { maxLength: 20 },
} as const;

export const NewReading = {
  kilometres: { min: 0, max: 3000000 },
} as const;

export const NewRun = {
  minutes: { min: 5, max: 120 },
  plan: { maxLength: 16 },
} as const;

export const NewRunEvent = {
  step: { min: 0, max: 200 },
} as const;

export const NewSpotTest = {
  surfaceId: { maxLength: 60 },
  strength: { maxLength: 20 },
  note: { maxLength: 500 },
} as const;

export const NewStreak = {
  surfaceId: { maxLength: 60 },
  finding: { maxLength: 40 },
} as const;

export const NewSurface = {
  zone: { maxLength: 60 },
  name: { maxLength: 60 },
  squareMetres: { min: 0, max: 50 },
} as const;

export const NewTopUp = {
  held: { min: 0, max: 100000 },
  heldStrength: { maxLength: 20 },
  total: { min: 0, max: 100000 },
  target: { maxLength: 20 },
} as const;

export const NewVehicle = {
  name: { maxLength: 60 },
  description: { maxLength: 120 },
} as const;

export const NewWork = {
  minutes: { min: 0, max: 1440 },
  note: { maxLength: 400 },
} as const;

export const PinDocument = {
  task: { maxLength: 60 },
  weeks: { min: 0, max: 104 },
} as const;

export const PricesRequest = {
  shop: { min: 0, max: 1000000 },
  hire: { min: 0, max: 1000000 },
} as const;

export const ProductRequest = {
  ph: { min: 0, max: 14 },
  alcoholPercent: { min: 0, max: 100 },
} as const;

export const SchoolRequest = {
  choice: { maxLength: 40 },
} as const;

export const SchoolTrial = {
  school: { maxLength: 40 },
  choice: { maxLength: 40 },
} as const;

export const SessionOrderRequest = {
  minutes: { min: 5, max: 120 },
} as const;

export const SettingsRequest = {
  currency: { maxLength: 6 },
} as const;

export const SlotChangeDocument = {
  minutes: { min: 5, max: 120 },
} as const;

export const SlotDocument = {
  rule: { maxLength: 200 },
  minutes: { min: 5, max: 120 },
} as const;

export const SpotAnswer = {
  event: { maxLength: 40 },
  surfaceId: { maxLength: 40 },
} as const;

export const ToolDocument = {
  count: { min: 1, max: 99 },
  note: { maxLength: 80 },
} as const;

export const TowelDocument = {
  colour: { maxLength: 30 },
  count: { min: 0, max: 99 },
} as const;

export const UseDocument = {
  kilometresAWeek: { min: 0, max: 10000 },
  people: { min: 1, max: 9 },
  children: { min: 0, max: 6 },
  parkedInSun: { min: 0, max: 1 },
} as const;

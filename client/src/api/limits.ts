/** What can be sent at most and at least, from the API description; rewritten by `./cove types`. */
export const limits = {
  BottleDocument: {
    size: { min: 0, max: 100000 },
    left: { min: 0, max: 100000 },
    price: { min: 0, max: 10000 },
    mixed: { maxLength: 20 },
  },
  CaseRequest: {
    strength: { maxLength: 20 },
  },
  ChangedSurface: {
    wear: { maxLength: 200 },
    name: { maxLength: 60 },
    squareMetres: { min: 0, max: 50 },
  },
  ChangedVehicle: {
    name: { maxLength: 60 },
    description: { maxLength: 120 },
  },
  KeptMixture: {
    millilitres: { min: 1, max: 100000 },
    strength: { maxLength: 20 },
  },
  LabelText: {
    text: { maxLength: 20000 },
  },
  LogCorrection: {
    takenMinutes: { min: 0, max: 1440 },
    note: { maxLength: 500 },
  },
  MinutesLeft: {
    minutes: { min: 1, max: 120 },
  },
  MoveDocument: {
    task: { maxLength: 60 },
  },
  NewCopy: {
    name: { maxLength: 60 },
  },
  NewDeepClean: {
    cost: { min: 0, max: 1000000 },
    hours: { min: 0, max: 24 },
    note: { maxLength: 500 },
  },
  NewDistance: {
    kilometresAWeek: { min: 0, max: 10000 },
  },
  NewEvent: {
    event: { maxLength: 40 },
    note: { maxLength: 500 },
  },
  NewInstruction: {
    surfaceId: { maxLength: 60 },
    note: { maxLength: 300 },
  },
  NewLook: {
    inspection: { maxLength: 40 },
    result: { maxLength: 40 },
    surfaceId: { maxLength: 60 },
    note: { maxLength: 500 },
  },
  NewMixture: {
    product: { min: 0, max: 100000 },
    water: { min: 0, max: 100000 },
    total: { min: 0, max: 100000 },
    strength: { maxLength: 20 },
  },
  NewProduct: {
    name: { maxLength: 60 },
    ph: { min: 0, max: 14 },
    alcoholPercent: { min: 0, max: 100 },
    weakest: { maxLength: 20 },
    usual: { maxLength: 20 },
    strongest: { maxLength: 20 },
    shelfLifeMonths: { min: 1, max: 240 },
    note: { maxLength: 300 },
  },
  NewQuestion: {
    surfaceId: { maxLength: 60 },
    strength: { maxLength: 20 },
  },
  NewReading: {
    kilometres: { min: 0, max: 3000000 },
  },
  NewRun: {
    minutes: { min: 5, max: 120 },
    plan: { maxLength: 16 },
  },
  NewRunEvent: {
    step: { min: 0, max: 200 },
  },
  NewSpotTest: {
    surfaceId: { maxLength: 60 },
    strength: { maxLength: 20 },
    note: { maxLength: 500 },
  },
  NewStreak: {
    surfaceId: { maxLength: 60 },
    finding: { maxLength: 40 },
  },
  NewSurface: {
    zone: { maxLength: 60 },
    name: { maxLength: 60 },
    squareMetres: { min: 0, max: 50 },
  },
  NewTopUp: {
    held: { min: 0, max: 100000 },
    heldStrength: { maxLength: 20 },
    total: { min: 0, max: 100000 },
    target: { maxLength: 20 },
  },
  NewVehicle: {
    name: { maxLength: 60 },
    description: { maxLength: 120 },
  },
  NewWork: {
    minutes: { min: 0, max: 1440 },
    note: { maxLength: 400 },
  },
  PinDocument: {
    task: { maxLength: 60 },
    weeks: { min: 0, max: 104 },
  },
  PricesRequest: {
    shop: { min: 0, max: 1000000 },
    hire: { min: 0, max: 1000000 },
  },
  ProductRequest: {
    ph: { min: 0, max: 14 },
    alcoholPercent: { min: 0, max: 100 },
  },
  SchoolRequest: {
    choice: { maxLength: 40 },
  },
  SchoolTrial: {
    school: { maxLength: 40 },
    choice: { maxLength: 40 },
  },
  SessionOrderRequest: {
    minutes: { min: 5, max: 120 },
  },
  SettingsRequest: {
    currency: { maxLength: 6 },
  },
  SlotChangeDocument: {
    minutes: { min: 5, max: 120 },
  },
  SlotDocument: {
    rule: { maxLength: 200 },
    minutes: { min: 5, max: 120 },
  },
  SpotAnswer: {
    event: { maxLength: 40 },
    surfaceId: { maxLength: 40 },
  },
  ToolDocument: {
    count: { min: 1, max: 99 },
    note: { maxLength: 80 },
  },
  TowelDocument: {
    colour: { maxLength: 30 },
    count: { min: 0, max: 99 },
  },
  UseDocument: {
    kilometresAWeek: { min: 0, max: 10000 },
    people: { min: 1, max: 9 },
    children: { min: 0, max: 6 },
    parkedInSun: { min: 0, max: 1 },
  },
} as const;

import type { Schemas } from "../../api/client";

/** What a label is read for. */
export const SUBJECTS: Record<Schemas["LabelSubject"], string> = {
  statement: "hazard statements",
  ph: "pH",
  flashPoint: "flash point",
  alcohol: "alcohol",
  ammonia: "ammonia",
  chlorine: "chlorine",
  peroxide: "peroxide",
  acid: "acid",
  solvent: "solvent",
  oil: "silicone, wax or oil",
  abrasive: "abrasive",
  aerosol: "aerosol",
  dilution: "how to thin it",
  keepOff: "what it is not for",
  onlyFor: "what alone it is for",
  volume: "how much it holds",
  scent: "scent",
  unread: "something unreadable",
};

/** What a label may say a product is not, or only, for. */
export const GROUNDS: Record<Schemas["LabelGround"], string> = {
  glass: "Glass",
  tintFilm: "Tint film",
  screens: "Screens",
  clearPlastic: "Clear plastic",
  glossTrim: "Gloss and paint",
  plastic: "Plastics",
  leather: "Leather",
  uncoatedLeather: "Uncoated leather",
  suede: "Suede",
  syntheticLeather: "Synthetic leather",
  fabric: "Fabric",
  carpet: "Carpet",
  headliner: "Headliner",
  rubber: "Rubber",
  belts: "Belts",
  metal: "Metal",
  wood: "Wood",
};

/** Some grounds in a row, as they stand in a sentence. */
export function inWords(grounds: Schemas["LabelGround"][]): string {
  return grounds.map((ground) => GROUNDS[ground].toLowerCase()).join(", ");
}

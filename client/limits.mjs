// Writes the limits of what can be sent, as the API description has them, in the form that inputs take.
// Usage: node limits.mjs openapi.json src/api/limits.ts
import { readFileSync, writeFileSync } from "node:fs";

const [from, to] = process.argv.slice(2);
const description = JSON.parse(readFileSync(from, "utf8"));
const schemas = description.components.schemas;

/** Every schema that a request is made of, but for files: those are read, not typed. */
const sent = new Set();
const visit = (node) => {
  const name = node?.$ref?.split("/").at(-1);
  if (name && !sent.has(name) && name !== "VehicleDocument") {
    sent.add(name);
    visit(schemas[name]);
  } else if (node && typeof node === "object") {
    Object.values(node).forEach(visit);
  }
};
for (const operations of Object.values(description.paths)) {
  for (const operation of Object.values(operations)) {
    visit(operation.requestBody?.content?.["application/json"]);
  }
}

const limitsOf = (property) => ({
  ...(property.minimum !== undefined && { min: property.minimum }),
  ...(property.maximum !== undefined && { max: property.maximum }),
  ...(property.maxLength !== undefined && { maxLength: property.maxLength }),
});
const lines = [...sent].sort().flatMap((name) => {
  const properties = Object.entries(schemas[name].properties ?? {})
    .map(([property, schema]) => [property, limitsOf(schema)])
    .filter(([, limits]) => Object.keys(limits).length > 0);
  return properties.length === 0
    ? []
    : [
        `export const ${name} = {`,
        ...properties.map(([property, limits]) => {
          const inside = Object.entries(limits).map(([key, value]) => `${key}: ${value}`);
          return `  ${property}: { ${inside.join(", ")} },`;
        }),
        "} as const;",
        "",
      ];
});
writeFileSync(
  to,
  [
    "/** What can be sent at most and at least, from the API description; rewritten by `./cove types`. */",
    "",
    ...lines,
  ].join("\n"),
);
